import { inches } from '../quantity/length';
import type { Visitor } from './plot';

/** What a fence must be to keep an animal out. mm. */
export interface FenceNeed {
  heightMm: number;
  /** Widest opening it does not pass. */
  openingMm: number;
  /** How deep the mesh goes into the soil, or how far an apron lies outward; nought for those that do not dig. */
  buryMm: number;
  apronMm: number;
}

/**
 * Rabbits: 1″ mesh, 2–3′ high, 6″ buried or a 12″ outward apron. Groundhogs: 3–4′, apron. Deer: 7–8′.
 * Dogs: stiff, 4′ and more (common practice, no source). Openings for groundhogs, deer and dogs from
 * memory. What climbs, flies or tunnels is not kept out by a fence.
 */
export const FENCE_NEEDS: Readonly<Partial<Record<Visitor, FenceNeed>>> = {
  rabbits: { heightMm: inches(24), openingMm: inches(1), buryMm: inches(6), apronMm: inches(12) },
  groundhogs: { heightMm: inches(36), openingMm: inches(2), buryMm: inches(12), apronMm: inches(12) },
  deer: { heightMm: inches(84), openingMm: inches(4), buryMm: 0, apronMm: 0 },
  dogs: { heightMm: inches(48), openingMm: inches(4), buryMm: 0, apronMm: 0 },
};

/** What is usually built: above the least by a hand where that is practice. mm. */
export const USUAL_HEIGHT: Readonly<Partial<Record<Visitor, number>>> = {
  rabbits: inches(30),
  groundhogs: inches(42),
  deer: inches(90),
  dogs: inches(48),
};

/**
 * The widest mesh that stops what flies, by the names under which the plot and the crop table know it. Birds ¾″;
 * cabbage butterflies ¼″ (7 mm); flea beetles and carrot fly 1/32–1/20″ (0.8–1.3 mm) (common practice, no
 * source); striped beetles as flea beetles (from memory). mm.
 */
export const NET_NEEDS: Readonly<Record<string, number>> = {
  birds: 19,
  'cabbage butterflies': 7,
  'flea beetles': 1.3,
  'carrot fly': 1.3,
  'striped beetles': 1.3,
};

/** Who climbs over any fence: roofed (common practice, no source), by stiff mesh of 1″ and 2″ (from memory). mm. */
export const CLIMBERS_MM: Readonly<Partial<Record<string, number>>> = { squirrels: inches(1), raccoons: inches(2) };
/** Burrowers: ½″ mesh under the bed (common practice, no source). mm. */
export const BURROWER_MM = inches(0.5);

/** How a structure stands against the animals that visit. Openings up to `lowToMm`, and above it. mm. */
export interface Barrier {
  heightMm: number;
  openingLowMm: number;
  openingMm: number;
  lowToMm: number;
  buriedMm: number;
  apronMm: number;
  /** Widest gap that is left under it. */
  underMm: number;
}

/** What stands about plants, or over them, or under them. */
export interface Guard {
  barrier: Barrier;
  /** How high it is of wire or boards, which nothing gnaws or pushes through; nets only stop what flies. mm. */
  stiffMm: number;
  /** Widest opening for what flies, where a net lies over all of it; else the barrier’s own. mm. */
  nettedMm?: number;
  roofed: boolean;
  /** Fine mesh under the bed. */
  floored: boolean;
}

/** Of what is closed all round by one mesh, standing on the soil. mm. */
export const closedBy = (openingMm: number, heightMm: number): Barrier => ({
  heightMm,
  openingLowMm: openingMm,
  openingMm,
  lowToMm: heightMm,
  buriedMm: 0,
  apronMm: 0,
  underMm: 0,
});

/** How somebody gets past a guard: through it, over it, under it, or because it is no hindrance at all. */
export type Way = 'open' | 'low' | 'dig' | 'under' | 'soft' | 'roof' | 'floor';

/** A finger’s width less is forgiven in height, and the thickness of a wire in an opening. mm. */
export const FORGIVEN_MM = 15;
const WIRE_MM = 3;

/** How one that walks, digs or climbs a little gets past a barrier; null where it does not. */
export function pastBarrier(need: FenceNeed, barrier: Barrier): Exclude<Way, 'soft' | 'roof' | 'floor'> | null {
  const open =
    need.heightMm <= barrier.lowToMm + FORGIVEN_MM
      ? barrier.openingLowMm
      : Math.max(barrier.openingLowMm, barrier.openingMm);
  if (open > need.openingMm + WIRE_MM) return 'open';
  if (barrier.heightMm + FORGIVEN_MM < need.heightMm) return 'low';
  const digs = need.buryMm > 0;
  if (digs && barrier.buriedMm + FORGIVEN_MM < need.buryMm && barrier.apronMm + FORGIVEN_MM < need.apronMm)
    return 'dig';
  return barrier.underMm - barrier.buriedMm > need.openingMm + FORGIVEN_MM ? 'under' : null;
}

/** How a visitor or a pest gets past a guard; null where it is kept out. Somebody no mesh is known for is never kept out. */
export function getsPast(who: string, guard: Guard): Way | null {
  const fence = FENCE_NEEDS[who as Visitor];
  if (fence) {
    if (guard.stiffMm + FORGIVEN_MM < fence.heightMm) return 'soft';
    return pastBarrier(fence, guard.roofed ? { ...guard.barrier, heightMm: Infinity } : guard.barrier);
  }
  if (who === 'burrowers') return guard.floored ? null : 'floor';
  const climbs = CLIMBERS_MM[who];
  const finestMm = climbs ?? NET_NEEDS[who] ?? 0;
  if (!guard.roofed) return 'roof';
  if (climbs !== undefined && guard.stiffMm < Infinity) return 'soft';
  const widestMm = guard.nettedMm ?? Math.max(guard.barrier.openingMm, guard.barrier.openingLowMm);
  return widestMm > finestMm ? 'open' : null;
}
