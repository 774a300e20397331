import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { computeAs } from '../plan/compute-as';
import { computeStructure } from '../plan/compute';
import type { Plan, StructurePlan } from '../plan/plan';
import { DEMO_PLAN } from '../demo/garden';
import { feet, inches } from '../quantity/length';
import { VISITORS, type Visitor } from '../site/plot';
import { SOIL } from '../site/underfoot';
import { depthThrough, LEAST_DRIVEN_MM, LET_IN_MM, NO_FILL } from '../statics/embedment';
import { fenceNeed, getsPast } from '../site/visitors';
import { anyPlan, first } from './any-plan.fixture';
import { settle } from './knob';
import { kindOf, KINDS } from './registry';

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
    expect(SETS.length).toBe(1 + 34 + 561 + 5984);
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
      { numRuns: cases(20) },
    );
  });
});

/** Posts as they are bought: the length on sale that each comes out of. mm. */
function boughtMm(plan: Plan) {
  const { sized, setting, verdicts } = first(plan);
  const posts = sized.design.parts.filter((part) => part.role === 'post' || part.role === 'stake');
  const sold = posts.flatMap((part) => {
    if (part.shape !== 'bar') return [];
    const size = setting.sizesOf(part.stock).find((one) => one >= part.cutMm - 0.5);
    return size === undefined ? [] : [size];
  });
  return {
    setting,
    mm: sold.reduce((sum, one) => sum + one, 0),
    urgent: verdicts.filter(({ level }) => level === 'fail' || level === 'warn').map(({ told }) => told.code),
  };
}

describe.each(
  // The rods of a cage are pushed in as far as they go.
  KINDS.filter((kind) => 'depth' in kind.knobs && kind.id !== 'mesh-cage' && kind.purpose !== 'planter').map(
    (kind) => [kind.id, kind] as const,
  ),
)('the posts of a %s', (_id, kind) => {
  it('do not go two inches deeper than a shorter length on sale would let them', () => {
    fc.assert(
      fc.property(anyPlan(kind), (any) => {
        const flat = <S extends StructurePlan>({ stand, ...one }: S) => ({
          ...one,
          stand:
            stand.on === 'path' ? { ...stand, spots: stand.spots.map((spot) => ({ ...spot, groundMm: 0 })) } : stand,
        });
        const [structure, ...others] = any.structures.map(flat);
        const { depth: _by, ...knobs } = structure?.knobs ?? {};
        // Strips of one board are as long as they are ripped.
        if (knobs.make === 'board') return;
        const plan = {
          ...any,
          beds: any.beds.map((bed) => ({ ...bed, riseMm: 0 })),
          structures: [{ ...structure, knobs } as StructurePlan, ...others],
        };
        const usual = boughtMm(plan);
        const depth = settle(kind.knobs, knobs, usual.setting).values.depth as number;
        const { sized } = first(plan);
        const firm = sized.design.posts.some((post) => post.set === 'driven') ? LEAST_DRIVEN_MM : LET_IN_MM;
        const { place } = usual.setting;
        const bed = place.on === 'bed' && kind.id !== 'walk-in-cage' ? place.bed : null;
        const least = depthThrough(firm, firm, bed ? { mm: bed.heightMm, is: bed.fill } : NO_FILL);
        for (const less of [1, 2].map(inches)) {
          const shallow = {
            ...plan,
            structures: [
              { ...plan.structures[0], knobs: { ...knobs, depth: depth - less } } as StructurePlan,
              ...others,
            ],
          };
          if (depth - less < least) continue;
          const then = boughtMm(shallow);
          if (then.urgent.some((code) => !usual.urgent.includes(code))) continue;
          expect(then.mm, `${depth} − ${less} of ${JSON.stringify(knobs)}`).toBeGreaterThan(usual.mm - 1);
        }
      }),
      { numRuns: cases(24) },
    );
  });
});

it('nothing in the demo garden is left that warns or fails', () => {
  for (const structure of DEMO_PLAN.structures)
    expect(
      // With who else stands there.
      computeStructure(DEMO_PLAN, structure).verdicts.flatMap(({ level, told }) =>
        level === 'warn' || level === 'fail' ? [`${structure.id}: ${told.code}`] : [],
      ),
    ).toEqual([]);
});
