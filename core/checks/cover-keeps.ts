import type { NetNeed } from '../site/net-needs';
import { check } from './check';

/** Is the cover fine enough for what flies at its crops? Openings in mm, the finest need first. */
export const coverKeeps = check(
  'cover-keeps',
  {
    says: {
      'cover.open': '{who} come through a mesh of {open}; {wants} or finer stops them.',
      'cover.keeps': 'Keeps out {who}, as long as every edge is closed and nothing was inside.',
    },
    mends: { 'cover.open': 'Take a finer one' },
  },
  ({ needs, openingMm }: { needs: readonly NetNeed[]; openingMm: number }, found) => {
    const passes = needs.find((need) => openingMm > need.openingMm);
    if (passes)
      return found('warn', 'cover.open', {
        who: passes.who,
        open: { mm: openingMm },
        wants: { mm: passes.openingMm },
      });
    return needs.length > 0 ? found('good', 'cover.keeps', { who: needs.map((one) => one.who).join(', ') }) : null;
  },
);
