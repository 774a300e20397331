import { plumbEnds, type EndCut } from '../../design/end-cut';
import { barOf, type Bar } from '../../design/shapes/bar';
import { add, minus, reach, scale, unit, type Point } from '../../geometry/space';

const mitred: EndCut = { cut: 'mitre', angleRad: Math.PI / 4 };

interface Stock {
  id: string;
  wideMm: number;
  thickMm: number;
}

/**
 * A brace across a square corner, cut 45° at both ends: its middle line leaves each member `legMm`
 * from the corner, so by Pythagoras it is leg × √2 there and one width more, long point to long point.
 * `a` and `b` are the directions of the two members away from the corner. mm.
 */
export function cornerBrace(
  o: Pick<Bar, 'id'> & { of: Stock; corner: Point; a: Point; b: Point; legMm: number; board?: string | undefined },
): Bar {
  const from = add(o.corner, scale(o.b, o.legMm));
  const to = add(o.corner, scale(o.a, o.legMm));
  return barOf({
    id: o.id,
    role: 'brace',
    of: o.of,
    board: o.board,
    from,
    to,
    wide: unit(add(o.a, o.b)),
    cutMm: reach(from, to) + o.of.wideMm,
    ends: [mitred, mitred],
  });
}

/**
 * A brace that rises from one upright to another, its ends plumb: long point to long point it is a width × the
 * tangent of its rise longer than its middle line. mm.
 */
export function risingBrace(o: Pick<Bar, 'id' | 'from' | 'to'> & { of: Stock }): Bar {
  const [x, y, z] = unit(minus(o.to, o.from));
  const [level, rise] = [Math.hypot(x, y), Math.asin(Math.max(-1, Math.min(1, z)))];
  return barOf({
    ...o,
    role: 'brace',
    wide: [(-z * x) / level, (-z * y) / level, Math.cos(rise)],
    cutMm: reach(o.from, o.to) + o.of.wideMm * Math.tan(Math.abs(rise)),
    ends: plumbEnds(rise),
  });
}
