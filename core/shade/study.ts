import type { Design } from '../design/design';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import type { Bed } from '../site/bed';
import { onPlan, type PlanSpot } from '../site/plot';
import { dayOfYear, growingMonths, samplesOfDay } from '../site/sun/season';
import { shadersOf, type OwnedShader } from './shaders-of';
import { gridOver, LEAST_ALTITUDE_RAD, shadowOf, shadowPerHeight, sunHours, type Grid, type SunSample } from './shade';

/** Any common year: the sun of one is the sun of the next to a fraction of a degree. */
const YEAR = 2026;
const MIDDLE_DAY = 15;

export interface Standing {
  id: string;
  design: Design;
  bed: Bed;
}

export const standingOf = (plan: Plan): Standing[] =>
  computeGarden(plan).structures.map((one) => ({
    id: one.structure.id,
    design: one.sized.design,
    bed: one.setting.bed,
  }));

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
  standing: readonly Standing[],
  grid: Grid,
  month: number,
  day = MIDDLE_DAY,
  stepMinutes = 10,
): Float32Array {
  const date = dayOfYear(`${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`);
  return sunHours(
    grid,
    shadersOf(plan, standing, date).map((one) => one.shader),
    samplesOfDay(YEAR, month, day, plan.site, stepMinutes),
    plan.site.northDeg,
  );
}

/** The whole plot over the growing months, on a grid of `cellMm`. Calls `progress` with the share done. */
export function studySun(plan: Plan, cellMm = 250, progress: (share: number) => void = () => undefined): SunStudy {
  const standing = standingOf(plan);
  const grid = gridOver(plan.site.widthMm, plan.site.depthMm, cellMm);
  const wanted = growingMonths(plan.site);
  const season = new Float32Array(grid.columns * grid.rows);
  const beds: BedSun[] = [];
  const months = wanted.map((month, i) => {
    const hours = sunMap(plan, standing, grid, month);
    hours.forEach((value, cell) => {
      season[cell] = (season[cell] as number) + value / wanted.length;
    });
    beds.push(...plan.beds.map((bed) => bedSun(plan, standing, bed, month)));
    progress((i + 1) / wanted.length);
    return { month, hours };
  });
  return { grid, months, season, beds };
}

/** Places inside a bed, about a cell apart, that stand for its plants. */
function spotsIn(bed: Bed, apartMm: number): PlanSpot[] {
  const along = Math.max(2, Math.round(bed.lengthMm / apartMm));
  const across = Math.max(2, Math.round(bed.widthMm / apartMm));
  return Array.from({ length: along * across }, (_, i) =>
    onPlan(
      bed,
      (((i % along) + 0.5) / along - 0.5) * bed.lengthMm,
      ((Math.floor(i / along) + 0.5) / across - 0.5) * bed.widthMm,
    ),
  );
}

function inside([x, y]: PlanSpot, outline: readonly PlanSpot[]): boolean {
  let within = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [ax, ay] = outline[i] as PlanSpot;
    const [bx, by] = outline[j] as PlanSpot;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) within = !within;
  }
  return within;
}

/** A bed's mean hours of direct sun on the middle day of a month, and how many of them each support takes. A support does not count against its own bed. */
export function bedSun(
  plan: Plan,
  standing: readonly Standing[],
  bed: Bed,
  month: number,
  stepMinutes = 20,
  apartMm = 400,
): BedSun {
  const date = dayOfYear(`${String(month).padStart(2, '0')}-${MIDDLE_DAY}`);
  const shaders = shadersOf(
    plan,
    standing.filter((one) => one.bed.id !== bed.id),
    date,
  );
  return {
    bed: bed.id,
    month,
    ...hoursAt(
      spotsIn(bed, apartMm),
      shaders,
      samplesOfDay(YEAR, month, MIDDLE_DAY, plan.site, stepMinutes),
      plan.site.northDeg,
      new Set(standing.map((one) => one.id)),
    ),
  };
}

function hoursAt(
  spots: readonly PlanSpot[],
  shaders: readonly OwnedShader[],
  samples: readonly SunSample[],
  northDeg: number,
  counted: ReadonlySet<string>,
): { hours: number; takenBy: Record<string, number> } {
  let hours = 0;
  const takenBy: Record<string, number> = {};
  for (const { sun, hours: share } of samples) {
    if (sun.altitudeRad < LEAST_ALTITUDE_RAD) continue;
    const perHeight = shadowPerHeight(sun, northDeg);
    const shadows = shaders.map(({ owner, shader }) => ({
      owner,
      opacity: shader.opacity,
      outline: shadowOf(shader, perHeight),
    }));
    for (const spot of spots) {
      const on = shadows.filter((shadow) => inside(spot, shadow.outline));
      const light = on.reduce((left, shadow) => left * (1 - shadow.opacity), 1);
      hours += (share * light) / spots.length;
      for (const owner of new Set(on.map((shadow) => shadow.owner))) {
        if (!counted.has(owner)) continue;
        const without = on.reduce((left, shadow) => (shadow.owner === owner ? left : left * (1 - shadow.opacity)), 1);
        takenBy[owner] = (takenBy[owner] ?? 0) + (share * (without - light)) / spots.length;
      }
    }
  }
  return { hours, takenBy };
}

/** How a support would do, lying one way or the other: the sun on its own bed, and what it takes from the others, in hours a day. */
export interface Lying {
  turnDeg: number;
  ownHours: number;
  takes: number;
  worst: { bed: string; hours: number } | null;
}

/** One support's bed as it lies, and turned by a quarter about its middle, in one month. */
export function compareDirections(
  plan: Plan,
  structureId: string,
  month: number,
): { asItLies: Lying; turned: Lying } | null {
  const bedId = plan.structures.find((one) => one.id === structureId)?.bed;
  const bed = plan.beds.find((one) => one.id === bedId);
  if (!bed) return null;
  const lying = (turnDeg: number): Lying => {
    const turned: Plan = { ...plan, beds: plan.beds.map((one) => (one.id === bed.id ? { ...one, turnDeg } : one)) };
    const standing = standingOf(turned);
    const others = turned.beds
      .filter((one) => one.id !== bed.id)
      .map((one) => ({ bed: one.id, hours: bedSun(turned, standing, one, month).takenBy[structureId] ?? 0 }));
    const worst = others.reduce<Lying['worst']>((most, one) => (one.hours > (most?.hours ?? 0.05) ? one : most), null);
    const own = turned.beds.find((one) => one.id === bed.id) as Bed;
    return {
      turnDeg,
      ownHours: bedSun(turned, standing, own, month).hours,
      takes: others.reduce((sum, one) => sum + one.hours, 0),
      worst,
    };
  };
  return { asItLies: lying(bed.turnDeg), turned: lying((bed.turnDeg + 90) % 180) };
}
