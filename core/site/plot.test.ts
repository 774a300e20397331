import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import {
  bearingOf,
  cornersOf,
  distanceTo,
  FEATURE_KINDS,
  FEATURE_NATURES,
  onPlan,
  runsOf,
  type Feature,
  type Placed,
  type PlanSpot,
} from './plot';
import { outOfReach, roomOf } from './bed';
import { freeGround } from './free';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyPlace: fc.Arbitrary<Placed> = fc.record({
  xMm: mm(-9000, 9000),
  yMm: mm(-9000, 9000),
  turnDeg: mm(-180, 180),
});
const anyFeature: fc.Arbitrary<Feature> = fc
  .record({ at: anyPlace, kind: fc.constantFrom(...FEATURE_KINDS), lengthMm: mm(200, 9000), widthMm: mm(60, 5000) })
  .map(({ at, ...body }) => ({
    ...at,
    ...body,
    id: 'f',
    name: '',
    heightMm: FEATURE_NATURES[body.kind].heightMm,
    keepClearMm: 0,
  }));
const apart = (a: PlanSpot, b: PlanSpot): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

describe('where things lie', () => {
  it('a placed rectangle keeps its sides, its square corners and its middle, however it is turned', () => {
    fc.assert(
      fc.property(anyPlace, mm(100, 9000), mm(100, 9000), (at, long, wide) => {
        const [a, b, c, d] = cornersOf(at, long, wide) as [PlanSpot, PlanSpot, PlanSpot, PlanSpot];
        expect([apart(a, b), apart(b, c), apart(c, d), apart(d, a)]).toEqual(
          [long, wide, long, wide].map((side) => expect.closeTo(side, 6) as number),
        );
        expect(apart(a, c)).toBeCloseTo(Math.hypot(long, wide), 6);
        expect([(a[0] + c[0]) / 2, (a[1] + c[1]) / 2]).toEqual([expect.closeTo(at.xMm, 6), expect.closeTo(at.yMm, 6)]);
        // Counter-clockwise: the shoelace sum is twice the area, and positive.
        const twice = [
          [a, b],
          [b, c],
          [c, d],
          [d, a],
        ].reduce(
          (sum, [p, q]) => sum + (p as PlanSpot)[0] * (q as PlanSpot)[1] - (q as PlanSpot)[0] * (p as PlanSpot)[1],
          0,
        );
        expect(twice / (2 * long * wide)).toBeCloseTo(1, 6);
      }),
    );
  });

  it('a bearing is the compass’s: along the page’s x with north up is east–west; turning bed and north together changes nothing', () => {
    expect([bearingOf({ xMm: 0, yMm: 0, turnDeg: 0 }, 0), bearingOf({ xMm: 0, yMm: 0, turnDeg: 90 }, 0)]).toEqual([
      90, 0,
    ]);
    fc.assert(
      fc.property(anyPlace, mm(-180, 180), mm(-180, 180), (at, northDeg, by) => {
        const [before, after] = [
          bearingOf(at, northDeg),
          bearingOf({ ...at, turnDeg: at.turnDeg + by }, northDeg + by),
        ];
        const off = Math.abs(before - after) % 180;
        expect(Math.min(off, 180 - off)).toBeCloseTo(0, 6);
        // A row and one square to it never both run north–south.
        fc.pre(Math.abs((before % 90) - 45) > 1e-6);
        expect(runsOf(at, northDeg)).not.toBe(runsOf({ ...at, turnDeg: at.turnDeg + 90 }, northDeg));
      }),
    );
  });

  it('the distance to a thing is the least to any point of its edge, found by walking round it; nought inside', () => {
    fc.assert(
      fc.property(anyFeature, mm(-15_000, 15_000), mm(-15_000, 15_000), (feature, x, y) => {
        const found = distanceTo([x, y], feature);
        // A tree is its trunk, a well its round wall.
        if (feature.kind === 'tree' || feature.kind === 'well') {
          expect(found).toBeCloseTo(
            Math.max(
              0,
              apart([x, y], [feature.xMm, feature.yMm]) - (feature.kind === 'well' ? feature.lengthMm / 2 : 0),
            ),
            6,
          );
          return;
        }
        const [l, w] = [feature.lengthMm / 2, feature.widthMm / 2];
        const round = Array.from({ length: 400 }, (_, i) => i / 100).map((t): PlanSpot => {
          const along = (t % 1) * 2 - 1;
          return t < 1
            ? onPlan(feature, along * l, -w)
            : t < 2
              ? onPlan(feature, l, along * w)
              : t < 3
                ? onPlan(feature, -along * l, w)
                : onPlan(feature, -l, -along * w);
        });
        const walked = Math.min(...round.map((spot) => apart([x, y], spot)));
        // Steps of a hundredth of a side: the walk can miss the nearest point by half a step.
        if (found > 0) expect(Math.abs(walked - found)).toBeLessThanOrEqual(Math.max(l, w) / 90);
        else
          expect(
            cornersOf(feature, feature.lengthMm, feature.widthMm).every((corner, i, all) => {
              const next = all[(i + 1) % 4] as PlanSpot;
              return (next[0] - corner[0]) * (y - corner[1]) - (next[1] - corner[1]) * (x - corner[0]) >= -1e-3;
            }),
          ).toBe(true);
      }),
      { numRuns: cases(300) },
    );
  });

  it('a free place has no point of another bed or thing inside it', () => {
    const bed = DEMO_PLAN.beds[0] as (typeof DEMO_PLAN.beds)[number];
    // A short bed, which finds a place often enough.
    const small = { ...bed, lengthMm: 1500, widthMm: 400 };
    const isFree = freeGround(DEMO_PLAN);
    const free = Array.from({ length: 3000 }, (_, i): Placed => ({
      xMm: (i * 6131) % 15_000,
      yMm: (i * 3571) % 16_000,
      turnDeg: (i * 37) % 180,
    })).filter((at) => isFree(small, at));
    expect(free.length).toBeGreaterThan(20);
    fc.assert(
      fc.property(fc.constantFrom(...free), (at) => {
        const own: Feature = {
          ...at,
          id: 'own',
          kind: 'path',
          name: '',
          lengthMm: small.lengthMm,
          widthMm: small.widthMm,
          heightMm: 0,
          keepClearMm: 0,
        };
        const grid = [-0.5, -0.25, 0, 0.25, 0.5];
        for (const other of [...DEMO_PLAN.beds.filter((one) => one.id !== bed.id), ...DEMO_PLAN.features]) {
          for (const u of grid)
            for (const v of grid)
              expect(distanceTo(onPlan(other, u * other.lengthMm, v * other.widthMm), own), other.id).toBeGreaterThan(
                0,
              );
        }
      }),
      { numRuns: cases(60) },
    );
  });

  it('what an arm does not reach is the rest: from one side all past the arm, from both the strip between', () => {
    fc.assert(
      fc.property(
        mm(300, 3000),
        mm(300, 900),
        fc.constantFrom('both sides', 'front only'),
        (widthMm, arm, standFrom) => {
          const strip = outOfReach({ widthMm, standFrom, outline: { shape: 'rectangle' } }, arm);
          const reached = standFrom === 'front only' ? arm : 2 * arm;
          fc.pre(Math.abs(widthMm - reached) > 1);
          expect(strip?.wideMm ?? 0).toBeCloseTo(Math.max(0, widthMm - reached), 6);
          if (strip) expect(Math.abs(strip.acrossMm) + strip.wideMm / 2).toBeLessThanOrEqual(widthMm / 2 + 1e-6);
        },
      ),
    );
  });
});

