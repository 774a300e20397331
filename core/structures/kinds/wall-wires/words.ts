import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      eye: { word: 'Vine eye', means: 'as it is sold', stacks: true },
      wire: { word: 'Wire', means: 'less its turnbuckle, with its turns at both ends', stacks: true },
    },
    joinery: {
      'eye in wall': 'Screwed in until its thread is gone, into a plug or into timber, its hole along the wall.',
      'wire made fast':
        'Twice through the eye and six close turns round itself, never kinked: the end eyes bear all of the wire’s pull.',
      'wire through eye': 'Straight through, not wound: the wire has to slide when it is strained again.',
    },
    knots: { 'wire made fast': ['wound wire'] },
  },
  phrases: {
    'wire.wall': 'Enough between eyes so close.',
    'pull.wall': 'Straight, by hand: more bends the eyes at its ends.',
    'eye.long': 'Long enough to go through the render and hold in what is behind it.',
    'eye.short': 'Air behind, and room for a hand.',
    'eyes.usual': 'An eye every six feet (1.8 m).',
    'count.wires': 'At {heights|height|heights}, from end eye to end eye, with their turns: {total} in all',
    'count.plugs': 'One to an eye',
    'count.eyes': 'At both ends of each wire and between, {apart} apart',
    'step.mark':
      'Mark the {heights|height|heights} of the wires on the wall with a long level, and the places of the eyes one over the other.',
    'step.eyes': 'Screw in {eyes|eye|eyes}, all as far as each other, their holes along the wall.',
    'step.wire':
      'Wire by wire, the top one first: twice through the first eye, six turns round itself; on through the eyes between, through the turnbuckle, and fast at the last.',
    'step.strain':
      'Give the turnbuckles turn after turn, top and bottom by turns, up to about {pull}. Stop where an eye leans.',
    'step.plant':
      'Plant in front of the wires, the roots away from the wall and the stem leaning to it; water the dry foot of the wall in its first summers.',
    'season.strain':
      'Each spring give the turnbuckles the turn they need, look at ties before they cut in, and screw tight what has worked loose in the wall.',
    'care.wire':
      'Wire springs: stand on the coil’s end, goggles and gloves on, and bend every cut end back into itself.',
    'care.strain': 'A tight wire can let go: face out of its line, nobody beside it.',
  },
} as const satisfies Said;
