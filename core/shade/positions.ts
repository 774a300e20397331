import type { Plan } from '../plan/plan';
import type { Bed } from '../site/bed';
import { freeGround } from '../site/free';
import { runsOf, type Placed } from '../site/plot';
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

/** An improvement smaller than this is not worth moving a bed for: half an hour of sun; places nearer to each other are one (from memory, both). */
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
  const free = freeGround(plan);
  const found: Position[] = [];
  for (const turnDeg of [bed.turnDeg, (bed.turnDeg + 90) % 180]) {
    for (let xMm = stepMm / 2; xMm < plan.site.widthMm; xMm += stepMm) {
      for (let yMm = stepMm / 2; yMm < plan.site.depthMm; yMm += stepMm) {
        if (free(bed, { xMm, yMm, turnDeg }))
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
