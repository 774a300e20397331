import { SEEN_MM, verdict, type Check } from './verdict';

/** Can every row be picked from where one can stand, an arm away at most? */
export const reachAcross: Check = ({ design, setting }) => {
  const half = setting.bed.widthMm / 2;
  const distances = design.support.rowsAtMm.map((y) =>
    setting.bed.standFrom === 'both sides' ? Math.min(half + y, half - y) : half + y,
  );
  const farthest = Math.max(...distances);
  const values = { far: { mm: Math.max(0, farthest) }, arm: { mm: setting.armMm }, from: setting.bed.standFrom };
  if (Math.min(...distances) < -SEEN_MM)
    return verdict('reach-across', 'fail', 'reach.outside', { width: { mm: setting.bed.widthMm } });
  return farthest > setting.armMm + SEEN_MM
    ? verdict('reach-across', 'warn', 'reach.far', values)
    : verdict('reach-across', 'good', 'reach.fits', values);
};
