import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      stile: { word: 'Stile', means: 'up a leaf, foot to head', as: 'body' },
      slat: { word: 'Slat', means: 'across a leaf', stacks: true },
      mesh: { word: 'Mesh', means: 'mesh by length' },
      chain: { word: 'Tether', means: 'tether across a frame, with its ends' },
    },
    joinery: {
      'slat to stile':
        'The slat lies flat on the outer face of both stiles, flush with their outer edges. Two screws into each stile, askew, so that it cannot rack.',
      'mesh to leaf':
        'The mesh lies on the outer face of the stiles, under the cross rails, its edges flush with theirs.',
      'leaf to leaf':
        'Both leaves lie with their outer faces down and their heads towards each other. One hinge over each pair of stiles, its knuckle over the middle of the gap, the straps along the stiles.',
      'tether to leaf':
        'The eyes sit on the inner faces of the stiles, opposite each other, at the height in the marks. Chain is hooked in; rope takes a round turn and two half hitches.',
    },
    knots: {
      'tether to leaf': ['two half hitches'],
    },
  },
  phrases: {
    'width.lengths': 'Narrower by {less}, so that the slats come once more from every length.',
    'width.carry': 'As wide as two people can carry.',
    'frames.fit': 'As many as the stretch holds, a hand’s breadth apart.',
    'leaf.reach': 'So that you reach its peak from the path.',
    'leaf.six': 'Six feet (1.8 m), not more: it has to be folded and carried.',
    'spread.usual': 'Three to four feet (0.9 to 1.2 m) is usual; far narrower it tips.',
    'infill.slats': 'Slats brace the leaf and last.',
    'infill.thin': 'Thin tendrils cannot hold a slat.',
    'gauge.two-by-four': 'A 2×4 on edge is the spacer.',
    'hinge.closes': 'Room for slats and stiles when it is folded.',
    'tether.keeps': 'It can neither slide open nor close.',
    'pegs.wind': 'In leaf it is a sail.',
    'pegs.none': 'No peg has a price in your price book.',
    'count.stiles': 'Two to a leaf, four to each of {frames|frame|frames}; feet cut {lean}° so that they stand flat',
    'count.slats': '{slats} to a leaf with {gauge} between them',
    'count.cross': '{slats} across each leaf: head, middle and foot',
    'count.mesh': 'Strips of the roll, side by side up each leaf',
    'count.tether': 'One across each end of a frame, {up} up the leaf, with {end} at both ends to make fast',
    'count.slat-screws': 'Two at each end, so that it cannot rack',
    'count.mesh-staples': 'Down both stiles, {every} apart',
    'count.hinges': 'Two to a frame, at the heads of the stiles',
    'count.tether-eyes': 'One at each end of it',
    'step.cut': 'Cut stiles and slats; the feet of the stiles at the angle on the list.',
    'step.lay':
      'Lay the two stiles of a leaf on flat ground, {width} over all, feet level with each other. They are square when both diagonals over all are {diagonal}.',
    'step.slats':
      'Screw the head slat on first, then the others downwards with {gauge} of gauge between them; two screws at each end, pre-drilled.',
    'step.mesh': 'Staple the mesh down both stiles, pulled smooth, then screw the three cross rails on over it.',
    'step.hinge': 'Lay the leaves head to head, outer faces down, {gap} apart, and screw the two strap hinges across.',
    'step.open': 'Stand it up and open it until the feet are {spread} apart.',
    'step.tether': 'Turn the eyes in and make the tethers fast, both equally taut.',
    'step.pegs': 'Drive a peg at each foot and tie the foot to it.',
    'step.plant': 'Plant along both feet, on the outside.',
    'season.lead': 'Every week, lead shoots back on to the frame; nothing has to be tied once it holds.',
    'season.fold': 'After the first frost, clear the vines, take the tethers off one side and fold it. Store it dry.',
    'care.saw': 'Unplug the saw before you set its depth; clamp the work; eyes and ears covered.',
    'care.wire-ends': 'Cut wire ends blind: gloves and eye protection; turn them in.',
    'care.fingers': 'Fingers out of the hinge: a leaf is heavy and shuts like a trap.',
    'care.climb': 'Not a climbing frame. Keep children off it.',
  },
} as const satisfies Said;
