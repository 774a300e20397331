import { cropIn } from '../crops/book';
import type { Crop } from '../crops/crop';
import type { Bed } from '../site/bed';
import type { Plan, Planting } from './plan';

type Seasons = Pick<Plan, 'plantings' | 'crops'> & { garden: Pick<Plan['garden'], 'year'> };

/** The season in which something was cleared, or never. */
const clearedIn = ({ cleared }: Planting): number => (cleared === undefined ? Infinity : Number(cleared.slice(0, 4)));

/** Whether a planting grows in a season: in its own, and what lives for years in those after it until it is cleared. */
function growsIn(plan: Pick<Plan, 'crops'>, planting: Planting, year: number): boolean {
  if (planting.year === year) return true;
  return planting.year < year && cropIn(plan.crops, planting.crop).years !== undefined && clearedIn(planting) >= year;
}

const known = new WeakMap<readonly Planting[], { crops: Plan['crops']; year: number; now: readonly Planting[] }>();

/**
 * What grows in the season that is planned. What stood there before is kept in the plan too, so that it is known.
 * @example growingIn(plan).filter(({ bed }) => bed === 'long-bed')
 */
export function growingIn({ plantings, crops, garden: { year } }: Seasons): readonly Planting[] {
  const before = known.get(plantings);
  if (before?.crops === crops && before.year === year) return before.now;
  const all = plantings.every((one) => one.year === year);
  const now = all ? plantings : plantings.filter((one) => growsIn({ crops }, one, year));
  known.set(plantings, { crops, year, now });
  return now;
}

/** What stood in a bed in a season before the one that is planned. */
export interface Stood {
  /** How many years ago: 1 for the last. */
  yearsAgo: number;
  year: number;
  family: string;
  /** What it was by name, where it was planted in this plan. */
  crop: string | null;
}

/** For so many years it is asked what stood in a bed (common practice, no source). */
export const YEARS_TOLD = 3;

/** What stood in a bed in the last seasons, the last first: what was planted in it, and what somebody said of it. */
export function stoodIn(plan: Seasons, bed: Pick<Bed, 'id' | 'grew'>): Stood[] {
  const { year } = plan.garden;
  return Array.from({ length: YEARS_TOLD }, (_, i) => i + 1).flatMap((yearsAgo): Stood[] => {
    const then = year - yearsAgo;
    const planted = plan.plantings
      // What still grows does not follow itself.
      .filter((one) => one.bed === bed.id && growsIn(plan, one, then) && !growsIn(plan, one, year))
      .map(({ crop }) => cropIn(plan.crops, crop));
    const said = bed.grew.filter((one) => one.year === then && planted.every(({ family }) => family !== one.family));
    return [
      ...planted.map(({ family, name }) => ({ yearsAgo, year: then, family, crop: name })),
      ...said.map(({ family }) => ({ yearsAgo, year: then, family, crop: null })),
    ];
  });
}

const dated = new WeakMap<Crop, Map<string, Crop>>();

/**
 * A crop as it was really sown or planted: where a day is said it grows from that, by the warmth of the place; else it
 * is sown when its kind is. What lives for years goes by its buds.
 */
export function asPlanted(crop: Crop, { sown, planted }: Pick<Planting, 'sown' | 'planted'>): Crop {
  const day = (planted ?? sown)?.slice(5);
  if (day === undefined || crop.years) return crop;
  const known = dated.get(crop) ?? new Map<string, Crop>();
  dated.set(crop, known);
  const one = known.get(day) ?? { ...crop, startsOn: day === '02-29' ? '02-28' : day };
  known.set(day, one);
  return one;
}
