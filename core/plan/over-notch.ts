import { inches } from '../quantity/length';
import type { Bed } from '../site/bed';
import { onPlan } from '../site/plot';
import type { Stand } from '../site/stands/stands';
import { SOIL } from '../site/underfoot';
import { wholeStep } from '../structures/rules/tidy';
import type { Market } from '../catalogue/stock';
import type { StructurePlan } from './plan';

/** The side of a bed with the inside posts on it, or a wall of blocks, and a finger beside them (from memory). mm. */
const BESIDE_MM = inches(5.5);
const BESIDE_BLOCKS_MM = inches(9);
/** Shorter than this it is a gateway at the mouth of the notch (from memory). mm. */
const LEAST_LONG_MM = inches(24);

/**
 * Where something that is walked through stands over the notch of a keyhole bed as its sides make it: its posts in the
 * bed on both sides of it, and nearly as long as it is deep; null where the bed has none. It has to stand on open ground
 * and to have knobs for its inside and its length.
 * @example overNotch(bed, 'imperial')?.knobs // { inside: 1193.8, long: 939.8 }
 */
export function overNotch(bed: Bed, market: Market): { stand: Stand; knobs: StructurePlan['knobs'] } | null {
  const { outline, widthMm, turnDeg, hollow } = bed;
  const besideMm = hollow ? BESIDE_BLOCKS_MM : BESIDE_MM;
  if (outline.shape !== 'keyhole') return null;
  const [xMm, yMm] = onPlan(bed, 0, -widthMm / 2 + besideMm);
  return {
    // In at the front and towards the back.
    stand: { on: 'spot', at: { xMm, yMm, turnDeg: (turnDeg + 90) % 360 }, underfoot: SOIL },
    knobs: {
      inside: wholeStep(outline.notchLongMm + 2 * besideMm, market),
      long: Math.max(LEAST_LONG_MM, outline.notchDeepMm - 2 * besideMm),
    },
  };
}
