import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      mesh: { word: 'Mesh', means: 'mesh by length' },
      'low mesh': { word: 'Low mesh', means: 'mesh by length' },
      apron: { word: 'Apron', means: 'the lower part of the mesh, bent outward: its length' },
      'frame side': { word: 'Frame side', means: 'one of four sides, end to end', as: 'body', stacks: true },
      board: { word: 'Board', means: 'from post to post, end to end', stacks: true },
      rail: { word: 'Rail', means: 'from post to post, end to end', stacks: true },
      hurdle: { word: 'Hurdle', means: 'from post to post, end to end', as: 'body', stacks: true },
      picket: { word: 'Picket', means: 'from its foot to its tip' },
      brace: {
        word: 'Brace',
        means: 'from high on one post to the foot of the next, long point to long point',
        as: 'brace',
        stacks: true,
      },
    },
    joints: {
      'frame joined': 'Frame corner',
    },
    joinery: {
      'mesh to post':
        'On the outer face of the posts, pulled tight before the next post is fixed, from the middle of its height outwards.',
      'low mesh to post': 'Over the coarser mesh, on the same face.',
      'apron pegged': 'The lower part bent outward where it meets the soil, flat, a peg at each end and between.',
      'frame joined':
        'Halved: the stile loses the back half of its thickness over the width of the rail, the rail its front half. Glue if you like; four screws from the front.',
      'frame to post':
        'From outside, aslant through the edge of the stile into the side of the post, at three heights.',
      'mesh to frame':
        'On the outside, its edges flush with the frame; screws with washers every 12″ (300 mm), clear of the corners.',
      'board to post':
        'Flat on the outer face; boards that follow each other meet over the middle of a post, and each bears on half of it. Two screws, askew.',
      'rail to post':
        'Flat on the outer face; rails that follow each other meet over the middle of a post, and each bears on half of it. Two screws, askew.',
      'hurdle to post':
        'On the outer face of the posts, to the middle of one that the next hurdle shares; wire twice round the post and the rods beside it, at three heights, its ends turned in.',
      'picket to rail':
        'Plumb, on the outer face of the rail, its foot on the line: two screws, askew, so that it does not turn.',
      'brace to post':
        'Flat on the inner face of both posts, plumb ends over their middles, high on the post that is pulled and low on the next.',
    },
  },
  phrases: {
    'infill.mesh': 'The least money and the least wind for what it keeps out.',
    'infill.boards': 'No mesh is in your price book.',
    'height.visitors': 'What the animals that visit ask for.',
    'height.two': 'With the fence along it: two low ones are not jumped, where one alone has to be {one}.',
    'height.usual': 'A usual garden fence; say who visits, and it follows.',
    'mesh.visitors': 'Fine enough for who visits, and high enough with what goes into the soil.',
    'mesh.tallest': 'The nearest in your price book.',
    'low.fine': 'The high mesh is too open, or too soft, for some who visit.',
    'top.climbs': 'Who visits climbs.',
    'top.tight': 'Nobody who visits climbs it.',
    'step.loose': 'Leave the uppermost {loose} of the mesh unfastened and bend it outward: what climbs it swings back.',
    'low.none': 'The mesh is fine enough all the way.',
    'dig.rabbits': 'They dig: let in at least 6″ (150 mm).',
    'dig.none': 'Nobody who visits digs.',
    'below.buried': 'Six inches (150 mm) and more.',
    'below.apron': 'A foot (300 mm) outward.',
    'boards.wind': 'A gap lets the wind through.',
    'pickets.gap': 'About half a picket: light, and the wind goes through.',
    'pickets.visitors': 'Too narrow a gap for who visits.',
    'pickets.rain': 'Rain runs off a point.',
    'top-line.straight': 'All pickets are alike.',
    'top-line.hand': 'A hand and a half.',
    'hurdle.under': 'The highest that the posts hold to its top.',
    'count.hurdles': 'One a bay',
    'count.hurdle-ties': 'At three heights up every post',
    'count.rails':
      'Two in every bay, three where they would be more than 4′ (1.2 m) apart, one where there is no room for two',
    'count.pickets': 'In equal gaps in every bay, {gap} at the most',
    'slope.frames': 'Frames stay square only if every bay is level.',
    'slope.racked': 'Follows the ground and leaves nothing open below.',
    'posts.steel': 'Up in a morning, nothing to dig.',
    'posts.timber': 'A high or heavy fence wants timber.',
    'bay.eight': 'At most 8′ (2.4 m).',
    'bay.windy': 'Closer, because the place is windy.',
    'bays.equal': 'Equal bays look right and share the load.',
    'depth.third': 'A third of what stands out.',
    'depth.least': 'The least in common practice.',
    'braces.pull': 'Mesh is pulled tight.',
    'braces.none': 'Frames, boards and rails brace themselves.',
    'count.posts':
      '{posts|post|posts}: at every end and corner ({corners}), beside every gate, and none more than {bay} from the next',
    'count.mesh':
      'One length a stretch, or one a bay where it is stepped, to the far edges of its end posts; where a roll ends, two over the face of one post',
    'count.low': 'One length a stretch, low down',
    'count.apron':
      'The lower {wide} of the same mesh, bent outward; a piece of its own over the wedge that is left outside a corner',
    'count.frames': 'Four sides a bay',
    'count.boards': 'As many as the height takes, {gap} apart, in every bay',
    'count.braces': 'One into every bay of {least} and more beside an end, a corner or a gate',
    'count.post-washers': 'Screws with washers up every post, every 8″ (200 mm)',
    'count.staples': 'Up every post, every 8″ (200 mm)',
    'count.clips.gate':
      'Clips up every steel post, every 12″ (300 mm); staples, or screws for stiff mesh, up those beside a gate, every 8″ (200 mm)',
    'count.clips': 'Up every post, every 12″ (300 mm)',
    'count.pegs': 'Along the apron, every 3′ (0.9 m)',
    'count.frame-screws': 'Two through each rail into each post',
    'count.corner-screws': 'At every corner',
    'count.washers': 'Screws and washers, every 12″ (300 mm) all round',
    'count.board-screws': 'Two at each crossing',
    'count.brace-fix': 'At both ends',
    'step.allowed': 'Ask what height is allowed at the boundary, and wait for the answer before anything is bought.',
    'step.line': 'Peg the corners, pull a line tight along every stretch, and mark the posts on it: {posts} in {long}.',
    'step.drive': 'Drive end and corner posts first, plumb, at least {depth} deep; then those between to the line.',
    'step.gate-posts':
      'Dig for {posts|post|posts} that a gate hangs on or shuts against, {depth} deep, outer faces in line with the others; stand them plumb and brace them.',
    'step.set': 'Dig for end, corner and gate posts first, {depth} deep; stand them plumb and brace them.',
    'step.trench': 'Cut a trench {deep} deep along the outside of the line for the mesh.',
    'step.between': 'Set the posts between to the line. The lowest board or a marked stick gauges every bay.',
    'step.measure': 'Measure every bay as built before anything is cut for it.',
    'step.brace':
      'Fit a brace into the bay beside every end, corner and gate post, from high on it to the foot of the next; between two of those one strut, as high on both.',
    'step.stretch':
      'Fix the mesh at one end post, its edge flush with the far edge of that, pull it tight to the next corner, and fix it up every post. Where a roll ends, end it on a post, and begin the next over the whole face of the same one.',
    'step.low': 'Fix the fine mesh low down over it.',
    'step.apron':
      'Bend the lower part outward, peg it flat, lay the pieces over the wedges outside the corners and peg those, and let grass grow through.',
    'step.backfill': 'Fill the trench and tread it firm.',
    'step.frames':
      'Join a frame to each bay’s own measure, screw the mesh on with washers, then fix the frame between its posts.',
    'step.pare':
      'At {posts|corner that is|corners that are} not square the post stands askew to the run before it: pare its outer edge away, {off} at most, until the boards lie flat.',
    'step.hurdles':
      'Stand every hurdle on blocks, clear of the soil, against the outer faces of its posts, level or stepped, and tie it to both. A short one is cut beside an upright, never through one.',
    'step.rails':
      'Fix the lowest rail of every bay first, level or along the slope, then the upper one a marked stick higher.',
    'step.pickets':
      'Stretch a line where their tops come. Cut one picket and its top, try it, and mark the others from it. Fix them from one post to the next with a spacer between, plumb every fifth; share out what is over or short before the last ones.',
    'step.pickets.curve':
      'Bend a thin lath from post to post for their top line. Cut the pickets from the list, one of each length in every bay; fix them from one post to the next with a spacer between, plumb every fifth, their tips on the lath.',
    'step.boards': 'Fix the lowest board of every bay first, then the others with a spacer.',
    'step.caps':
      'Trim post tops to one line, aslant so that water runs off, and oil the end grain. Dry oily rags flat outdoors: bundled they catch fire by themselves.',
    'season.walk':
      'In spring, walk the fence: tighten ties, press the mesh back into the soil, look for holes dug under it.',
    'care.driving':
      'Gloves, eye and ear protection; hold the post with a helper’s clamp, never by hand under the driver.',
    'care.mesh':
      'A stretched roll springs back: gloves, eye protection, nobody in line with it. Cut ends blind: turn them in.',
    'care.hurdles': 'Ends of rods and of wire at the height of an eye: goggles, and turn the wire in.',
    'care.saw': 'Clamp what you cut; unplug the saw before you set its depth.',
    'care.chisel': 'Chisel away from yourself, both hands behind its edge.',
    'care.grinder': 'Cutting mesh with a grinder: goggles, gloves, no dry grass near.',
  },
} as const satisfies Said;
