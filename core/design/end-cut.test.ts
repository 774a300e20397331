import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { add, cross, dot, scale, unit, type Point } from '../geometry/space';
import { areParallel, compoundIn, leanOf } from './end-cut';

/** Turned about an axis by Rodrigues' formula (Goldstein, Classical Mechanics, "finite rotations", from memory). */
const turned = (v: Point, about: Point, rad: number): Point =>
  add(
    add(scale(v, Math.cos(rad)), scale(cross(about, v), Math.sin(rad))),
    scale(about, dot(about, v) * (1 - Math.cos(rad))),
  );

const anyBar = fc
  .record({
    yaw: fc.double({ min: -3, max: 3, noNaN: true }),
    lean: fc.double({ min: -0.9, max: 0.9, noNaN: true }),
    roll: fc.double({ min: -3, max: 3, noNaN: true }),
  })
  .map(({ yaw, lean, roll }) => {
    const axis = turned(turned([0, 0, 1], [1, 0, 0], lean), [0, 0, 1], yaw);
    const wide = turned(unit(cross(axis, [0.3, 0.5, -0.2])), axis, roll);
    return { axis, wide, thick: cross(axis, wide) };
  });

it('a compound cut is what a saw makes that is turned across the wide face and then tilted: both rotations of its blade give the plane', () => {
  fc.assert(
    fc.property(anyBar, (bar) => {
      const level: Point = [0, 0, 1];
      if (Math.abs(dot(bar.axis, level)) < 0.3) return;
      const { mitreRad, tiltRad } = compoundIn(level, bar);
      // The blade stands square to the bar; it is turned about the thickness, then tilted about the line it draws.
      const drawn = turned(bar.wide, bar.thick, -mitreRad);
      const blade = turned(turned(bar.axis, bar.thick, -mitreRad), drawn, tiltRad);
      expect(Math.abs(dot(blade, level))).toBeCloseTo(1, 9);
    }),
    { numRuns: cases(200) },
  );
});

it('how far the cut reaches along the bar puts every corner into the plane; two such ends are parallel', () => {
  fc.assert(
    fc.property(anyBar, fc.constantFrom(-1, 1), fc.constantFrom(-1, 1), (bar, w, t) => {
      const level: Point = [0, 0, 1];
      if (Math.abs(dot(bar.axis, level)) < 0.3) return;
      const end = compoundIn(level, bar);
      const { byWide, byThick } = leanOf(end);
      const corner = add(
        scale(bar.axis, 30 * w * byWide + 20 * t * byThick),
        add(scale(bar.wide, 30 * w), scale(bar.thick, 20 * t)),
      );
      expect(corner[2]).toBeCloseTo(0, 9);
      expect(areParallel([end, end])).toBe(Math.abs(end.mitreRad * end.tiltRad) > 0);
    }),
    { numRuns: cases(200) },
  );
});
