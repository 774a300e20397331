import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      mesh: { word: 'Cage mesh', means: 'mesh by length, with what hooks it shut' },
      net: { word: 'Net sleeve', means: 'round the cage with ease and both seams; from the soil to the tie' },
    },
    joints: { 'cage closed': 'Cage closed', 'net tied': 'Net tied shut' },
    joinery: {
      'cage closed':
        'The cut wires of one edge reach past the first upright of the other: bent round it, back on themselves, and pressed flat; or a tie twice round both edges at each height.',
      'net tied':
        'What stands over the cage is drawn together in one hand and tied with a clove hitch that a pull undoes.',
    },
    knots: { 'net tied': ['clove hitch'] },
  },
  phrases: {
    'roll.small': 'Light, stands by itself, and two cages come out of its height.',
    'across.plant': 'As wide as a plant has room, so that leaves stay off the net.',
    'across.usual': 'A hand and a half round one plant.',
    'height.half': 'Half the height of the roll: two out of each length.',
    'height.whole': 'The plant grows past half the height of the roll.',
    'lock.hooks': 'Undone in a moment, to weed or to pick.',
    'net.fine': 'Stops flies and beetles too.',
    'seam.fell': 'Enough to turn in once and sew down.',
    'tuck.soil': 'A finger deep, soil drawn up against it.',
    'apart.hand': 'A hand passes between them.',
    'cages.room': 'As many as the bed has room for.',
    'cages.each': 'One for each plant.',
    'count.cages': '{cages|cage|cages} of {links} links, {girth} round, {rows} rows',
    'count.cages.over':
      '{cages|cage|cages} of {links} links, {girth} round, {rows} rows; {over} out of the height of the roll',
    'count.nets': 'One over each cage',
    'count.nets.across': 'One over each cage; {across} beside each other on the width of the roll',
    'count.hooks': 'Hooked with its own wires',
    'count.seam': '{ties} ties up each seam',
    'count.tie': 'One cord over each',
    'step.cut':
      'Unroll the mesh on flat ground, weigh it down, and cut {links} links and half a link more beside an upright, {rows} rows high.',
    'step.cut.ties':
      'Unroll the mesh on flat ground, weigh it down, and cut {links} links beside an upright, {rows} rows high.',
    'step.turn': 'Turn every cut end inwards and down with pliers: what stands out tears the net and your hands.',
    'step.legs': 'Cut the lowest row free beside its level wire: {legs} of each upright is left as a stake.',
    'step.round': 'Roll it round, {across} across, and close it.',
    'step.sew':
      'Cut the net {long} by {high}. Fold it right sides together, sew the long seam {seam} from the edge, turn it, and hem the foot.',
    'step.look': 'Look under every leaf for eggs, beetles and slugs: what is inside stays inside.',
    'step.set': 'Set a cage over each plant, {apart} from middle to middle, and push the stakes in.',
    'step.net': 'Pull the sleeve over, push its foot {tuck} into the soil all round, and draw soil up against it.',
    'step.tie': 'Draw the top together and tie it.',
    'care.wire': 'Cut ends blind, and rolled mesh springs back: gloves, goggles, and stand on both ends.',
    'season.look': 'Every week lift one side and look for what got in.',
    'season.open': '{crop} flowers about now and wants insects: take the nets off by day, or pollinate by hand.',
    'season.off': '{crop} reaches the net: take it off, or make the cage higher.',
    'season.store': 'Wash and dry the nets, nest the cages, and store both out of the sun.',
  },
} as const satisfies Said;
