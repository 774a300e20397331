import type { Joint } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import { add, minus, scale, unit, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import type { Said } from '../said';

/** Each half of an 8″ strap hinge (from memory). mm. */
const STRAP_MM = inches(4);

/** Strap hinges over the heads of two leaves, one to each pair of their stiles, on their outer faces; `out` is the way out of each. */
export function hingedAtTop(o: {
  id: string;
  kind: string;
  front: { stiles: readonly Bar[]; out: Point };
  back: { stiles: readonly Bar[]; out: Point };
}): Joint {
  /** From the head down the face of a stile, and at its head. */
  const strap = ({ from, to, thickMm }: Bar, out: Point): [down: Point, head: Point] => {
    const head = add(to, scale(out, thickMm / 2));
    return [minus(head, scale(unit(minus(to, from)), STRAP_MM)), head];
  };
  const stiles = [...o.front.stiles, ...o.back.stiles];
  return {
    id: o.id,
    kind: o.kind,
    places: stiles.map((bar) => bar.to),
    parts: stiles.map((bar) => bar.id),
    fixings: [
      {
        stock: 'strap-hinge',
        count: o.front.stiles.length,
        plates: o.front.stiles.map((bar, n) => [
          ...strap(bar, o.front.out),
          ...strap(o.back.stiles[n] as Bar, o.back.out).reverse(),
        ]),
      },
    ],
  };
}

/** A peg on the outside of each foot. */
export const peggedFeet = (stiles: readonly Bar[]): Joint[] =>
  stiles.map(({ id, from }) => ({
    id: `peg-${id}`,
    kind: 'foot to ground',
    places: [from],
    parts: [id],
    fixings: [{ stock: 'ground-peg', count: 1 }],
  }));

/** Two leaves that fold about their heads, with pegs at their feet. */
export const FOLDING_PAIR = {
  names: {
    joints: { 'foot to ground': 'Foot to ground' },
    joinery: {
      'foot to ground':
        'One peg on the outside of each foot, leaning away from the frame; cord twice round the foot and the peg, and a reef knot.',
    },
    knots: { 'foot to ground': ['reef knot'] },
  },
  phrases: { 'count.pegs': 'One at each foot' },
} as const satisfies Said;
