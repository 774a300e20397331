import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { readPlan } from '../formats/read-plan';
import { changesBetween, type Change } from './changes';
import type { Plan } from './plan';
import { takenBack } from './taken-back';

/** The same document with the fields of every object in another order, as a database may give it back. */
const reordered = (one: unknown): unknown =>
  Array.isArray(one)
    ? one.map(reordered)
    : typeof one === 'object' && one !== null
      ? Object.fromEntries(
          Object.entries(one)
            .toReversed()
            .map(([field, value]) => [field, reordered(value)]),
        )
      : one;

const some = <Thing>(list: readonly Thing[]) => fc.constantFrom(...list);
/** An edit of the demo, and what has to be told of it. */
const edit: fc.Arbitrary<[(plan: Plan) => Plan, Partial<Change>]> = fc.oneof(
  some(DEMO_PLAN.beds).map(({ id }): [(plan: Plan) => Plan, Partial<Change>] => [
    (plan) => ({ ...plan, beds: plan.beds.map((bed) => (bed.id === id ? { ...bed, xMm: bed.xMm + 50 } : bed)) }),
    { is: 'moved', what: 'bed', id },
  ]),
  some(DEMO_PLAN.structures).map(({ id }): [(plan: Plan) => Plan, Partial<Change>] => [
    (plan) => ({ ...plan, structures: plan.structures.filter((one) => one.id !== id) }),
    { is: 'removed', what: 'structure', id },
  ]),
  some(DEMO_PLAN.structures).map(({ id }): [(plan: Plan) => Plan, Partial<Change>] => [
    (plan) => ({
      ...plan,
      structures: plan.structures.map((one) => (one.id === id ? { ...one, knobs: { ...one.knobs, depth: 777 } } : one)),
    }),
    { is: 'turned', id, knob: 'depth', to: 777 },
  ]),
  some(DEMO_PLAN.plantings).map(({ id, count }): [(plan: Plan) => Plan, Partial<Change>] => [
    (plan) => ({
      ...plan,
      plantings: plan.plantings.map((one) => (one.id === id ? { ...one, count: count + 1 } : one)),
    }),
    { is: 'set', what: 'planting', id, field: 'count', from: count, to: count + 1 },
  ]),
  fc.constant<[(plan: Plan) => Plan, Partial<Change>]>([
    (plan) => ({ ...plan, site: { ...plan.site, soil: 'sand' } }),
    { is: 'garden', field: 'soil' },
  ]),
  fc.constant<[(plan: Plan) => Plan, Partial<Change>]>([
    (plan) => ({ ...plan, work: { from: '2027-03-01', people: [], off: [], later: [], fixed: [], took: [] } }),
    { is: 'work' },
  ]),
);

describe('what became otherwise', () => {
  it('is nothing between plans that say the same, however their fields are kept', () => {
    expect(changesBetween(DEMO_PLAN, reordered(DEMO_PLAN) as Plan)).toEqual([]);
  });

  it('is each thing that was changed and no other, told with what it was and is; the other way it is told the other way', () => {
    fc.assert(
      fc.property(edit, ([change, told]) => {
        const after = reordered(change(DEMO_PLAN)) as Plan;
        expect(changesBetween(DEMO_PLAN, after)).toEqual([expect.objectContaining(told)]);
        const back = changesBetween(after, DEMO_PLAN);
        expect(back).toHaveLength(1);
        if (told.is === 'removed') expect(back[0]).toMatchObject({ is: 'added' });
        if (told.is === 'set') expect(back[0]).toMatchObject({ from: told.to, to: told.from });
      }),
      { numRuns: cases(60) },
    );
  });
});

describe('one structure out of an earlier version', () => {
  it('comes back with what it cannot do without into any later plan, which stays a faultless plan and otherwise as it is', () => {
    fc.assert(
      fc.property(
        some(DEMO_PLAN.structures),
        fc.subarray(DEMO_PLAN.beds.map(({ id }) => id)),
        fc.boolean(),
        ({ id }, gone, bare) => {
          // A garden from which beds with all that is in them, or everything, was removed since.
          const left = (plan: Plan): Plan => {
            const beds = bare ? [] : plan.beds.filter((bed) => !gone.includes(bed.id));
            const names = new Set(beds.map((bed) => bed.id));
            const structures = bare
              ? []
              : plan.structures.filter(({ stand }) =>
                  stand.on === 'bed'
                    ? names.has(stand.bed)
                    : stand.on === 'beds'
                      ? stand.beds.every((bed) => names.has(bed))
                      : true,
                );
            const holds = new Set([...names, ...structures.map((one) => one.id)]);
            const plantings = plan.plantings.filter(({ bed }) => holds.has(bed));
            return { ...plan, beds, structures, plantings };
          };
          const now = left(DEMO_PLAN);
          const back = takenBack(now, DEMO_PLAN, id);
          expect(back.structures.find((one) => one.id === id)).toEqual(
            DEMO_PLAN.structures.find((one) => one.id === id),
          );
          for (const one of now.structures) expect(back.structures).toContainEqual(one);
          const read = readPlan(structuredClone(back));
          expect(read.ok ? [] : read.faults).toEqual([]);
        },
      ),
      { numRuns: cases(60) },
    );
  });
});
