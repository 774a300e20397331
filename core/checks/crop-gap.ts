import type { Planted } from '../crops/planted';
import type { Hold } from '../design/design';
import { check } from './check';

/** May the plants grow past this much before it matters: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;

/** Does the support begin where the crop stops standing by itself? */
export const cropGap = check(
  'crop-gap',
  {
    says: {
      'gap.high': 'The first hold is at {gap}, which is too high: {crop} needs hold from {from}.',
      'gap.netted': 'The fine net begins low enough for {crop}.',
      'gap.fits': 'The first hold is at {gap}: {crop} stands by itself to {from}.',
    },
    mends: { 'gap.high': 'Let it begin lower' },
  },
  ({ planted, hold }: { planted: readonly Planted[]; hold: Hold }, found) => {
    // What is trained flat is tied to its first wire wherever the pattern of its training has that.
    const climbing = planted.filter(
      ({ crop, training }) => crop.habit !== 'none' && !(hold.by === 'wires' && training.onWires),
    );
    const lowest = climbing.reduce<(typeof climbing)[number] | null>(
      (low, one) => (!low || one.crop.supportFromMm < low.crop.supportFromMm ? one : low),
      null,
    );
    if (hold.by === 'string' || hold.by === 'poles' || !lowest) return null;
    const from = lowest.crop.supportFromMm;
    const values = { crop: lowest.crop.name, gap: { mm: hold.startsMm }, from: { mm: from } };
    if (hold.fineToMm > 0) return found('good', 'gap.netted', values);
    return hold.startsMm > from + FORGIVEN_MM ? found('warn', 'gap.high', values) : found('good', 'gap.fits', values);
  },
);
