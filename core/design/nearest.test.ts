import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { axisOf, type Bar } from './shapes/bar';
import type { Block } from './shapes/block';
import { lengthOf, pointAt, type Curve } from '../geometry/curve';
import type { Fill } from './shapes/fill';
import type { Line } from './shapes/line';
import type { Part } from './shapes/shapes';
import { flatBase, onSheet, type Sheet } from './shapes/sheet';
import { comesWithin, distanceTo } from './nearest';
import { add, cross, reach, scale, unit, type Point } from '../geometry/space';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const spot: fc.Arbitrary<Point> = fc.tuple(mm(-1500, 1500), mm(-1500, 1500), mm(-1500, 1500));
const base = { id: 'p', stock: 's', cutMm: 1000 };
const bar = fc
  .record({ from: spot, to: spot })
  // Its wide face is upright: it is no post.
  .filter(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]) > 50)
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
    uprightsMm: [0, rest.cutMm],
    levelsMm: [0, rest.heightMm],
    wireMm: 3,
    meshes: 0,
  }));

/** A hoop and a sheet bent over one, each an arc in a plane of its own. */
const arc = fc
  .record({
    middle: spot,
    way: spot.filter((one) => Math.hypot(...one) > 1),
    radiusMm: mm(200, 900),
    toRad: mm(0.5, 6),
  })
  .map(({ middle, way, radiusMm, toRad }): Extract<Curve, { curve: 'arc' }> => {
    const a = unit(way);
    const b = unit(cross(a, Math.abs(a[0]) < 0.8 ? [1, 0, 0] : [0, 1, 0]));
    return { curve: 'arc', middle, a, b, radiusMm, fromRad: 0, toRad };
  });
const hoop = arc.map((bent): Bar => ({
  ...base,
  shape: 'bar',
  role: 'hoop',
  bent,
  round: true,
  from: pointAt(bent, 0),
  to: pointAt(bent, lengthOf(bent)),
  cutMm: lengthOf(bent),
  wide: cross(bent.a, bent.b),
  wideMm: 20,
  thickMm: 20,
  ends: [{ cut: 'square' }, { cut: 'square' }],
  holes: [],
  buriedMm: 0,
}));
const vault = fc.record({ over: arc, heightMm: mm(300, 1500) }).map(({ over, heightMm }): Sheet => ({
  ...base,
  shape: 'sheet',
  role: 'mesh',
  base: over,
  up: cross(over.a, over.b),
  cutMm: lengthOf(over),
  heightMm,
  uprightsMm: [0, lengthOf(over)],
  levelsMm: [0, heightMm],
  wireMm: 0,
  meshes: 0,
}));
const block = fc
  .record({ corner: spot, cutMm: mm(100, 600), wideMm: mm(100, 600), highMm: mm(50, 400) })
  .map((one): Block => ({
    ...base,
    ...one,
    shape: 'block',
    role: 'pot',
    along: [0, 1, 0],
    up: [0, 0, 1],
    buriedMm: 0,
  }));

const STEPS = 160;
const shares = Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS);
/** Points all through a part's middle: its axis, its path or its plane. */
function pointsOf(part: Part): Point[] {
  const between = (a: Point, b: Point): Point[] => shares.map((share) => add(scale(a, 1 - share), scale(b, share)));
  switch (part.shape) {
    case 'bar':
      return part.bent ? shares.map((share) => pointAt(axisOf(part), share * part.cutMm)) : between(part.from, part.to);
    case 'line':
      return part.path.slice(1).flatMap((to, i) => between(part.path[i] as Point, to));
    case 'fill':
      return between(part.bottom, add(part.bottom, [0, 0, part.cutMm]));
    case 'sheet':
      return shares.flatMap((u) => shares.map((w) => onSheet(part, u * part.cutMm, w * part.heightMm)));
    case 'block':
      return shares
        .filter((_, i) => i % 10 === 0)
        .flatMap((a, _n, few) =>
          few.flatMap((w) =>
            few.map((u): Point => add(part.corner, [-w * part.wideMm, a * part.cutMm, u * part.highMm])),
          ),
        );
  }
}

it('is the least distance to any point of a part, its section taken off, by a search through points of it', () => {
  fc.assert(
    fc.property(fc.oneof<fc.Arbitrary<Part>[]>(bar, line, fill, sheet, hoop, vault, block), spot, (part, point) => {
      const section =
        part.shape === 'bar' ? (part.round ? 10 : Math.hypot(90, 40) / 2) : part.shape === 'fill' ? 135 : 0;
      const searched = Math.max(0, Math.min(...pointsOf(part).map((one) => reach(one, point))) - section);
      const found = distanceTo(part, point);
      for (const mm of [1e-3, 40, found - 1, found + 1e-3, found + 1, 600])
        expect(comesWithin(part, point, mm), `${found} within ${mm}`).toBe(found <= mm);
      if (part.shape === 'sheet' && part.base.curve === 'line') {
        // Of an oblique sheet it is taken along its own directions: right on it, and within a third beside it.
        expect(Math.abs(found - searched)).toBeLessThanOrEqual(searched / 3 + 10);
        return;
      }
      // A search in steps is never nearer, and at most a step farther.
      // An arc is taken by chords of 60 mm: within 3 mm at its tightest.
      expect(found).toBeLessThanOrEqual(searched + (part.shape === 'bar' || part.shape === 'sheet' ? 3 : 1e-6));
      expect(found).toBeGreaterThanOrEqual(searched - 40);
    }),
    { numRuns: cases(150) },
  );
});
