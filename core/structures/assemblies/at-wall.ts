import type { Joint } from '../../design/design';
import type { Point } from '../../geometry/space';
import type { Said } from '../said';

/** Screws of one bracket: two in the wood, two in the wall (from memory). */
const BRACKET_SCREWS = 4;

/** What leans on a wall or stands before it, held there by a bracket. */
export const heldAtWall = (o: { id: string; part: string; at: Point }): Joint => ({
  id: o.id,
  kind: 'held at the wall',
  places: [o.at],
  parts: [o.part],
  fixings: [
    { stock: 'l-bracket', count: 1 },
    { stock: 'screw-40', count: BRACKET_SCREWS },
  ],
});

export const AT_WALL = {
  names: { joints: { 'held at the wall': 'Held at the wall' } },
  phrases: {
    'step.brackets':
      'Screw the brackets on and into the wall: into studs with the screws alone; into brick or stone drill 8 mm (5/16″) with a masonry bit and set plugs, in the bricks and not in the joints.',
  },
  doings: {
    'step.brackets': { joins: ['held at the wall'], uses: ['drill', 'masonry bit', 'hammer', 'level', 'goggles'] },
  },
} as const satisfies Said;