describe('the room of a bed for what is straight', () => {
  it('lies within an oval (x²/a² + y²/b² ≤ 1 at its corners), touches it, and is the largest of all where it may be as wide as it likes', () => {
    fc.assert(
      fc.property(mm(800, 20_000), mm(600, 3000), mm(0.05, 1), (lengthMm, widthMm, share) => {
        const bed = { lengthMm, widthMm, outline: { shape: 'round' as const } };
        const corner = ({ lengthMm: l, widthMm: w }: { lengthMm: number; widthMm: number }) =>
          (l / lengthMm) ** 2 + (w / widthMm) ** 2;
        const room = roomOf(bed, share * widthMm);
        expect(corner(room)).toBeCloseTo(1, 9);
        expect(room.fromMm + room.lengthMm / 2).toBeCloseTo(lengthMm / 2, 6);
        expect(room.frontMm + room.widthMm / 2).toBeCloseTo(widthMm / 2, 6);
        expect(room.widthMm).toBeCloseTo(Math.min(share * widthMm, widthMm / Math.sqrt(2)), 6);
        const largest = roomOf(bed);
        expect(largest.lengthMm * largest.widthMm).toBeGreaterThanOrEqual(room.lengthMm * room.widthMm - 1e-3);
      }),
    );
  });

  it('is all of a rectangle, and of a keyhole or an L what is behind its notch', () => {
    const size = { lengthMm: 3000, widthMm: 1200 };
    expect(roomOf({ ...size, outline: { shape: 'rectangle' } })).toEqual({ fromMm: 0, frontMm: 0, ...size });
    for (const shape of ['keyhole', 'corner'] as const)
      expect(roomOf({ ...size, outline: { shape, notchLongMm: 600, notchDeepMm: 500 } })).toEqual({
        fromMm: 0,
        lengthMm: 3000,
        frontMm: 500,
        widthMm: 700,
      });
  });
});
