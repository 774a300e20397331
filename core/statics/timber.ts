import { PSI_MPA } from '../quantity/stress';

/**
 * Reference design values of sawn lumber two to four inches thick, spruce–pine–fir, by grade (NDS Supplement 2018,
 * table 4A). Ungraded garden timber is taken as No. 2 (from memory). psi; G is its specific gravity.
 */
export const GRADES = {
  'No. 2': { fb: 875, ft: 450, fv: 135, fcAcross: 425, fc: 1150, e: 1.4e6, eMin: 510_000, g: 0.42 },
  'No. 3': { fb: 500, ft: 250, fv: 135, fcAcross: 425, fc: 650, e: 1.2e6, eMin: 440_000, g: 0.42 },
} as const;
export type Grade = keyof typeof GRADES;

/** For how long a load lasts, and by how much more it may then be (NDS 2018, table 2.3.2): for good, a season's fruit, a week, wind. */
export const DURATION = { 'for good': 0.9, season: 1.15, week: 1.25, wind: 1.6 } as const;
export type Duration = keyof typeof DURATION;

/** Wet in service (NDS Supplement 2018, table 4A): bending only where Fb CF is over 1150 psi, compression where Fc CF is over 750. */
const WET = { fb: 0.85, ft: 1, fv: 0.97, fcAcross: 0.67, fc: 0.8, e: 0.9 } as const;

/** Size factors by depth, up to and with so many inches, of pieces two to three inches thick (NDS Supplement 2018, table 4A). */
const SIZE: readonly { upToIn: number; fb: number; ft: number; fc: number }[] = [
  { upToIn: 4, fb: 1.5, ft: 1.5, fc: 1.15 },
  { upToIn: 5, fb: 1.4, ft: 1.4, fc: 1.1 },
  { upToIn: 6, fb: 1.3, ft: 1.3, fc: 1.1 },
  { upToIn: 8, fb: 1.2, ft: 1.2, fc: 1.05 },
  { upToIn: 10, fb: 1.1, ft: 1.1, fc: 1 },
  { upToIn: 12, fb: 1, ft: 1, fc: 1 },
];

/** Three or more that share a load, so far apart at most (NDS 2018, 4.3.9). */
export const REPETITIVE = 1.15;

/** A member as the tables know it. mm. */
export interface SawnMember {
  wideMm: number;
  thickMm: number;
  grade: Grade;
  duration: Duration;
  /** Wetter than 19 % for long: all that stands outdoors. */
  wet: boolean;
  repetitive: boolean;
}

/** What a value is, and each thing it was multiplied by: the sum can be followed. MPa. */
export interface Adjusted {
  mpa: number;
  by: readonly { what: 'reference' | 'duration' | 'wet' | 'size' | 'repetitive'; is: number }[];
}

const adjusted = (psi: number, factors: readonly { what: Adjusted['by'][number]['what']; is: number }[]): Adjusted => ({
  mpa: factors.reduce((all, { is }) => all * is, psi * PSI_MPA),
  by: [{ what: 'reference', is: psi * PSI_MPA }, ...factors.filter(({ is }) => is !== 1)],
});

/** An inch nominal is told by what is left of it planed: 3½″ is called 4″ (PS 20). mm. */
const nominalIn = (mm: number): number => (mm / 25.4 < 6 ? Math.ceil(mm / 25.4) : Math.ceil(mm / 25.4 + 0.25));

/**
 * Adjusted design values of a sawn member (NDS 2018, table 4.3.1): reference × C_D × C_M × C_F × C_r, each where it is
 * due. MPa.
 * @example adjustedValues({ wideMm: 89, thickMm: 38, grade: 'No. 2', duration: 'wind', wet: true, repetitive: false }).bending.mpa // 12.3
 */
export function adjustedValues(of: SawnMember): {
  bending: Adjusted;
  tension: Adjusted;
  shear: Adjusted;
  compression: Adjusted;
  stiffnessMpa: number;
  bucklingMpa: number;
} {
  const ref = GRADES[of.grade];
  const nominal = nominalIn(of.wideMm);
  const size = SIZE.find(({ upToIn }) => nominal <= upToIn) ?? { fb: 0.9, ft: 0.9, fc: 0.9 };
  const wet = (by: number): { what: 'wet'; is: number } => ({ what: 'wet', is: of.wet ? by : 1 });
  const duration = { what: 'duration', is: DURATION[of.duration] } as const;
  const cf = (is: number): { what: 'size'; is: number } => ({ what: 'size', is });
  return {
    bending: adjusted(ref.fb, [
      duration,
      wet(ref.fb * size.fb > 1150 ? WET.fb : 1),
      cf(size.fb),
      { what: 'repetitive', is: of.repetitive ? REPETITIVE : 1 },
    ]),
    tension: adjusted(ref.ft, [duration, wet(WET.ft), cf(size.ft)]),
    shear: adjusted(ref.fv, [duration, wet(WET.fv)]),
    compression: adjusted(ref.fc, [duration, wet(ref.fc * size.fc > 750 ? WET.fc : 1), cf(size.fc)]),
    stiffnessMpa: ref.e * PSI_MPA * (of.wet ? WET.e : 1),
    bucklingMpa: ref.eMin * PSI_MPA * (of.wet ? WET.e : 1),
  };
}

/**
 * Share of the compression value that a column of a length may have before it bows out: C_P (NDS 2018, 3.7.1, equation
 * 3.7-1, sawn lumber c = 0.8), F_cE = 0.822 E_min′ / (l / d)².
 * @example columnStability({ lengthMm: 2438, thickMm: 89, fcMpa: 8, bucklingMpa: 3165 }) // 0.36
 */
export function columnStability(at: { lengthMm: number; thickMm: number; fcMpa: number; bucklingMpa: number }): number {
  if (at.lengthMm <= 0) return 1;
  const share = (0.822 * at.bucklingMpa) / (at.lengthMm / at.thickMm) ** 2 / at.fcMpa;
  const half = (1 + share) / 1.6;
  return half - Math.sqrt(half ** 2 - share / 0.8);
}
