import { chain } from '../../design/chain';
import type { Mark } from '../../design/design';
import { add, type Point } from '../../geometry/space';
import { groundAt, onGround, slopeOf, type Ground } from '../../site/ground';

/**
 * How a structure meets a sloping row: its length lies along the soil, or it is kept level and steps. Decision 2.
 * @example { ground: { lengthMm: 4877, riseMm: 300 }, level: true } // kept level over a fall
 */
export interface Lie {
  ground: Ground;
  level: boolean;
}

/** The point so high over the soil under a distance along the structure. mm. */
export const footAt = (lie: Lie, alongMm: number, y: number, upMm = 0): Point =>
  add(lie.level ? [alongMm, y, groundAt(lie.ground, alongMm)] : onGround(lie.ground, alongMm, y), [0, 0, upMm]);

/** A chain seen from the front of what is told along the structure. mm. */
export const lieChain = (lie: Lie, label: string, alongMm: readonly number[]): Mark<'elevation'> =>
  chain(
    'elevation',
    'x',
    label,
    alongMm.map((at) => footAt(lie, at, 0)[0]),
    alongMm,
  );

/** Length along the structure of a row whose length was taped on the soil, and back. */
export const lengthOnLie = (lie: Lie, tapedMm: number): number =>
  lie.level ? tapedMm * Math.cos(slopeOf(lie.ground)) : tapedMm;
export const lengthOnSoil = (lie: Lie, alongMm: number): number =>
  lie.level ? alongMm / Math.cos(slopeOf(lie.ground)) : alongMm;
