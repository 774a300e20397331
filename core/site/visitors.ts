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
