import type { Stock } from '../catalogue/stock';
import type { Bar } from '../design/shapes/bar';
import type { Stiffness } from '../frame/frame';
import { GRAVITY_MS2 } from '../quantity/measure';
import { strengthOf } from '../statics/strength';
import { STEEL_OVER } from '../statics/studded-post';
import { STEEL_E_MPA } from '../statics/wire';
import { adjustedValues, columnStability, type Duration, type Grade } from '../statics/timber';

/** What acts in a bar at one place: pulled along it (pressed where negative), across it both ways, twisted, bent in the plane of its wider face and flat. N, N mm. */
export interface InBar {
  pull: number;
  shear: number;
  bentWide: number;
  bentThick: number;
}

/** How a bar is loaded: for how long, how it may be worse than it should be, how far it goes between what holds it. mm. */
export interface Loaded {
  duration: Duration;
  grade: Grade;
  freeMm: number;
}

/** Which of its strengths governs, and what share of that is used; what is compared, so that the sum can be followed. MPa. */
export interface Used {
  share: number;
  by: 'bending' | 'shear' | 'buckling' | 'pull';
  /** The stress that acts, and the one that may. */
  hasMpa: number;
  mayMpa: number;
}

/** A section as the sums need it. mm², mm⁴, mm³. */
export interface SectionOf {
  areaMm2: number;
  /** In the plane of its wider face, and flat. */
  wideMm4: number;
  thickMm4: number;
  wideMm3: number;
  thickMm3: number;
  torsionMm4: number;
  round: boolean;
}

/**
 * Cane and round wood may be stressed to its characteristic value by 0.9 / 1.3 / 1.35, for a moment, over the factors of
 * material and load (EN 1995-1-1, tables 3.1 and 2.3).
 */
const ROUND_WOOD = 0.9 / 1.3 / STEEL_OVER;

/** Of its free length a bar bows out as one of so much that turns freely at both ends: it is held against turning at one of them, in the soil or by what goes on there (from memory; 0.7 would be wholly). */
const HELD_AT_END = 0.8;
/** Wet green wood in bulk: softwood outdoors (from memory). kg/m³. */
export const WET_WOOD_KG_M3 = 600;
/** Steel (EN 1991-1-1:2002, table A.4); hard plastic pipe (from memory). kg/m³. */
const STEEL_KG_M3 = 7850;
const PLASTIC_KG_M3 = 1400;

const pipe = (outMm: number, inMm: number): number => (Math.PI / 64) * (outMm ** 4 - inMm ** 4);

function sectionOf(bar: Bar, stock: Stock): SectionOf {
  const strength = strengthOf(stock);
  if (strength && 'yieldMpa' in strength && strength.areaMm2 !== undefined && strength.momentMm4 !== undefined) {
    const i = strength.momentMm4;
    const modulus = strength.plasticMm3 ?? i / (bar.wideMm / 2);
    return {
      areaMm2: strength.areaMm2,
      wideMm4: i,
      thickMm4: i,
      wideMm3: modulus,
      thickMm3: modulus,
      torsionMm4: i / 10,
      round: false,
    };
  }
  if (bar.round) {
    const d = bar.wideMm;
    const hole = stock.form === 'rod' && stock.wallMm > 0 ? d - 2 * stock.wallMm : 0;
    const i = pipe(d, hole);
    return {
      areaMm2: (Math.PI / 4) * (d ** 2 - hole ** 2),
      wideMm4: i,
      thickMm4: i,
      wideMm3: (2 * i) / d,
      thickMm3: (2 * i) / d,
      torsionMm4: 2 * i,
      round: true,
    };
  }
  const [w, t] = [Math.max(1, bar.wideMm), Math.max(1, bar.thickMm)];
  const [long, short] = [Math.max(w, t), Math.min(w, t)];
  return {
    areaMm2: w * t,
    wideMm4: (t * w ** 3) / 12,
    thickMm4: (w * t ** 3) / 12,
    wideMm3: (t * w ** 2) / 6,
    thickMm3: (w * t ** 2) / 6,
    // Roark, table 10.7, case 4: a solid rectangle, within 4 %.
    torsionMm4: long * short ** 3 * (1 / 3 - 0.21 * (short / long) * (1 - short ** 4 / (12 * long ** 4))),
    round: false,
  };
}

/** What sawn timber of a bar's size may outdoors, by itself (NDS 2018, table 4.3.1). */
const outdoors = (bar: Bar, duration: Duration, grade: Grade): ReturnType<typeof adjustedValues> =>
  adjustedValues({
    wideMm: Math.max(bar.wideMm, bar.thickMm),
    thickMm: Math.min(bar.wideMm, bar.thickMm),
    grade,
    duration,
    wet: true,
    repetitive: false,
  });

/** A bar as the frame and the sums know it. */
export interface Member {
  stiffness: Stiffness;
  /** N/mm of its own weight, wet. */
  weightNmm: number;
  section: SectionOf;
  used(acts: InBar, how: Loaded): Used;
}

