import type { Plan } from '../plan/plan';
import type { Bed } from '../site/bed';
import { cornersOf, distanceTo, runsOf, type Placed, type PlanSpot } from '../site/plot';
import { overlap } from '../geometry/polygon';
import { bedSuns, bedUnder, effectOf, movedWith, standingOf } from './study';
import type { OnPlot } from './on-plot';

/** A place for a bed and its support: the sun on it, and what it takes from the other beds, hours a day. */
export interface Position extends Placed {
  runs: 'north–south' | 'east–west';
  ownHours: number;
  takes: number;
  worst: { bed: string; hours: number } | null;
}

export interface Positions {
  now: Position;
  /** Better places than now, the best first; empty when it stands best where it is. */
  better: readonly Position[];
}

/** Walking room left round a bed: 18″ (common practice, no source). mm. */
const WALK_MM = 457;
/** An improvement smaller than this is not worth moving a bed for: half an hour of sun. */
const WORTH_MOVING_H = 0.5;
const APART_MM = 1800;

/**
 * Looks for better places for a bed with its support: every `stepMm` over the plot, as it lies and
 * turned by a quarter, clear of everything else. Worth is the sun on its own bed less what it takes
 * from the others. Coarse on purpose (a shadow edge moves an answer by a tenth of an hour).
 */
export function findPlaces(plan: Plan, structureId: string, month: number, stepMm = 1200): Positions | null {
  const bed = bedUnder(plan, structureId);
  if (!bed) return null;
  const standing = standingOf(plan);
  const now = weigh(plan, standing, structureId, bed, bed, month);
  const worth = (one: Position): number => one.ownHours - one.takes;
  const found: Position[] = [];
  for (const turnDeg of [bed.turnDeg, (bed.turnDeg + 90) % 180]) {
    for (let xMm = stepMm / 2; xMm < plan.site.widthMm; xMm += stepMm) {
      for (let yMm = stepMm / 2; yMm < plan.site.depthMm; yMm += stepMm) {
        if (isFree(plan, bed, { xMm, yMm, turnDeg }))
          found.push(weigh(plan, standing, structureId, bed, { xMm, yMm, turnDeg }, month));
      }
    }
  }
  const better: Position[] = [];
  for (const one of found.sort((a, b) => worth(b) - worth(a))) {
    if (worth(one) < worth(now) + WORTH_MOVING_H || better.length === 3) break;
    if (
      better.every(
        (other) => Math.hypot(other.xMm - one.xMm, other.yMm - one.yMm) > APART_MM || other.turnDeg !== one.turnDeg,
      )
    )
      better.push(one);
  }
  return { now, better };
}

function weigh(
  plan: Plan,
  standing: readonly OnPlot[],
  structureId: string,
  bed: Bed,
  at: Placed,
  month: number,
): Position {
  const moved: Bed = { ...bed, xMm: at.xMm, yMm: at.yMm, turnDeg: at.turnDeg };
  const stand = standing.map((one) => movedWith(one, moved));
  const beds = plan.beds.map((one) => (one.id === bed.id ? moved : one));
  return {
    xMm: at.xMm,
    yMm: at.yMm,
    turnDeg: at.turnDeg,
    runs: runsOf(at, plan.site.northDeg),
    ...effectOf(bedSuns(plan, stand, beds, month, 60, 900), structureId, bed.id),
  };
}

/** Whether a bed, or anything as large, could lie there: on the plot, with walking room to other beds and off everything else. */
export function isFree(plan: Plan, bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>, at: Placed): boolean {
  const own = cornersOf(at, bed.lengthMm, bed.widthMm);
  if (own.some(([x, y]) => x < 0 || y < 0 || x > plan.site.widthMm || y > plan.site.depthMm)) return false;
  const roomy = cornersOf(at, bed.lengthMm + 2 * WALK_MM, bed.widthMm + 2 * WALK_MM);
  if (plan.beds.some((other) => other.id !== bed.id && overlap(roomy, cornersOf(other, other.lengthMm, other.widthMm))))
    return false;
  return plan.features.every((feature) => {
    if (feature.kind === 'path') return !overlap(own, cornersOf(feature, feature.lengthMm, feature.widthMm));
    const along = Array.from({ length: 9 }, (_, i): PlanSpot => {
      const [a, b] = [own[0] as PlanSpot, own[1] as PlanSpot];
      return [
        a[0] + ((b[0] - a[0]) * i) / 8 + ((own[3] as PlanSpot)[0] - a[0]) / 2,
        a[1] + ((b[1] - a[1]) * i) / 8 + ((own[3] as PlanSpot)[1] - a[1]) / 2,
      ];
    });
    return (
      !overlap(own, cornersOf(feature, feature.lengthMm, feature.widthMm)) &&
      along.every((spot) => distanceTo(spot, feature) >= feature.keepClearMm)
    );
  });
}
