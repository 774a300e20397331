import { liveStops } from '../site/visitors';
import { check } from './check';

/** Do live wires meet those who come, of whom it is known where they have to? The first whom they do not is named. */
export const wiresStop = check(
  'wires-stop',
  {
    says: {
      'live.nobody':
        'None of those who visit is known to be stopped by live wires: raccoons, badgers, groundhogs and deer are.',
      'live.past': '{who} get past these wires.',
      'live.stops': 'Live, and kept clear of grass, they stop {who}.',
    },
    mends: { 'live.past': 'Hang them where they meet everybody' },
  },
  ({ comes, heightsMm }: { comes: readonly string[]; heightsMm: readonly number[] }, found) => {
    if (comes.length === 0) return found('note', 'live.nobody');
    const past = comes.filter((who) => !liveStops(who, heightsMm));
    return past.length > 0
      ? found('warn', 'live.past', { who: past.join(', ') })
      : found('good', 'live.stops', { who: comes.join(', ') });
  },
);
