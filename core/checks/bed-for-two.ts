import { notchOf, roomOf, type Bed } from '../site/bed';
import { check, SEEN_MM } from './check';

/** Is the bed wide enough for two rows of plants with what leans between them? A 1′ bed carries one row, not two (common practice, no source). mm. */
export const bedForTwo = check(
  'bed-for-two',
  {
    says: {
      'bed.one-row': 'The bed is {width} wide; this kind wants {needs} and no less: choose one for a single row.',
      'bed.notch':
        'Behind its notch the bed is {width} wide; this kind wants {needs} and no less: choose one for a single row.',
    },
    unfit: ['bed.one-row', 'bed.notch'],
  },
  ({ bed, needsMm }: { bed: Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>; needsMm: number }, found) => {
    const { widthMm } = roomOf(bed, needsMm);
    return widthMm + SEEN_MM < needsMm
      ? found('warn', notchOf(bed) ? 'bed.notch' : 'bed.one-row', {
          width: { mm: widthMm },
          needs: { mm: needsMm },
        })
      : null;
  },
);
