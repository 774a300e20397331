import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      post: { word: 'Post', means: 'stands already', as: 'body' },
      mesh: { word: 'Mesh', means: 'hangs there already' },
      wire: { word: 'Wire or rail', means: 'is there already' },
      slat: { word: 'Slat', means: 'is there already', stacks: true },
      net: { word: 'Net', means: 'along what stands there' },
    },
    joints: { 'net tied on': 'Net tied on' },
    joinery: {
      'as it stands': 'As it was made; what is loose is made fast again.',
      'net tied on': 'Drawn tight along its top first; a tie round the post and two meshes.',
    },
  },
  phrases: {
    'made.often': 'Most fences that plants climb.',
    'measure.it': 'A guess: measure it.',
    'bears.shake': 'Shake it, and say what you find.',
    'count.stands': 'As it stands',
    'net.none': 'Plants hold on to what is there.',
    'count.net': 'From the first hold to the top, in strips as high as it is sold',
    'count.net-ties': 'One at every post, every {every} up it',
    'step.net': 'Hang the net before it, from one end, drawn tight, and tie it to every post from the top down.',
    'step.look':
      'Shake every post and look at its foot: a screwdriver that goes in finds rot. Make fast what is loose, and turn in every cut end.',
    'step.measure': 'Measure its top, its first hold and what is between, and set them here: what fits it follows.',
    'step.plant': 'Plant along its foot, a hand before it.',
    'season.shake': 'Shake it again in spring, before anything grows on it.',
    'season.owner': 'If it is not yours alone, ask before you load it.',
    'season.clear': 'After the first frost cut the vines off and take them out of it.',
    'care.old':
      'Old wood may be treated with what is not allowed any more: gloves, no sawdust where food grows, nothing burned.',
  },
} as const satisfies Said;
