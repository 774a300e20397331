import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '@lignum/core/cases.fixture';
import { cropIn } from '@lignum/core/crops/book';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import { readPlan } from '@lignum/core/formats/read-plan';
import type { Plan } from '@lignum/core/plan/plan';
import { waysAmong } from '@lignum/core/site/way';
import { computeAs } from '@lignum/core/plan/compute-as';
import type { Bed } from '@lignum/core/site/bed';
import { kindOf } from '@lignum/core/structures/registry';
import { newPlanting, plantingAlong } from '../garden/beginnings';
import { newStructure } from '../garden/new-structure';
import { addBed, newBed } from '../garden/new-bed';
import { bendPath, newFeature, settleDrag, thingsOf, extentOf, moveThing } from '../plot/things';
import {
  addPlanting,
  addStructure,
  changeStructure,
  removeBed,
  removePlanting,
  removeStructure,
  setKnob,
} from './edits';
import { addFeature, changeCurrency, changeGarden, putCrop, removeFeature } from './ground-edits';

const DEMO_GARDEN = computeGarden(DEMO_PLAN);
const THINGS = thingsOf(DEMO_PLAN, DEMO_GARDEN);

type Edit = (plan: Plan) => Plan;
/** One of the things a person can do, applied to whatever is there at the time. */
const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc.constant<Edit>((plan) => addBed(newBed(plan))(plan)),
  fc.nat(9).map(
    (n): Edit =>
      (plan) =>
        plan.beds[n] ? removeBed(plan.beds[n].id)(plan) : plan,
  ),
  fc.nat(9).map(
    (n): Edit =>
      (plan) =>
        plan.beds[n]
          ? addPlanting(
              newPlanting(plan.beds[n], plan.garden.year, cropIn([], 'cucumber')),
              plan.structures.find((one) => one.stand.on === 'bed' && one.stand.bed === plan.beds[n]?.id)?.id,
            )(plan)
          : plan,
  ),
  fc.nat(9).map(
    (n): Edit =>
      (plan) =>
        plan.plantings[n] ? removePlanting(plan.plantings[n].id)(plan) : plan,
  ),
  fc.nat(9).map(
    (n): Edit =>
      (plan) =>
        plan.beds[n]
          ? addStructure(newStructure('twine-frame', plan, { on: 'bed', bed: plan.beds[n].id }, []))(plan)
          : plan,
  ),
  fc.nat(16).map(
    (n): Edit =>
      (plan) =>
        plan.structures[n] ? removeStructure(plan.structures[n].id)(plan) : plan,
  ),
  fc.nat(9).map(
    (n): Edit =>
      (plan) =>
        plan.structures[n] && 'rowLength' in kindOf(plan.structures[n].kind).knobs
          ? setKnob(plan.structures[n].id, 'rowLength', 3000 + n)(plan)
          : plan,
  ),
  fc.constantFrom('house', 'tree', 'well').map(
    (kind): Edit =>
      (plan) =>
        addFeature(newFeature(plan, kind))(plan),
  ),
  // Corners taken out, put on others, doubled, closed: a bend that the door would refuse is not made.
  fc
    .record({ n: fc.nat(5), how: fc.constantFrom('out', 'onto', 'double', 'close'), by: fc.nat(150) })
    .map(({ n, how, by }): Edit => (plan) => {
      const path = thingsOf(plan, computeGarden(plan)).find((one) => one.is === 'path');
      if (path?.is !== 'path') return plan;
      return bendPath(
        path,
        (spots) => {
          const at = n % spots.length;
          const there = spots[at] as (typeof spots)[number];
          if (how === 'out') return spots.filter((_, i) => i !== at);
          if (how === 'close') return spots;
          const near = { ...there, xMm: there.xMm + by };
          return how === 'double'
            ? spots.toSpliced(at, 0, near)
            : spots.map((spot, i) => (i === (at + 1) % spots.length ? near : spot));
        },
        how === 'close' || path.stand.closed,
      )(plan);
    }),
  fc.nat(9).map(
    (n): Edit =>
      (plan) =>
        plan.features[n] ? removeFeature(plan.features[n].id)(plan) : plan,
  ),
  fc.constantFrom('EUR', 'JPY', 'USD').map(
    (currency): Edit =>
      (plan) =>
        changeCurrency(currency)(plan),
  ),
  fc.constant<Edit>(changeGarden({ market: 'metric' })),
  fc.constant<Edit>(putCrop({ ...cropIn([], 'pepper'), wetKg: 3 })),
);

