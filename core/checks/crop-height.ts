import type { Planted } from '../crops/planted';
import type { Hold } from '../design/design';
import { check, SEEN_MM } from './check';

/** Falling short by more than this is said: 4″ (from memory). mm. */
export const FORGIVEN_MM = 101.6;
/** Over the rim of a cage a plant hangs down by itself: 5–6′ serve for tomatoes that are held to 6′ elsewhere (common practice, no source). mm. */
export const OVER_CAGE_MM = 304.8;

/** Of a crop that is held to less than this share of what it wants most is lost (from memory). */
const WORTH_GROWING = 0.55;

/** Is the support as high as the crop is to be held? */
export const cropHeight = check(
  'crop-height',
  {
    says: {
      'height.low': 'Ends at {top}, but {crop} should be held to {wants}: build higher, or pinch it out at the top.',
      'height.pinch':
        'Ends at {top}; {crop} goes on to {wants}, and it goes no higher here: pinch the tips out there, or let them hang over.',
      'height.never': 'Ends at {top}, and {crop} should be held to {wants}: it wants a taller kind of support.',
      'height.top-it': '{top} of support. {crop} can grow to {grows}: top it or let it down at the top.',
      'height.enough': '{top} of support is as high as {crop} needs.',
    },
    mends: { 'height.low': 'Raise it' },
    unfit: ['height.never'],
  },
  ({ planted, hold }: { planted: readonly Planted[]; hold: Pick<Hold, 'topMm' | 'by' | 'could'> }, found) => {
    const lead = planted.reduce<Planted | null>(
      (tall, one) => (!tall || one.crop.supportToMm > tall.crop.supportToMm ? one : tall),
      null,
    );
    if (!lead || lead.crop.supportToMm === 0) return null;
    const top = hold.topMm.least;
    const values = {
      crop: lead.crop.name,
      top: { mm: top },
      wants: { mm: lead.crop.supportToMm },
      grows: { mm: lead.crop.heightMm },
    };
    const forgiven = hold.by === 'cage' ? OVER_CAGE_MM : FORGIVEN_MM;
    const reaches = (mm: number): boolean => mm + forgiven + SEEN_MM >= lead.crop.supportToMm;
    if (!reaches(top)) {
      if (reaches(hold.could.topMm)) return found('warn', 'height.low', values);
      return Math.max(top, hold.could.topMm) < WORTH_GROWING * lead.crop.supportToMm
        ? found('warn', 'height.never', values)
        : found('note', 'height.pinch', values);
    }
    return found('good', lead.crop.heightMm > top + FORGIVEN_MM ? 'height.top-it' : 'height.enough', values);
  },
);
