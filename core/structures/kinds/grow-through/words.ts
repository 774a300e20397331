import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      stake: { word: 'Stake', means: 'pointed, cut to length', as: 'body' },
      grid: { word: 'Grid', means: 'along the bed, cut beside a wire' },
    },
    joints: { 'grid to stake': 'Grid to stake' },
    joinery: {
      'grid to stake':
        'The edge wire lies against the inside of the stake; twice round both, twisted or knotted outside.',
    },
    knots: { 'grid to stake': ['reef knot'] },
  },
  phrases: {
    'width.bed': 'As wide as the bed leaves it, and the mesh is sold.',
    'mesh.hand': 'A hand and a stem go through.',
    'high.crop': 'As high as the crop is to be held.',
    'levels.one': 'So low a grid does alone.',
    'levels.tall': 'One half as high keeps the stems from the start.',
    'every.sags': 'Farther apart the grid sags under wet flowers.',
    'tied.stays': 'It stays on for years.',
    'count.stakes': 'In pairs along both sides, no farther apart than {every}',
    'count.grids': '{levels|level|levels}',
    'count.ties': 'One at each stake',
    'step.mark': 'Mark the stakes along two strings, {width} apart, every {every} at the most, in pairs.',
    'step.drive': 'Drive the stakes {depth} deep, plumb, outside the strings.',
    'step.cut': 'Cut the mesh beside a wire and turn every cut end in.',
    'step.tie': 'Tie it level inside the stakes, {high} over the soil; a second one half as high.',
    'step.plant': 'Plant each so that its shoots stand under the middle of a mesh.',
    'season.out': 'By now it has to be out: shoots a hand high still find their meshes.',
    'season.lead': 'Once a week lead back what has grown out past the edge.',
    'season.clear': 'After the first frost cut down what has died, lift the grid off, and brush it clean.',
    'care.driving': 'Gloves and eye protection; somebody who holds the stake holds it low, never under the mallet.',
    'care.mesh': 'Cut mesh springs and its ends blind: goggles and gloves, every end turned in.',
  },
} as const satisfies Said;
