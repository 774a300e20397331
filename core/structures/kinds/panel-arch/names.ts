import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const PANEL_ARCH_NAMES: Names = {
  parts: {
    panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
    mesh: { word: 'Mesh', means: 'mesh by length' },
    hoop: {
      word: 'Hoop',
      means: 'bent from one length: along its curve, with what is in the soil at both ends',
      stacks: true,
    },
    purlin: { word: 'Purlin', means: 'along the crowns of hoops, end to end', stacks: true },
  },
  joints: {
    'panel to panel': 'Tie at a seam',
  },
  joinery: {
    'panel to post':
      'The panel stands inside the posts, between them and the bed’s end. Wire twice round a level wire and the post, over a stud, twisted three turns with pliers, the end turned in.',
    'panel to panel': 'Edge wires side by side; wire twice round both, twisted three turns, the end turned down.',
    'mesh to hoop': 'The mesh lies over the hoops; wire once round hoop and mesh, twisted three turns.',
    'hoop to purlin': 'The purlin lies under the crowns; the clamp holds both where they cross.',
  },
  knots: {
    'panel to post': ['wire tie'],
    'panel to panel': ['wire tie'],
    'mesh to hoop': ['wire tie'],
  },
};
