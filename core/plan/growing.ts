import { cropIn } from '../crops/book';
import type { Crop } from '../crops/crop';
import type { Bed } from '../site/bed';
import { lastSeason } from '../site/seasons';
import { alongAsSaid, type AlongBed } from './along-bed';
import type { Plan, Planting } from './plan';

type Book = Pick<Plan, 'crops'> & { site: Pick<Plan['site'], 'latitudeDeg'> };
type Seasons = Book & Pick<Plan, 'plantings'> & { garden: Pick<Plan['garden'], 'year'> };

/** Whether a planting grows in a season: in its own, and what lives for years in those after it until it is cleared. */
function growsIn({ crops, site }: Book, { crop, year: planted, cleared }: Planting, year: number): boolean {
  if (planted === year) return true;
  const last = cleared === undefined ? Infinity : lastSeason(cleared, site.latitudeDeg);
  return planted < year && cropIn(crops, crop).years !== undefined && last >= year;
}

const known = new WeakMap<readonly Planting[], { given: readonly unknown[]; now: readonly Planting[] }>();

/**
 * What grows in the season that is planned. What stood there before is kept in the plan too, so that it is known.
 * @example growingIn(plan).filter(({ bed }) => bed === 'long-bed')
 */
export function growingIn(plan: Seasons): readonly Planting[] {
  const { plantings, crops, garden, site } = plan;
  const given = [crops, garden.year, site.latitudeDeg];
  const before = known.get(plantings);
  if (before?.given.every((one, i) => one === given[i])) return before.now;
  const all = plantings.every((one) => one.year === garden.year);
  const now = all ? plantings : plantings.filter((one) => growsIn(plan, one, garden.year));
  known.set(plantings, { given, now });
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
  /** The stretch of the bed that it took; null where that is not known. */
  along: AlongBed | null;
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
      .map((one) => ({ ...one, crop: cropIn(plan.crops, one.crop) }));
    const said = bed.grew.filter((one) => one.year === then && planted.every(({ crop }) => crop.family !== one.family));
    return [
      ...planted.map(({ crop: { family, name }, ...one }) => ({
        yearsAgo,
        year: then,
        family,
        crop: name,
        along: alongAsSaid(one),
      })),
      ...said.map(({ family }) => ({ yearsAgo, year: then, family, crop: null, along: null })),
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

/** The crop of a planting of the plan, as it was really sown or planted. */
export const cropOf = (plan: Pick<Plan, 'crops'>, planting: Planting): Crop =>
  asPlanted(cropIn(plan.crops, planting.crop), planting);

/** The same of a plant that stands in a design, which names its planting; of one that is only sketched its crop. */
export function cropStanding(plan: Pick<Plan, 'crops' | 'plantings'>, plant: { planting: string; crop: string }): Crop {
  const planting = plan.plantings.find(({ id }) => id === plant.planting);
  return planting ? cropOf(plan, planting) : cropIn(plan.crops, plant.crop);
}
