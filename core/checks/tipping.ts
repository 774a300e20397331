import { check } from './check';

/** A frame that stands on its feet falls when its middle passes over them; 22° of lean is to be left (from memory). */
export const LEAST_LEAN_RAD = (22 * Math.PI) / 180;
/** Poles that are pushed into the soil as well need less of it: 12° (from memory). */
export const LEAST_LEAN_PUSHED_RAD = (12 * Math.PI) / 180;

/** Does a free-standing frame stay up? The crop's weight is taken at half the height. */
export const tipping = check(
  'tipping',
  {
    says: {
      'tips.narrow': 'A base of {base} is narrow for {height}: it tips when pushed {lean}° over.',
      'tips.stands': 'Stands on a base of {base} and would have to be pushed {lean}° over to tip.',
    },
    mends: { 'tips.narrow': 'Spread the feet' },
  },
  (tips: { halfBaseMm: number; heightMm: number; pushedIn?: boolean }, found) => {
    const lean = Math.atan2(tips.halfBaseMm, tips.heightMm / 2);
    const values = {
      base: { mm: 2 * tips.halfBaseMm },
      height: { mm: tips.heightMm },
      lean: Math.round((lean * 180) / Math.PI),
    };
    return lean < (tips.pushedIn ? LEAST_LEAN_PUSHED_RAD : LEAST_LEAN_RAD) - 1e-9
      ? found('warn', 'tips.narrow', values)
      : found('good', 'tips.stands', values);
  },
);
