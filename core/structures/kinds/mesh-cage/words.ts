import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      mesh: { word: 'Cage mesh', means: 'mesh by length' },
      rod: { word: 'Rod', means: 'driven inside a cage, cut to length' },
    },
    joints: { 'cage closed': 'Cage closed', 'rod to cage': 'Rod to cage' },
    joinery: {
      'cage closed':
        'The cut wires of one edge reach past the first upright of the other: bent round it, back on themselves, and pressed flat; or a tie twice round both edges at each height.',
      'rod to cage':
        'The rod stands inside against the mesh; wire twice round rod and an upright, twisted three turns, its end turned in.',
    },
    knots: {
      'rod to cage': ['wire tie'],
    },
  },
  phrases: {
    'roll.crop': 'Tall and stiff enough for the crop, and a hand passes it.',
    'roll.tallest': 'The tallest and stiffest in your price book.',
    'across.heavy': '18–24″ (450–600 mm) across for a heavy, leafy plant.',
    'across.bush': 'Room for a bush.',
    'height.crop': 'As high as the crop is to be held.',
    'height.roll': 'As high as the roll.',
    'feet.stakes': 'A stake at every link holds the foot.',
    'lock.hooks': 'Undone by hand when it is stored.',
    'windows.fine': 'Four windows: a hand with fruit in it does not pass this mesh.',
    'windows.none': 'A hand passes the mesh.',
    'cages.room': 'As many as the bed has room for.',
    'cages.each': 'One for each plant.',
    'apart.spacing': 'As the crop is spaced.',
    'apart.room': 'A hand’s breadth between two cages.',
    'stakes.two': 'As tall as this, two rods against the wind.',
    'stakes.one': 'One rod against the wind.',
    'stakes.stand': 'So tall for its width ({high} to {across}), it takes so many to stand full of leaves.',
    'stakes.none': 'Low enough to stand on its own wires.',
    'stakes.deep': '18″ (460 mm) holds a rod, 21″ (540 mm) in sand.',
    'count.cages':
      '{cages|cage|cages} of {links} links, {girth} round, {rows} rows high; half a link more hooks each shut',
    'count.cages.over':
      '{cages|cage|cages} of {links} links, {girth} round, {rows} rows high; {over} come out of the roll’s height',
    'count.rods': '{rods|rod|rods} a cage',
    'count.hooks': 'Half a link of wires, hooked round the first upright',
    'count.seam': '{ties} up the seam',
    'count.rod-ties': '{ties} on each rod, low and high',
    'step.unroll':
      'Unroll the mesh on flat ground, weight its end, and cut {cages|piece|pieces} of {links} links, each beside an upright wire with the half link left on.',
    'step.windows': 'Cut {windows|window|windows} of two links by two in each, staggered round it; turn the ends in.',
    'step.legs': 'Cut the lowest level wire away, so that {legs} of every upright is left as a stake.',
    'step.roll': 'Roll each piece against its own curve until its ends meet: {across} across.',
    'step.hook':
      'Hook the half links round the first upright and press them flat, every cut end turned inward and down.',
    'step.ties': 'Tie the seam at {ties} heights, every cut end turned inward and down.',
    'step.place': 'Set each over its plant while it is young, {apart} middle to middle, and push the stakes in.',
    'step.rods': 'Drive {rods|rod|rods} inside each, {depth} deep, and tie low and high.',
    'season.tuck': 'Every week, tuck shoots in that have grown out.',
    'season.storm': 'After every storm, set upright what leans and push it in again.',
    'season.store':
      'After the first frost, unhook the cages and lay them flat, or nest them: whole ones take {room} of room each.',
    'care.wire':
      'The roll springs: gloves, long sleeves, eye protection, and weight both ends before you cut. Cut ends blind: turn in every one.',
    'care.rods': 'The top of a rod blinds: push an old cork or ball on it.',
  },
} as const satisfies Said;
