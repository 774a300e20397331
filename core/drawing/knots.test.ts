import { expect, it } from 'vitest';
import { KNOTS, type KnotId } from '../joinery/knots';
import { cordThrough, crossingsOf } from './knot-views';

/** Over and under along a cord from its first end to its last, where it crosses another or itself in front of what it is tied on. */
function along(id: KnotId, cord = 0): string {
  const paths = KNOTS[id].cords.map(cordThrough);
  return crossingsOf(paths)
    .filter(({ over, under }) => [over, under].every((one) => (paths[one.cord]?.[Math.floor(one.at)]?.[2] ?? 0) > -0.5))
    .flatMap(({ over, under }) => [
      ...(over.cord === cord ? [{ at: over.at, is: 'O' }] : []),
      ...(under.cord === cord ? [{ at: under.at, is: 'U' }] : []),
    ])
    .toSorted((a, b) => a.at - b.at)
    .map((one) => one.is)
    .join('');
}

/** The orders of over and under by which these knots are told apart (theory of knots; Adams, The Knot Book, 1994, ch. 1: the overhand is the trefoil, the reef two of opposite hand). */
it.each([
  // Six crossings in turn are a trefoil: pulled tight it cannot slip through a hole.
  ['stopper', 0, 'OUOUOU'],
  // Each loop lies over, or under, both ends of the other: otherwise it is a granny, and slips.
  ['reef knot', 0, 'OUOOUO'],
  ['reef knot', 1, 'UOUUOU'],
  // Both ends go under the crossing that lies over them.
  ['clove hitch', 0, 'UOOU'],
] as const)('a %s is tied as its name says', (id, cord, order) => {
  expect(along(id, cord)).toBe(order);
});
