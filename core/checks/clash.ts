import { overlap } from '../geometry/polygon';
import type { PlanSpot } from '../site/plot';
import { check } from './check';

/**
 * What another structure covers on the plot, piece by piece, each convex.
 * @example { name: 'Bean wall', covers: [[[0, 0], [2438, 0], [2438, 40], [0, 40]]] }
 */
export interface Neighbour {
  name: string;
  covers: readonly (readonly PlanSpot[])[];
  /** What of it meets the sides of a bed, or of them what meets that: posts of what is walked through, boards one by one. */
  feet?: readonly (readonly PlanSpot[])[];
  /** The beds it stands on or beside; and the one whose sides it is, which others stand in. */
  beds?: readonly string[];
  sidesOf?: string | null;
}

/** Structures may stand this close before they are in each other's way: a finger's width (from memory). mm. */
const FORGIVEN_MM = 20;

/** Do two structures stand in one place? */
export const clash = check(
  'clash',
  { says: { 'clash.other': 'Stands in the same place as {other}: move one of them along, across or away.' } },
  ({ covers, neighbours }: { covers: Neighbour['covers']; neighbours: readonly Neighbour[] }, found) => {
    const met = neighbours.find((other) =>
      other.covers.some((theirs) => covers.some((own) => overlap(own, theirs, FORGIVEN_MM))),
    );
    return met ? found('fail', 'clash.other', { other: met.name }) : null;
  },
);
