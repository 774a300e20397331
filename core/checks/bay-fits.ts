import { SEEN_MM, verdict, type Check } from './verdict';

/** Does the panel go between the posts as they measure, not as they are called? */
export const bayFits: Check = ({ design }) => {
  const { bay } = design.support;
  if (!bay) return null;
  const values = {
    panel: { mm: bay.panelMm },
    clear: { mm: bay.clearMm },
    off: { mm: Math.abs(bay.clearMm - bay.nominalClearMm) * Math.max(1, bay.posts - 1) },
  };
  if (bay.panelMm > bay.clearMm + SEEN_MM) return verdict('bay-fits', 'warn', 'bay.narrow', values);
  return verdict(
    'bay-fits',
    'good',
    Math.abs(bay.clearMm - bay.nominalClearMm) > SEEN_MM ? 'bay.actual' : 'bay.fits',
    values,
  );
};
