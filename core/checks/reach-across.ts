import { ARM_MM } from '../site/bed';
import { SEEN_MM, verdict, type Check } from './verdict';

/** Can every row be picked from where one can stand, 18″ away at most (common practice, no source)? */
export const reachAcross: Check = ({ design, setting }) => {
  const half = setting.bed.widthMm / 2;
  const distances = design.support.rowsAtMm.map((y) => (setting.bed.standFrom === 'both sides' ? Math.min(half + y, half - y) : half + y));
  const farthest = Math.max(...distances);
  const values = { far: { mm: Math.max(0, farthest) }, arm: { mm: ARM_MM }, from: setting.bed.standFrom };
  if (Math.min(...distances) < -SEEN_MM) return verdict('reach-across', 'fail', 'reach.outside', { width: { mm: setting.bed.widthMm } });
  return farthest > ARM_MM + SEEN_MM ? verdict('reach-across', 'warn', 'reach.far', values) : verdict('reach-across', 'good', 'reach.fits', values);
};
