import { HEFT } from '../catalogue/stock';
import { leadPlant, type Planted } from '../crops/planted';
import type { Hold } from '../design/design';
import { check } from './check';

/** Does what carries the crop belong to its class of load? */
export const cropLoad = check(
  'crop-load',
  {
    says: {
      'load.heavy': '{crop} in full crop is a {load} load; this carries {carries}.',
      'load.never': '{crop} in full crop is a {load} load; of this kind nothing carries more than {could}.',
      'load.carried': 'Carries {crop} in full crop.',
    },
    mends: { 'load.heavy': 'Make it stiffer' },
    unfit: ['load.never'],
  },
  (at: { planted: readonly Planted[]; hold: Pick<Hold, 'carries' | 'could'> }, found) => {
    const lead = leadPlant(at);
    if (!lead) return null;
    const values = {
      crop: lead.crop.name,
      load: lead.crop.load,
      carries: at.hold.carries,
      could: at.hold.could.carries,
    };
    if (HEFT[lead.crop.load] <= HEFT[at.hold.carries]) return found('good', 'load.carried', values);
    return found('warn', HEFT[lead.crop.load] <= HEFT[at.hold.could.carries] ? 'load.heavy' : 'load.never', values);
  },
);
