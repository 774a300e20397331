import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      cane: { word: 'Cane', means: 'a whole cane, foot to tip', as: 'body' },
      ridge: { word: 'Ridge', means: 'a whole cane, in the forks' },
      stay: { word: 'Stay', means: 'a whole cane, aslant inside a row', as: 'brace' },
      string: { word: 'String', means: 'from the first cane to the last, with its turns and ends', as: 'thread' },
    },
    joinery: {
      'canes lashed':
        'The two canes cross side by side, the ridge lies in the fork over them. Four turns of twine about all three, two of them crosswise, pulled tight, and a reef knot on top.',
      'ridge lapped':
        'One cane lies on the other for a foot (300 mm) or more: four turns near each end of the lap, a reef knot.',
      'stay to cane': 'Where they cross: four turns, crosswise, and a reef knot.',
      'string to cane': 'Once round each cane, pulled tight against the turn; a clove hitch at the first and the last.',
    },
    knots: {
      'canes lashed': ['reef knot'],
      'ridge lapped': ['reef knot'],
      'stay to cane': ['reef knot'],
      'string to cane': ['clove hitch'],
    },
  },
  phrases: {
    'cane.stout': 'Thin canes bow out under what climbs so high.',
    'cane.thin': 'Thin enough for beans to wind round.',
    'apart.usual': 'Two feet (600 mm): stable, and room to weed inside.',
    'apart.bed': 'As far as the bed allows, with plants outside both rows.',
    'every.crop': 'A cane for each plant: the spacing of {crop}.',
    'every.usual': 'A foot (300 mm), as for beans.',
    'push.firm': 'A hand and a half: the wind pulls before it bends.',
    'push.sand': 'Sand holds less: nearly twice as deep.',
    'height.crop': 'As high as the crop is to be held.',
    'height.canes': 'As high as canes on sale cross, as you reach, and as it stands on such feet.',
    'over.ridge': 'Room for the ridge in the fork, and for the lashing.',
    'stays.wind': 'A triangle keeps the row from lying down in the wind.',
    'strings.along': '{crop} wants closer or thinner holds than the canes.',
    'strings.canes': 'What grows here winds round the canes.',
    'count.canes': 'Two to each of {pairs|pair|pairs}; each needs {asked} and is bought at the next length up',
    'count.ridge': 'As long as the row and a hand past it at both ends at the least, in whole canes that lap',
    'count.stays': 'One inside each row, the one rising where the other falls',
    'count.level-strings': '{strings} along each row, one turn round each cane: {total} in all',
    'count.lashings': 'One to a pair, about both canes and the ridge',
    'count.laps': 'Two to a lap',
    'count.stay-ties': 'One where a stay passes a cane',
    'step.lines':
      'Stretch two strings {apart} apart along the row and mark {pairs|place|places} on each, {every} apart, square across from each other.',
    'step.ends':
      'Push in the canes of the first and the last pair at their marks, {deep} deep, leaning to each other, and cross them {height} over the soil.',
    'step.ridge': 'Lay the ridge into the two forks, as far past one as past the other, and lash it there.',
    'step.ridge.laps':
      'Lay the ridge of {canes|cane|canes} into the forks of the first and last pair, a foot (300 mm) of lap or more between one and the next, and lash the ends and the laps. One holds up the middle until the next pair stands.',
    'step.pairs':
      'Push in {pairs|pair|pairs} between, {deep} deep at their marks, cross them under the ridge so that it lies in every fork, and lash each pair to it.',
    'step.stays':
      'Tie a cane aslant inside each row, from low at one end to high towards the other, those of the two rows opposite ways, to every cane it passes.',
    'step.strings': 'Run {strings|string|strings} level along each row, a turn round every cane.',
    'step.plant': 'Plant or sow outside the canes, one plant or two seeds to a cane.',
    'season.lead':
      'Lead the first shoots to their canes; they climb on by themselves. Pinch out the tips at the ridge.',
    'season.compost': 'After the first frost, cut the twine and compost it with the vines.',
    'season.unpick': 'After the first frost, unpick the twine from the vines and keep it.',
    'season.store':
      'Pull the canes out with a twist, wipe them, and store them dry; what has split at the foot makes shorter canes.',
    'care.eyes':
      'Canes blind: wear goggles while you bend over them, and put a cap or a cork on every end at the height of an eye.',
  },
} as const satisfies Said;
