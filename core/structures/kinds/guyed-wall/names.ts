import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const GUYED_WALL_NAMES: Names = {
  parts: {
    panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
    'guy wire': { word: 'Guy wire', means: 'less its turnbuckle, with its ends' },
    cane: { word: 'Cane', means: 'a whole cane', as: 'guide' },
  },
  joints: {
    'turnbuckle in a guy': 'In a guy',
  },
  joinery: {
    'panel to post':
      'The panel lies on the front face of the posts. Where two meet, they meet over the middle of a post, and each is held on its own half. Ties go twice round wire and post.',
    'guy to post': 'On the back of the post. The wire goes twice through the eye and six close turns round itself.',
    'turnbuckle in a guy': 'At the foot end, where it can be reached: wire and turnbuckle eye to eye.',
    'cane to panel': 'The cane stands in front of the lowest wires; the tie goes round both, crossed between.',
  },
  knots: {
    'guy to post': ['wound wire'],
  },
};
