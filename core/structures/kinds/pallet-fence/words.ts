import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      pallet: { word: 'Pallet', means: 'along its long edge', as: 'body' },
      'gate pallet': { word: 'Gate', means: 'a pallet, less the room it swings in', as: 'body' },
      stake: { word: 'Stake', means: 'tip to top' },
      board: { word: 'Board', means: 'half of one, end to end', stacks: true },
    },
    joinery: {
      'pallet to stake':
        'Wire twice round the bearer and the stake, low and high, twisted tight with pliers, its ends bent in.',
      'gate hung':
        'Two loose ties round its bearer and the stake: it is lifted a little and swings. Hinges later, if you like.',
      'board over joint':
        'Flat outside, level with the others, half of it on each pallet; three screws into each, where a slat or a bearer lies behind.',
    },
    knots: { 'pallet to stake': ['wire tie'], 'gate hung': ['wire tie'] },
  },
  phrases: {
    'pallet.high': 'As high as pallets stand on their long edge.',
    'joints.board': 'One wall of them, which is not pushed apart.',
    'depth.stakes': 'A boot’s length and more: long straight stretches lean without them.',
    'gate.pallet': 'It costs nothing but two ties.',
    'gate.second': 'The second from the first corner.',
    'count.pallets': 'As many as the stretches take; {sawn} of them sawn to length',
    'count.gate': 'One of them',
    'count.stakes': 'One at every joint and at both ends of a stretch',
    'count.boards': 'One over each joint in a line',
    'count.ties': 'Two to each pallet at each stake',
    'count.gate-ties': 'Two, left loose',
    'count.board-screws': 'Three into each pallet',
    'step.allowed': 'Ask what is allowed at the boundary before you build.',
    'step.marks':
      'Look at the mark of every pallet: HT, and nothing else. No MB, no stains, no smell; leave those that are broken.',
    'step.line':
      'Stretch the line of each stretch, clear and level a strip under it, and lay the {pallets|pallet|pallets} out along it.',
    'step.saw':
      'Saw {sawn|pallet|pallets} to what is left at the end of a stretch: through the bearers, beside a slat that stays.',
    'step.stakes':
      'Drive a stake at each joint and at both ends, {depth} deep, in line with the edges of the pallets (plumb on level ground), on the garden’s side of the line.',
    'step.stand':
      'Stand the pallets on their long edge against the stakes, the closer slats outside, and tie them low and high.',
    'step.boards': 'Cut each 8′ (2.4 m) board in half and screw one half over each joint, all at one height.',
    'step.gate': 'Hang the gate on two loose ties round its stake, and put a loop of wire over it and the other stake.',
    'season.walk':
      'Walk along it: what touches the soil rots first, in three or four years like everything untreated. Tie again what leans.',
    'care.pallets':
      'Gloves: splinters and nails. Two carry one; nobody stands on them. Not a climbing frame for children.',
    'care.nails': 'Nails ruin blades and throw sparks: find them first, goggles on.',
    'care.driving': 'Gloves, eye and ear protection; never hold a stake for somebody who drives it.',
  },
} as const satisfies Said;
