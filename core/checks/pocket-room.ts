import { inches } from '../quantity/length';
import { check } from './check';

/** A plant wants so much open between two slats (from memory). mm. */
export const LEAST_GAP_MM = inches(3);

/** Has a pallet slats for its rows, and is each row open enough to plant? mm. */
export const pocketRoom = check(
  'pocket-room',
  {
    says: {
      'pockets.few': 'This pallet has {slats} slats in front: enough for {made|row|rows}, not for {asked}.',
      'pockets.narrow': 'Only {gap} stays open between two slats; a plant wants {least}.',
      'pockets.open': '{gap} open in each row.',
    },
    mends: { 'pockets.few': 'As many rows as it has slats for', 'pockets.narrow': 'Fewer rows' },
  },
  (at: { gapMm: number; made: number; asked: number; slats: number }, found) => {
    const values = {
      gap: { mm: at.gapMm },
      least: { mm: LEAST_GAP_MM },
      slats: at.slats,
      made: at.made,
      asked: at.asked,
    };
    if (at.made < at.asked) return found('warn', 'pockets.few', values);
    return at.gapMm < LEAST_GAP_MM ? found('warn', 'pockets.narrow', values) : found('good', 'pockets.open', values);
  },
);
