import { check } from './check';

/** What a folding frame takes up in winter. */
export const folding = check(
  'folding',
  { says: { 'folds.to': 'Folds to {long} × {wide} × {thick} for the winter.' } },
  (folds: { longMm: number; wideMm: number; thickMm: number }, found) =>
    found('good', 'folds.to', { long: { mm: folds.longMm }, wide: { mm: folds.wideMm }, thick: { mm: folds.thickMm } }),
);
