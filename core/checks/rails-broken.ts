import { verdict, type Check } from './verdict';

/** Joints of rails are staggered so that no post has all its rails broken on it (common practice, no source). */
export const railsBroken: Check = ({ design }) => {
  const { splices } = design.support;
  if (!splices) return null;
  return splices.broken > 0 && splices.broken >= splices.rails
    ? verdict('rails-broken', 'warn', 'rails.all-broken', { rails: splices.rails })
    : verdict('rails-broken', 'good', splices.broken === 0 ? 'rails.whole' : 'rails.staggered', {
        broken: splices.broken,
        rails: splices.rails,
      });
};
