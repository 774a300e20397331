import { check } from './check';

/** What the cover takes of its own bed’s light, and the heat that builds up under what does not breathe. `opacity` is the share of light that is lost, and what lets air through: its mesh, its ends, or its lids. */
export const coverLight = check(
  'cover-light',
  {
    says: {
      'light.heat':
        'Takes about {percent} % of the light, and the sun heats it like a car: both ends open by mid-morning on every sunny day.',
      'light.lids':
        'Takes about {percent} % of the light, and the sun heats it like a car: its lids are propped a hand open by mid-morning on every sunny day.',
      'light.less': 'Takes about {percent} % of the light from its own bed.',
    },
  },
  ({ opacity, airedBy }: { opacity: number; airedBy: 'mesh' | 'ends' | 'lids' }, found) => {
    const percent = Math.round(100 * opacity);
    if (airedBy === 'mesh') return found('good', 'light.less', { percent });
    return found('note', airedBy === 'ends' ? 'light.heat' : 'light.lids', { percent });
  },
);
