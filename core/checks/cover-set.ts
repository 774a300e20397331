import type { Crop } from '../crops/crop';
import type { Planted } from '../crops/planted';
import { plantsOf, type Design } from '../design/design';
import { firstToOpen } from '../growth/flowering';
import { netNeeds } from '../site/net-needs';
import type { Climate } from '../growth/growth';
import type { Site } from '../site/plot';
import { outgrownOn } from '../growth/outgrown';
import { monthDayOf } from '../site/sun/season';
import type { Verdict } from './check';
import { coverClear } from './cover-clear';
import { coverKeeps } from './cover-keeps';
import { coverOpens } from './cover-opens';

/** The crop that comes nearest to its cover, and how high that stands over it. mm. */
export interface Nearest {
  crop: Crop;
  highMm: number;
}

/** The plant over which least of a cover is left, `overMm` of it over the soil so far across; null where nothing grows. mm. */
export function nearestUnder(
  design: Pick<Design, 'stations'>,
  planted: readonly Planted[],
  overMm: (acrossMm: number) => number,
): Nearest | null {
  const [nearest] = plantsOf(design)
    .flatMap((one): Nearest[] => {
      const crop = planted.find(({ id }) => id === one.planting)?.crop;
      return crop ? [{ crop, highMm: overMm(one.at[1]) }] : [];
    })
    .toSorted((a, b) => a.highMm - a.crop.heightMm - (b.highMm - b.crop.heightMm));
  return nearest ?? null;
}

/** Under a cover of one height the tallest comes nearest; null where nothing grows. */
export function tallestUnder(crops: readonly Crop[], highMm: number): Nearest | null {
  const [crop] = crops.toSorted((a, b) => b.heightMm - a.heightMm);
  return crop ? { crop, highMm } : null;
}

/** What everything that covers plants is asked: does its mesh stop what flies at them, do they stay clear of it, has it to be opened for insects? */
export const coverChecks = (at: {
  crops: readonly Crop[];
  site: Climate & Pick<Site, 'visitors'>;
  openingMm: number;
  nearest: Nearest | null;
}): (Verdict | null)[] => [
  coverKeeps({ needs: netNeeds(at.crops, at.site.visitors), openingMm: at.openingMm }),
  at.nearest && clearOf(at.nearest, at.site),
  coverOpens(firstToOpen(at.crops, at.site, at.openingMm)),
];

/** Do the leaves of what comes nearest stay clear of what lies over them? */
export function clearOf({ crop, highMm }: Nearest, site: Climate): Verdict | null {
  const day = outgrownOn(crop, highMm, site) ?? 0;
  return coverClear({ crop: crop.name, growsMm: crop.heightMm, highMm, on: monthDayOf(day) });
}
