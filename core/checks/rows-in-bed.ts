import { inches } from '../quantity/length';
import { check, SEEN_MM } from './check';

/** Narrower beds carry one row: a 1′ bed one and not two, arms of 24″ for more (common practice, no source; 24″ as the least for two from memory). mm. */
const FOR_MORE_MM = inches(24);
/** How many rows a bed carries, of so many that are asked for. */
export const rowsCarried = (widthMm: number, asked: number): number => (widthMm + SEEN_MM < FOR_MORE_MM ? 1 : asked);

/** Has the bed room for as many rows as hang over it? */
export const rowsInBed = check(
  'rows-in-bed',
  {
    says: {
      'rows.many':
        '{rows|row|rows} over a bed {width} wide: it carries one, its plants would shade and starve each other.',
    },
    mends: { 'rows.many': 'One row' },
  },
  ({ rows, widthMm }: { rows: number; widthMm: number }, found) =>
    rows > rowsCarried(widthMm, rows) ? found('warn', 'rows.many', { rows, width: { mm: widthMm } }) : null,
);
