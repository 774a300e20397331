import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const HOOP_TUNNEL_NAMES: Names = {
  parts: {
    hoop: { word: 'Hoop', means: 'foot to foot along its bow, with what stands in the soil', stacks: true },
    sleeve: { word: 'Sleeve', means: 'piece of pipe for a foot' },
    concrete: { word: 'Concrete in a core', means: 'round a sleeve' },
    ridge: { word: 'Ridge pipe', means: 'under the crowns' },
    'ridge cord': { word: 'Ridge cord', means: 'hitched from hoop to hoop, with ends' },
    cover: { word: 'Cover', means: 'along the tunnel, with what is gathered at both ends' },
    'hold-down': { word: 'Hold-down cord', means: 'over a bay, with its ends' },
  },
  joints: {
    'hoop in sleeve': 'Foot in its sleeve',
    'sleeve in core': 'Sleeve in a core',
    'cord round hoop': 'Ridge cord round a hoop',
    'cover on hoop': 'Cover on a hoop',
    'cover to cover': 'Seam of the cover',
    'end gathered': 'End drawn together',
    'hold-down pegged': 'Hold-down pegged',
  },
  joinery: {
    'hoop in sleeve':
      'The foot goes down to the bottom of its sleeve and turns freely in it. On the side of a bed the sleeve stands plumb on the outside, its top level with the rim, a strap round its middle.',
    'sleeve in core': 'Plumb in the middle of the core, its top level with the block; dry mix round it, then water.',
    'hoop to ridge': 'The pipe lies under the crowns; the clamp holds both where they cross.',
    'cord round hoop': 'A clove hitch round the crown of every hoop, the cord tight from each to the next.',
    'cover on hoop': 'The cover lies over the hoops, as much hanging at one side as at the other.',
    'cover to cover': 'The strips lap along the tunnel, the upper over the lower; sewn, or clipped at every hoop.',
    'end gathered':
      'What hangs past the end hoop is drawn together in one hand, tied with a clove hitch, and the tie goes to a peg in line with the ridge.',
    'hold-down pegged':
      'The cord goes over the cover in the middle of a bay, down to a peg on each side; two half hitches, so that it is slacked in a moment.',
  },
  knots: {
    'cord round hoop': ['clove hitch'],
    'end gathered': ['clove hitch'],
    'hold-down pegged': ['two half hitches'],
  },
};
