import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: { stake: { word: 'Stake', means: 'pointed, cut to length', as: 'body' } },
    joinery: {
      'stem to stake':
        'A figure of eight: once round the stem, loosely, crossed between, twice round the stake and a reef knot behind it.',
    },
    knots: { 'stem to stake': ['reef knot'] },
  },
  phrases: {
    'each.one': 'One beside each plant: it can be tied all the way up.',
    'height.crop': 'As high as the crop is to be held.',
    'height.reach': 'As high as you reach.',
    'tie.growth': 'A tie for every 8 to 12″ (200 to 300 mm) of growth.',
    'count.stakes': 'One behind each plant',
    'count.shared': 'One for every {each} plants, behind the middle of them',
    'count.ties': '{ties|tie|ties} to a plant, one every {every} as it grows',
    'step.mark': 'Stretch a string along the row and mark every plant on the soil.',
    'step.drive':
      'Drive a stake behind each mark, plumb, {depth} deep, before anything is planted: later it goes through roots.',
    'step.plant': 'Plant in front of the stakes.',
    'step.tie':
      'Tie each stem loosely as it grows past {first}, then every {every}, under a leaf so that it cannot slip.',
    'season.tie': 'Every week, make the next tie and loosen the lowest where it begins to cut.',
    'season.clear': 'After the first frost, cut the ties, pull the stakes out with a twist, and store them dry.',
    'care.driving': 'Gloves and eye protection; somebody who holds the stake holds it low, never under the mallet.',
  },
} as const satisfies Said;
