import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      'leaf strip': { word: 'Leaf strip', means: 'of a leaf; long ones run through, short ones stand between' },
      glazing: { word: 'Back cover', means: 'over a leaf, edge to edge' },
      'front glazing': { word: 'Front cover', means: 'over a leaf, edge to edge, and past its ridge' },
      'end sheet': { word: 'End sheet', means: 'along its foot; cut to the outline of the end' },
    },
    joints: { 'lid corner': 'Corner of a leaf', 'glazing to lid': 'Cover on a leaf' },
    joinery: {
      'ridge hinged':
        'The inner edges of the two leaves meet along the ridge; the hinge lies in the gap between them, its knuckle below. The front sheet goes on over the gap.',
      'foot pegged': 'A peg beside the foot strip at each corner, leaning over it.',
      'end closed':
        'Stood against the ends of both leaves, their outline drawn on it, and cut; a screw with its washer into the strips across, two a leaf. It is taken off to air.',
    },
  },
  phrases: {
    'width.bed': 'As wide as the bed leaves it.',
    'width.row': 'One wide row, or two narrow ones.',
    'high.warm': 'Low, so that little air has to be warmed.',
    'high.crop': 'Clear of what grows in its middle.',
    'tents.one': 'One is short enough to lift.',
    'tents.lifted': 'No longer than one person lifts, about 4′ (1.2 m).',
    'count.strips': 'For {tents|tent|tents} of two leaves: two long strips a leaf and short ones between',
    'count.glazing': 'One to each tent',
    'count.ends': 'One at each end of the row',
    'count.pegs': 'One at each corner of a tent',
    'count.end-screws': 'Two with washers into each leaf',
    'step.cut': 'Saw the strips to length, those alike together against a stop.',
    'step.leaves':
      'Screw each leaf together flat on the ground, its diagonals {diagonal}. Cut its sheet with a knife along a straight edge, its channels from ridge to foot, its printed side out, and screw it on with washers; that of the front leaf goes on past the ridge.',
    'step.hinge':
      'Stand two leaves together as they will stand, their inner edges touching, and screw the hinges into the gap.',
    'step.soil': 'Rake the soil level, sow or plant, and water well. Set the cloche a week before: it warms the soil.',
    'step.set': 'Stand each tent over the row, {width} across at the foot, and peg its corners.',
    'step.ends':
      'Draw the outline of the end on a piece of the cover, cut it, and screw it on; with the screws a turn loose it comes off in a moment.',
    'care.cutting': 'Clamp what you cut; unplug the saw before you set its depth; eyes and ears covered.',
    'season.air': 'On a sunny day take both ends off by mid-morning; close them before the sun is low.',
    'season.summer': 'From about now nights are mild: take it off, or move it to what is tender.',
    'season.off': '{crop} reaches it about now: take it off.',
    'season.open': '{crop} flowers about now and wants insects: take it off.',
    'season.storm': 'Before a gale see that every peg holds: the wind takes it like a kite.',
    'season.store': 'Wash it, fold the leaves together, and keep it out of the sun.',
  },
} as const satisfies Said;
