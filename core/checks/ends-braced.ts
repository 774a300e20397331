import { check } from './check';

/** Mesh that is pulled tight draws its end and corner posts inward unless they are braced (common practice, no source). */
export const endsBraced = check(
  'ends-braced',
  {
    says: {
      'ends.loose': 'Mesh pulled tight draws {posts|end or corner post|end and corner posts} inward: brace them.',
      'ends.braced': 'End, corner and gate posts are braced against the pull of the mesh.',
    },
    mends: { 'ends.loose': 'Brace them' },
  },
  ({ posts, braced }: { posts: number; braced: boolean }, found) =>
    braced ? found('good', 'ends.braced') : found('warn', 'ends.loose', { posts }),
);
