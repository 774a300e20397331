import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { leanOf } from '../../../design/end-cut';
import { boxesOf } from '../../../design/shapes/shape';
import { ofShape, shapeOf, type Part } from '../../../design/shapes/shapes';
import { distanceTo } from '../../../design/nearest';
import { reach, scale, add, type Point } from '../../../geometry/space';
import { anyPlan, first } from '../../any-plan.fixture';
import { kind } from './index';

const topCorners = (leg: Part): Point[] => shapeOf(leg).solids(leg).flatMap(boxesOf).at(-1)?.slice(4) ?? [];

describe('obelisk', () => {
  it('its legs are four of one piece, their tops level though each leans two ways, as high as was asked for', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, knobs } = first(plan).sized;
        const legs = ofShape(design.parts, 'bar').filter(({ role }) => role === 'leg');
        expect(legs.map(({ cutMm }) => cutMm.toFixed(4))).toEqual(Array(4).fill(legs[0]?.cutMm.toFixed(4)));
        expect(new Set(legs.map(({ ends }) => JSON.stringify(ends).replace(/(\d\.\d{6})\d*/g, '$1'))).size).toBe(1);
        const middle = scale(
          legs.reduce<Point>((sum, { to }) => add(sum, to), [0, 0, 0]),
          1 / 4,
        );
        for (const leg of legs) {
          const ups = topCorners(leg).map(([, , up]) => up);
          expect(Math.max(...ups) - Math.min(...ups)).toBeLessThan(0.05);
          expect(Math.max(...ups)).toBeCloseTo(middle[2], 1);
        }
        // As far from the first leg to the next as to the one before it: a square.
        const [a, b, , d] = legs.map(({ to }) => to) as [Point, Point, Point, Point];
        expect(reach(a, b)).toBeCloseTo(reach(a, d), 6);
        expect(knobs.form?.value === 'pillar' ? leanOf(legs[0]?.ends[1] ?? { cut: 'square' }).byWide : 0).toBe(0);
      }),
      { numRuns: cases(60) },
    );
  });

  it('every rung lies on two legs and takes no other rung’s place', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const bars = ofShape(design.parts, 'bar');
        const rungs = bars.filter(({ role }) => role === 'rung');
        const inner = (part: Part): Point[] =>
          shapeOf(part)
            .solids(part)
            .flatMap(boxesOf)
            .flatMap((corners) => {
              const at = scale(corners.reduce(add, [0, 0, 0]), 1 / corners.length);
              return corners.map((corner) => add(scale(corner, 0.95), scale(at, 0.05)));
            });
        for (const rung of rungs)
          for (const other of rungs) {
            if (other.id <= rung.id || Math.abs(other.from[2] - rung.from[2]) > rung.wideMm) continue;
            // A bar's own measure is round about it: its corners, drawn in, against what the other is.
            const meets = inner(rung).filter((at) => insideBox(other, at));
            expect(meets, `${rung.id} ${other.id}`).toEqual([]);
          }
        for (const { kind: made, parts, places } of design.joints)
          if (made === 'rung to leg')
            for (const id of parts)
              expect(distanceTo(bars.find((bar) => bar.id === id) as Part, places[0] as Point)).toBeLessThan(1);
      }),
      { numRuns: cases(30) },
    );
  });
});

/** Whether a point is inside a bar's corners, by its three ways. */
function insideBox(part: Part, at: Point): boolean {
  const [corners] = shapeOf(part).solids(part).flatMap(boxesOf);
  if (!corners) return false;
  const [o, t, w, , e] = corners as [Point, Point, Point, Point, Point];
  return [t, w, e].every((to) => {
    const way: Point = [to[0] - o[0], to[1] - o[1], to[2] - o[2]];
    const long = reach(o, to);
    const on = ((at[0] - o[0]) * way[0] + (at[1] - o[1]) * way[1] + (at[2] - o[2]) * way[2]) / long;
    return on > 0 && on < long;
  });
}
