import type { Crop } from '../crops/crop';
import type { Site } from './plot';
import { dayAtHeight } from './sun/season';

/**
 * The day on which a crop reaches what lies over it, so high over the soil, and it is lifted off or eaten through:
 * days from 1 January, null where it never grows so high. What a bench, a calendar and the list of who is kept out say
 * of a cover is this one day.
 */
export const outgrownOn = (
  crop: Pick<Crop, 'heightMm' | 'sow' | 'daysToCrop'>,
  overMm: number,
  site: Pick<Site, 'lastFrost'>,
): number | null => (crop.heightMm > overMm ? dayAtHeight(crop, Math.max(0, overMm), site) : null);
