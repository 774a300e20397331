import { WORTH_SAYING_H } from '../checks/shades-north';
import type { Crop, Training } from '../crops/crop';
import { cropIn } from '../crops/book';
import { trainingOf } from '../crops/table';
import { alongAsSaid } from '../plan/along-bed';
import { growingIn, stoodIn } from '../plan/growing';
import type { Plan, Planting } from '../plan/plan';
import type { Bed } from '../site/bed';
import { onPlan, runsOf } from '../site/plot';
import { hoursBehind, midSeason } from '../site/sun/row-shadow';
import { midMonth } from '../site/sun/samples';
import { bedSuns, standingOf, type BedSun } from '../shade/study';
import { stationsAlong } from '../structures/rules/stations';
import { fact, type Fact } from '../wording/say';

/** A bed for a crop: how many plants have room, how much sun they get, and what speaks for and against. */
export interface BedChoice {
  bed: Bed;
  /** Places in what is free of the bed, by the two schools of spacing. */
  places: { ends: number; inset: number };
  sunHours: number;
  /** Room for all of them, and the sun they want. */
  suits: boolean;
  pro: readonly Fact[];
  con: readonly Fact[];
  burden: number;
}

/** Direct sun a crop wants: 6 h for fruit, 3–4 h for leaf and root (common practice, no source). Hours a day. */
export const SUN_WANTED: Record<Crop['sun'], number> = { full: 6, part: 3 };
/** A support this high shades what lies beside it (from memory). mm. */
const TALL_MM = 1500;

/** Plants abreast that a bed takes: one row where they climb, more where they do not. */
function rowsAcross(crop: Crop, training: Training, bed: Bed): number {
  return crop.habit === 'none' ? Math.max(1, Math.floor(bed.widthMm / training.spacingMm)) : 1;
}

/** How much of a bed's length is not spoken for. mm. */
function freeLength(plan: Plan, bed: Bed): number {
  const taken = growingIn(plan)
    .filter((planting) => planting.bed === bed.id)
    .reduce((sum, planting) => {
      const crop = cropIn(plan.crops, planting.crop);
      const training = trainingOf(crop, planting.training);
      const along = alongAsSaid(planting);
      if (along) return sum + Math.min(along.toMm, bed.lengthMm) - Math.min(along.fromMm, bed.lengthMm);
      return sum + (planting.count * training.spacingMm) / rowsAcross(crop, training, bed);
    }, 0);
  return Math.max(0, bed.lengthMm - taken);
}

/** The beds ranked for a planting, as a plan says one; it does not stand in its own way. */
export function bedsFor(plan: Plan, planting: Pick<Planting, 'id' | 'crop' | 'training' | 'count'>): BedChoice[] {
  const crop = cropIn(plan.crops, planting.crop);
  const grows = plan.plantings.some((one) => one.id === planting.id);
  const others = grows ? { ...plan, plantings: plan.plantings.filter((one) => one.id !== planting.id) } : plan;
  return rankBeds(others, crop, trainingOf(crop, planting.training), planting.count);
}

/** The hours of sun of every bed of a plan in the middle of its season, coarsely. */
export function midSuns(plan: Plan): readonly BedSun[] {
  const known = sunsKnown.get(plan) ?? bedSuns(plan, standingOf(plan), plan.beds, midMonth(plan.site), 30, 600);
  sunsKnown.set(plan, known);
  return known;
}
/** The same for every crop that is asked about. */
const sunsKnown = new WeakMap<Plan, readonly BedSun[]>();

/** Ranks the beds for a number of plants of one crop, the best first and of those that suit before those that do not, with reasons. `suns` of the same garden, otherwise planted, may be handed in. */
export function rankBeds(
  plan: Plan,
  crop: Crop,
  training: Training,
  count: number,
  suns: readonly BedSun[] = midSuns(plan),
): BedChoice[] {
  const day = midSeason(plan.site);
  return plan.beds
    .map((bed, i): BedChoice => {
      const free = freeLength(plan, bed);
      const rows = rowsAcross(crop, training, bed);
      const places = {
        ends: free >= training.spacingMm ? stationsAlong(free, training.spacingMm, 'ends').length * rows : 0,
        inset: free >= training.spacingMm ? stationsAlong(free, training.spacingMm, 'inset').length * rows : 0,
      };
      const hours = suns[i]?.hours ?? 0;
      const wants = SUN_WANTED[crop.sun];
      const stood = stoodIn(plan, bed);
      const again = stood.find(({ family }) => family === crop.family);
      // As a wall of leaf from end to end of the bed; the shadow of one that runs north–south crosses quickly.
      const shades = crop.supportToMm >= TALL_MM && runsOf(bed, plan.site.northDeg) === 'east–west';
      const wall = [onPlan(bed, -bed.lengthMm / 2, 0), onPlan(bed, bed.lengthMm / 2, 0)] as const;
      const shaded = plan.beds.filter(
        (other) =>
          shades &&
          other.id !== bed.id &&
          hoursBehind(wall, crop.supportToMm, [other.xMm, other.yMm], day, plan.site.northDeg) >= WORTH_SAYING_H,
      );
      const pro: Fact[] = [];
      const con: Fact[] = [];
      if (places.inset >= count) pro.push(fact('bed.room', { inset: places.inset, ends: places.ends }));
      else
        con.push(places.inset > 0 ? fact('bed.some-room', { inset: places.inset, wanted: count }) : fact('bed.full'));
      (hours >= wants ? pro : con).push(
        fact(hours >= wants ? 'bed.sun' : 'bed.shade', { hours: Math.round(hours * 10) / 10, wants }),
      );
      if (again) con.push(fact('bed.family-again', { family: crop.family, years: again.yearsAgo }));
      else if (stood.length > 0) pro.push(fact('bed.family-rests', { family: crop.family }));
      if (shaded.length > 0) con.push(fact('bed.shades', { beds: shaded.length }));
      else if (shades) pro.push(fact('bed.north'));
      const missing = Math.max(0, count - places.inset) / count;
      const burden =
        missing * 40 +
        Math.max(0, wants - hours) * 12 +
        (again ? 23 - 5 * again.yearsAgo : 0) +
        shaded.length * 1.5 -
        Math.min(hours, 10) * 0.3;
      const suits = places.inset >= count && hours >= wants;
      return { bed, places, sunHours: hours, suits, pro, con, burden };
    })
    .sort((a, b) => Number(b.suits) - Number(a.suits) || a.burden - b.burden);
}
