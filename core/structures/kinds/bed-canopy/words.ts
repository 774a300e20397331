import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      'frame side': { word: 'Long board of the frame', means: 'over the outsides of the posts' },
      'frame end': { word: 'Short board of the frame', means: 'over the ends of the long ones' },
      rafter: { word: 'Curved rafter', means: 'tip to tip, along the board' },
      boss: { word: 'Boss', means: 'across' },
    },
    joints: { 'string to rung': 'String to frame' },
    joinery: {
      'frame to post':
        'Flat on the outside of the post, upper edge flush with its top; two screws askew. Screws, not glue or nails, until the whole has been seen: a shaped board is easily put on upside down.',
      'rafter on post':
        'The level cut of its foot stands on the middle of the post’s top, its tip over the corner of the frame; a screw aslant from each face.',
      'boss on rafter':
        'The boss lies on the level cuts of the four heads; a small L-bracket in each angle under it, on one face of the rafter, two screws each way.',
      'string pegged': 'Twice round the peg and two half hitches; the peg leans away from the pull.',
      'string to rung': 'A clove hitch round the board.',
    },
    knots: { 'string pegged': ['two half hitches'], 'string to rung': ['clove hitch'] },
  },
  phrases: {
    'long.canopy': 'Six feet (1.8 m): rafters of about four.',
    'wide.bed': 'Inside the boards of the bed.',
    'height.usual': 'Over the heads of those who pick.',
    'height.reach': 'As high as you reach, and as posts on sale stand.',
    'rise.usual': 'Steep enough for rain and leaves to run off.',
    'swing.usual': 'Seen from the path, and grain enough left in the rafter.',
    'count.posts': 'One at each corner',
    'count.sides': 'One on each long side',
    'count.ends': 'One over each end',
    'count.rafters': 'One from each post',
    'count.boss': 'One over all four',
    'count.strings': '{strings} on each long side',
    'count.frame-screws': 'Two at each crossing with a post',
    'count.rafter-screws': 'Two at each foot',
    'count.boss-screws': 'A bracket and four screws to each rafter',
    'count.pegs': 'One to a string',
    'step.template':
      'Lay the template of the rafter in the board so that what is cut away serves as trim, saw one with a jigsaw, try it, smooth it; mark the other three from it.',
    'step.boss': 'Saw the boss to its template, and ease its edge so that water runs off.',
    'step.mark': 'Peg the corners inside the bed, {long} by {wide} over the posts; both diagonals are equal.',
    'step.dig': 'Dig four holes, {depth} deep.',
    'step.stand':
      'Stand the posts and clamp boards across them at two heights, plumb both ways, the diagonals equal: posts true and square before anything else.',
    'step.plumb':
      'Look at plumb again after filling: posts shift. Mark all four tops {height} over the soil at its highest, with a level, and trim them.',
    'step.frame':
      'Clamp the long boards to the outsides of the posts, flush with the tops, then the short ones over their ends; screw them when they have been seen from the path.',
    'step.prop':
      'Alone: stand a prop in the middle of the bed, {rise} higher than the frame, and lay the boss on it; clamp it there.',
    'step.rafters':
      'Set the rafters one opposite the other: foot on its post, head under the boss; screw the heads, then the feet, and take the prop away.',
    'step.strings': 'Tie {strings|string|strings} to each long board and down to a peg, tight as a slack line.',
    'step.trim': 'Cut trim and stiffeners for the corners and the middles of the bed’s sides from what is left.',
    'season.walk':
      'Each spring look at the feet of the rafters and the soil line of the posts; tighten what has worked loose.',
    'season.clear': 'Cut down what is over and take the strings with it to the compost.',
    'care.jigsaw': 'Clamp the board, goggles on, the cable behind you; let the blade stop before you lift it.',
    'care.steps': 'Steps on a board, not on soft soil; both feet on them, nobody under what is held overhead.',
  },
} as const satisfies Said;
