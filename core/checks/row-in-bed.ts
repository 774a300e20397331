import { SEEN_MM, verdict, type Check } from './verdict';

/** Does the row fit its bed, and is it as long as it was meant to be? */
export const rowInBed: Check = ({ design, setting }) => {
  const over = design.builtMm - setting.bed.lengthMm;
  const values = { row: { mm: design.builtMm }, bed: { mm: setting.bed.lengthMm }, over: { mm: Math.abs(over) } };
  if (over > SEEN_MM) return verdict('row-in-bed', 'warn', 'row.past-bed', values);
  return verdict('row-in-bed', 'good', over < -25 ? 'row.short-of-bed' : 'row.fills', values);
};
