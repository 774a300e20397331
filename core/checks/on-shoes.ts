import { check } from './check';

/** Posts on metal shoes or plates do not hold a frame upright: it has to be braced both ways (common practice, no source). */
export const onShoes = check(
  'on-shoes',
  {
    says: {
      'shoes.lean':
        'What posts stand on does not hold them upright, and nothing braces it {way} the way: it leans over.',
      'shoes.braced': 'What posts stand on does not hold them upright; its braces do, along the way and across it.',
    },
    mends: { 'shoes.lean': 'Set the posts in the ground' },
  },
  ({ along, across }: { along: boolean; across: boolean }, found) =>
    along && across
      ? found('good', 'shoes.braced')
      : found('warn', 'shoes.lean', { way: along ? 'across' : across ? 'along' : 'along or across' }),
);
