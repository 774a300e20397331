import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      strut: { word: 'Strut', means: 'long point to the foot in the soil', as: 'brace' },
      arm: { word: 'Arm', means: 'tip to tip', stacks: true },
      wire: { word: 'Wire', means: 'less its turnbuckle, with its turns at both ends' },
      'guy wire': { word: 'Guy wire', means: 'less its turnbuckle, with its ends' },
    },
    joinery: {
      'strut to post':
        'The strut’s plumb end bears on the middle of the post’s inner face; a screw aslant from each of its sides keeps it there. Its foot stands in the soil on a flat stone that it cannot push away.',
      'arm to post':
        'Flat on the side of the post, square to the row, upper edge where the wires lie; two screws askew.',
      'wire made fast':
        'Twice round, held by a staple on either side of its middle, then six close turns round itself. Never kinked, and bent over nothing sharp.',
      'wire to post':
        'One staple over the wire, across the grain and not driven home: the wire has to slide when it is strained again.',
      'guy to post':
        'In the outer face of the post. The wire goes twice through the eye and six close turns round itself.',
      'guy to anchor':
        'The anchor is screwed in along the guy until its eye is at the soil; the wire goes twice through the eye.',
    },
    knots: { 'wire made fast': ['wound wire'], 'guy to post': ['wound wire'] },
  },
  phrases: {
    'form.tied': 'What grows here is tied in to one line of wires.',
    'arms.usual': 'Room between for what stands there.',
    'spacing.wires': 'As far as wires span under what grows here.',
    'end.heavy': 'Three feet (900 mm) under heavy crops.',
    'end.sand': 'Its strut lifts it, and sand clings less.',
    'end.same': 'As the others.',
    'ends.strut': 'Inside the row, where nobody trips over it.',
    'count.posts': '{posts|post|posts}: equal bays, none over {spacing}',
    'count.struts': 'One to each end post, into the row',
    'count.arms': 'One on each post at {heights|height|heights}',
    'count.wires': 'At {heights|height|heights}, from end post to end post, with their turns: {total} in all',
    'count.wires.two': 'Two at {heights|height|heights}, from end to end, with their turns: {total} in all',
    'count.guys': 'One to each end post, out to its anchor',
    'count.strut-screws': 'Two at each head, aslant',
    'count.arm-screws': 'Two to an arm',
    'count.fast': 'Two where a wire is made fast, at both ends',
    'count.staples': 'One where a wire crosses a post or an arm',
    'count.eyes': 'One at the head of each guy',
    'count.anchors': 'One at the foot of each guy',
    'step.line': 'Stretch a string line and mark {posts|post|posts} over {row}.',
    'step.dig': 'Dig for the two end posts, {ends} deep.',
    'step.stand':
      'Stand the end posts plumb, a finger out of it away from the row: they come in when the wires pull. Brace them.',
    'step.between':
      'Dig for {posts|post|posts} between, {depth} deep, and stand them plumb to a string along the end posts’ faces.',
    'step.trim':
      'Mark all tops at one height over the soil and trim them, sloped a little so that water runs off; brush the cut ends.',
    'step.strut':
      'Set a flat stone into firm soil where each strut ends, square to it. Cut the head plumb, tap the strut up tight under its mark, and screw it aslant from both sides.',
    'step.guy':
      'Screw in an anchor as far out from each end post as the guy is high on it; hang the guy with its turnbuckle opened, and take up the slack.',
    'step.arms': 'Screw the arms across the posts at {heights|height|heights}, level and square to the row.',
    'step.heights':
      'Mark the {heights|height|heights} of the wires on the end posts, and on a stick for the others: measured from the soil at each post.',
    'step.wire':
      'Wire by wire, the top one first: twice round the first end post, staple, six turns round itself; walk it out without a kink, through the turnbuckle, and make it fast at the other end.',
    'step.strain':
      'Staple each wire loosely at every post it crosses; then give the turnbuckles turn after turn, top and bottom by turns, up to about {pull}: a wire that hums when plucked. Watch that the end posts stay plumb.',
    'step.plant': 'Plant along the wires, and tie in as it grows.',
    'season.strain':
      'Each spring before growth, and after storms, give the turnbuckles the turn they need; drive back staples that have risen, never home.',
    'season.canes':
      'When picking is over, cut out the canes that have fruited and tie in the best of the new ones, {apart} apart: about {canes} in the row.',
    'care.saw': 'Clamp a board square to the post to saw by; both feet on the ground, eyes and ears covered.',
    'care.wire':
      'Wire springs: stand on the coil’s end, goggles and gloves on, and bend every cut end back into itself.',
    'care.strain': 'A tight wire can let go: face out of its line, nobody beside it.',
  },
} as const satisfies Said;
