import { byUrgency, type Verdict } from '../checks/check';
import { shadesNorth } from '../checks/shades-north';
import { LEAST_ALTITUDE_RAD, shadowPerHeight } from '../site/sun/shadow';
import { runsOf, type PlanSpot } from '../site/plot';
import { toPlot } from '../site/stand';
import { COMMON_YEAR, growingMonths, samplesOfDay, type SunSample } from '../site/sun/samples';
import type { ComputedStructure } from './compute-as';
import type { Plan } from './plan';

const days = new WeakMap<Plan['site'], readonly SunSample[]>();
/** The sun of the middle day of the growing season, every ten minutes. */
function midSeason(site: Plan['site']): readonly SunSample[] {
  const before = days.get(site);
  if (before) return before;
  const months = growingMonths(site);
  const samples = samplesOfDay(COMMON_YEAR, months[Math.floor(months.length / 2)] ?? 7, 15, site).filter(
    ({ sun }) => sun.altitudeRad > LEAST_ALTITUDE_RAD,
  );
  days.set(site, samples);
  return samples;
}

/**
 * Hours a day that a wall between two spots, so high, stands between a spot and the sun. The soil is
 * taken as level: `spot` lies in the shadow of the wall's point `wall` at height h where
 * spot = wall + h × {@link shadowPerHeight}.
 */
export function hoursBehind(
  [a, b]: readonly [PlanSpot, PlanSpot],
  highMm: number,
  spot: PlanSpot,
  samples: readonly SunSample[],
  northDeg: number,
): number {
  const [ux, uy] = [b[0] - a[0], b[1] - a[1]];
  const [wx, wy] = [spot[0] - a[0], spot[1] - a[1]];
  return samples.reduce((sum, { sun, hours }) => {
    const [sx, sy] = shadowPerHeight(sun, northDeg);
    const across = ux * sy - uy * sx;
    if (across === 0) return sum;
    const along = (wx * sy - wy * sx) / across;
    const height = (ux * wy - uy * wx) / across;
    return along >= 0 && along <= 1 && height >= 0 && height <= highMm ? sum + hours : sum;
  }, 0);
}

const judged = new WeakMap<ComputedStructure, { beds: Plan['beds']; site: Plan['site']; said: Verdict | null }>();

/** A computed structure with what its row in full leaf takes from the light of other beds, where it runs east–west. */
export function withShadow<C extends ComputedStructure>(plan: Plan, computed: C): C {
  const { beds, site } = plan;
  const before = judged.get(computed);
  const said =
    before?.beds === beds && before.site === site ? before.said : shadesNorth({ worst: worstOf(plan, computed) });
  judged.set(computed, { beds, site, said });
  return said ? { ...computed, verdicts: byUrgency([...computed.verdicts, { ...said, mend: null }]) } : computed;
}

/** The bed that is left longest without sun by a row that runs east–west on another. */
function worstOf({ beds, site }: Plan, { sized, frame, setting, structure }: ComputedStructure) {
  const { place } = setting;
  const { stand } = structure;
  const [first, last] = [sized.design.stations[0], sized.design.stations.at(-1)];
  if (stand.on !== 'bed' || place.on !== 'bed' || !first || !last) return null;
  if (runsOf(place.bed, site.northDeg) !== 'east–west') return null;
  const wall = [toPlot(frame, first.at[0], first.at[1]), toPlot(frame, last.at[0], last.at[1])] as const;
  const highMm = sized.design.stations.reduce((most, { heldToMm }) => Math.max(most, heldToMm), 0);
  const samples = midSeason(site);
  const of = samples.reduce((sum, { hours }) => sum + hours, 0);
  let worst: { bed: string; hours: number; of: number } | null = null;
  for (const bed of beds) {
    if (bed.id === stand.bed) continue;
    const hours = hoursBehind(wall, highMm, [bed.xMm, bed.yMm], samples, site.northDeg);
    if (!worst || hours > worst.hours) worst = { bed: bed.name, hours, of };
  }
  return worst;
}
