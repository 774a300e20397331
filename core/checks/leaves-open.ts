import type { WayPast } from '../site/visitors';
import { check } from './check';

/** How somebody still comes, behind their name. */
const HOW: Record<WayPast, string> = {
  open: 'through its mesh',
  low: 'over it',
  climb: 'up it',
  dig: 'by digging',
  under: 'under it',
  beside: 'beside its leaf',
  soft: 'by gnawing or pushing',
  roof: 'from above',
  floor: 'from below',
  touch: 'where it touches the leaves',
  part: 'to those it does not cover',
  wires: 'past its wires',
  any: 'past any mesh',
};

/** Of those that visit, who still comes past what stands here? Each that is ticked is kept out or named. */
export const leavesOpen = check(
  'leaves-open',
  { says: { 'leaves.some': 'Still come: {who}.', 'leaves.none': 'Keeps out all who visit: {who}.' } },
  ({ came }: { came: readonly { who: string; past: WayPast | null }[] }, found) => {
    if (came.length === 0) return null;
    const open = came.flatMap(({ who, past }) => (past === null ? [] : [`${who} (${HOW[past]})`]));
    return open.length > 0
      ? found('note', 'leaves.some', { who: open.join(', ') })
      : found('good', 'leaves.none', { who: came.map(({ who }) => who).join(', ') });
  },
);
