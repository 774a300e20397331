import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      rod: { word: 'Rod', means: 'through all tiers, with what is in the ground' },
      tier: { word: 'Tier', means: 'across its cups' },
      mix: { word: 'Potting mix', means: 'in one tier' },
    },
    joints: { 'tier planted': 'A tier on the rod, planted', 'pots to spare': 'Pots to spare' },
    joinery: {
      'tier planted':
        'A hole through the middle of the tier goes over the rod; its cups stand between those of the tier below. Filled to a finger under the rim, a plant in each cup with its crown at the soil.',
      'pots to spare': 'Laid by: one or two in ten crack when they are drilled.',
    },
  },
  phrases: {
    'tiers.six': 'Six tiers are eighteen plants, picked without bending or a ladder.',
    'tiers.gust': 'As many as stand in a gust of {gust} by their own weight.',
    'rod.usual': 'Stiff, cheap, and thin enough for a small hole.',
    'towers.one': 'One to begin with.',
    'towers.planned': '{planned|plant|plants}, {places} to a tower.',
    'plants.bundles': 'Strawberries come in bundles of young plants.',
    'plants.sown': 'Sown and set out by yourself.',
    'apart.round': 'Room to go round with a can.',
    'depth.eighteen': 'A foot and a half keeps six or seven tiers in line.',
    'depth.more': 'More tiers want more rod in the ground.',
    'spare.crack': 'One in ten cracks, or a little more.',
    'count.rod': 'One through each tower, {depth} of it in the ground',
    'count.rod-floor': 'One through each tower, standing on the floor',
    'count.tiers': '{tiers} a tower: {plants} plants in all',
    'count.mix': 'Three cups of it',
    'count.plants': '{cups} in each tier, {plants|plant|plants} in all',
    'count.spare': '{percent} % of the pots, rounded up',
    'step.drill':
      'Drill a {hole} hole through the middle of each tier and three drain holes in every cup, held in both hands over a board: slowly, without pressing.',
    'step.rod': 'Drive the rod {depth} deep, plumb: {above} stays in sight. It stands where it will stay.',
    'step.rod-floor':
      'Stand the rod on the floor and thread the lowest tier on: {above} stays in sight. It only keeps the tiers in line.',
    'step.stack':
      'Thread the tiers on, each turned so that its cups stand between those below, and fill each with moist mix before the next.',
    'step.plant': 'Plant {plants}, three to a tier: roots spread, the crown level with the soil.',
    'step.water': 'Water from the top until it runs out of the lowest cups.',
    'care.drill': 'Plastic shatters: goggles, and a clamp rather than a hand under the drill.',
    'care.rod': 'A rod end at eye height blinds: cap it until the top tier is on.',
    'season.water': 'Every day of the season about {water} a tower, or a drip line from the top.',
    'season.feed': 'Feed every second week while it flowers and fruits: there is little soil.',
    'season.soil': 'New mix every second year.',
    'season.winter': 'Before hard frost stand the tiers on the ground, close together, under fleece.',
  },
} as const satisfies Said;
