import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      wedge: { word: 'End wedge', means: 'end to end, before it is sawn aslant', stacks: true },
      cleat: { word: 'Cleat', means: 'inside, over the joint of wedge and board', stacks: true },
      glazing: { word: 'Lid cover', means: 'over a lid, edge to edge' },
    },
    joints: { 'glazing to lid': 'Cover on a lid' },
    joinery: {
      'wedge to cleat': 'One screw from outside through the wedge, where it is thick enough, into the cleat.',
      'board to cleat': 'Two screws from outside through the board below, askew.',
    },
  },
  phrases: {
    'width.reach': 'No deeper than you reach, and than clear sheet is wide.',
    'faces.sun': 'This side looks to the midday sun, within {off}°.',
    'courses.low': 'The lower, the warmer.',
    'courses.crop': 'Over what grows highest.',
    'lids.short': 'Shorter lids are lifted with one hand, and the wind gets no hold of them.',
    'count.boards': '{courses|course|courses} of two long and two short ones, and one more behind',
    'count.wedges': 'One at each end, the second marked from the first',
    'count.cleats': 'One inside each end',
    'count.strips': '{lids|lid|lids}, each of two long strips and short ones between',
    'count.glazing': 'Over each lid',
    'count.wedge-screws': 'One through each wedge',
    'count.cleat-screws': 'Two through the board below each wedge',
    'step.cut': 'Cut boards, posts, cleats and strips. Look for knots in the strips: cut round them.',
    'step.wedge':
      'On one end board mark {tip} up from its lower edge at one end, draw a straight line from there to the upper corner at the other, and saw along it; lay it on the second, mark and saw that.',
    'step.box': 'Screw the level boards to the posts on a flat floor, square: both diagonals {diagonal}.',
    'step.back':
      'Screw the upper board to the back posts, then stand the wedges on the end boards against them, cleats inside, and screw them on.',
    'step.set':
      'Carry it to its place, the low side to the sun; set it level and draw soil up round it outside, so that no draught comes under.',
    'step.lids': 'Glue and screw the lids on a flat floor, square: both diagonals {diagonal}.',
    'step.sheet':
      'Cut the sheet with a sharp knife along a straight edge, tape its open ends, lay it on with the ribs down the slope and screw it on with washers.',
    'step.film': 'Pull the film over each lid, fold its edge under once, and staple it from the middle outwards.',
    'step.hinge':
      'Lay the lids on the slope, a finger over the front, and screw the hinges on behind: each opens without touching the next.',
    'step.prop': 'Screw the props on, not quite home, so that they turn.',
    'step.plant': 'Sow or plant, tall things on the high side.',
    'season.vent':
      'On every sunny day prop the lids a hand open by mid-morning, wider when it is warm; shut them two hours before the sun leaves.',
    'season.frost': 'Before a hard night lay a mat or an old blanket over the lids; take it off when it thaws.',
    'season.snow': 'From now on brush snow off the lids before it lies: it is heavy, and it takes the light.',
    'season.summer':
      'Take the lids off or leave them open for good: what grows now is planted out, or stays without them.',
    'season.open': '{crop} flowers about now and wants insects: leave the lids open by day.',
    'season.off': '{crop} reaches the lids about now: leave them open.',
    'season.oil':
      'Oil the boards when they are dry. Lay oily rags flat outdoors: in a heap they catch fire by themselves.',
    'care.wedge':
      'A cut that runs out at a corner kicks: clamp the board down, cut towards the thin end, hands behind the blade.',
  },
} as const satisfies Said;
