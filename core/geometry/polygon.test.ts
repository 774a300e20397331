import fc from 'fast-check';
import { expect, it } from 'vitest';
import { outlineOf } from './outline';
import { areaOf, clipped, type Pair } from './polygon';

const span = fc.integer({ min: -1000, max: 1000 }).map((tenths) => tenths / 10);
const places = fc.array(fc.tuple(span, span), { minLength: 3, maxLength: 8 });

/** Each side of an outline clips another: what the two share. */
const shared = (a: readonly Pair[], b: readonly Pair[]): Pair[] =>
  b.reduce<Pair[]>((left, from, i) => clipped(left, from, b[(i + 1) % b.length] as Pair), [...a]);

it('corners that rounding has doubled clip no more than single ones do', () => {
  fc.assert(
    fc.property(places, places, fc.double({ min: -1e-12, max: 1e-12, noNaN: true }), (one, other, off) => {
      const [a, b] = [outlineOf(one).toReversed(), outlineOf(other).toReversed()];
      fc.pre(areaOf(a) > 1 && areaOf(b) > 1);
      const doubled = b.flatMap(([x, y]): Pair[] => [
        [x, y],
        [x + off, y - off],
      ]);
      expect(areaOf(shared(a, doubled))).toBeCloseTo(areaOf(shared(a, b)), 6);
      // Two outlines share as much whichever of them is the knife.
      expect(areaOf(shared(b, a))).toBeCloseTo(areaOf(shared(a, b)), 6);
    }),
  );
});
