import { inches } from '../quantity/length';
import { check } from './check';

/** More than this between a panel's corner and its post is no longer taken up by a clip or a staple (from memory). mm. */
const TAKEN_UP_MM = inches(2);

/** A stiff panel laid along a slope stands square to it, its end posts plumb: at the top they part by height × sin(slope). */
export const panelLean = check(
  'panel-lean',
  {
    says: {
      'panel.leans':
        'Panels lie square to the slope: at the ends of the row their tops stand {off} off a plumb post. Tie them there with wire, or lean the end post with them.',
    },
    mends: { 'panel.leans': 'Step the panels, each level' },
  },
  ({ leansMm }: { leansMm: number }, found) =>
    leansMm <= TAKEN_UP_MM ? null : found('note', 'panel.leans', { off: { mm: leansMm } }),
);
