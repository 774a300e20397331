import type { Timber } from '../../catalogue/stock';
import type { Joint } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import { add, scale, type Point } from '../../geometry/space';
import { feet, inches } from '../../quantity/length';
import type { Said } from '../said';
import type { BoardBox } from './box-of-boards';

/** A lid over 4′ long hangs on three hinges (from memory). mm. */
const THREE_HINGES_MM = feet(4);
/** A hinge sits so far in from the end of a lid (from memory). mm. */
const HINGE_IN_MM = inches(6);

/** A shorter lid is no lid (from memory). mm. */
const LEAST_LID_MM = inches(15);

/** As many lids or doors as are asked for and find room. */
export const lidsOf = (v: { lids: number; rowLength: number }): number =>
  Math.max(1, Math.min(v.lids, Math.floor(v.rowLength / LEAST_LID_MM)));
/** How long each is, with so much between them. mm. */
export const lidLength = (v: { lids: number; rowLength: number; gap: number }): number =>
  (v.rowLength - (lidsOf(v) - 1) * v.gap) / lidsOf(v);

/** Places of hinges along an edge of so much, two or three of them. mm. */
export function hingesAlong(longMm: number): number[] {
  const hinges = longMm > THREE_HINGES_MM ? 3 : 2;
  const span = Math.max(0, longMm - 2 * HINGE_IN_MM);
  return Array.from({ length: hinges }, (_, n) =>
    span > 0 ? HINGE_IN_MM + (span * n) / (hinges - 1) : (longMm * (n + 1)) / (hinges + 1),
  );
}

/** A lid that lies on the rim of a box, hinged along the far edge of its plane: one leaf on its back strip, one on the board below. */
export function hingedLid(
  plane: Pick<BoardBox, 'at' | 'side' | 'normal' | 'wideMm'> & { highMm: number },
  o: {
    name: string;
    back: Bar;
    rim: Bar;
    strip: Timber;
    fromMm: number;
    longMm: number;
    /** The way up the face of the rim’s board, where that is not square to the lid. */
    up?: Point;
  },
): Joint {
  const { at, wideMm, highMm } = plane;
  const hingesAt = hingesAlong(o.longMm).map((along) => at(o.fromMm + along, wideMm / 2, highMm));
  return {
    id: `${o.name}-hinged`,
    kind: 'lid hinged',
    places: hingesAt.map((place) => add(place, scale(plane.side, -2))),
    parts: [o.back.id, o.rim.id],
    fixings: [
      {
        stock: 'butt-hinge',
        count: hingesAt.length,
        plates: hingesAt.map((place) => [
          add(place, scale(o.up ?? plane.normal, -o.strip.thickMm * 0.7)),
          add(place, scale(plane.normal, o.strip.thickMm * 0.7)),
        ]),
      },
    ],
  };
}

export const LID_WORDS = {
  names: {
    parts: { 'lid strip': { word: 'Lid strip', means: 'of a lid; long ones run through, short ones stand between' } },
    joints: { 'lid corner': 'Corner of a lid or a door' },
    joinery: {
      'lid corner':
        'The short strip butts against the long one; glue, and a screw through the middle of the long strip into its end, pre-drilled: a second would split so narrow a strip. What is fixed over it keeps it square.',
      'lid hinged':
        'The lid lies on the rim, flush all round; one leaf of the hinge on its back strip, one on the back board.',
    },
  },
  phrases: {
    'gap.swell': 'Wet strips swell.',
    'count.lid-screws': 'One where a short strip meets a long one',
    'count.hinges': 'Two for a lid, three for a long one',
    'care.lid': 'A lid falls like a trap: prop it before hands and heads go under it, and keep children off.',
  },
} as const satisfies Said;
