import { feet, inches } from '../quantity/length';
import type { Soil } from '../site/soil';

/**
 * How long work takes, by the unit it is counted in: minutes of one person, or of two where it takes two. From memory,
 * of ordinary gardeners and not of contractors; a gardener's own pace is learned from what days really took.
 */
export const RATES = {
  /** A hole of {@link HOLE_MM} with a digger, by soil. */
  hole: { minutes: 20, per: 'each' },
  driven: { minutes: 4, per: 'each' },
  pushed: { minutes: 2, per: 'each' },
  'set and tamped': { minutes: 20, per: 'each' },
  'set in concrete': { minutes: 15, per: 'each' },
  'set on a base': { minutes: 10, per: 'each' },
  /** A bag of 50 lb of dry concrete, mixed and poured. */
  bag: { minutes: 8, per: 'each' },
  cut: { minutes: 2.5, per: 'each' },
  'shaped cut': { minutes: 10, per: 'each' },
  member: { minutes: 3, per: 'each' },
  brace: { minutes: 12, per: 'each' },
  unit: { minutes: 6, per: 'each' },
  panel: { minutes: 10, per: 'each' },
  screw: { minutes: 1 / 3, per: 'each' },
  'screw, drilled for': { minutes: 2 / 3, per: 'each' },
  nail: { minutes: 1 / 4, per: 'each' },
  staple: { minutes: 8 / 60, per: 'each' },
  clip: { minutes: 1 / 2, per: 'each' },
  tie: { minutes: 3 / 4, per: 'each' },
  hinge: { minutes: 15, per: 'each' },
  fitting: { minutes: 1, per: 'each' },
  /** Mesh stretched and fixed: 10′ in 12 minutes. */
  mesh: { minutes: 12 / 3.048, per: 'm' },
  /** A net over a tunnel of 12′: 20 minutes. */
  net: { minutes: 20 / 3.658, per: 'm' },
  /** Wire run and strained: 15 minutes each 50′. */
  wire: { minutes: 15 / 15.24, per: 'm' },
  string: { minutes: 2, per: 'each' },
  /** A barrow of 2 ft³ over 50′, filled and tipped. */
  barrow: { minutes: 5, per: 'each' },
  clearing: { minutes: 4, per: 'm²' },
  trench: { minutes: 8, per: 'm' },
  'setting out': { minutes: 10, per: 'each' },
  mark: { minutes: 1, per: 'each' },
  /** What a step takes beside what is counted: tools fetched, read once more, looked at when it is done. */
  step: { minutes: 4, per: 'each' },
} as const satisfies Record<string, { minutes: number; per: 'each' | 'm' | 'm²' }>;
export type Rate = keyof typeof RATES;

/** A hole of so many mm is what the rate is told for; deeper and shallower ones take as much longer or shorter (from memory). */
export const HOLE_MM = inches(27);
/** By soil, as so many times loam: 12, 20 and 40 minutes (from memory). */
export const HOLE_IN: Readonly<Record<Soil, number>> = { sand: 0.6, loam: 1, clay: 2 };
/** What a bag of 50 lb makes (makers of dry concrete print 0.375 ft³). Litres. */
export const BAG_LITRES = 0.375 * 28.316846592;
/** What a barrow takes. Litres. */
export const BARROW_LITRES = 2 * 28.316846592;

/** Setting up and clearing away, a person a day and a large tool more (from memory). Minutes. */
export const SET_UP_MIN = 20;
export const TOOL_MIN = 10;

/** A row is lined out so far at a time (from memory). mm. */
export const LINED_OUT_MM = feet(30);
