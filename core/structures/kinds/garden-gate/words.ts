import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      rail: { word: 'Rail', means: 'between the stiles of the leaf', stacks: true },
      board: { word: 'Board', means: 'across the leaf, end to end', stacks: true },
      mesh: { word: 'Mesh', means: 'mesh by length' },
      'low mesh': { word: 'Fine mesh', means: 'along the leaf, low down' },
    },
    joints: {
      'board to leaf': 'Board to the leaf',
    },
    joinery: {
      'brace fixed':
        'On the back of the leaf, from the lower hinge corner up to the latch corner, its ends plumb and flush with the middle of the stiles. Its screws go into each corner askew.',
      'mesh to leaf':
        'On the outside, edges flush with the leaf; start in the middle of one stile and pull to the other.',
      'board to leaf':
        'Level on the outside, the lowest flush with the foot of the leaf; two screws into each stile, askew.',
      latched:
        'On the stile away from the hinges, at three quarters of the height, or under the brace where that comes lower.',
    },
  },
  phrases: {
    'width.barrow': 'A barrow goes through.',
    'height.run': 'As high as the fence beside it.',
    'under.grass': 'Swings over grass.',
    'under.visitors': 'No more than who visits can pass.',
    'clear.half': '⅜ to ½″ (10–12 mm): it still opens when it is wet.',
    'hinged.higher': 'The soil is higher on that side: the latch end swings free of it.',
    'hinged.first': 'On the left as you come from outside.',
    'opens.inward': 'Nobody outside is in its way.',
    'filling.run': 'As the fence beside it.',
    'mesh.visitors': 'Fine enough for who visits.',
    'boards.wind': 'A gap lets the wind through.',
    'count.boards': 'As many as the leaf takes, {gap} apart',
    'count.mesh': 'On the outside of the leaf',
    'count.low': 'On the outside of the leaf, low down',
    'count.board-screws': 'Two at each crossing',
    'step.measure':
      'Measure the gateway as built, at top, middle and bottom, and from post to post plumb: the leaf is {leaf} wide only if the least is {gateway}.',
    'step.cut': 'Cut stiles and rails to that measure, the leaf {clear} less on each side.',
    'step.join': 'Join the leaf on a flat floor, square: both diagonals {diagonal}.',
    'step.brace':
      'Lay the brace over the leaf from the lower hinge corner up to the latch corner, mark it, cut it, and fix it. It is pressed, so that it cannot sag.',
    'step.mesh': 'Screw the mesh on with washers, before the leaf is hung.',
    'step.boards': 'Screw the boards on with a spacer, before the leaf is hung.',
    'step.try':
      'Before it is covered, stand the leaf in its gateway on blocks of {first} at its first post and {second} at the second, {clear} free on each side: it is level, and nowhere less free over the soil than {under}. Plane what binds.',
    'step.hang':
      'Where its posts stand in concrete, wait until that has cured: a day for fast mix, three to seven for ordinary. Then fix {hinges|hinge|hinges} to leaf and post with the leaf still on its blocks; then the latch.',
    'step.sill': 'Let a board or a row of pavers into the soil under the leaf, flush: what digs tries there first.',
    'season.oil': 'Oil the hinges and true the latch.',
    'season.grass': 'Cut the grass under it short, or it will be lifted off its latch.',
    'care.saw': 'Clamp what you cut; unplug the saw before you set its depth.',
    'care.mesh': 'Cut ends blind: gloves, eye protection, ends turned in.',
    'care.fingers': 'A leaf falls when its block slips: one holds, one screws, no fingers in the hinge side.',
  },
} as const satisfies Said;
