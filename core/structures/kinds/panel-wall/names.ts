import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const PANEL_WALL_NAMES: Names = {
  parts: {
    panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
    'fine mesh': { word: 'Fine net', means: 'net by length' },
    'line wire': { word: 'Line wire', means: 'with its ends' },
  },
  joints: {
    'panel to panel': 'Tie at a lap',
  },
  joinery: {
    'panel to post':
      'The panel hangs on the studded face. A clip or tie goes over a level wire, round the back of the post, and over the wire again.',
    'panel to panel':
      'The next panel laps this one by one mesh, its uprights over those of the first; a tie at top, middle and bottom.',
    'net to panel': 'The net lies on the side of the plants; a tie round a wire along its top and its foot.',
    'wire to post': 'Twice round the post under a stud, six close turns round itself.',
  },
  knots: {
    'wire to post': ['wound wire'],
  },
};
