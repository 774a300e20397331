import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      stake: { word: 'Stake', means: 'pointed, cut to length', as: 'body' },
      rafter: { word: 'Rafter', means: 'past both stakes, end to end', stacks: true },
      lath: { word: 'Lath', means: 'over the rafters, end to end', stacks: true },
      mesh: { word: 'Mesh', means: 'mesh by length' },
    },
    joinery: {
      'rafter to stake':
        'The rafter lies along the side of the stake, a hand past it. Two screws through it, one before the other; then the top of the stake is sawn off along it.',
      'lath to rafter':
        'Flat on the rafter, one screw. Of two that follow each other the second lies beside the first, both two inches (50 mm) past the rafter they share.',
      'mesh to lath':
        'Over the laths, its lower edge flush with the lowest: screws with washers every 16″ (400 mm), the upper lath first.',
    },
  },
  phrases: {
    'deep.usual': 'Steep enough for rain and shoots, deep enough for salads below.',
    'deep.bed': 'As far as the bed allows, with plants before it.',
    'front.usual': 'Room for young plants to find it, and for a hand below.',
    'front.crop': 'As low as what grows there first wants hold.',
    'mesh.heavy': 'Strong enough for heavy fruit, which hangs through it.',
    'mesh.through': 'Fruit hangs through it.',
    'back.crop': 'As long up the slope as the crop is to be held.',
    'back.mesh': 'As high as the mesh is wide, as stakes are sold, and as you reach.',
    'bay.laths': 'Laths stay straight over four feet (1.2 m).',
    'count.stakes': 'A low one in front and a high one behind, in pairs no more than {bay} apart',
    'count.rafters': 'One beside each pair of stakes',
    'count.laths': '{laths} up the slope, in as many lengths as the row takes',
    'count.mesh': 'One length, its height up the slope',
    'count.rafter-screws': 'Two into each stake',
    'count.lath-screws': 'One where a lath lies on a rafter',
    'count.mesh-washers': 'A screw and a washer every {every} along each lath',
    'step.lines':
      'Stretch two strings {deep} apart along the row and mark {stakes|place|places} on each, square across from each other.',
    'step.drive':
      'Drive the stakes plumb, {depth} deep: the ends first, then those between to a string over their tops, {front} over the soil in front and {back} behind.',
    'step.rafters':
      'Hold a rafter along the sides of each pair, a hand past both, and clamp it; sight along all of them. Screw it to both stakes, and saw their tops off along it.',
    'step.laths':
      'Screw the lowest lath on along the ends of the rafters, then one where the mesh will end, and those between at equal distances.',
    'step.mesh':
      'Roll the mesh out over the laths from one end, its cut ends turned down. Screw it to the upper lath first, then down.',
    'step.plant': 'Plant along the front, and sow what likes shade below, behind it.',
    'season.lead': 'Lead young shoots on to the mesh and push fruit through it while it is small.',
    'season.below': 'In high summer sow lettuce and spinach in the shade below; before and after it lies in the sun.',
    'season.clear':
      'After the first frost, cut the vines off and leave them to dry on the mesh: they brush off in spring.',
    'care.driving': 'Gloves and eye protection; somebody who holds the stake holds it low, never under the mallet.',
    'care.saw': 'Goggles on; clamp what you cut.',
    'care.mesh':
      'A cut roll springs back: gloves, goggles, one holds while one screws. Cut ends blind: turn them down.',
  },
} as const satisfies Said;
