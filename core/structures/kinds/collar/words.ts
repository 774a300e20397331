import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: { mesh: { word: 'Collar', means: 'round it, with the lap' } },
    joints: { 'collar closed': 'Collar closed' },
    joinery: {
      'collar closed': 'The ends lap by a finger’s breadth; wire round both at three heights, its ends turned in.',
    },
  },
  phrases: {
    'roll.nose': 'An inch stops a rabbit’s nose.',
    'across.plant': 'Leaves stay out of a bite’s reach.',
    'across.young': 'Round a young plant with room to grow.',
    'height.rabbit': 'A rabbit standing up reaches two feet.',
    'height.young': 'Round a young plant, until it can spare a leaf.',
    'below.dig': 'Six inches stop one that scratches.',
    'below.stands': 'Enough to stand.',
    'apart.plants': 'As the plants stand.',
    'cages.room': 'As many as the bed has room for.',
    'cages.each': 'One for each plant.',
    'count.collars': '{collars|collar|collars} of {links} links, {girth} round',
    'count.collars.over':
      '{collars|collar|collars} of {links} links, {girth} round; {over} out of the height of the roll',
    'count.seam': '{ties} ties up each seam, ends lapping {lap}',
    'step.cut':
      'Unroll the mesh on flat ground, weigh it down, and cut {links} links and a finger’s breadth, {high} high.',
    'step.turn': 'Turn every cut end inwards: what stands out cuts hands and leaves.',
    'step.round': 'Roll it round, {across} across, and tie the seam.',
    'step.look': 'Look for slugs and caterpillars on the plant: what is inside stays inside.',
    'step.set': 'Set a collar round each plant, {apart} from middle to middle, and press it {below} into loose soil.',
    'care.wire': 'Cut ends blind, and rolled mesh springs back: gloves, goggles, and stand on both ends.',
    'season.lift': 'Lift the collars off when the plants fill them.',
    'season.weeds': 'Weed inside them by hand; look for slugs under the rim.',
    'season.store': 'Nest them, and store them dry.',
  },
} as const satisfies Said;
