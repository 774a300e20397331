import { inches } from '../quantity/length';
import { check } from './check';

/** An inch over is no reason to saw (from memory). mm. */
const FORGIVEN_MM = inches(1);

/** Can the leaves of a folding frame still be folded and carried? `mostMm` is how long one should be at most. */
export const leafLong = check(
  'leaf-long',
  {
    says: { 'leaf.long': 'A leaf of {leaf} is heavy to fold and to carry: {most} is the most.' },
    mends: { 'leaf.long': 'Shorten the leaves' },
  },
  ({ leafMm, mostMm }: { leafMm: number; mostMm: number }, found) =>
    leafMm > mostMm + FORGIVEN_MM ? found('warn', 'leaf.long', { leaf: { mm: leafMm }, most: { mm: mostMm } }) : null,
);
