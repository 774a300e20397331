import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { readPlan } from '../formats/read-plan';
import { anyPlan, first } from '../structures/any-plan.fixture';
import type { Settings } from '../structures/knob';
import { KINDS } from '../structures/registry';
import { computeStructure } from './compute';
import type { Plan } from './plan';
import { withReadings, type Reading } from './readings';

/** A plan with other knobs of its first structure. */
const turned = (plan: Plan, knobs: Settings): Plan => ({
  ...plan,
  structures: plan.structures.map((one, i) => (i === 0 ? { ...one, knobs: { ...one.knobs, ...knobs } } : one)),
});
const readingOf = (plan: Plan, knob: string, mm: number): Reading => {
  const { id: structure, kind } = plan.structures[0]!;
  return { structure, kind, knob, mm };
};

describe.each(KINDS)('what was measured of $id', (kind) => {
  const lengths = Object.entries(kind.knobs).flatMap(([name, knob]) =>
    knob.type === 'length' ? [{ name, knob }] : [],
  );

  it('makes of it what the same length set by hand makes, and the plan keeps what was meant', () => {
    fc.assert(
      fc.property(
        anyPlan(kind),
        fc.integer({ min: 0, max: Math.max(0, lengths.length - 1) }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (plan, which, share) => {
          const length = lengths[which];
          if (!length) return expect(withReadings(plan, [])).toBe(plan);
          const { name, knob } = length;
          const mm = knob.min + share * (knob.max - knob.min);
          const readings = [readingOf(plan, name, mm)];
          const over = withReadings(plan, readings);
          const [built, byHand, meant] = [over, turned(plan, { [name]: mm }), plan].map(first);
          expect(built!.sized.design).toEqual(byHand!.sized.design);
          expect(built!.cost).toEqual(byHand!.cost);
          expect(built!.sized.knobs[name]).toMatchObject({
            by: 'measured',
            value: mm,
            planned: meant!.sized.knobs[name]?.value,
          });
          expect(withReadings(plan, readings)).toBe(over);
          // Never kept: the door knows no such field.
          const kept = readPlan(over);
          expect(kept.ok ? [] : kept.faults.map(({ path }) => path)).toContain('/structures/0/measured');
        },
      ),
      { numRuns: cases(6) },
    );
  });
});

describe('readings', () => {
  const at = DEMO_PLAN.structures.findIndex(({ kind }) => kind === 'panel-wall');
  const wall = DEMO_PLAN.structures[at]!;
  const gapOf = (readings: readonly Reading[]) =>
    computeStructure(withReadings(DEMO_PLAN, readings), withReadings(DEMO_PLAN, readings).structures[at]!).sized.knobs
      .gap;
  const gap: Reading = { structure: wall.id, kind: wall.kind, knob: 'gap', mm: 311 };

  it('say nothing of another kind, of a length that cannot be, or of what is no length', () => {
    expect(gapOf([gap])).toMatchObject({ by: 'measured', value: 311 });
    for (const other of [{ kind: 'weave' }, { mm: 99_999 }, { mm: -1 }, { structure: 'nobody' }])
      expect(gapOf([{ ...gap, ...other }])?.by).not.toBe('measured');
    const choice = { ...gap, knob: 'panel', mm: 1 };
    expect(
      first({ ...DEMO_PLAN, structures: [withReadings(DEMO_PLAN, [choice]).structures[at]!] }).sized.knobs.panel?.by,
    ).not.toBe('measured');
  });

  it('leave what they say nothing of the very object it was, and are the same as long as they say the same', () => {
    const [one, other] = [withReadings(DEMO_PLAN, [gap]), withReadings(DEMO_PLAN, [{ ...gap }])];
    expect(one.structures.filter((structure, i) => structure !== DEMO_PLAN.structures[i]).map(({ id }) => id)).toEqual([
      wall.id,
    ]);
    expect(other.structures[at]).toBe(one.structures[at]);
    expect(withReadings(DEMO_PLAN, [{ ...gap, mm: 312 }]).structures[at]).not.toBe(one.structures[at]);
  });

  it('a mend turns no knob that was measured: what stands is not turned', () => {
    const alone = { ...DEMO_PLAN, structures: [wall] };
    const turns = (plan: Plan) =>
      computeStructure(plan, plan.structures[0]!).verdicts.flatMap(
        ({ mend }) => mend?.turns.map(({ knob }) => knob) ?? [],
      );
    expect(turns(turned(alone, { gap: 900 }))).toContain('gap');
    const over = withReadings(alone, [{ ...gap, mm: 900 }]);
    expect(turns(over)).not.toContain('gap');
    for (const { mend } of computeStructure(over, over.structures[0]!).verdicts)
      expect(mend?.settings.gap).toBe(mend ? wall.knobs.gap : undefined);
  });
});
