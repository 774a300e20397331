import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      leg: { word: 'Leg', means: 'from its foot to its level top', as: 'body' },
      rung: { word: 'Rung', means: 'over the outsides of two legs', stacks: true },
      cap: { word: 'Cap', means: 'square, over the tops of the legs' },
      pin: { word: 'Pin', means: 'half of it in the ground' },
    },
    joinery: {
      'rung to leg':
        'The rung lies flat on the outside of the leg, its end flush with the leg’s other face. One screw through its middle; at the corners the rungs of the two other sides go over its end.',
      'cap to leg': 'The cap lies on the level tops, standing out alike on all sides: one screw down into each leg.',
      'pin to leg': 'The pin lies along the inner face of the leg; two staples over it, driven until they grip.',
    },
  },
  phrases: {
    'form.obelisk': 'Narrow at the top it throws little shade and stands firm.',
    'along.middle': 'In the middle of the bed.',
    'across.arm': 'As far from the front as your arm goes round it.',
    'foot.usual': 'Wide enough to stand, narrow enough to reach round.',
    'foot.pillar': 'A pillar is slender.',
    'foot.bed': 'As wide as the bed allows, with a plant on both sides.',
    'feet.pushed': 'Pushed in it needs nothing else, and comes out again in winter.',
    'height.crop': 'As high as the crop is to be held.',
    'height.reach': 'As high as you reach, and as legs are sold.',
    'height.foot': 'As high as stands on feet this far apart without tipping.',
    'depth.sand': 'Sand holds less: nearly twice as deep.',
    'depth.pushed': 'Pushed 8 to 12″ (200 to 300 mm) into the soil.',
    'rungs.ten': 'Shoots find the next hold a hand and a half on.',
    'count.legs.pushed': 'Four, alike: the top cut level, the foot pushed in',
    'count.legs': 'Four, alike: foot and top cut level',
    'count.rungs': '{rungs|rung|rungs} on each of four sides, one every {every} from the top down',
    'count.rung-screws': 'One at each end of {rungs|rung|rungs}',
    'count.cap': 'One over the four tops',
    'count.cap-screws': 'One into the top of each leg',
    'count.pin-staples': 'Two over each pin',
    'count.pins': 'One a leg',
    'count.strings': '{strings} on each side: {total} in all',
    'step.legs.top':
      'Cut the tops of the legs: saw turned {turned}°, blade tilted {tilted}°. All four are cut alike, one after another with the same face up; try the first for level before the others.',
    'step.legs.both':
      'Cut both ends of the legs: saw turned {turned}°, blade tilted {tilted}°, the two cuts parallel. All four are cut alike, with the same face up; try the first for level before the others.',
    'step.legs.square': 'Cut the legs square and to one length.',
    'step.rungs':
      'Cut the rungs from the list, both ends at {mitre}°, the longer edge below. Lay them out in their order: those of two sides are longer by two thicknesses.',
    'step.rungs.square': 'Cut the rungs from the list, square. Those of two sides are longer by two thicknesses.',
    'step.sides':
      'Lay two legs flat, their outsides {foot} apart where the soil will be, the level tops in one line, and screw the rungs of the front across them from the top down. The two diagonals are equal. Make the back on top of it.',
    'step.join':
      'Stand both on edge and screw the rungs of the other two sides across, over the ends of the first, from the top down.',
    'step.cap': 'Screw the cap down on the four tops, standing out alike on all sides.',
    'step.mark': 'Peg the middle; mark a square of {foot} about it, its diagonals equal.',
    'step.push':
      'Make a hole at each corner with a bar, set the legs in and push all four down together until each is {depth} deep. Check that it is plumb both ways, and firm the soil.',
    'step.pin':
      'Stand it on its marks, plumb both ways. Drive a pin along the inside of each leg until half of it is in the ground, and staple the leg to it twice.',
    'step.string':
      'Tie {strings|string|strings} up each side: fast at the lowest rung, one turn round each on the way, fast at the top.',
    'step.plant': 'Plant round the foot, a hand outside the legs, and lead the first shoots in.',
    'season.lead': 'Lead young shoots to the lowest rung and spread them; later they find their own way.',
    'season.compost': 'After the first frost, cut the strings down and compost them with the vines.',
    'season.unpick': 'After the first frost, unpick the strings from the vines and keep them.',
    'season.lift': 'After the first frost, strip it, lift it out and store it dry and off the ground.',
    'season.stays': 'After the first frost, strip it; every other year oil it, the cap and the feet above all.',
    'care.saw': 'Goggles on; clamp each leg before it is cut, and set the tilt with the saw unplugged.',
    'care.pins': 'Steel tops blind: bend them in or cap them. Gloves and goggles while driving.',
  },
} as const satisfies Said;
