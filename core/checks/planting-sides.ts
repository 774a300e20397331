import { inches } from '../quantity/length';
import { verdict, type Check } from './verdict';

/** Two walls need this much between them unless the plants are pruned: 4′ bed rule (common practice, no source). mm. */
const WALLS_APART_MM = inches(48);

/** One plant to a place, and air between the leaves. */
export const plantingSides: Check = ({ design, setting }) => {
  const { support } = design;
  if (support.bothSides && setting.planted.length > 0) return verdict('planting-sides', 'warn', 'sides.both');
  // Leaves that lean on each other are open between their rows.
  const apart =
    support.rowsAtMm.length > 1 && !support.tips
      ? (support.rowsAtMm[1] as number) - (support.rowsAtMm[0] as number)
      : Infinity;
  const bushy = setting.planted.find((one) => !one.training.pruned && one.crop.habit !== 'none');
  if (apart < WALLS_APART_MM && bushy)
    return verdict('planting-sides', 'warn', 'walls.close', { apart: { mm: apart }, crop: bushy.crop.name });
  return setting.planted.length > 0 ? verdict('planting-sides', 'good', 'sides.air') : null;
};
