import { check } from './check';

/** A panel held at two places a post swings out when it is pushed low down (common practice, no source). */
export const panelHeld = check(
  'panel-held',
  {
    says: {
      'fixing.two': 'Two fixings a post let the panel swing out when it is pushed low down.',
      'fixing.enough': 'Three fixings or more on every post.',
    },
    mends: { 'fixing.two': 'Use three a post' },
  },
  ({ leastAPost }: { leastAPost: number }, found) =>
    leastAPost < 3 ? found('warn', 'fixing.two') : found('good', 'fixing.enough'),
);
