import type { Crop } from '../crops/crop';
import { check } from './check';

/** More than this shows in what wants full sun (from memory). Share of the light. */
const SHOWS = 0.25;

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
      'light.full':
        'Takes about {percent} % of the light, and {crop} wants full sun: only in the heat of summer, no longer.',
    },
  },
  (
    at: { opacity: number; airedBy: 'mesh' | 'ends' | 'lids'; crops?: readonly Pick<Crop, 'name' | 'sun'>[] },
    found,
  ) => {
    const percent = Math.round(100 * at.opacity);
    if (at.airedBy !== 'mesh') return found('note', at.airedBy === 'ends' ? 'light.heat' : 'light.lids', { percent });
    const wants = at.opacity > SHOWS ? at.crops?.find(({ sun }) => sun === 'full') : undefined;
    return wants
      ? found('note', 'light.full', { percent, crop: wants.name })
      : found('good', 'light.less', { percent });
  },
);
