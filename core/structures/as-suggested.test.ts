import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { computeAs } from '../plan/compute-as';
import { computeStructure } from '../plan/compute';
import type { Plan, StructurePlan } from '../plan/plan';
import { DEMO_PLAN } from '../demo/garden';
import { feet } from '../quantity/length';
import { VISITORS, type Visitor } from '../site/plot';
import { SOIL } from '../site/underfoot';
import { fenceNeed, getsPast } from '../site/visitors';
import { kindOf } from './registry';

const SIDE_MM = feet(30);
/** A closed fence of thirty feet a side with a gate in it, as both are suggested for who visits. */
function fenced(visitors: readonly Visitor[], market: Plan['garden']['market'], heightMm?: number): Plan {
  const corner = (x: number, y: number) => ({ xMm: 3000 + x, yMm: 3000 + y, groundMm: 0 });
  const structures: StructurePlan[] = [
    {
      id: 'fence',
      kind: 'garden-fence',
      name: 'Fence',
      stand: {
        on: 'path',
        spots: [corner(0, 0), corner(SIDE_MM, 0), corner(SIDE_MM, SIDE_MM), corner(0, SIDE_MM)],
        closed: true,
        inside: 'left',
        underfoot: SOIL,
      },
      plantings: [],
      knobs: heightMm === undefined ? {} : { height: heightMm },
    },
    {
      id: 'gate',
      kind: 'garden-gate',
      name: 'Gate',
      stand: { on: 'run', of: 'fence', atMm: feet(15) },
      plantings: [],
      knobs: {},
    },
  ];
  return {
    ...DEMO_PLAN,
    garden: { ...DEMO_PLAN.garden, market },
    site: { ...DEMO_PLAN.site, widthMm: 60_000, depthMm: 60_000, visitors },
    beds: [],
    plantings: [],
    features: [],
    shed: [],
    structures,
  };
}

const SETS: readonly (readonly Visitor[])[] = [
  [],
  ...VISITORS.map((one) => [one]),
  ...VISITORS.flatMap((one, i) => VISITORS.slice(i + 1).map((other) => [one, other])),
  ...VISITORS.flatMap((one, i) =>
    VISITORS.slice(i + 1).flatMap((other, n) => VISITORS.slice(i + n + 2).map((third) => [one, other, third])),
  ),
];

describe('a fence and its gate, as they are suggested', () => {
  // Who a fence can stop decides; the others change nothing but what is told: of each set that asks the same of a fence one is built.
  const asked = new Map<string, readonly Visitor[]>();
  for (const set of SETS) {
    const key = set.filter((who) => fenceNeed(who)).join();
    if (!asked.has(key)) asked.set(key, set);
  }

  it('keep out of every single, pair and triple of visitors whoever each keeps out alone; nothing fails, what is to be looked at has its mend', () => {
    expect(SETS.length).toBe(1 + 26 + 325 + 2600);
    for (const set of asked.values())
      for (const market of ['imperial', 'metric'] as const) {
        const plan = fenced(set, market);
        for (const structure of plan.structures) {
          const { kind, sized, setting, verdicts } = computeAs(kindOf, plan, structure);
          const said = `${structure.id}, ${market}, ${set.join()}`;
          const urgent = verdicts.filter(({ level }) => level === 'fail' || level === 'warn');
          if (urgent.length > 0) {
            const mended = computeStructure(plan, structure).verdicts.filter(
              ({ level }) => level === 'fail' || level === 'warn',
            );
            expect(
              mended.filter(({ mend, level }) => !mend || level === 'fail').map(({ told }) => told.code),
              said,
            ).toEqual([]);
          }
          const guard = kind.guards(sized, setting);
          if (!guard) continue;
          for (const who of set)
            if (fenceNeed(who)) expect([said, who, getsPast(who, guard)]).toEqual([said, who, null]);
        }
      }
  });

  it('every visitor that is ticked is kept out or named as still coming', () => {
    fc.assert(
      fc.property(fc.subarray([...VISITORS], { minLength: 1 }), (set) => {
        const plan = fenced(set, 'imperial');
        const { verdicts, kind, sized, setting } = computeAs(kindOf, plan, plan.structures[0] as StructurePlan);
        const told = verdicts.find(({ check }) => check === 'leaves-open')?.told.values.who;
        const guard = kind.guards(sized, setting);
        const open = set.filter((who) => guard && getsPast(who, guard) !== null);
        for (const who of open.length > 0 ? open : set) expect(told).toContain(who);
      }),
      { numRuns: 20 },
    );
  });
});
