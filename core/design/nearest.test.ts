import fc from 'fast-check';
import { expect, it } from 'vitest';
import type { Bar } from './shapes/bar';
import type { Fill } from './shapes/fill';
import type { Line } from './shapes/line';
import type { Part } from './shapes/shapes';
import { flatBase, onSheet, type Sheet } from './shapes/sheet';
import { distanceTo } from './nearest';
import { add, reach, scale, unit, type Point } from '../geometry/space';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const spot: fc.Arbitrary<Point> = fc.tuple(mm(-1500, 1500), mm(-1500, 1500), mm(-1500, 1500));
const base = { id: 'p', stock: 's', cutMm: 1000 };
const bar = fc
  .record({ from: spot, to: spot })
  .filter(({ from, to }) => reach(from, to) > 50)
  .map((ends): Bar => ({
    ...base,
    ...ends,
    shape: 'bar',
    role: 'rail',
    wide: [0, 0, 1],
    wideMm: 90,
    thickMm: 40,
    ends: [{ cut: 'square' }, { cut: 'square' }],
    holes: [],
    buriedMm: 0,
  }));
const line = fc
  .array(spot, { minLength: 2, maxLength: 5 })
  .map((path): Line => ({ ...base, shape: 'line', role: 'string', path, diameterMm: 0 }));
const fill = spot.map((bottom): Fill => ({
  ...base,
  shape: 'fill',
  role: 'concrete',
  bottom,
  rim: { round: 270 },
  crownMm: 0,
  cutMm: 600,
  litres: 1,
}));
/** A sheet up a slope: its two directions are not square to each other. */
const sheet = fc
  .record({ corner: spot, slope: mm(-0.3, 0.3), cutMm: mm(300, 2000), heightMm: mm(300, 1500) })
  .map(({ slope, corner, ...rest }): Sheet => ({
    ...base,
    ...rest,
    shape: 'sheet',
    role: 'mesh',
    base: flatBase(corner, unit([1, 0, slope]), rest.cutMm),
    up: [0, 0, 1],
    uprightsMm: [],
    levelsMm: [],
    wireMm: 3,
    meshes: 0,
  }));

const STEPS = 160;
const shares = Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS);
/** Points all through a part's middle: its axis, its path or its plane. */
function pointsOf(part: Part): Point[] {
  const between = (a: Point, b: Point): Point[] => shares.map((share) => add(scale(a, 1 - share), scale(b, share)));
  switch (part.shape) {
    case 'bar':
      return between(part.from, part.to);
    case 'line':
      return part.path.slice(1).flatMap((to, i) => between(part.path[i] as Point, to));
    case 'fill':
      return between(part.bottom, add(part.bottom, [0, 0, part.cutMm]));
    case 'sheet':
      return shares.flatMap((u) => shares.map((w) => onSheet(part, u * part.cutMm, w * part.heightMm)));
    case 'block':
      return [];
  }
}

it('is the least distance to any point of a part, its section taken off, by a search through points of it', () => {
  fc.assert(
    fc.property(fc.oneof<fc.Arbitrary<Part>[]>(bar, line, fill, sheet), spot, (part, point) => {
      const section = part.shape === 'bar' ? Math.hypot(90, 40) / 2 : part.shape === 'fill' ? 135 : 0;
      const searched = Math.max(0, Math.min(...pointsOf(part).map((one) => reach(one, point))) - section);
      const found = distanceTo(part, point);
      if (part.shape === 'sheet') {
        // Of an oblique sheet it is taken along its own directions: right on it, and within a third beside it.
        expect(Math.abs(found - searched)).toBeLessThanOrEqual(searched / 3 + 10);
        return;
      }
      // A search in steps is never nearer, and at most a step farther.
      expect(found).toBeLessThanOrEqual(searched + 1e-6);
      expect(found).toBeGreaterThanOrEqual(searched - 20);
    }),
    { numRuns: 300 },
  );
});
