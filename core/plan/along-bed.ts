import { plantsOf, type Design } from '../design/design';
import type { Bed } from '../site/bed';
import { toFrame, toPlot, type Frame } from '../site/frame';
import type { Planting } from './plan';

/**
 * A stretch of a bed, from its near end. mm.
 * @example { fromMm: 0, toMm: 3657.6 } // the near half of a bed of 24′
 */
export interface AlongBed {
  fromMm: number;
  toMm: number;
}

/** The stretch that somebody says a planting takes; null where it is the whole bed, as far as anybody knows. */
export const alongAsSaid = ({ fromMm, toMm }: Pick<Planting, 'fromMm' | 'toMm'>): AlongBed | null =>
  fromMm === undefined || toMm === undefined ? null : { fromMm, toMm };

/** The stretch of a bed that the plants of a planting take as they stand in a design, each with half of its room on either side; null where none of them stands in it. */
export function alongAsBuilt(
  design: Pick<Design, 'stations'>,
  frame: Frame,
  bed: Pick<Bed, 'xMm' | 'yMm' | 'turnDeg' | 'lengthMm'>,
  planting: string,
): AlongBed | null {
  const own = { ...bed, baseMm: 0 };
  const reach = plantsOf(design)
    .filter((plant) => plant.planting === planting)
    .map(({ at, spacingMm }) => ({
      mm: toFrame(own, toPlot(frame, at[0], at[1]))[0] + bed.lengthMm / 2,
      half: spacingMm / 2,
    }));
  const within = (mm: number): number => Math.min(bed.lengthMm, Math.max(0, mm));
  const fromMm = within(Math.min(...reach.map(({ mm, half }) => mm - half)));
  const toMm = within(Math.max(...reach.map(({ mm, half }) => mm + half)));
  return reach.length > 0 && toMm > fromMm ? { fromMm, toMm } : null;
}

/** Whether two plantings take any of the same soil of a bed; what nobody knows the place of may lie anywhere. */
export const meetAlong = (one: AlongBed | null, other: AlongBed | null): boolean =>
  one === null || other === null || (one.fromMm < other.toMm - 1 && other.fromMm < one.toMm - 1);
