import { SEEN_MM, verdict, type Check } from './verdict';

/** Is there a board long enough for the whole frame? */
export const boardLongEnough: Check = ({ design }) => {
  const { boardFits } = design.support;
  if (!boardFits) return null;
  const values = { wanted: { mm: boardFits.wantedMm }, longest: { mm: boardFits.longestMm } };
  return boardFits.wantedMm > boardFits.longestMm + SEEN_MM
    ? verdict('board-fits', 'fail', 'board.short', values)
    : verdict('board-fits', 'good', 'board.enough', values);
};
