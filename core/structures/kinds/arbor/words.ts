import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      beam: { word: 'Beam', means: 'tip to tip, on edge' },
      rafter: { word: 'Rafter', means: 'tip to tip, on edge', stacks: true },
      brace: { word: 'Knee brace', means: 'long point to long point', as: 'brace' },
      'roof slat': { word: 'Roof slat', means: 'over the rafters', stacks: true },
      'roof wire': { word: 'Roof wire', means: 'over the rafters, with its ends', stacks: true },
      'side brace': { word: 'Side brace', means: 'long point to long point', as: 'brace' },
      'side lath': { word: 'Upright lath', means: 'over the slats', stacks: true },
      'side mesh': { word: 'Side mesh', means: 'as it is cut from its roll' },
      'side wire': { word: 'Side wire', means: 'along the posts, with its ends', stacks: true },
      slat: { word: 'Slat', means: 'over the outsides of the posts', stacks: true },
    },
    joints: {
      'rail to post': 'Slat to post',
      'beam to post': 'Beam to post, one of a pair',
      'beam to brace': 'Brace between two beams',
    },
    joinery: {
      'beam on post':
        'The beam stands on edge on the middle of the post’s level top; two screws aslant, one from each of its faces. Where two beams meet, they meet over the middle of a post.',
      'beam to post':
        'The board lies on the face of the post, its upper edge level with the top of that; two timber screws from outside. Those from the other face go in beside them.',
      'beam to brace':
        'The brace goes up between the two boards, flush with both; two timber screws through each board.',
      'slat on rafter': 'Flat on the rafters, square to them; one screw at each.',
      'wire on rafter':
        'Over the rafter, under a staple that is left a little proud; round the first and the last and wound about itself.',
      'lath on slat': 'The lath stands plumb over the slats; one screw at each, the slat held from behind.',
      'mesh on slat':
        'Drawn tight over the slats; a screw and a wide washer, no tighter than holds. Strips that stand lap by two inches.',
      'wire on post':
        'Along the outer face of the post, under a staple that is left a little proud; round the first and the last and wound about itself.',
      'rafter on beam':
        'The rafter stands on edge across the beam, square to it; two screws aslant, one from each of its faces.',
      'brace to post':
        'The plumb end bears on the middle of the post’s side; a screw aslant from each face of the brace.',
      'brace to beam': 'The level end bears on the underside of the beam; a screw aslant from each face of the brace.',
      'rail to post': 'The slat lies flat on the outer face of the post; two screws askew.',
    },
  },
  phrases: {
    'inside.two': 'Two walk through it side by side.',
    'inside.way': 'As wide as the way, with the posts on it against the beds.',
    'bays.one': 'Four posts.',
    'long.arbor': 'Deep enough to stand by itself.',
    'long.bays': 'Seven feet (2.1 m) to a bay.',
    'long.way': 'As long as the way.',
    'hang.fruit': 'Fruit hangs down about a foot.',
    'hang.some': 'Shoots and flowers hang down a little.',
    'headroom.usual': 'Seven and a half feet (2.28 m).',
    'headroom.hang': 'So that the tallest of you walks under {hang} that hangs down.',
    'depth.frost': 'As deep as it freezes here: it carries a roof.',
    'beams.across': 'Over the way, front and back.',
    'beams.along': 'Along both sides, over all posts.',
    'beams.on-top': 'Enough for what is planned here.',
    'beams.paired': 'What is planned here lives for decades and gets heavy.',
    'feet.slab': 'Nothing can be let into paving: plates are bolted to it.',
    'feet.ground': 'What stands in the ground stays upright by itself.',
    'roof.rafters': 'What climbs over makes the shade.',
    'shade.half': 'Half of the sun, half of the rain.',
    'wires.foot': 'A foot (300 mm): what one shoot reaches over.',
    'over.foot': 'A foot (300 mm) to both sides.',
    'over.rafters': 'Eight to twelve inches (200 to 300 mm).',
    'ends.shape': 'An old shape, easily sawn.',
    'rafters.usual': 'Close enough for shoots to go from one to the next.',
    'brace.usual': 'A corner braced one and a half feet (450 mm) both ways does not lean.',
    'brace.narrow': 'As far as the bay allows.',
    'sides.climb': 'Something to tie the climbers to.',
    'slats.ten': 'Shoots find the next hold a hand and a half on.',
    'slats.low': 'Clear of the splash of rain.',
    'count.posts': 'Two on each side for the first bay, and one more on each for every other: {bays|bay|bays}',
    'count.beams.across': 'One over every pair of posts',
    'count.beams.along': 'Along both sides; what is longer than is sold is broken over a post',
    'count.beams.across-two': 'Two over every pair of posts, one on each face',
    'count.beams.along-two':
      'Two along both sides, one on each face; what is longer than is sold is broken over a post, the two over different ones where that can be',
    'count.roof-slats': 'In equal spaces; together they close {closed} % of the roof from straight above',
    'count.roof-wires': 'From the first rafter to the last, no farther apart than {every}',
    'count.roof-screws': 'One at every crossing',
    'count.roof-staples': 'One at every crossing',
    'count.pair-screws': 'Two where each board meets a post or a brace',
    'count.rafters': '{rafters} in equal spaces, none over {every}',
    'count.braces': 'One in every corner of post and beam',
    'count.side-braces': 'One up each side: shoes hold nothing upright',
    'count.slats': 'One every {every} on both sides, from the beams down',
    'count.strings': '{strings} on each side',
    'mesh.hand': 'A hand goes through to tie.',
    'count.side-laths': 'In equal spaces between the posts',
    'count.side-mesh': 'On each side, over all of its slats',
    'count.mesh-slats': 'At the top and bottom of the mesh, and between where it is high',
    'count.side-wires': 'One every {every} on both sides, from the beams down',
    'count.side-washers': 'A screw and a washer every {every}',
    'count.side-staples': 'One at every post',
    'count.beam-screws': 'Two on every post',
    'count.rafter-screws': 'Two at every crossing',
    'count.brace-screws': 'Two at each end of a brace',
    'count.slat-screws': 'Two at every post',
    'step.template':
      'Saw the shape of one end from the template sheet, try it against the paper, smooth it: it is the template of all others. Mark which edge is up on every piece: a shaped piece is easily put on upside down.',
    'step.finish':
      'Oil or paint the parts before they are put up; spread oily rags flat outdoors to dry: bundled they catch fire by themselves.',
    'step.mark':
      'Peg the corners of {posts|post|posts}: {inside} clear between the two lines, {long} over all along the way. Both diagonals are equal.',
    'step.dig': 'Dig {posts|hole|holes} {depth} deep.',
    'step.stand':
      'Stand the posts and tie them to one frame with boards clamped across at two heights, as far apart above as below, plumb both ways, the diagonals equal. Only then fill.',
    'step.on-plates':
      'Stand the posts in their plates and screw them through all holes. Tie them to one frame with boards clamped across at two heights, plumb it, and leave the boards on until it is braced.',
    'step.on-shoes':
      'Stand the posts on their shoes and screw them through all holes. Tie them to one frame with boards clamped across at two heights, plumb both ways, the diagonals equal; the bracing stays until the last brace is in.',
    'step.pairs':
      'Mark {under} over the path on the posts. Clamp the boards on in pairs, right way up, {over} over at both ends, their lower edges on the marks; two timber screws through each into every post.',
    'step.side-braces':
      'Fit a brace up each side between the first two posts, its ends plumb; screw it when the frame is plumb.',
    'step.roof-slats': 'Screw the slats down from both tips to the middle, their spaces by a spacer.',
    'step.roof-wires':
      'Staple the wires over the rafters, {every} apart, the staples a little proud; draw each tight by hand and wind its end.',
    'step.plumb': 'Check plumb and both diagonals again now that the holes are filled: posts shift in the pour.',
    'step.trim': 'Carry a level line round and trim the posts to it, {under} over the path.',
    'step.beams': 'Lift the beams on, right way up, {over} over at both ends; screw them aslant from both faces.',
    'step.braces':
      'Cut the braces, 45° at both ends, {leg} from the corner both ways; screw them when the frame is plumb.',
    'step.rafters':
      'Mark equal spaces on both beams at once. Set the first and last rafter, {over} over at both ends, stretch a string between their tips, and set the others to it.',
    'step.slats': 'Screw the slats on from the top down, every {every} by a spacer, level.',
    'step.mesh-slats': 'Screw the slats on level: one at the top, one at the bottom, those between at equal distances.',
    'step.side-laths':
      'Screw the laths over the slats, plumb, in equal spaces between the posts: with a block behind the slat it does not spring.',
    'step.side-mesh': 'Hang the mesh from the top slat, drawn tight; screw it down with washers, its cut ends bent in.',
    'step.side-wires':
      'Staple the wires along the posts, every {every}, the staples a little proud; draw each tight by hand and wind its end.',
    'step.string':
      'Tie {strings|string|strings} up each side: fast at the lowest slat, one turn round each on the way, fast at the top.',
    'step.plant': 'Plant a hand outside the posts and lead the first shoots in.',
    'care.mesh-ends': 'Cut ends of mesh are sharp: gloves, and no end left at the height of an eye.',
    'season.walk':
      'Each spring, look at the feet of the posts, tighten what has worked loose, and cut back what hangs too low.',
    'season.clear': 'After the first frost, cut down what has died and clear the roof: wet vines are heavy under snow.',
    'care.jigsaw': 'Clamp the board; goggles on, both hands on the saw, the cable behind you.',
    'care.steps': 'Steps on firm level ground, somebody at their foot; never on the top tread.',
    'care.wire': 'Cut wire springs back: goggles and gloves, the end held, and bent in when it is cut.',
    'care.lift': 'Two people, one at each end; nobody under a beam until it is screwed.',
  },
} as const satisfies Said;
