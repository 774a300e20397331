import type { EndCut } from '../../design/end-cut';
import { barOf, type Bar } from '../../design/shapes/bar';
import { add, reach, scale, unit, type Point } from '../../geometry/space';

const mitred: EndCut = { cut: 'mitre', angleRad: Math.PI / 4 };

/**
 * A brace across a square corner, cut 45° at both ends: its middle line leaves each member `legMm`
 * from the corner, so by Pythagoras it is leg × √2 there and one width more, long point to long point.
 * `a` and `b` are the directions of the two members away from the corner. mm.
 */
export function cornerBrace(o: {
  id: string;
  role: string;
  stock: string;
  corner: Point;
  a: Point;
  b: Point;
  legMm: number;
  wideMm: number;
  thickMm: number;
  board?: string;
}): Bar {
  const from = add(o.corner, scale(o.b, o.legMm));
  const to = add(o.corner, scale(o.a, o.legMm));
  return barOf({
    id: o.id,
    role: o.role,
    of: { id: o.stock, wideMm: o.wideMm, thickMm: o.thickMm },
    from,
    to,
    wide: unit(add(o.a, o.b)),
    cutMm: reach(from, to) + o.wideMm,
    ends: [mitred, mitred],
    ...(o.board ? { board: o.board } : {}),
  });
}
