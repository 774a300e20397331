import type { Planted } from '../crops/planted';
import { inches } from '../quantity/length';
import { check } from './check';

/** Two walls need this much between them unless the plants are pruned: 4′ bed rule (common practice, no source). mm. */
const WALLS_APART_MM = inches(48);

/** One plant to a place, and air between the leaves. `apartMm` is between two upright rows; Infinity where there is one, or where they lean. */
export const plantingSides = check(
  'planting-sides',
  {
    says: {
      'sides.both': 'Plants on both sides put two in one place: they shade each other and stay wet.',
      'walls.close': 'Walls {apart} apart are too close for {crop} left to bush: leaves stay wet and sick.',
      'sides.air': 'One plant to a place, with air on both sides.',
    },
    mends: { 'sides.both': 'Plant one side', 'walls.close': 'Build one wall' },
  },
  ({ planted, bothSides, apartMm }: { planted: readonly Planted[]; bothSides: boolean; apartMm: number }, found) => {
    if (bothSides && planted.length > 0) return found('warn', 'sides.both');
    const bushy = planted.find((one) => !one.training.pruned && one.crop.habit !== 'none');
    if (apartMm < WALLS_APART_MM && bushy)
      return found('warn', 'walls.close', { apart: { mm: apartMm }, crop: bushy.crop.name });
    return planted.length > 0 ? found('good', 'sides.air') : null;
  },
);
