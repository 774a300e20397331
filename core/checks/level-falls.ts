import { check } from './check';
import { FORGIVEN_MM } from './reach-up';

/** Does what is level along falling soil stay in reach at its low end, built as low as it can be? `lowestMm` is its top there, over the soil. */
export const levelFalls = check(
  'level-falls',
  {
    says: {
      'level.falls':
        'Its rails are level and the soil falls {fall} along it: as low as they can be its top stands {top} over the path at the low end, and the tallest of you reaches {reach}. Build it in shorter lengths, or choose what follows the ground.',
    },
    unfit: ['level.falls'],
  },
  (at: { fallMm: number; lowestMm: number; bedMm: number; reachMm: number }, found) => {
    const topMm = at.lowestMm + at.bedMm;
    const most = at.reachMm + FORGIVEN_MM;
    return topMm > most && topMm - at.fallMm <= most
      ? found('warn', 'level.falls', { fall: { mm: at.fallMm }, top: { mm: topMm }, reach: { mm: at.reachMm } })
      : null;
  },
);
