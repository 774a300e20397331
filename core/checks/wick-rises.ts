import { check } from './check';

/** So high does water rise in a mix of soil and compost, and so deep do roots want to be over it (from memory). mm. */
export const RISES_MM = 305;
export const ROOTS_MM = 200;
/** A bed in full leaf drinks so much a day in summer (from memory). mm. */
const DAY_MM = 5;

/** In a bed that waters from below: does the water rise to the roots, have they room over it, is there a liner so wide, and how long does it last? */
export const wickRises = check(
  'wick-rises',
  {
    says: {
      'wick.narrow': 'The liner has to be {wants} wide to go up both sides, and is sold {sold} wide.',
      'wick.shallow': 'Over the water there are {deep} of soil; roots want {least}.',
      'wick.high': 'Over the water there are {deep} of soil; water rises about {most} in it: the top stays dry.',
      'wick.rises':
        'Full, it holds {water}: about {days|day|days} of summer without rain. Over it are {deep} of soil, and water rises about {most}.',
    },
    mends: {
      'wick.narrow': 'Water it by drip lines',
      'wick.shallow': 'Make the reservoir lower, or the sides higher',
      'wick.high': 'Make the reservoir deeper, or the sides lower',
    },
  },
  (at: { soilMm: number; waterLitres: number; areaM2: number; linerMm: number; soldMm: number }, found) => {
    if (at.linerMm > at.soldMm + 0.5)
      return found('fail', 'wick.narrow', { wants: { mm: at.linerMm }, sold: { mm: at.soldMm } });
    const deep = { mm: at.soilMm };
    if (at.soilMm < ROOTS_MM) return found('warn', 'wick.shallow', { deep, least: { mm: ROOTS_MM } });
    if (at.soilMm > RISES_MM + 0.5) return found('warn', 'wick.high', { deep, most: { mm: RISES_MM } });
    return found('good', 'wick.rises', {
      water: { mm3: at.waterLitres * 1e6 },
      days: Math.max(1, Math.round(at.waterLitres / (at.areaM2 * DAY_MM))),
      deep,
      most: { mm: RISES_MM },
    });
  },
);
