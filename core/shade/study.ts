import { frameOf, asStand, footholdOf, type Place } from '../site/stands/stands';
import { type Bed, bedOutline } from '../site/bed';
import { inside } from '../geometry/polygon';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { onPlan, type PlanSpot } from '../site/plot';
import { growingMonths, samplesOfDay } from '../site/sun/samples';
import { COMMON_YEAR, dayOfYear } from '../site/sun/season';
import { LEAST_ALTITUDE_RAD, shadowPerHeight } from '../site/sun/shadow';
import { asFarAsBuilt, type Stands } from './as-far-as-built';
import { bedsAsBuilt, onPlotOf, type OnPlot } from './on-plot';
import { shadersOf } from './shaders-of';
import { boundsOf, couldFallOn, gridOver, shadowOf, sunHours, takenBy, type Bounds, type Grid } from './shade';

const MIDDLE_DAY = 15;

/** A structure where it comes to stand when its bed is moved; the bed stays as its sides make it. */
export function movedWith(one: OnPlot, { id, xMm, yMm, turnDeg }: Bed): OnPlot {
  const { own } = footholdOf(one.place);
  if (own?.id !== id) return one;
  const place: Place = { on: 'bed', bed: { ...own, xMm, yMm, turnDeg } };
  return { ...one, place, frame: frameOf(place, one.design.startMm) };
}

/** What throws shadows on a plot: all that is planned, or what stands of it. */
export const standingOf = (plan: Plan, stands?: Stands): OnPlot[] => {
  const garden = computeGarden(plan);
  return (stands ? asFarAsBuilt(garden, stands) : garden).structures.map(onPlotOf);
};

/** Direct-sun hours a day of one bed in one month, and what each support takes from it. */
export interface BedSun {
  bed: string;
  month: number;
  hours: number;
  takenBy: Readonly<Record<string, number>>;
}

export interface SunStudy {
  grid: Grid;
  /** Hours a day of every cell, month by month, and their mean over the growing season. */
  months: readonly { month: number; hours: Float32Array }[];
  season: Float32Array;
  beds: readonly BedSun[];
}

/** Hours of one day of every cell of the plot. */
export function sunMap(
  plan: Plan,
  standing: readonly OnPlot[],
  grid: Grid,
  month: number,
  day = MIDDLE_DAY,
  stepMinutes = 20,
): Float32Array {
  const date = dayOfYear(`${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`);
  return sunHours(
    grid,
    // Soil that is lifted out of the shadow of its own sides is looked at bed by bed.
    shadersOf(plan, standing, date).flatMap((one) =>
      plan.beds.some((bed) => bed.id === one.owner) ? [] : [one.shader],
    ),
    samplesOfDay(COMMON_YEAR, month, day, plan.site, stepMinutes),
    plan.site.northDeg,
  );
}

/** The whole plot over the growing months, on a grid of `cellMm`. Calls `progress` with the share done. */
export function studySun(
  plan: Plan,
  cellMm = 250,
  progress: (share: number) => void = () => undefined,
  standing: readonly OnPlot[] = standingOf(plan),
): SunStudy {
  const grid = gridOver(plan.site.widthMm, plan.site.depthMm, cellMm);
  const wanted = growingMonths(plan.site);
  const season = new Float32Array(grid.columns * grid.rows);
  const beds: BedSun[] = [];
  const months = wanted.map((month, i) => {
    const hours = sunMap(plan, standing, grid, month);
    hours.forEach((value, cell) => {
      season[cell] = (season[cell] as number) + value / wanted.length;
    });
    beds.push(...bedSuns(plan, standing, plan.beds, month));
    progress((i + 1) / wanted.length);
    return { month, hours };
  });
  return { grid, months, season, beds };
}

/** Places inside a bed, about a cell apart, that stand for its plants. */
function spotsIn(bed: Bed, apartMm: number): PlanSpot[] {
  const along = Math.max(2, Math.round(bed.lengthMm / apartMm));
  const across = Math.max(2, Math.round(bed.widthMm / apartMm));
  const outline = bedOutline(bed);
  const spots = Array.from({ length: along * across }, (_, i): PlanSpot => [
    (((i % along) + 0.5) / along - 0.5) * bed.lengthMm,
    ((Math.floor(i / along) + 0.5) / across - 0.5) * bed.widthMm,
  ]).filter((spot) => inside(spot, outline));
  return (spots.length > 0 ? spots : [[0, 0] as const]).map(([x, y]) => onPlan(bed, x, y));
}

/**
 * Mean hours of direct sun of beds on the middle day of a month, and how many of them each support takes.
 * A support does not count against its own bed; a cover does, but not what grows under it. Beds of one height share their shadows.
 */
