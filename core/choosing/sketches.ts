import { cropIn } from '../crops/book';
import type { Plan, Planting } from '../plan/plan';
import type { Bed } from '../site/bed';
import type { Placed } from '../site/plot';
import { SOIL } from '../site/underfoot';
import { KINDS } from '../structures/registry';
import { cornersOf, coversOver, ROUND_MM, roundOf, type Sketch } from './guard-sketches';

/** What a planting on a bed can be given to hold it. */
export const ROW_KINDS = KINDS.filter(
  (kind) => kind.purpose === 'support' && kind.stands.includes('bed') && !kind.isThere,
);

/** What a planting can be given: a support if it climbs or leans, else a cover over its bed or a fence round it. */
export const sketchesFor = (plan: Plan, bed: Bed, planting: Pick<Planting, 'id' | 'crop'>): Sketch[][] =>
  cropIn(plan.crops, planting.crop).habit === 'none'
    ? [...coversOver(KINDS, bed.id, [planting.id]), ...roundOf(KINDS, cornersOf(bed, ROUND_MM))]
    : ROW_KINDS.map((kind) => [
        { kind: kind.id, stand: { on: 'bed', bed: bed.id }, plantings: [planting.id], knobs: {} },
      ]);

/** What a planting can grow in without a bed; each is the bed of it, by its own id. */
export const plantersFor = (planting: Pick<Planting, 'id'>, at: Placed): Sketch[][] =>
  KINDS.filter((kind) => kind.purpose === 'planter').map((kind) => [
    { kind: kind.id, stand: { on: 'spot', at, underfoot: SOIL }, plantings: [planting.id], knobs: {} },
  ]);
