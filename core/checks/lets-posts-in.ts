import { takesPosts, type Underfoot } from '../site/underfoot';
import { check } from './check';

/** Can what has to go into the ground go into what is there? `feet` is how much of it has to. */
export const letsPostsIn = check(
  'lets-posts-in',
  {
    says: {
      'ground.none':
        '{feet|foot has|feet have} to go into the ground, and it stands on {floor}: nothing can be driven or let into that. Move it to soil.',
      'ground.bed':
        '{feet|foot has|feet have} to go deeper than the {deep} of soil in this bed, which lies on {floor}.',
    },
  },
  (
    at: {
      feet: number;
      underfoot: Underfoot;
      /** How deep the soil of the bed is that it stands in; null where there is none. mm. */
      soilMm: number | null;
    },
    found,
  ) => {
    if (at.feet === 0 || takesPosts(at.underfoot)) return null;
    const values = { feet: at.feet, floor: at.underfoot.is };
    return at.soilMm === null
      ? found('fail', 'ground.none', values)
      : found('fail', 'ground.bed', { ...values, deep: { mm: at.soilMm } });
  },
);
