import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      'frame side': { word: 'Frame side', means: 'one of four sides, over its notches', as: 'body', stacks: true },
      brace: { word: 'Brace', means: 'across a corner, long point to long point', as: 'brace', stacks: true },
      thread: { word: 'Thread', means: 'one way of weaving, nail to nail, with turns and ends', as: 'thread' },
      stake: { word: 'Stake', means: 'a light post, cut to length', as: 'body' },
    },
    joints: {
      'corner halved': 'Halved corner',
      'nail in frame': 'Nails to weave on',
    },
    joinery: {
      'corner halved':
        'Half the thickness off both ends, as long as the timber is wide, so that they lie in one plane; glue, and two screws askew.',
      'brace to frame': 'Across the corner on the back, ends flush with the outsides; two screws into each side.',
      'nail in frame':
        'In the middle line of the front, square to it, half of it left standing; the first and the last of a side at the figures in the marks.',
      'thread on nails': 'A stopper knot at the first nail, one turn round each nail, a stopper knot at the last.',
      'frames joined': 'Heads together, outer faces down; a strap hinge over each pair of sides.',
      'stake to frame': 'The stake stands behind the side; three screws from the front.',
    },
    knots: {
      'thread on nails': ['stopper'],
      'foot to ground': ['reef knot'],
    },
  },
  phrases: {
    'form.pair': 'Two leaning frames bridge the bed and stand by themselves.',
    'form.single': 'The bed is narrow: one frame on two stakes.',
    'frame.usual': 'Light enough for one person to carry.',
    'frame.crop': 'As high as the crop is to be held, as far as one person can hang it.',
    'frames.fit': 'As many as the stretch holds, side by side.',
    'spread.bed': 'From edge to edge of the bed, 4′ (1.2 m) at most.',
    'brace.square': 'Keeps the frame square when it is carried.',
    'interval.five': 'Five inches (127 mm): a hand and its fruit pass.',
    'interval.thin': '{crop} has thin tendrils and wants a hold this often.',
    'nailing.equal': 'Every field of the weave comes out the same.',
    'thread.compost': 'Cut off and composted with the vines.',
    'stakes.driven': 'A driven stake is never less deep than 18″ (460 mm).',
    'count.sides': 'Four to each of {frames|frame|frames}, halved into each other at the corners',
    'count.braces': 'One in each corner, 45° at both ends, from what the sides leave over',
    'count.thread':
      '{uprights} up and {levels} across from nail to nail, a turn at each, {end} at both ends: {total} in all',
    'count.stakes': 'Two to a frame',
    'count.corner-screws': 'Two in each halved corner',
    'count.brace-screws': 'Two at each end of a brace',
    'count.nails': 'Every {high} up the sides and every {wide} along head and foot, left proud',
    'count.hinges': 'Two at the head of a pair',
    'count.stake-screws': 'Three to a stake',
    'step.cut': 'Cut the sides and halve their ends: half the thickness away, as long as the timber is wide.',
    'step.square':
      'Lay each frame out, {high} by {wide}, glue and screw the corners, and square it: both diagonals {diagonal}.',
    'step.brace': 'Screw a brace across each corner on the back.',
    'step.nails':
      'Mark the nails with dividers, drill for them so that the wood does not split, and drive them half in, heads proud.',
    'step.join':
      'Stand two frames against each other over the bed, feet {spread} apart, screw the hinges across their heads and peg the feet.',
    'step.stakes':
      'Drive the two stakes {deep} deep, in line with the sides (plumb on level soil), and screw the frame to them.',
    'step.weave':
      'Tie the thread to a corner nail and weave up and down, then across, over and under in turn, one turn at each nail.',
    'step.plant': 'Plant along the foot of the frames.',
    'season.thread': 'When the crop is over, cut thread and vines off together and compost both.',
    'season.store':
      'Brush the frames, oil bare wood, and hang them under a roof. Dry oily rags flat outdoors: bundled they catch fire by themselves.',
    'care.saw': 'Unplug the saw before you set its depth; clamp the work; eyes and ears covered.',
    'care.nails': 'Proud nails catch sleeves and eyes: glasses on, and heads out, not points.',
    'care.driving': 'Gloves and eye protection; hold the stake with a helper’s clamp, never by hand under the mallet.',
  },
} as const satisfies Said;
