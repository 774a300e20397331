import { check } from './check';

/** What the cover takes of its own bed’s light, and the heat that builds up under what does not breathe. `opacity` is the share of light that is lost. */
export const coverLight = check(
  'cover-light',
  {
    says: {
      'light.heat':
        'Takes about {percent} % of the light, and the sun heats it like a car: both ends open by mid-morning on every sunny day.',
      'light.less': 'Takes about {percent} % of the light from its own bed.',
    },
  },
  ({ opacity, breathes }: { opacity: number; breathes: boolean }, found) => {
    const percent = Math.round(100 * opacity);
    return breathes ? found('good', 'light.less', { percent }) : found('note', 'light.heat', { percent });
  },
);
