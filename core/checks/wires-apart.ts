import { check, SEEN_MM } from './check';

/** Is there room for every wire, with what holds it? What each takes is told by its kind. */
export const wiresApart = check(
  'wires-apart',
  {
    says: {
      'wires.close': 'Two wires are {apart} apart; with what holds them each takes {takes} of the post.',
    },
    mends: { 'wires.close': 'Take fewer wires' },
  },
  ({ apartMm, takesMm }: { apartMm: number; takesMm: number }, found) =>
    apartMm + SEEN_MM < takesMm
      ? found('fail', 'wires.close', { apart: { mm: apartMm }, takes: { mm: takesMm } })
      : null,
);
