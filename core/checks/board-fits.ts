import { check, SEEN_MM } from './check';

/** Is there a board long enough for the whole frame? */
export const boardLongEnough = check(
  'board-fits',
  {
    says: {
      'board.short': 'No board on sale is long enough: {wanted} wanted, {longest} is the longest.',
      'board.enough': 'One board makes the frame: {wanted} wanted, {longest} on sale.',
    },
    mends: { 'board.short': 'Fit it to the board' },
  },
  (board: { wantedMm: number; longestMm: number }, found) => {
    const values = { wanted: { mm: board.wantedMm }, longest: { mm: board.longestMm } };
    return board.wantedMm > board.longestMm + SEEN_MM
      ? found('fail', 'board.short', values)
      : found('good', 'board.enough', values);
  },
);