/** @example memberOf(post, CATALOGUE.stock(post.stock)).used(acts, { duration: 'wind', grade: 'No. 2', freeMm: 1800 }).share */
export function memberOf(bar: Bar, stock: Stock): Member {
  const section = sectionOf(bar, stock);
  const strength = strengthOf(stock);
  // Eyes and small hardware are bars of their own wire.
  const of =
    strength && 'wireMpa' in strength
      ? { ...strength, yieldMpa: strength.wireMpa, stiffnessMpa: STEEL_E_MPA }
      : strength;
  const sawn = stock.form === 'timber' || !of || !('stiffnessMpa' in of);
  const e = sawn ? outdoors(bar, 'wind', 'No. 2').stiffnessMpa : of.stiffnessMpa;
  const isWood = sawn || 'bendingMpa' in of;
  // Wood twists sixteen times as readily as it is drawn out (EN 338:2016, note 3 of table 1), steel by 2 (1 + 0.3).
  const g = e / (isWood ? 16 : 2.6);
  const kgM3 = isWood ? WET_WOOD_KG_M3 : of.class === 'plastic' ? PLASTIC_KG_M3 : STEEL_KG_M3;
  return {
    stiffness: {
      ea: e * section.areaMm2,
      gj: g * section.torsionMm4,
      eiWide: e * section.wideMm4,
      eiThick: e * section.thickMm4,
    },
    section,
    weightNmm: (section.areaMm2 * kgM3 * GRAVITY_MS2) / 1e9,
    used: sawn ? usedOfSawn(bar, section) : usedOfEven(section, of, e),
  };
}

/** The most used of bending with pull or press, and of shear. */
const most = (all: readonly Used[]): Used => all.reduce((high, one) => (one.share > high.share ? one : high));

/** A sawn member: bending and pull in line (NDS 2018, 3.9.1), bending and press (3.9.2, whose leaning over is in the frame already), shear of a rectangle (3.4.2). */
function usedOfSawn(bar: Bar, section: SectionOf): Member['used'] {
  const known = new Map<string, ReturnType<typeof adjustedValues>>();
  const mayOf = (duration: Duration, grade: Grade): ReturnType<typeof adjustedValues> => {
    const key = `${duration} ${grade}`;
    const may = known.get(key) ?? outdoors(bar, duration, grade);
    known.set(key, may);
    return may;
  };
  return (acts, { duration, grade, freeMm }) => {
    const may = mayOf(duration, grade);
    const bent = Math.abs(acts.bentWide) / section.wideMm3 + Math.abs(acts.bentThick) / section.thickMm3;
    const along = Math.abs(acts.pull) / section.areaMm2;
    const shear = (1.5 * Math.abs(acts.shear)) / section.areaMm2;
    const bending = bent / may.bending.mpa;
    const column =
      acts.pull < 0
        ? may.compression.mpa *
          columnStability({
            lengthMm: freeMm,
            thickMm: Math.min(bar.wideMm, bar.thickMm),
            fcMpa: may.compression.mpa,
            bucklingMpa: may.bucklingMpa,
          })
        : may.tension.mpa;
    const pressed = acts.pull < 0 ? (along / column) ** 2 : along / column;
    return most([
      pressed > bending
        ? {
            share: bending + pressed,
            by: acts.pull < 0 ? 'buckling' : 'pull',
            hasMpa: along,
            mayMpa: column,
          }
        : { share: bending + pressed, by: 'bending', hasMpa: bent, mayMpa: may.bending.mpa },
      { share: shear / may.shear.mpa, by: 'shear', hasMpa: shear, mayMpa: may.shear.mpa },
    ]);
  };
}

/** A bar that is the same all over: stresses of pull and bending added (Timoshenko, *Strength of Materials*, part I, art. 57), and Euler’s load over 1.35 and 1.1 (EN 1990, table B3; EN 1993-1-1, 6.1, γ_M1). */
const usedOfEven = (
  section: SectionOf,
  strength: Exclude<ReturnType<typeof strengthOf>, null>,
  e: number,
): Member['used'] => {
  const mayMpa =
    'bendingMpa' in strength
      ? strength.bendingMpa * ROUND_WOOD
      : 'yieldMpa' in strength
        ? strength.yieldMpa / STEEL_OVER
        : Infinity;
  return (acts, { freeMm }) => {
    const bent = Math.hypot(acts.bentWide, acts.bentThick) / Math.min(section.wideMm3, section.thickMm3);
    const along = Math.abs(acts.pull) / section.areaMm2;
    const all: Used = {
      share: (bent + along) / mayMpa,
      by: along > bent ? 'pull' : 'bending',
      hasMpa: bent + along,
      mayMpa,
    };
    if (acts.pull >= 0 || freeMm <= 0) return all;
    const euler =
      (Math.PI ** 2 * e * Math.min(section.wideMm4, section.thickMm4)) /
      (HELD_AT_END * freeMm) ** 2 /
      section.areaMm2 /
      (1.1 * STEEL_OVER);
    return most([all, { share: along / euler + bent / mayMpa, by: 'buckling', hasMpa: along, mayMpa: euler }]);
  };
};
