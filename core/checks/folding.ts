import { verdict, type Check } from './verdict';

/** What a folding frame takes up in winter. */
export const folding: Check = ({ design }) => {
  const { folds } = design.support;
  return folds
    ? verdict('folding', 'good', 'folds.to', {
        long: { mm: folds.longMm },
        wide: { mm: folds.wideMm },
        thick: { mm: folds.thickMm },
      })
    : null;
};
