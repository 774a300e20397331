import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      rafter: { word: 'Rafter', means: 'past both posts, end to end', stacks: true },
      lath: { word: 'Lath', means: 'over the rafters, end to end', stacks: true },
      film: { word: 'Film', means: 'along the row, with what is folded round at both ends' },
      brace: { word: 'Brace', means: 'long point to long point', as: 'brace' },
    },
    joinery: {
      'rafter to post':
        'The rafter lies on edge along the side of the post, out past it at both ends. Two screws through it, one before the other; then the top of the post is sawn off along it.',
      'lath to rafter':
        'On the rafter, one screw. Of two that follow each other the second lies beside the first, both two inches (50 mm) past the rafter they share.',
      'film on laths':
        'Pulled tight over all laths, folded twice round the lowest and the uppermost; staples through a strip of old hose or webbing, so that the film does not tear at them.',
      'brace to post':
        'On the outer faces of the back posts, its ends plumb along their edges. Two screws at each end.',
    },
  },
  phrases: {
    'deep.bed': 'Over all of the bed, its posts in its edges.',
    'over.aslant': 'A hand and a half: rain falls aslant.',
    'front.walk': 'One walks upright under it.',
    'front.crop': 'Air over what grows highest.',
    'front.posts': 'As high as posts on sale stand.',
    'back.falls': 'It falls by a sixth: rain runs off, and does not stand on the film.',
    'bay.laths': 'Laths stay straight over six feet (1.8 m).',
    'braces.row': 'They keep it from leaning along the row.',
    'count.posts': 'A low one in front and a high one behind, in pairs no more than {bay} apart',
    'count.rafters': 'One beside each pair of posts',
    'count.laths': '{laths} up the slope, in as many lengths as the row takes',
    'count.film': 'One length, {fold} to fold round at each end',
    'count.braces': 'One across each end bay behind',
    'count.rafter-screws': 'Two into each post',
    'count.lath-screws': 'One where a lath lies on a rafter',
    'count.film-staples': 'One every {every} along each lath',
    'count.brace-screws': 'Two at each end',
    'step.lines':
      'Stretch two strings {deep} apart along the row and mark {posts|post|posts} on each, square across from each other: both diagonals equal.',
    'step.dig': 'Dig the holes {depth} deep, three posts wide, no wider above than below, and put the gravel in.',
    'step.posts':
      'Stand the end posts plumb and brace them, then those between to a string: {front} over the soil in front and {back} behind.',
    'step.rafters':
      'Hold a rafter along the sides of each pair, as far out in front as behind, and clamp it; sight along all of them. Screw it to both posts, and saw their tops off along it.',
    'step.braces':
      'Hold a brace across each end bay on the back posts, mark both ends plumb, saw them and screw it on.',
    'step.laths':
      'Screw the lowest lath on along the ends of the rafters, the uppermost along the other ends, and those between at equal distances.',
    'step.film':
      'On a still, mild day roll the film out along the row, fold it round the uppermost lath and staple it, pull it down tight and do the same at the lowest; then along the others.',
    'step.plant': 'Plant under it, a hand in from the drip.',
    'season.water': 'No rain reaches them: water at the foot, never on the leaves.',
    'season.storm': 'Before a storm look at every staple; after it for water that stands on the film.',
    'season.film-off': 'Take the film off before snow lies on it: roll it up dry, out of the sun.',
    'season.open': '{crop} flowers about now; insects come in at the sides.',
    'season.off': '{crop} reaches the film about now: tip it.',
    'care.saw': 'Goggles on; clamp what you cut.',
    'care.steps': 'Steps on level ground, somebody beside them; nobody stands or lies on the roof.',
    'care.wind': 'Film in the wind is a sail: two people, no wind, and off the steps before a gust.',
  },
} as const satisfies Said;
