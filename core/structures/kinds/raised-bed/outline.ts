import type { Timber } from '../../../catalogue/stock';
import { inches } from '../../../quantity/length';
import type { Pair } from '../../../geometry/polygon';
import { bedOutline, CORNERS, narrows, notchOf, roomOf, type Bed } from '../../../site/bed';
import { inBlocks, turnsOf } from '../../assemblies/courses';
import { fromCorner } from './boards';

/** What an outline is made in: whole blocks, halves and the thickness of the wall; any length of timber. mm. */
export interface Unit {
  wholeMm: number;
  halfMm: number;
  thickMm: number;
}

/** What its sides make of a bed: its size and its shape from above, which is all that they change of its plan. mm. */
export type Built = Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>;

/**
 * What the sides of a bed make of it: the bed's own size, or what blocks make that is nearest to it; no side is shorter
 * than `leastMm`, or the notch is left away. An oval has the largest rectangle that it holds. mm.
 */
export function builtFrom(
  bed: Bed,
  unit: Unit | null,
  thickMm: number,
  leastMm: number,
  /** What stands in a mitred corner, of what can be mitred; null of what cannot. */
  mitred: Pick<Timber, 'thickMm' | 'wideMm'> | null = null,
): Built {
  // What is round is built of eight straight sides.
  const cornered = bed.outline.shape === 'round' ? { ...bed, outline: OCTAGON } : bed;
  if (mitred && isMitred(cornered, thickMm, mitred)) return pickOf(cornered);
  const snap = (asked: number): number => (unit ? inBlocks(asked, unit.wholeMm, unit.halfMm) : asked);
  const t = thickMm;
  const room = narrows(bed) ? roomOf(bed) : bed;
  const across = snap(Math.max(leastMm, room.widthMm) - t) + t;
  const notch = notchOf(bed);
  if (notch) {
    const { shape } = notch;
    const [arm, long] = [notch.fromMm, notch.toMm - notch.fromMm];
    const deep = snap(Math.min(notch.deepMm, across - leastMm));
    if (Math.min(arm, deep, long, across - deep) >= leastMm) {
      // The wall behind a notch goes on past both its ends, at the far end of a bed past one.
      const ends = shape === 'keyhole' ? t : 0;
      const wide = snap(long + ends) - ends;
      return {
        lengthMm: (shape === 'keyhole' ? 2 : 1) * (snap(arm - t) + t) + wide,
        widthMm: across,
        outline: { shape, notchLongMm: wide, notchDeepMm: deep },
      };
    }
  }
  return {
    lengthMm: snap(Math.max(leastMm, room.lengthMm) - t) + t,
    widthMm: across,
    outline: { shape: 'rectangle' },
  };
}

/** The corners of it, from its near end and from its middle across. mm. */
export const cornersOf = (built: Built): Pair[] => bedOutline(built).map(([x, y]): Pair => [x + built.lengthMm / 2, y]);

const OCTAGON = { shape: 'polygon', corners: CORNERS.max } as const;

const pickOf = ({ lengthMm, widthMm, outline }: Bed): Built => ({ lengthMm, widthMm, outline });

/** Sharper corners than this are no longer mitred (from memory: 100° of turn). */
const MOST_TURN = (100 * Math.PI) / 180;
/** Clear between the two posts of a side (from memory). mm. */
const BETWEEN_MM = inches(4);

/** Whether the sides of a polygon are long enough for two posts each, and its corners blunt enough to be mitred. */
function isMitred(bed: Bed, thickMm: number, post: Pick<Timber, 'thickMm' | 'wideMm'>): boolean {
  if (bed.outline.shape !== 'polygon') return false;
  const outline = cornersOf(pickOf(bed));
  const turns = turnsOf(outline);
  return turns.every((after, i) => {
    const before = turns[(i + turns.length - 1) % turns.length] ?? 0;
    const [a, b] = [outline[i], outline[(i + 1) % outline.length]] as [Pair, Pair];
    const longMm = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const posts = fromCorner(thickMm, post, before) + fromCorner(thickMm, post, after) + post.wideMm;
    return after < MOST_TURN && longMm >= posts + BETWEEN_MM;
  });
}
