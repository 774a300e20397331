import { onGround, type Ground } from '../site/ground';
import type { Mark } from './design';

/**
 * A chain of points along an axis of a view; what a tape reads at them, where that is another.
 * @example chain('elevation', 'z', 'heights', [0, 1830])
 */
export const chain = <const V extends string>(
  view: V,
  axis: Mark['axis'],
  label: string,
  atMm: readonly number[],
  tapedMm?: readonly number[],
): Mark<V> => ({ view, axis, label, atMm, ...(tapedMm ? { tapedMm } : {}) });

/** A chain seen from the front of what a tape reads along the soil. mm. */
export const soilChain = (ground: Ground, label: string, tapedMm: readonly number[]): Mark<'elevation'> =>
  chain(
    'elevation',
    'x',
    label,
    tapedMm.map((at) => onGround(ground, at)[0]),
    tapedMm,
  );

/** Heights in their order, each once. mm. */
export const ascending = (heightsMm: readonly number[]): number[] => [...new Set(heightsMm)].sort((a, b) => a - b);
