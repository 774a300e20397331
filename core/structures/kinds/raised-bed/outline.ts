import type { Pair } from '../../../geometry/polygon';
import { bedOutline, roomOf, type Bed } from '../../../site/bed';
import { inBlocks } from '../../assemblies/courses';

/** What an outline is made in: whole blocks, halves and the thickness of the wall; any length of timber. mm. */
export interface Unit {
  wholeMm: number;
  halfMm: number;
  thickMm: number;
}

/**
 * The outline of the sides, from its near end and from its middle across: the bed's own, or what blocks make that is
 * nearest to it; no side is shorter than `leastMm`, or the notch is left away. An oval has the largest rectangle that it holds. mm.
 */
export function builtOutline(
  bed: Bed,
  unit: Unit | null,
  thickMm: number,
  leastMm: number,
): { outline: Pair[]; longMm: number; wideMm: number } {
  const snap = (asked: number): number => (unit ? inBlocks(asked, unit.wholeMm, unit.halfMm) : asked);
  const t = thickMm;
  const room = bed.outline.shape === 'round' ? roomOf(bed) : bed;
  const across = snap(Math.max(leastMm, room.widthMm) - t) + t;
  const notch = bed.outline.shape === 'keyhole' ? bed.outline : null;
  const arm = notch ? (bed.lengthMm - Math.min(notch.notchLongMm, bed.lengthMm)) / 2 : 0;
  const deep = notch ? snap(Math.min(notch.notchDeepMm, across - leastMm)) : 0;
  if (notch && arm >= leastMm && deep >= leastMm && notch.notchLongMm >= leastMm && across - deep >= leastMm) {
    const own = snap(arm - t) + t;
    const wide = snap(notch.notchLongMm + t) - t;
    const long = 2 * own + wide;
    const outline = bedOutline({
      lengthMm: long,
      widthMm: across,
      outline: { shape: 'keyhole', notchLongMm: wide, notchDeepMm: deep },
    });
    return { outline: outline.map(([x, y]): Pair => [x + long / 2, y]), longMm: long, wideMm: across };
  }
  const long = snap(Math.max(leastMm, room.lengthMm) - t) + t;
  const outline = bedOutline({ lengthMm: long, widthMm: across, outline: { shape: 'rectangle' } });
  return { outline: outline.map(([x, y]): Pair => [x + long / 2, y]), longMm: long, wideMm: across };
}
