import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { barOf } from '../design/shapes/bar';
import { tilesOf } from './template-views';
import { areaOf, inside } from '../geometry/polygon';
import { END_SHAPES, shapedEnds } from '../structures/rules/shaped-end';
import { templatesOf } from '../design/templates';

const board = (shape: 'slant' | 'scoop' | 'wave' | 'plain', o = { longMm: 2400, wideMm: 140, overMm: 300 }) => {
  const sawn = shapedEnds(shape, { template: 'beam end', ...o });
  return barOf({
    id: 'beam-1',
    role: 'beam',
    of: { id: 'timber-2x6-treated', wideMm: o.wideMm, thickMm: 38 },
    from: [0, 0, 0],
    to: [o.longMm, 0, 0],
    wide: [0, 0, 1],
    ends: sawn ? [{ cut: 'shaped' }, { cut: 'shaped' }] : [{ cut: 'square' }, { cut: 'square' }],
    ...(sawn ? { sawn } : {}),
  });
};

const anyShaped = fc.record({
  shape: fc.constantFrom(...END_SHAPES.map(({ id }) => id)),
  longMm: fc.double({ min: 800, max: 6000, noNaN: true }),
  wideMm: fc.double({ min: 60, max: 240, noNaN: true }),
  overMm: fc.double({ min: 0, max: 900, noNaN: true }),
});

describe('templates', () => {
  it('a slanting end of a 140 mm beam: 42 % of it left at the tip, full after 1.6 heights, a straight line between (by hand)', () => {
    const [template, ...others] = templatesOf({ parts: [board('slant')] });
    expect([others, template?.ends, template?.whole]).toEqual([[], 2, false]);
    const { offsets = [], longMm } = template ?? {};
    expect(longMm).toBeCloseTo(224 + 30, 6);
    expect(offsets[0]?.lowMm).toBeCloseTo(140 * 0.58, 6);
    expect(offsets.at(-1)?.lowMm).toBeCloseTo(0, 6);
    for (const { atMm, lowMm, highMm } of offsets)
      expect([lowMm, highMm]).toEqual([expect.closeTo(140 * 0.58 * (1 - atMm / 224), 6), expect.closeTo(140, 6)]);
  });

  it('both ends of a board are one template, whatever the shape; what is square has none', () => {
    fc.assert(
      fc.property(anyShaped, ({ shape, ...o }) => {
        const bar = board(shape, o);
        const templates = templatesOf({ parts: [bar] });
        expect(templates.length).toBe(bar.sawn ? 1 : 0);
        for (const { outline, offsets, wideMm, longMm, ends } of templates) {
          expect(ends).toBe(2);
          expect(areaOf(outline)).toBeLessThan(wideMm * longMm);
          // A finger inside what is told is wood, and outside it is none.
          for (const { atMm, lowMm, highMm } of offsets.slice(1, -1)) {
            expect(inside([atMm, lowMm + 1], outline), `${atMm}`).toBe(highMm - lowMm > 1);
            if (lowMm > 1) expect(inside([atMm, lowMm - 1], outline)).toBe(false);
          }
        }
      }),
      { numRuns: cases(120) },
    );
  });

  it('lies on its sheets whole: what is drawn on all of them together is as long as its outline, and on none beyond its frame', () => {
    fc.assert(
      fc.property(
        anyShaped,
        fc.double({ min: 40, max: 400, noNaN: true }),
        fc.double({ min: 40, max: 400, noNaN: true }),
        ({ shape, ...o }, wideMm, highMm) => {
          for (const template of templatesOf({ parts: [board(shape, o)] })) {
            const tiles = tilesOf(template, { wideMm, highMm }, 100);
            const long = (line: readonly (readonly [number, number])[]): number =>
              line
                .slice(1)
                .reduce((sum, [x, y], i) => sum + Math.hypot(x - (line[i]?.[0] ?? 0), y - (line[i]?.[1] ?? 0)), 0);
            const round = [...template.outline, template.outline[0] as readonly [number, number]];
            const drawn = tiles.flatMap(({ view }) =>
              view.primitives.flatMap((one) => (one.draw === 'lines' && one.ink === 'outline' ? one.lines : [])),
            );
            const sum = drawn.reduce((all, line) => all + long(line), 0);
            // What runs along the border of two sheets is on both.
            expect(sum).toBeGreaterThan(long(round) - 1e-6);
            expect(sum).toBeLessThan(long(round) + tiles.length * (template.longMm + template.wideMm));
            for (const { view } of tiles)
              for (const one of view.primitives)
                for (const [x, y] of one.draw === 'lines' ? one.lines.flat() : []) {
                  expect(x).toBeGreaterThan(view.box.left - 1e-6);
                  expect(x).toBeLessThan(view.box.right + 1e-6);
                  expect(y).toBeGreaterThan(view.box.bottom - 1e-6);
                  expect(y).toBeLessThan(view.box.top + 1e-6);
                }
            for (const { view } of tiles)
              expect(view.box.right - view.box.left).toBeLessThanOrEqual(wideMm + 10 + 1e-6);
          }
        },
      ),
      { numRuns: cases(80) },
    );
  });
});
