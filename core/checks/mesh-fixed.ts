import { check } from './check';

/** Screws with washers carry mesh; staples alone work loose (common practice, no source). */
export const meshFixed = check(
  'mesh-fixed',
  {
    says: {
      'fixing.staples': 'Staples alone work loose under a load; screws and washers carry.',
      'fixing.screws': 'Screws and washers carry the mesh.',
    },
    mends: { 'fixing.staples': 'Use screws and washers' },
  },
  ({ by }: { by: 'screws' | 'staples' }, found) =>
    by === 'staples' ? found('warn', 'fixing.staples') : found('good', 'fixing.screws'),
);
