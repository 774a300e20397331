import { GRAVITY_MS2 } from '../quantity/measure';

/** A measuring tape: what a metre of it weighs, the pull at which it reads true, how it stretches. N/m, N, N. */
export interface Tape {
  weighsNm: number;
  trueAtN: number;
  /** Section times modulus. */
  stiffN: number;
}

/**
 * The two that gardeners have (blades of 13 mm: steel 0.2 mm thick, 200 GPa; glass fibre in plastic 0.4 mm, some
 * 20 GPa; from memory), true at the pull that EN ISO class II tapes are stamped with: 50 and 20 N (Directive
 * 2014/32/EU, annex X, from memory).
 */
export const TAPES = {
  steel: { weighsNm: 13 * 0.2 * 1e-6 * 7850 * GRAVITY_MS2, trueAtN: 50, stiffN: 13 * 0.2 * 200_000 },
  fibreglass: { weighsNm: 13 * 0.4 * 1e-6 * 1900 * GRAVITY_MS2, trueAtN: 20, stiffN: 13 * 0.4 * 20_000 },
} as const satisfies Record<string, Tape>;

/** A tape held free at both ends reads too much by w² L³ / (24 P²): the first term of the catenary (Wolf and Ghilani, *Elementary Surveying*, 6.14, from memory). mm. @example tapeSag(TAPES.steel, 10_000, 50) // 0.7 */
export const tapeSag = ({ weighsNm }: Tape, mm: number, pullN: number): number =>
  (weighsNm ** 2 * (mm / 1000) ** 3 * 1000) / (24 * pullN ** 2);

/** Pulled harder than it is true at, a tape is longer by (P − P₀) L / (A E) and reads too little by that (Hooke; same, 6.13). mm; less than nought where it reads too much. @example tapeStretch(TAPES.fibreglass, 10_000, 50) // 2.9 */
export const tapeStretch = ({ trueAtN, stiffN }: Tape, mm: number, pullN: number): number =>
  ((pullN - trueAtN) * mm) / stiffN;

/** By how much a tape that is held free reads too much, sag and stretch together. mm; less than nought where too little. @example tapeReadsOver(TAPES.fibreglass, 10_000, 50) // -2.5 */
export const tapeReadsOver = (tape: Tape, mm: number, pullN: number): number =>
  tapeSag(tape, mm, pullN) - tapeStretch(tape, mm, pullN);
