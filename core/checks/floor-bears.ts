import type { Underfoot } from '../site/underfoot';
import { check } from './check';

/**
 * Is what a planter weighs within what its floor may carry, over the part of the floor it takes? The load is the
 * gardener’s to find out, from whoever answers for the building: without both nothing is good. kg, m².
 */
export const floorBears = check(
  'floor-bears',
  {
    says: {
      'floor.ask':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes. Ask whoever answers for the building what that {floor} may carry, and enter it.',
      'floor.who':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes, of {safe}. Enter who says that the {floor} may carry that: a figure nobody answers for holds nothing.',
      'floor.over':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes, and that {floor} may carry {safe}. It belongs on the ground.',
      'floor.bears':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes, of {safe} by {who}. People and all else there come on top.',
    },
    reckons: 'load',
    mends: {},
  },
  (at: { wetKg: number; dryKg: number; floorM2: number; underfoot: Underfoot }, found) => {
    const { underfoot } = at;
    if (underfoot.is === 'soil' || underfoot.is === 'paving') return null;
    const load = at.wetKg / at.floorM2;
    const values = {
      wet: { kg: at.wetKg },
      dry: { kg: at.dryKg },
      load: { kgM2: load },
      safe: { kgM2: underfoot.bearsKgM2 ?? 0 },
      floor: underfoot.is,
      who: underfoot.answeredBy.trim() || 'nobody',
    };
    if (underfoot.bearsKgM2 === null) return found('warn', 'floor.ask', values);
    if (load > underfoot.bearsKgM2) return found('fail', 'floor.over', values);
    return underfoot.answeredBy.trim() === ''
      ? found('warn', 'floor.who', values)
      : found('good', 'floor.bears', values);
  },
);
