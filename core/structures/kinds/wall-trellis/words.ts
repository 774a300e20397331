import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      batten: { word: 'Batten', means: 'flat on the wall' },
      rear: { word: 'Rear lath', means: 'on the battens', stacks: true },
      front: { word: 'Front lath', means: 'over the rear ones', stacks: true },
    },
    joinery: {
      'lath over lath':
        'The front lath lies flat over the rear one. One screw through its middle, drilled first: a lath splits at a finger’s width.',
      'lath to batten':
        'The rear lath lies on the batten, and nothing over it there: one screw, so that the panel comes off again to paint the wall.',
      'batten to wall':
        'Its back flat on the wall. A screw through the middle of its face into each plug, tight but not so that the plug turns.',
    },
  },
  phrases: {
    'form.square': 'Tied to most easily, and the quickest to make.',
    'panels.carried': 'One person carries and holds it.',
    'top.crop': 'As high as the crop is to be held.',
    'top.usual': 'As high as you reach.',
    'lowest.dry': 'Its wood stays out of the splash.',
    'every.usual': 'A hand and a half: what climbs finds the next hold.',
    'every.crop': 'As far as what climbs there reaches.',
    'ribs.five': 'A hand’s fingers.',
    'battens.two-feet': 'A lath of ¾″ (20 mm) stays straight between them.',
    'wall-every.usual': 'As plaster lath and cladding are.',
    'count.rear.square': '{laths|level lath|level laths} on each of {panels|panel|panels}',
    'count.rear.diamond': '{laths|lath|laths} one way on each of {panels|panel|panels}',
    'count.rear.fan': '{laths|rib|ribs} on each of {panels|panel|panels}',
    'count.front.square': '{laths|upright|uprights} on each of {panels|panel|panels}',
    'count.front.diamond': '{laths|lath|laths} the other way on each of {panels|panel|panels}',
    'count.front.fan': '{laths|lath|laths} across each of {panels|panel|panels}',
    'count.battens': '{battens|batten|battens} behind each of {panels|panel|panels}',
    'count.strings': '{strings|string|strings} in each space without a batten',
    'count.crossings': 'One where two laths cross',
    'count.on-battens': 'One where a rear lath lies on a batten',
    'count.wall-screws': 'One near each end and between, {every} apart at most; a plug for each, but in timber',
    'step.cut.square': 'Cut the laths from the list, and paint or oil them on all sides before they are put together.',
    'step.cut.diamond':
      'Cut the laths from the list at 45°, and paint or oil them on all sides. Those whose ends are parallel and those whose ends are not lie on piles of their own.',
    'step.panel.square':
      'On a flat floor lay out {rear|rear lath|rear laths}, level and in equal spaces, and {front|upright|uprights} over them, ends flush. The two diagonals are equal before the first screw. Screw every crossing, the corners first.',
    'step.panel.diamond':
      'Mark the rectangle of {wide} × {high} on a flat floor. Lay {rear|rear lath|rear laths} one way, the middle pair first, and {front|front lath|front laths} over them the other way, ends on the lines. Screw every crossing.',
    'step.panel.fan':
      'On a flat floor lay {rear|rib|ribs} side by side at the foot, a finger’s thickness of air between, and spread them to {wide} over all. Screw the {front|lath|laths} across, the top one first, each level.',
    'step.again': 'Make {more|more panel|more panels} on top of the first, lath over lath.',
    'step.mark': 'Mark where the battens go: the first plumb, the lower ends in one level line {lowest} over the soil.',
    'step.mark.fan': 'Mark where the battens go: all level, the lowest {lowest} over the soil.',
    'step.battens':
      'Drill the battens, hold each to its marks and screw it to the wall, the top screw first; plumb or level before the second.',
    'step.hang':
      'Stand the panel on two blocks {lowest} high before its battens; one holds, one screws: a screw wherever a rear lath lies on a batten, the upper corners first.',
    'step.string':
      'Tie {strings|string|strings} in each space where no batten lies behind: fast at the lowest level lath, a turn round each, fast at the top one.',
    'step.plant':
      'Plant a foot (300 mm) out, the roots away from the wall and the stem leaning to it; water the dry foot of the wall in its first summers.',
    'season.lead':
      'Spread young shoots out sideways and tie them to the front of the laths; what is threaded behind lifts the panel off as it thickens.',
    'season.look':
      'In winter look at the screws, above all the upper ones, and at laths that rot where they cross. To paint the wall, take out the screws in the battens and lay the panel down with what grows on it.',
    'season.compost': 'After the first frost, cut the strings down and compost them with the vines.',
    'season.unpick': 'After the first frost, unpick the strings from the vines and keep them.',
    'care.saw': 'Goggles on; clamp each lath before it is cut.',
    'care.lift': 'Not a ladder: nobody climbs on it, and children are told.',
  },
} as const satisfies Said;
