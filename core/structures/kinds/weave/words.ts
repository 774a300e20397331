import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      stake: { word: 'Stake', means: 'a light post, cut to length', as: 'body' },
      pass: { word: 'Pass of twine', means: 'there and back (or once), with turns and ends', stacks: true },
    },
    joints: {
      'pass on posts': 'Pass on a post',
    },
    joinery: {
      'pass on posts': 'At each post once round and a half hitch; at the end posts twice round and two half hitches.',
    },
    knots: {
      'pass on posts': ['half hitch', 'two half hitches'],
    },
  },
  phrases: {
    'way.climbs': 'It climbs level strings by itself.',
    'way.leans': 'It does not climb: stems are held between two runs.',
    'height.crop': 'As high as the crop is to be held, within reach.',
    'height.most': 'As high as posts on sale reach and you do.',
    'first.low': 'Tendrils must find the first string early, or the plants flop.',
    'first.weave': 'When the plants are a hand higher than this.',
    'every.grip': 'As often as its tendrils need a hold.',
    'every.weave': 'A new pass every 6 to 10″ (150 to 250 mm) of growth.',
    'wraps.hitch': 'A wrap and a half hitch at each post.',
    'twine.compost': 'Cut down and composted with the vines.',
    'posts.steel': 'Strong, and the studs hold the twine up.',
    'posts.timber': 'No steel post in your price book.',
    'spacing.two': 'A plant or two between posts, 5 to 8′ (1.5 to 2.4 m).',
    'spacing.exposed': 'Closer posts, because the place is windy.',
    'depth.stake': 'A quarter of the stake, never under 2′ (0.6 m); a third in sand or wind.',
    'count.posts': '{posts|post|posts}: one at each end, none more than {spacing} from the next',
    'count.passes':
      '{passes|pass|passes}, each down one side and back along the other, {turns} turns at every post, {end} at both ends: {total} in all',
    'count.strings':
      '{passes|level string|level strings}, {turns} turns at every post, {end} at both ends: {total} in all',
    'step.line': 'Stretch a string line and mark {posts|post|posts} over {row}.',
    'step.drive':
      'Drive the end posts first, plumb, at least {depth} deep and leaning a hand outwards; then those between to the line.',
    'step.plant': 'Plant between the posts, in line with them.',
    'step.pass':
      'When the plants stand above {first}: tie on at the end post, run the twine down one side, a wrap and a half hitch at each post, round the last and back along the other side. Again every {every} of growth.',
    'step.strings':
      'String level lines from post to post: the first at {first}, then every {every}; a wrap and a half hitch at each post.',
    'season.pass': 'Pass {pass}, at {up}.',
    'season.tuck': 'Every week, tuck shoots back between the runs.',
    'season.compost': 'After the first frost, cut the twine down and compost it with the vines.',
    'season.unpick': 'After the first frost, pull the twine out in one piece and keep it.',
    'care.driving':
      'Gloves, eye and ear protection; hold the post with a helper’s clamp, never by hand under the driver.',
  },
} as const satisfies Said;
