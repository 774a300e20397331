import { leadPlant, type Planted } from '../crops/planted';
import { inches } from '../quantity/length';
import { check } from './check';

/** Posts at most 8′ apart under a fruiting crop (common practice, no source); 2.5 m where panels are sold so, which forgives panels lapped by a mesh. mm. */
const MOST_MM = 2501;

export const postSpacing = check(
  'post-spacing',
  {
    says: {
      'spacing.wide': 'Posts stand up to {widest} apart; under a fruiting crop {most} is the most.',
      'spacing.fits': 'Posts are at most {widest} apart.',
    },
    mends: { 'spacing.wide': 'Set posts 8′ (2.4 m) apart' },
  },
  (at: { planted: readonly Planted[]; spacingMm: number }, found) => {
    const values = { widest: { mm: at.spacingMm }, most: { mm: inches(96) } };
    const light = leadPlant(at)?.crop.load === 'light';
    return at.spacingMm > MOST_MM && !light
      ? found('warn', 'spacing.wide', values)
      : found('good', 'spacing.fits', values);
  },
);
