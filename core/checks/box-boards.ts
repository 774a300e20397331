import { check, SEEN_MM } from './check';

/** Are there boards as long as the box, and room for its lids? mm. */
export const boxBoards = check(
  'box-boards',
  {
    says: {
      'box.long': 'No board of {long} is sold, {sold} is the longest: make it shorter, and a second frame of the rest.',
      'box.lids': '{asked} lids would be too short to be lids: {lids|is|are} built.',
      'box.whole': 'Each long side is one board.',
    },
    mends: { 'box.long': 'As long as the longest board', 'box.lids': 'As many as find room' },
  },
  ({ longMm, soldMm, lids, askedLids }: { longMm: number; soldMm: number; lids: number; askedLids: number }, found) => {
    if (longMm > soldMm + SEEN_MM) return found('fail', 'box.long', { long: { mm: longMm }, sold: { mm: soldMm } });
    return lids < askedLids ? found('note', 'box.lids', { asked: askedLids, lids }) : found('good', 'box.whole');
  },
);
