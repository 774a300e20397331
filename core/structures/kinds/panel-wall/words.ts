import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      'fine mesh': { word: 'Fine net', means: 'net by length' },
      'line wire': { word: 'Line wire', means: 'with its ends' },
    },
    joints: {
      'panel to panel': 'Tie at a lap',
    },
    joinery: {
      'panel to post':
        'The panel hangs on the studded face. A clip or tie goes over a level wire, round the back of the post, and over the wire again.',
      'panel to panel':
        'The next panel laps this one by one mesh, its uprights over those of the first; a tie at top, middle and bottom.',
      'net to panel': 'The net lies on the side of the plants; a tie round a wire along its top and its foot.',
      'wire to post': 'Twice round the post under a stud, six close turns round itself.',
    },
    knots: {
      'wire to post': ['wound wire'],
    },
  },
  phrases: {
    'walls.one': 'One wall is the rule.',
    'walls.half-bed': 'Half the width of the bed.',
    'sides.one': 'One plant to a place.',
    'panels.row': 'What the row takes, the last one cut beside a wire.',
    'gap.posts': 'As high as posts of {post}, the longest on sale, hold the panel here.',
    'gap.saves': 'Lower by {less}: posts of {post} then reach, instead of {instead}.',
    'school.panel': 'One plant at each end as well: ten to twelve pruned tomatoes on a 16′ (4.9 m) panel.',
    'overlap.one': 'One mesh, tied, makes two panels one.',
    'fine.thin': '{crop} has thin tendrils and needs a hold every {step}.',
    'fine.none': 'The panel’s own mesh will do.',
    'slope.gentle': 'Gentle slope: follow it and the gap stays even.',
    'slope.steep': 'Steep slope: level panels are easier to hang.',
    'spacing.fruit': 'At most 8′ (2.4 m) under a fruiting crop.',
    'spacing.exposed': 'Closer posts, because the place is windy.',
    'spacing.wind': 'As far as they stand in the gust of ten years on what grows there.',
    'above.mesh': 'One mesh may stand free above the post.',
    'fixing.stays': 'Stays for good; choose ties if the garden is still being rearranged.',
    'fixing.three': 'Top, middle and bottom.',
    'count.posts': '{posts|post|posts}: one at each end, none more than {spacing} from the next',
    'count.posts.laps':
      '{posts|post|posts}: one at each end and one in each lap, none more than {spacing} from the next',
    'count.posts.walls': '{walls} walls of {posts|post|posts}: ends and laps, none more than {spacing} apart',
    'count.panels': 'Whole panels make the {length} row',
    'count.panel-cut': 'One piece, cut beside a wire: a whole number of {mesh} meshes',
    'count.panels-cut':
      '{whole|whole panel|whole panels} and a piece cut beside a wire, so that it is a whole number of {mesh} meshes',
    'count.net': 'Once along each wall, low down',
    'count.wire':
      'The gap of {gap} is more than {most}: one wire halfway up it, with 12″ (305 mm) at each end to make fast',
    'count.fixings': '{each} on each of {posts|post|posts}',
    'count.fixings.steps': '{each} on each of {posts|post|posts}, and as many again where two level panels meet on one',
    'count.laps': '{ties} at each of {laps|lap|laps}',
    'count.net-ties': 'Top and bottom, every {every}',
    'count.wire-ties': 'One at each post',
    'step.line': 'Stretch a string line for the {row} row and mark the posts on it.',
    'step.ends':
      'Drive the two end posts plumb, at least {depth} deep, studs facing where the panel will hang. Take posts of heavy gauge, painted or galvanised: light ones bend, and scratched ones rust from the soil line.',
    'step.between': 'Drive the {posts|post|posts} between to the line, tops level with each other.',
    'step.cut-panel': 'Cut the end piece beside a wire, so that it keeps an upright wire on both edges.',
    'step.hang': 'Rest the panel on blocks {gap} high and lean it on the studs.',
    'step.fix': 'Fix it to each post at {each} heights, from the middle outwards.',
    'step.lap': 'Tie the laps together at top, middle and bottom.',
    'step.net': 'Tie the fine net to the lower wires, pulled smooth.',
    'step.cap': 'Turn cut wire ends in and bend sharp ones back.',
    'step.plant': 'Plant at the marked places; tie main stems loosely as they reach the mesh.',
    'season.tie': 'Every week, tie main stems (not side shoots) to the mesh, or turn climbers in.',
    'season.perish': 'In spring, try every plastic tie by hand and replace those that have perished.',
    'season.clear': 'After the first frost, cut the vines down and pull them out of the mesh while they are green.',
    'care.driving':
      'Gloves, eye and ear protection; hold the post with a helper’s clamp, never by hand under the driver.',
    'care.wire-ends': 'Cut ends blind: eye protection, and stand clear of the end that springs.',
    'care.panel': 'Two people: carry a long panel upright, one hand low and one high. Flat, it whips.',
  },
} as const satisfies Said;
