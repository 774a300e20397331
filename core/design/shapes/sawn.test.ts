import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../../cases.fixture';
import { areaOf, distanceToStretch, inside, type Pair } from '../../geometry/polygon';
import { add, cross, dot, minus, scale, unit, type Point } from '../../geometry/space';
import { barOf, sawnOutline, type Bar, type SawnAt } from './bar';
import { boxesOf } from './shape';
import { shapeOf } from './shapes';

/** A board somewhere in space, its edges anyhow. */
const anySawn = fc
  .record({
    turn: fc.double({ min: -3, max: 3, noNaN: true }),
    rise: fc.double({ min: -1, max: 1, noNaN: true }),
    edges: fc.array(
      fc.record({
        by: fc.double({ min: 5, max: 200, noNaN: true }),
        lowMm: fc.double({ min: -70, max: -5, noNaN: true }),
        highMm: fc.double({ min: 5, max: 70, noNaN: true }),
      }),
      { minLength: 2, maxLength: 8 },
    ),
  })
  .map(({ turn, rise, edges }): Bar => {
    let at = 0;
    const laid = edges.map(({ by, lowMm, highMm }, i): SawnAt => ({ atMm: i === 0 ? 0 : (at += by), lowMm, highMm }));
    const axis = unit([Math.cos(turn), Math.sin(turn), rise]);
    const wide = unit(cross(axis, [Math.sin(turn), -Math.cos(turn), 0]));
    return barOf({
      id: 'b',
      role: 'beam',
      of: { id: 'x', wideMm: 140, thickMm: 38 },
      from: [100, -40, 700],
      to: add([100, -40, 700], scale(axis, at)),
      wide,
      sawn: { template: 't', edges: laid },
    });
  });

const outlineOf = (bar: Bar): Pair[] => (bar.sawn ? sawnOutline(bar.sawn) : []);

it('its slices make up all of it: their volumes are its outline’s area (by another library) times its thickness', () => {
  fc.assert(
    fc.property(anySawn, (bar) => {
      const volume = shapeOf(bar)
        .solids(bar)
        .flatMap(boxesOf)
        .reduce((sum, c) => {
          const [a, , w, , e, , f] = c as [Point, Point, Point, Point, Point, Point, Point];
          // A trapeze: half of both edges, times how far apart they are.
          const [near, far] = [Math.hypot(...minus(w, a)), Math.hypot(...minus(f, e))];
          const axis = unit(minus(bar.to, bar.from));
          return sum + ((near + far) / 2) * Math.abs(dot(minus(e, a), axis)) * bar.thickMm;
        }, 0);
      expect(volume / (areaOf(outlineOf(bar)) * bar.thickMm)).toBeCloseTo(1, 9);
    }),
    { numRuns: cases(150) },
  );
});

it('a point is as far from it as from its outline in its face, and from its two faces', () => {
  fc.assert(
    fc.property(
      anySawn,
      fc.tuple(fc.double({ min: -200, max: 1500, noNaN: true }), fc.double({ min: -150, max: 150, noNaN: true })),
      fc.double({ min: -90, max: 90, noNaN: true }),
      (bar, [along, up], out) => {
        const axis = unit(minus(bar.to, bar.from));
        const thick = unit(cross(axis, bar.wide));
        const at = add(bar.from, add(add(scale(axis, along), scale(bar.wide, up)), scale(thick, out)));
        const outline = outlineOf(bar);
        const beside = inside([along, up], outline)
          ? 0
          : Math.min(
              ...outline.map((a, i) => distanceToStretch([along, up], a, outline[(i + 1) % outline.length] as Pair)),
            );
        const off = Math.max(0, Math.abs(out) - bar.thickMm / 2);
        expect(shapeOf(bar).distanceTo(bar, at)).toBeCloseTo(Math.hypot(beside, off), 6);
      },
    ),
    { numRuns: cases(200) },
  );
});

it('moves as a whole, and is told in a document by its corners', () => {
  fc.assert(
    fc.property(anySawn, (bar) => {
      const by: Point = [12, -7, 30];
      const [was, now] = [bar, shapeOf(bar).moved(bar, by)].map((one) => shapeOf(one).extent(one));
      expect(now).toEqual((was ?? []).map((at) => add(at, by).map((mm) => expect.closeTo(mm, 6) as number)));
      expect((shapeOf(bar).document(bar).sawn as Point[]).length).toBe(2 * (bar.sawn?.edges.length ?? 0));
    }),
    { numRuns: cases(40) },
  );
});
