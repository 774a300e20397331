import type { Planted } from '../crops/planted';
import { inches } from '../quantity/length';
import { check, SEEN_MM } from './check';

/** Least a cage is across: 18″ for a heavy, leafy plant (common practice, no source), 12″ for the others (from memory). mm. */
const leastFor = (load: string): number => (load === 'heavy' ? inches(18) : inches(12));

/** Has the plant room in its cage, and the hand between two of them? */
export const cageWide = check(
  'cage-wide',
  {
    says: {
      'cages.close': 'Cages {across} across stand {apart} apart, middle to middle: they meet.',
      'cage.small': '{across} across is narrow for {crop}: {least} is the least.',
      'cage.room': '{across} across leaves {crop} room.',
    },
    mends: { 'cages.close': 'Set them apart', 'cage.small': 'Make it wider' },
  },
  (at: { planted: readonly Planted[]; diameterMm: number; apartMm: number }, found) => {
    const across = { mm: at.diameterMm };
    if (at.apartMm < at.diameterMm - SEEN_MM)
      return found('fail', 'cages.close', { across, apart: { mm: at.apartMm } });
    const tight = at.planted.find((one) => leastFor(one.crop.load) > at.diameterMm + inches(1));
    if (tight)
      return found('warn', 'cage.small', { across, crop: tight.crop.name, least: { mm: leastFor(tight.crop.load) } });
    const [first] = at.planted;
    return first ? found('good', 'cage.room', { across, crop: first.crop.name }) : null;
  },
);
