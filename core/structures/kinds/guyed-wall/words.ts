import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      'guy wire': { word: 'Guy wire', means: 'less its turnbuckle, with its ends' },
      cane: { word: 'Cane', means: 'a whole cane', as: 'guide' },
    },
    joints: {
      'turnbuckle in a guy': 'In a guy',
    },
    joinery: {
      'panel to post':
        'The panel lies on the front face of the posts. Where two meet, they meet over the middle of a post, and each is held on its own half. Ties go twice round wire and post.',
      'guy to post': 'On the back of the post. The wire goes twice through the eye and six close turns round itself.',
      'turnbuckle in a guy': 'At the foot end, where it can be reached: wire and turnbuckle eye to eye.',
      'cane to panel': 'The cane stands in front of the lowest wires; the tie goes round both, crossed between.',
    },
    knots: {
      'guy to post': ['wound wire'],
    },
  },
  phrases: {
    'staples.five': 'Five down the post: the panel cannot swing out.',
    'ties.two': 'Two ties hold when a staple works loose.',
    'canes.lead': 'Young plants are led up over the gap.',
    'canes.none': 'The panel begins low enough without.',
    'spacing.panel': 'A post at every end of a panel.',
    'guys.plumb': 'They pull the end posts plumb and keep them so.',
    'guys.none': 'No wire or turnbuckle in your price book.',
    'pull.hand': 'A hand-tight turnbuckle.',
    'count.posts': '{posts|post|posts}: one wherever panels meet, none more than {spacing} from the next',
    'count.panels': 'Whole panels make the {length} row',
    'count.panel-cut': 'One piece, cut beside a wire: a whole number of {mesh} meshes',
    'count.panels-cut':
      '{whole|whole panel|whole panels} and a piece cut beside a wire, a whole number of {mesh} meshes',
    'count.guys':
      'Two crossed in each end bay, less the turnbuckle, {end} at each end to make fast; a pull of {pull} stretches the longest by {stretch}',
    'count.canes': 'One to a plant: over the gap, {in} in the soil and as much up the panel',
    'count.staples': '{staples} and two ties where a panel crosses or ends on a post',
    'count.staples.only': '{staples} where a panel crosses or ends on a post',
    'count.eyes': 'One at each end of a wire',
    'count.turnbuckles': 'One in each wire, opened fully before it is hung',
    'count.cane-ties': 'One at the panel',
    'step.line': 'Stretch a string line and mark {posts|post|posts} over {row}.',
    'step.dig': 'Dig {posts|hole|holes} {depth} deep.',
    'step.stand': 'Stand the end posts, plumb and braced both ways; then those between to the line.',
    'step.trim':
      'Carry a level line along the posts and trim their tops to it, sloped a little so that water runs off; oil the cut ends. Dry oily rags flat outdoors: bundled they catch fire by themselves.',
    'step.guys':
      'Turn the eyes in, hang the wires crosswise with the turnbuckles opened, and tighten them in turn until the posts are plumb: a pull of about {pull}, hand-tight.',
    'step.hang': 'Rest the panels on blocks {gap} high, ends meeting in the middle of a post.',
    'step.staple': 'Drive {staples} staples a post over the wires, not quite home, and add the ties.',
    'step.canes': 'Push a cane in beside each place and tie it to the lowest wires.',
    'step.plant': 'Plant at the canes; tie main stems loosely as they reach the panel.',
    'season.tie': 'Every week, tie main stems (not side shoots) to the panel.',
    'season.guys': 'After storms and each spring, give the turnbuckles the turn they need.',
    'season.canes': 'After the first frost, cut the vines down and store the canes dry.',
    'care.wire':
      'A tight wire can let go: glasses on, face out of its line, and never more than the turnbuckle turns by hand.',
    'care.panel':
      'Two people: carry a long panel upright, one hand low and one high. Cut wire ends blind: gloves and eye protection.',
    'care.saw': 'Clamp a board square to the post to saw by; both feet on the ground, eyes and ears covered.',
    'care.canes': 'Cane tops are at the height of eyes that stoop: push an old cork or ball on each.',
  },
} as const satisfies Said;
