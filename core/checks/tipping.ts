import { verdict, type Check } from './verdict';

/** A frame that stands on its feet falls when its middle passes over them; 22° of lean is to be left (from memory). */
const LEAST_LEAN_RAD = (22 * Math.PI) / 180;

/** Does a free-standing frame stay up? The crop's weight is taken at half the height. */
export const tipping: Check = ({ design }) => {
  const { tips } = design.support;
  if (!tips) return null;
  const lean = Math.atan2(tips.halfBaseMm, tips.heightMm / 2);
  const values = {
    base: { mm: 2 * tips.halfBaseMm },
    height: { mm: tips.heightMm },
    lean: Math.round((lean * 180) / Math.PI),
  };
  return lean < LEAST_LEAN_RAD
    ? verdict('tipping', 'warn', 'tips.narrow', values)
    : verdict('tipping', 'good', 'tips.stands', values);
};