export function bedSuns(
  plan: Plan,
  standing: readonly OnPlot[],
  beds: readonly Bed[],
  month: number,
  stepMinutes = 20,
  apartMm = 400,
): BedSun[] {
  const date = dayOfYear(`${String(month).padStart(2, '0')}-${MIDDLE_DAY}`);
  const ownBeds = new Map(standing.map((one) => [one.id, one.purpose === 'cover' ? [] : one.beds]));
  const growsIn = new Map(standing.map((one) => [one.id, one.beds]));
  const shaders = shadersOf(plan, standing, date);
  const lit = bedsAsBuilt(beds, standing).map((bed): LitBed => {
    const spots = spotsIn(bed, apartMm);
    const against = shaders.map(
      ({ owner, leaves }) => owner !== bed.id && !(leaves ? growsIn : ownBeds).get(owner)?.includes(bed.id),
    );
    return { bed, spots, bounds: boundsOf(spots), against, hours: 0, takenBy: {} };
  });
  for (const { sun, hours } of samplesOfDay(COMMON_YEAR, month, MIDDLE_DAY, plan.site, stepMinutes)) {
    if (sun.altitudeRad < LEAST_ALTITUDE_RAD) continue;
    const perHeight = shadowPerHeight(sun, plan.site.northDeg);
    const known = new Map<number, PlanSpot[][]>();
    const taken: number[] = [];
    for (const one of lit) {
      const { heightMm } = one.bed;
      const outlines = known.get(heightMm) ?? [];
      known.set(heightMm, outlines);
      const shadows: Shadow[] = [];
      shaders.forEach(({ owner, shader }, i) => {
        if (!one.against[i] || !couldFallOn(one.bounds, shader, perHeight, heightMm)) return;
        const outline = (outlines[i] ??= shadowOf(shader, perHeight, heightMm));
        if (outline.length > 2)
          shadows.push({
            owner: ownBeds.has(owner) ? owner : null,
            opacity: (taken[i] ??= takenBy(shader, perHeight)),
            outline,
          });
      });
      for (const spot of one.spots) shine(one, spot, shadows, hours / one.spots.length);
    }
  }
  return lit.map(({ bed, hours, takenBy }) => ({ bed: bed.id, month, hours, takenBy }));
}

/** A bed while the sun of its day is being added up: which of the shaders count against it, and what has come to it so far. */
interface LitBed {
  bed: Bed;
  spots: readonly PlanSpot[];
  bounds: Bounds;
  against: readonly boolean[];
  hours: number;
  takenBy: Record<string, number>;
}
/** `owner` is a structure's id, or null for what is not one and is not reckoned up. */
interface Shadow {
  owner: string | null;
  opacity: number;
  outline: readonly PlanSpot[];
}

/** Adds what comes to one spot of a bed in so many hours, and what each structure keeps from it. */
function shine(bed: LitBed, spot: PlanSpot, shadows: readonly Shadow[], hours: number): void {
  const on = shadows.filter((shadow) => inside(spot, shadow.outline));
  const light = on.reduce((left, shadow) => left * (1 - shadow.opacity), 1);
  bed.hours += hours * light;
  for (const owner of new Set(on.map((shadow) => shadow.owner))) {
    if (owner === null) continue;
    const without = on.reduce((left, shadow) => (shadow.owner === owner ? left : left * (1 - shadow.opacity)), 1);
    bed.takenBy[owner] = (bed.takenBy[owner] ?? 0) + hours * (without - light);
  }
}

/** How a support would do, lying one way or the other: the sun on its own bed, and what it takes from the others, in hours a day. */
export interface Lying {
  turnDeg: number;
  ownHours: number;
  takes: number;
  worst: { bed: string; hours: number } | null;
}

/** What the suns of all beds say of one support: the hours on its own bed, and what it takes from the others. */
export function effectOf(suns: readonly BedSun[], structureId: string, ownBed: string): Omit<Lying, 'turnDeg'> {
  const others = suns
    .filter((one) => one.bed !== ownBed)
    .map((one) => ({ bed: one.bed, hours: one.takenBy[structureId] ?? 0 }));
  return {
    ownHours: suns.find((one) => one.bed === ownBed)?.hours ?? 0,
    takes: others.reduce((sum, one) => sum + one.hours, 0),
    worst: others.reduce<Lying['worst']>((most, one) => (one.hours > (most?.hours ?? 0.05) ? one : most), null),
  };
}

/** The bed a structure stands on, to be moved with it; undefined for what stands elsewhere. */
export function bedUnder(plan: Plan, structureId: string): Bed | undefined {
  const stand = asStand(plan.structures.find((one) => one.id === structureId)?.stand, 'bed');
  return stand ? plan.beds.find((one) => one.id === stand.bed) : undefined;
}

/** How a support does with its bed as it lies, and turned by a quarter about its middle. */
export interface Directions {
  asItLies: Lying;
  turned: Lying;
}
/** Both for one support, in one month; null for what stands on no bed. */
export function compareDirections(plan: Plan, structureId: string, month: number): Directions | null {
  const bed = bedUnder(plan, structureId);
  if (!bed) return null;
  const lying = (turnDeg: number): Lying => {
    const turned: Plan = { ...plan, beds: plan.beds.map((one) => (one.id === bed.id ? { ...one, turnDeg } : one)) };
    const standing = standingOf(turned);
    return { turnDeg, ...effectOf(bedSuns(turned, standing, turned.beds, month), structureId, bed.id) };
  };
  return { asItLies: lying(bed.turnDeg), turned: lying((bed.turnDeg + 90) % 180) };
}
