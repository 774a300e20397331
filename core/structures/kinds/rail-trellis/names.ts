import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const RAIL_TRELLIS_NAMES: Names = {
  parts: {
    post: { word: 'Post', means: 'stands in the ground; as bought, or cut to length' },
    rail: { word: 'Rail', means: 'level between posts, end to end' },
    panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
    shelf: { word: 'Shelf strip', means: 'strip of a panel split lengthways: its length' },
    concrete: { word: 'Concrete', means: 'depth poured; the volume stands in `litres`' },
    gravel: { word: 'Gravel', means: 'depth of the layer; the volume stands in `litres`' },
  },
  joints: {
    'rail to post': 'Rail to post',
    'panel to rail': 'Panel to rail',
    'panel to post': 'Panel to post',
    'shelf to rail': 'Shelf to rail',
    'cap on post': 'Cap on post',
    'post in its hole': 'Post in its hole',
  },
};
