import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const TOWER_NAMES: Names = {
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
};