describe('edits', () => {
  it('leave a plan that the door takes, in any order', () => {
    fc.assert(
      fc.property(fc.array(anyEdit, { maxLength: 14 }), (edits) => {
        const plan = edits.reduce((now, edit) => edit(now), DEMO_PLAN);
        const read = readPlan(JSON.parse(JSON.stringify(plan)));
        expect(read.ok ? [] : read.faults).toEqual([]);
      }),
      { numRuns: cases(40) },
    );
  });

  it('are followed by what is remembered of a garden as by one that is worked out afresh', () => {
    const said = (plan: Plan) =>
      computeGarden(plan).structures.map(({ structure, cost, verdicts, frame, around }) => [
        structure.id,
        cost.totalMinor,
        verdicts.map((verdict) => verdict.told),
        frame,
        around,
      ]);
    fc.assert(
      fc.property(fc.array(anyEdit, { minLength: 1, maxLength: 4 }), (edits) => {
        // A second gate in the fence, in the way of the first when that is pulled along.
        let plan = addStructure({
          id: 'second-gate',
          kind: 'garden-gate',
          name: 'Second gate',
          stand: { on: 'run', of: 'river-fence', atMm: 8500 },
          plantings: [],
          knobs: {},
        })(DEMO_PLAN);
        const along = (atMm: number): Edit =>
          changeStructure('river-gate', { stand: { on: 'run', of: 'river-fence', atMm } });
        for (const edit of [...edits, along(9000), along(2000)]) {
          plan = edit(plan);
          computeGarden(plan);
        }
        expect(said(plan)).toEqual(said(structuredClone(plan)));
      }),
      { numRuns: cases(15) },
    );
  });

  it('a currency changes its name, not its figures; a knob let go follows its suggestion again', () => {
    const yen = changeCurrency('JPY')(DEMO_PLAN);
    expect([DEMO_PLAN.priceBook.lines[0]?.price, yen.priceBook.lines[0]?.price]).toEqual([
      { minor: 3480, currency: 'EUR' },
      { minor: 35, currency: 'JPY' },
    ]);
    expect(
      setKnob('tomato-wall', 'gap', undefined)(setKnob('tomato-wall', 'gap', 300)(DEMO_PLAN)).structures[0]?.knobs,
    ).toEqual(DEMO_PLAN.structures[0]?.knobs);
  });
});

describe('dragging on the plot', () => {
  it('settles an edge on a neighbour’s edge when close, and a corner on a round length when not', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...THINGS.filter((one) => one.is !== 'run')),
        fc.integer({ min: 0, max: 15_000 }),
        fc.integer({ min: 0, max: 16_000 }),
        (thing, x, y) => {
          const { xMm, yMm, caught } = settleDrag(DEMO_PLAN.site, THINGS, thing, [x, y], 100);
          const moved = thingsOf(moveThing(thing, { xMm, yMm })(DEMO_PLAN), DEMO_GARDEN).find(
            (one) => one.id === thing.id,
          );
          if (!moved) throw new Error('a thing was lost in moving it');
          const box = extentOf(moved);
          for (const axis of ['x', 'y'] as const) {
            const [low, high] = axis === 'x' ? [box.left, box.right] : [box.bottom, box.top];
            const edge = caught.find((one) => one.axis === axis);
            if (edge) expect(Math.min(Math.abs(low - edge.at), Math.abs(high - edge.at))).toBeLessThan(1e-6);
            else expect(Math.abs(low / 100 - Math.round(low / 100))).toBeLessThan(1e-6);
          }
        },
      ),
    );
  });
});

it('an arch over a way is planted along one foot and then along the other, and stays as long as it was', () => {
  const [way] = waysAmong(DEMO_PLAN.beds);
  const beds = [way?.beds[0].id ?? '', way?.beds[1].id ?? ''] as const;
  const arch = newStructure('panel-arch', DEMO_PLAN, { on: 'beds', beds }, []);
  let plan = addStructure(arch)({ ...DEMO_PLAN, structures: [], plantings: [] });
  const built = () => computeAs(kindOf, plan, plan.structures[0] as Plan['structures'][number]).sized.design;
  const bare = built();
  for (const foot of beds) {
    const planting = plantingAlong(way?.beds as [Bed, Bed], plan.plantings, built().builtMm, plan.garden.year);
    expect(planting.bed).toBe(foot);
    plan = addPlanting(planting, arch.id)(plan);
    expect(built().builtMm).toBe(bare.builtMm);
    expect(built().stations.filter((one) => one.planting === planting.id)).toHaveLength(planting.count);
  }
  // What either foot carries alone asks for no more of them than what both carry.
  expect(plan.plantings[0]?.count).toBe(plan.plantings[1]?.count);
});
