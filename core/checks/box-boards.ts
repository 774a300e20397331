import { check, SEEN_MM } from './check';

/** Are there boards as long as the box, room for its lids, and some of its rim over what it is filled with? mm. */
export const boxBoards = check(
  'box-boards',
  {
    says: {
      'box.long': 'No board of {long} is sold, {sold} is the longest: make it shorter, and a second frame of the rest.',
      'box.lids': '{asked} lids would be too short to be lids: {lids|is|are} built.',
      'box.full': 'Filled {fill} deep it would run over: {most} leaves an inch of its rim free.',
      'box.whole': 'Each long side is one board.',
    },
    mends: {
      'box.long': 'As long as the longest board',
      'box.lids': 'As many as find room',
      'box.full': 'Fill it less',
    },
  },
  (
    {
      longMm,
      soldMm,
      lids,
      askedLids,
      fillMm,
      mostFillMm,
    }: { longMm: number; soldMm: number; lids: number; askedLids: number; fillMm: number; mostFillMm: number },
    found,
  ) => {
    if (longMm > soldMm + SEEN_MM) return found('fail', 'box.long', { long: { mm: longMm }, sold: { mm: soldMm } });
    if (fillMm > mostFillMm + SEEN_MM)
      return found('warn', 'box.full', { fill: { mm: fillMm }, most: { mm: mostFillMm } });
    return lids < askedLids ? found('note', 'box.lids', { asked: askedLids, lids }) : found('good', 'box.whole');
  },
);
