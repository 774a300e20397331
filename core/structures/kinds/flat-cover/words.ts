import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: { cover: { word: 'Cover', means: 'along the bed, with its slack and what is laid down at both ends' } },
    joints: { 'edge held': 'Edge held down', 'strip on strip': 'Strip on strip' },
    joinery: {
      'edge held':
        'The edge lies flat on the soil and is turned over once; a peg goes through both layers, leaning outwards. Over a rim it is hooked on nails that stand half out. The corners first.',
      'strip on strip': 'The strips lap by a hand along the bed, pegged through both.',
    },
  },
  phrases: {
    'width.bed': 'As wide as the bed.',
    'slack.grows': 'Enough for leaves to lift it for some weeks.',
    'slack.some': 'Enough for seedlings.',
    'tuck.edge': 'Turned over once and pegged.',
    'held.pegs': 'They hold in wind and come out in a moment.',
    'every.wind': 'The bed lies open to the wind.',
    'every.nails': 'Close enough that no edge gapes.',
    'every.usual': 'A step apart.',
    'count.one': 'One piece, {slack} % wider than the bed, {tuck} laid down at every edge',
    'count.strips': '{strips} strips, together {slack} % wider than the bed, {tuck} laid down at every edge',
    'count.pegs': 'All round, at most {every} apart',
    'count.nails': 'Round the outside of the rim, at most {every} apart',
    'step.rake': 'Rake the soil, pick off stones and twigs that tear it, sow or plant, and water well.',
    'step.look': 'Look under every leaf for eggs, beetles and slugs: a cover keeps them in too.',
    'step.lay': 'Lay it on loosely, the slack in folds along the middle.',
    'step.pegs': 'Turn the edge over and peg it, corners first, then from the middle of each side outwards.',
    'step.weights': 'Lay boards, stones or a spit of soil on its edge all round, without a gap.',
    'step.nails':
      'Drive round-headed nails half in round the outside of the rim, {every} apart, a hand below its top. Draw the cover over and hook its edge on them.',
    'care.nails': 'A nail that stands out catches shins and sleeves: bend each a little upwards.',
    'season.off': '{crop} has lifted it as far as it goes: take it off now.',
    'season.open': '{crop} flowers about now and wants insects: take it off.',
    'season.storm': 'After wind and heavy rain look along every edge.',
    'season.store': 'Shake it out, dry it, and hang it up out of the sun.',
  },
} as const satisfies Said;
