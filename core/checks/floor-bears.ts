import { check } from './check';

/**
 * Is what a planter weighs within what its floor may carry, over the part of the floor it takes? The safe load is
 * the gardener’s to find out; nought is “not known”. kg, m², kg/m².
 */
export const floorBears = check(
  'floor-bears',
  {
    says: {
      'floor.ask':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes. Ask whoever answers for the building what that floor may carry, and enter it.',
      'floor.over':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes, and that floor may carry {safe}. It belongs on the ground.',
      'floor.bears':
        'Watered it weighs {wet} ({dry} dry): {load} over the floor it takes, of {safe}. People and all else there come on top; whoever answers for the building decides.',
    },
    reckons: 'load',
    mends: {},
  },
  (at: { wetKg: number; dryKg: number; floorM2: number; safeKgM2: number }, found) => {
    const load = at.wetKg / at.floorM2;
    const values = { wet: { kg: at.wetKg }, dry: { kg: at.dryKg }, load: { kgM2: load }, safe: { kgM2: at.safeKgM2 } };
    if (at.safeKgM2 === 0) return found('warn', 'floor.ask', values);
    return load > at.safeKgM2 ? found('fail', 'floor.over', values) : found('good', 'floor.bears', values);
  },
);
