import type { Drive, Fixing, Joint } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import { add, cross, minus, scale, unit, UP, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';

/** Screws that go aslant from both faces of a board into what it stands on: so high over it, apart along it, and leaning so far (from memory). */
const UP_MM = inches(1.4);
const APART_MM = inches(0.4);
const LEAN_RAD = Math.PI / 7;
/** Screws at an end of a brace: so far from what it bears on, along it, apart across it, and leaning so far (from memory). */
const END_FROM_MM = inches(1.2);
const END_APART_MM = inches(0.6);
const END_RAD = Math.PI / 6;

/** The way out of the wide face of a board that stands on edge along a way: level, and to the back or the far end of two. */
function faceOf(along: Point): Point {
  const face = unit(cross(UP, [along[0], along[1], 0]));
  const back = Math.abs(face[1]) > 1e-9 ? face[1] : face[0];
  return back < 0 ? scale(face, -1) : face;
}

/** Two screws aslant, one from each face of a board on edge, into what lies under it at a place. */
export function aslant(
  board: Bar,
  into: string,
  at: Point,
  along: Point,
  side: 1 | -1,
  stock: string,
): (Fixing & { drive: Drive })[] {
  const face = faceOf(along);
  return ([-1, 1] as const).map((way) => {
    const drive: Drive = {
      through: board.id,
      into,
      way: add(scale(face, -way * Math.sin(LEAN_RAD)), [0, 0, -Math.cos(LEAN_RAD)]),
      places: [
        add(add(at, scale(along, side * way * APART_MM)), add(scale(face, (way * board.thickMm) / 2), [0, 0, UP_MM])),
      ],
    };
    return { stock, count: 1, drive };
  });
}

/** Two screws aslant from both sides of an end of a brace into what that bears on. */
export function toed(
  brace: Bar,
  end: Point,
  inwards: 1 | -1,
  into: string,
  bears: Point,
  kind: string,
  stock = 'screw-short',
): Joint {
  const axis = unit(minus(brace.to, brace.from));
  const face = faceOf(axis);
  const fixings = ([-1, 1] as const).map((way) => ({
    stock,
    count: 1,
    drive: {
      through: brace.id,
      into,
      way: add(scale(bears, Math.cos(END_RAD)), scale(face, -way * Math.sin(END_RAD))),
      places: [
        add(
          add(end, scale(axis, inwards * END_FROM_MM)),
          add(scale(face, (way * brace.thickMm) / 2), scale(brace.wide, way * END_APART_MM)),
        ),
      ],
    } satisfies Drive,
  }));
  return { id: `${brace.id}-${kind}`, kind, places: [end], parts: [brace.id, into], fixings };
}
