import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { computeAs } from '../plan/compute-as';
import type { Plan, StructurePlan } from '../plan/plan';
import { settingOf } from '../plan/setting-of';
import { distanceToStretch } from '../geometry/polygon';
import { besidePath, stretchesOf, type PathSpot } from '../site/path';
import { asStand } from '../site/stands/stands';
import { secondWanted } from '../site/visitors';
import { SOIL } from '../site/underfoot';
import { kindOf } from '../structures/registry';
import { named } from './guard-sketches';
import { secondAlong } from './second-fence';

const spots = (...all: [number, number][]): PathSpot[] => all.map(([xMm, yMm]) => ({ xMm, yMm, groundMm: 0 }));
const square = (low: number, high: number): PathSpot[] => spots([low, low], [high, low], [high, high], [low, high]);
const garden = (corners: readonly PathSpot[], inside: 'left' | 'right', closed = true): Plan => ({
  ...DEMO_PLAN,
  site: { ...DEMO_PLAN.site, widthMm: 20_000, depthMm: 20_000, visitors: ['deer'] },
  beds: [],
  features: [],
  plantings: [],
  structures: [
    {
      id: 'one',
      name: 'Fence',
      kind: 'garden-fence',
      stand: { on: 'path', spots: corners, closed, inside, underfoot: SOIL },
      plantings: [],
      knobs: { height: 2286 },
    },
    {
      id: 'gate',
      name: 'Gate',
      kind: 'garden-gate',
      stand: { on: 'run', of: 'one', atMm: 4000 },
      plantings: [],
      knobs: {},
    },
  ],
});
const wantedOf = (plan: Plan, fence: StructurePlan) => {
  const { site, second } = settingOf(kindOf, plan, fence);
  return secondWanted(site.visitors, second);
};
const laid = (plan: Plan): { plan: Plan; made: StructurePlan[] } => {
  const [first] = plan.structures as [StructurePlan];
  const wanted = wantedOf(plan, first);
  const sketches = secondAlong(plan, first, wanted?.apartMm ?? NaN);
  const made = named(sketches, ['two', 'second-gate']).map((one): StructurePlan => ({ ...one, name: one.id }));
  return { made, plan: { ...plan, structures: [...plan.structures, ...made] } };
};
const codesOf = (plan: Plan, id: string): string[] => {
  const one = plan.structures.find((structure) => structure.id === id) as StructurePlan;
  return computeAs(kindOf, plan, one).verdicts.map(({ told }) => told.code);
};

describe('a second low fence', () => {
  it('outside the first, its gate in line with the other: both 4′ high, and neither is too low for deer', () => {
    const { plan, made } = laid(garden(square(4000, 14_000), 'left'));
    const [fence, gate] = made as [StructurePlan, StructurePlan];
    expect(asStand(fence.stand, 'path')?.spots[0]?.xMm).toBeCloseTo(4000 - 1371.6, 6);
    expect(asStand(gate.stand, 'run')).toEqual({ on: 'run', of: 'two', atMm: Math.round(4000 + 1371.6) });
    expect(computeAs(kindOf, plan, fence).sized.knobs['height']?.value).toBeCloseTo(1219.2, 1);
    const low = { ...plan, structures: plan.structures.map((one) => (one.id === 'one' ? { ...one, knobs: {} } : one)) };
    for (const id of ['one', 'two']) expect(codesOf(low, id)).not.toContain('keeps.low-two');
    // Alone, as high, it was.
    const alone = garden(square(4000, 14_000), 'left');
    const [first] = alone.structures as [StructurePlan];
    const short = { ...alone, structures: [{ ...first, knobs: { height: 1219.2 } }] };
    expect(codesOf(short, 'one')).toContain('keeps.low-two');
    // Where one does already, none is asked for.
    expect(wantedOf(low, low.structures[0] as StructurePlan)).toBeNull();
  });

  it('inside it where the plot ends outside; nowhere where there is no room on either side', () => {
    const { made } = laid(garden(square(500, 14_000), 'left'));
    expect(asStand(made[0]?.stand, 'path')?.spots[0]?.xMm).toBeCloseTo(500 + 1371.6, 6);
    expect(laid(garden(spots([500, 500], [2500, 500], [2500, 19_500], [500, 19_500]), 'left')).made).toEqual([]);
  });

  it('a path beside another is as far from all of it, on the side that was asked for, and as far back again', () => {
    const corner = fc.tuple(fc.integer({ min: -60, max: 60 }), fc.integer({ min: 2500, max: 9000 }));
    fc.assert(
      fc.property(
        fc.array(corner, { minLength: 1, maxLength: 6 }),
        fc.constantFrom(-900, -400, 400, 900),
        (turns, off) => {
          // Never bent by more than a third of a turn at once.
          let [x, y, way] = [0, 0, 0];
          const path = turns.map(([deg, long]): [number, number] => {
            way += (deg * Math.PI) / 180;
            [x, y] = [x + long * Math.cos(way), y + long * Math.sin(way)];
            return [x, y];
          });
          const own = spots([0, 0], ...path);
          const beside = besidePath(own, false, off);
          for (const [i, { from, to }] of stretchesOf(own, false).entries())
            for (const { xMm, yMm } of [beside[i], beside[i + 1]] as PathSpot[]) {
              const across = (to.xMm - from.xMm) * (yMm - from.yMm) - (to.yMm - from.yMm) * (xMm - from.xMm);
              expect(across / Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm)).toBeCloseTo(-off, 6);
            }
          const back = besidePath(beside, false, -off);
          for (const [i, one] of back.entries())
            expect(
              distanceToStretch(
                [one.xMm, one.yMm],
                [own[i]?.xMm ?? 0, own[i]?.yMm ?? 0],
                [own[i]?.xMm ?? 0, own[i]?.yMm ?? 0],
              ),
            ).toBeLessThan(1e-6);
        },
      ),
      { numRuns: cases(100) },
    );
  });
});
