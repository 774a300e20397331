import type { Joint } from '../../../design/design';
import { lineOf, type Line } from '../../../design/shapes/line';
import { add, reach, scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';

/** A wire that is made fast goes round itself so often, with so much to hold, at both ends (from memory). mm. */
const FAST_MM = inches(8);

/** A straight wire over the faces of what holds it: fast at the first and the last, a staple over it on each. mm. */
export function stapledWire(o: {
  id: string;
  role: string;
  kind: string;
  of: { id: string; diameterMm: number };
  /** What holds it, in order, and where the wire lies on its face. */
  on: readonly { id: string; at: Point }[];
  /** Out of those faces. */
  out: Point;
}): { wire: Line; joints: Joint[] } {
  const lifted = (at: Point, byMm: number): Point => add(at, scale(o.out, byMm));
  const [near, far] = [o.on[0]?.at, o.on.at(-1)?.at] as [Point, Point];
  const wire = lineOf({
    id: o.id,
    role: o.role,
    of: o.of,
    path: [near, far].map((at) => lifted(at, o.of.diameterMm / 2)),
    cutMm: reach(near, far) + 2 * FAST_MM,
  });
  const joints = o.on.map(({ id, at }): Joint => ({
    id: `${wire.id}-${id}`,
    kind: o.kind,
    places: [at],
    parts: [wire.id, id],
    fixings: [
      {
        stock: 'staple-fence',
        count: 1,
        drive: { through: null, into: id, way: scale(o.out, -1), places: [lifted(at, o.of.diameterMm)] },
      },
    ],
  }));
  return { wire, joints };
}
