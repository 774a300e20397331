import type { Said } from '../../said';

/** What its parts are called and measure, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      stick: { word: 'Stick', means: 'with its twigs; whole, pointed', as: 'body', stacks: true, yields: true },
    },
  },
  phrases: {
    'push.hand': 'A hand and a half: twigs catch the wind.',
    'height.crop': 'As high as the crop is to be held.',
    'height.sticks': 'As high as sticks that are to be had stand.',
    'every.hand': 'So close that their twigs reach through each other.',
    'beside.near': 'So near that the first tendrils find a twig.',
    'count.sticks': 'One every {every} at the most, one at each end',
    'step.point': 'Point the thick ends. Of a wide fan cut what stands out to one side: it lies flat along the row.',
    'step.line': 'Stretch a string along the row and mark every {every}.',
    'step.push':
      'Push the sticks in {deep} deep, leaning to and fro along the row by turns, so that their twigs catch in each other.',
    'step.trim':
      'Cut the tips level, {height} over the soil, and lay what falls off along the foot for the first tendrils.',
    'step.sow': 'Sow a row on either side, {beside} from the sticks.',
    'season.cut': 'Cut sticks for next year in late winter, while they are bare, and keep them dry and flat.',
    'season.lead': 'Lean the first shoots against the twigs; they climb on by themselves.',
    'season.clear':
      'When it has cropped, pull all of it out together: vines and sticks make kindling, or are shredded.',
    'care.eyes': 'Twigs at the height of an eye: goggles when you bend over them.',
  },
} as const satisfies Said;
