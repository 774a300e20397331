import { check } from './check';

/** What lids that let no air through take of the light, and the heat that builds up under them. `opacity` is the share of light that is lost. */
export const vented = check(
  'vented',
  {
    says: {
      'vent.daily':
        'Takes about {percent} % of the light, and the sun heats it like a car: its lids are propped a hand open by mid-morning on every sunny day.',
    },
  },
  ({ opacity }: { opacity: number }, found) => found('note', 'vent.daily', { percent: Math.round(100 * opacity) }),
);
