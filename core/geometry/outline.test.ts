import fc from 'fast-check';
import { expect, it } from 'vitest';
import { extremesOf, outlineOf } from './outline';
import { areaOf, inside } from './polygon';
import type { Point } from './space';

/** Places on a coarse lattice, so that many share a plane as parts of a wall do. */
const places = fc.array(
  fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 6 })),
  { minLength: 4, maxLength: 60 },
);

it('an outline holds every one of its points, turns one way only, and is no larger than its box', () => {
  fc.assert(
    fc.property(places, (points) => {
      const flat = points.map(([x, y]) => [x, y] as const);
      const outline = outlineOf(flat);
      const area = areaOf(outline);
      const middle = [0, 1].map((n) => outline.reduce((sum, at) => sum + at[n as 0 | 1], 0) / outline.length);
      fc.pre(area > 0);
      for (const [x, y] of flat) {
        // Drawn a hair towards the middle, so that corners are inside.
        const [mx = 0, my = 0] = middle;
        expect(inside([x + (mx - x) * 1e-6, y + (my - y) * 1e-6], outline)).toBe(true);
      }
      expect(area).toBeLessThanOrEqual(24);
    }),
  );
});

it('the extremes of a body throw the same outline as all of it, from whichever side it is seen', () => {
  fc.assert(
    fc.property(
      places,
      fc.double({ min: -3, max: 3, noNaN: true }),
      fc.double({ min: -3, max: 3, noNaN: true }),
      (points, dx, dy) => {
        const seen = (all: readonly Point[]): number =>
          areaOf(outlineOf(all.map(([x, y, z]) => [x + dx * z, y + dy * z] as const)));
        expect(seen(extremesOf(points))).toBeCloseTo(seen(points), 9);
      },
    ),
  );
});
