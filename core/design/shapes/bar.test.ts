import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../cases.fixture';
import type { EndCut } from '../end-cut';
import { barCorners, barOf } from './bar';

const of = { id: 'timber-2x4-untreated', wideMm: 89, thickMm: 38 };
/** A bar of a metre along x, its wide face up and down; where its corners lie along it, at the start and at the end. */
function along(ends: readonly [EndCut, EndCut]): [number[], number[]] {
  const bar = barOf({ id: 'b', role: 'b', of, from: [0, 0, 0], to: [1000, 0, 0], wide: [0, 0, 1], ends });
  const xs = barCorners(bar).map(([x]) => x);
  return [xs.slice(0, 4), xs.slice(4)];
}
const square: EndCut = { cut: 'square' };

describe('the end cuts of a bar', () => {
  it('lean each by itself: an end is as it is said whatever the other end is, and twice the half of its face by tan', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('mitre' as const, 'angle' as const),
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        (cut, a, b) => {
          const both = along([
            { cut, angleRad: a },
            { cut, angleRad: b },
          ]);
          const [first] = along([{ cut, angleRad: a }, square]);
          const [, last] = along([square, { cut, angleRad: b }]);
          expect(both).toEqual([first, last]);
          const across = cut === 'mitre' ? of.wideMm : of.thickMm;
          for (const [xs, rad] of [
            [first, a],
            [last, b],
          ] as const)
            expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(across * Math.abs(Math.tan(rad)), 6);
        },
      ),
      { numRuns: cases(60) },
    );
  });

  it('with one sign are longer on one edge, with two are parallel; square ones are both (by hand, 45°)', () => {
    const longEdge = ([start, end]: [number[], number[]]) => start.map((x, i) => (end[i] as number) - x);
    const quarter = Math.PI / 4;
    const toBoth = longEdge(
      along([
        { cut: 'mitre', angleRad: quarter },
        { cut: 'mitre', angleRad: quarter },
      ]),
    );
    expect([Math.min(...toBoth), Math.max(...toBoth)].map(Math.round)).toEqual([1000 - 89, 1000 + 89]);
    const parallel = longEdge(
      along([
        { cut: 'mitre', angleRad: -quarter },
        { cut: 'mitre', angleRad: quarter },
      ]),
    );
    for (const mm of parallel) expect(mm).toBeCloseTo(1000, 6);
    for (const mm of longEdge(along([square, square]))) expect(mm).toBe(1000);
  });
});
