import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      'top rail': { word: 'Top rail', means: 'along the tops, end to end over posts' },
      'low rail': { word: 'Low rail', means: 'low down, end to end over posts' },
      lintel: { word: 'Rail over the door', means: 'end to end' },
      'roof wire': { word: 'Roof wire', means: 'from eye to eye, with its ends' },
      'side net': { word: 'Side net', means: 'along its side, with what is turned round corners and posts' },
      'roof net': { word: 'Roof net', means: 'along the cage, with what is turned down at both ends' },
      'low mesh': { word: 'Low mesh', means: 'along its side, with what is turned round corners and posts' },
      'door net': { word: 'Door net', means: 'across the leaf and on both posts' },
      'door mesh': { word: 'Door mesh', means: 'across the leaf' },
      rail: { word: 'Door rail', means: 'across the leaf, over its notches', stacks: true },
      brace: { word: 'Brace', means: 'across the leaf, long point to long point', as: 'brace', stacks: true },
    },
    joints: {
      'wire to rail': 'Roof wire on its eye',
      'net to rail': 'Net on a rail',
      'low mesh to rail': 'Stiff mesh on the low rail',
      'net to door': 'Net on the door',
      'net to post': 'Net round a post of the doorway',
      'net lapped': 'Nets over each other',
      'leaf joined': 'Corner of the door',
      'brace fixed': 'Brace of the door',
      'mesh to leaf': 'Stiff mesh on the door',
      hung: 'Door hung',
      latched: 'Door latched',
    },
    joinery: {
      'rail to post':
        'Flat on the outer face of the post, its end over the middle of a post or flush with the outer face of a corner; two screws, pre-drilled.',
      'wire to rail':
        'The eye in the inner face of the rail, beside a post and not behind it; the wire through it and twice round itself.',
      'net to rail':
        'Stapled astride its threads through a fold of two layers, so that they do not tear; from the middle of the rail to both ends.',
      'low mesh to rail': 'Its upper edge on the rail, cut ends turned out and down; the net goes over it.',
      'net to post':
        'Its edge is turned in from the rails round the post, slit where a rail lies on that, and stapled to the face beside the leaf.',
      'net to door':
        'On stiles and rails; it goes on past them, 2″ (50 mm) on the posts, down to the soil and up to the rail over it, so that nothing slips by beside the leaf.',
      'net lapped': 'One a hand over the other, laced or clipped every foot.',
      'leaf joined': 'Halved into each other, flush on both faces, four screws from the stile’s back.',
      'brace fixed': 'Flat on the inner face, from the lower hinge corner up to the latch corner, its ends plumb.',
      'mesh to leaf': 'Over the net on the outside, screws through washers beside a crossing of wires.',
      latched: 'At three quarters of its height; it shuts by itself.',
      'post in its hole': 'On gravel, plumb both ways, what is poured round it crowned so that water runs off.',
    },
  },
  phrases: {
    'depth.high': 'As much of so high a post as this place asks for.',
    'room.kneel': 'Room to kneel beside the bed, and to push a barrow.',
    'height.walk': 'Over a tall person’s head with the wires sagging.',
    'net.birds': 'Nothing finer is called for: it keeps birds off.',
    'low.gnaws': 'Somebody visits here that bites through net.',
    'low.none': 'Nobody visits here that bites through net.',
    'below.dig': 'So that nobody slips under it.',
    'spacing.six': 'Rails stay straight under the pull of the wires.',
    'wires.four': 'Close enough that the net hangs in no bags.',
    'pull.hand': 'As tight as a turnbuckle goes by hand.',
    'door.barrow': 'Wide enough for a barrow.',
    'hinged.corner': 'It opens away from the middle of the front.',
    'count.posts': '{posts} posts: four corners, one beside the door, none more than {spacing} from the next',
    'count.top-rails': 'Along all tops, on the outer faces, end to end over posts',
    'count.low-rails': 'Round the foot, or where the stiff mesh ends; not across the door',
    'count.lintel': 'One over the door',
    'count.wires': 'Across, none more than {apart} from the next',
    'count.side-nets': 'One a side down to the soil, and one over the door; two bands where the roll is too narrow',
    'count.roof-net': 'As many strips as the roll is too narrow for',
    'count.low-mesh': 'One a side, {below} of it in the soil',
    'count.door-net': 'Over the whole leaf',
    'count.door-mesh': 'Over the net, as far up as the mesh goes',
    'count.leaf': 'The frame of the door',
    'count.rail-screws': 'Two where a rail meets a post',
    'count.eyes': 'An eye at each end, one turnbuckle a wire',
    'count.staples': 'One every {every}',
    'count.lapped': 'Over each other by a hand',
    'step.line':
      'Set out {long} by {wide} round the bed with string and pegs, outside to outside of the posts; both diagonals {diagonal}. Mark the middle of every post.',
    'step.dig': 'Dig {posts|hole|holes}, {depth} deep.',
    'step.stand': 'Stand the posts, outer faces to the string, plumb both ways, and brace them.',
    'step.trim': 'Level a string round the tops, {height} over the highest soil, and saw every post to it.',
    'step.rails':
      'Screw the rails to the outer faces: the tops flush with the posts, then the low ones, then the one over the door.',
    'step.trench': 'Dig a trench {below} deep under the low rails for the stiff mesh.',
    'step.low': 'Staple the stiff mesh to the low rails, its foot in the trench; fill and tread it in.',
    'step.wires':
      'Turn in the eyes, twist a wire on each pair, and draw each up with its turnbuckle to a pull of about {pull}: plucked, it hums.',
    'step.door':
      'Make the leaf flat on the ground, square by its diagonals, and try it in its doorway: as much free above as beside it. Then net on, mesh over it; hang it and fix the latch. Lay a board or flat stones under it, a hand deep: nobody digs in there.',
    'step.sides':
      'Staple the nets to the top rails first, then down over the low rails to the soil, without a fold: the long sides first, a hand round every corner, the short sides over that. At the doorway turn the edges in round its posts and staple them.',
    'step.roof':
      'Draw the roof net over the wires, a hand over the next strip, turn it down over the rails and staple it.',
    'step.inside': 'Look for birds and butterflies inside before you shut the door.',
    'care.cutting': 'Clamp what you cut; unplug the saw before you set its depth; eyes and ears covered.',
    'care.saw': 'Ladders stand on firm level ground; nobody saws over their head.',
    'care.wire': 'A wire that slips whips: goggles, and nobody in line with it. Cut ends are turned in.',
    'care.ladder': 'Two people, one at each side; nobody leans on a rail or a wire.',
    'season.open': '{crop} flowers about now and wants insects: roll up one side by day.',
    'season.off': '{crop} reaches the roof about now.',
    'season.snow': 'Take the roof net off before snow: wet snow on it pulls posts over.',
    'season.back': 'Put the roof net back before fruit colours, and draw the wires up.',
    'season.holes': 'Walk round it: mend holes, press the foot of the mesh back, free whoever is caught.',
  },
} as const satisfies Said;
