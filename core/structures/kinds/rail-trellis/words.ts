import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      rail: { word: 'Rail', means: 'level between posts, end to end', stacks: true },
      panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
      shelf: { word: 'Shelf strip', means: 'strip of a panel split lengthways: its length', stacks: true },
    },
    joinery: {
      'rail to post':
        'The rail lies flat on the face of the post. Where two rails meet they butt over the middle of it, and each bears on half. Two screws each, askew.',
      'panel to rail':
        'The panel stands against the rails, the closer wires downwards where it has closer ones; each screw beside a crossing, its washer over two wires.',
      'panel to post': 'Wire twice round an upright of the panel and the post, twisted three turns, the end turned in.',
      'shelf to rail':
        'The strip lies flat across the rails of both sides and stands over each by the same; its wires along the row lie undermost.',
      'cap on post': 'Over the trimmed top, its edges down.',
    },
    knots: {
      'panel to post': ['wire tie'],
    },
  },
  phrases: {
    'bays.divide': 'Equal bays use the whole row.',
    'bay.clear': 'One 8′ (2.4 m) panel, less what the posts take.',
    'bay.rail': 'Rails of {rail} then carry over two bays, and no post has all of them broken on it.',
    'bay.centres': 'Eight feet (2.4 m) from centre to centre.',
    'block.trim': 'A board laid on the top rail marks every post at once.',
    'caps.rot': 'A cap keeps the rain out of the end grain.',
    'caps.none': 'No cap in your price book.',
    'rails.both': 'Two rails a side carry a shelf and brace the posts.',
    'rails.crop': 'As low as {crop} needs its first hold; trim the grass under it.',
    'rails.ground': '10″ (250 mm) clear of the soil at the high point, 12″ at the low one.',
    'stagger.yes': 'No post has all its rails broken on it.',
    'hang.between': 'Cut to the gaps: the posts stay in sight and hold the panel’s edges.',
    'cut.wire': 'The edge keeps an upright wire to be fixed by.',
    'shelf.fruit': 'Heavy fruit can lie on it.',
    'shelf.none': 'Nothing here needs a shelf.',
    'fixing.carry': 'Screws with washers carry; staples alone work loose.',
    'count.posts.divide': '{posts|post|posts}: equal bays, {clear} clear between them, none over {bay}',
    'count.posts.clear': '{posts|post|posts}: exactly {clear} clear in every bay; bought long and trimmed in place',
    'count.posts.centres': '{posts|post|posts}: {bay} from centre to centre leaves {clear} clear',
    'count.rails':
      '{rails|line|lines} of rail; end rails run from the outside of the end post to a post’s centre, and one side starts with a short one',
    'count.rails.line': '{rails|line|lines} of rail; end rails run from the outside of the end post to a post’s centre',
    'count.panels.between': 'One to each of {bays|bay|bays}, cut beside a wire to go into {clear}',
    'count.panels.stood': 'One to each of {bays|bay|bays}, cut beside a wire to go into what is clear there',
    'count.panels.behind': 'Whole panels end to end, the last one cut beside a wire',
    'count.shelves': 'One to a bay, from a panel split lengthways into {strips}',
    'count.rail-screws': 'Two at each post, two in each end of a joint',
    'count.panel-screws': 'Five to a 16′ (4.9 m) rail, top and bottom: one about every {every}',
    'count.ties': '{ties} on each post it passes',
    'count.shelf-staples': 'On both rails',
    'count.caps': 'One on each post',
    'step.line': 'Stretch a string line, mark {posts|post|posts} over {row}, and plumb the marks down to the ground.',
    'step.dig': 'Dig {posts|hole|holes} {depth} deep and put {gravel} of gravel into each.',
    'step.ends':
      'Stand and brace the end posts first, plumb both ways; then the others to the line, a block’s thickness off it.',
    'step.level': 'From a mark {gap} above the soil at the high point, carry a level line along all posts.',
    'step.rails':
      'Measure from post to post again, as they stand, and cut the rails to that. Screw the bottom rails to the line, each end pre-drilled; set the top rails with a spacer block so that the gap is the same everywhere. Start one side with the short rail.',
    'step.rails.front':
      'Measure from post to post again, as they stand, and cut the front rails to that. Screw the bottom rail to the line, each end pre-drilled; set the top rail with a spacer block so that the gap is the same everywhere. Leave the back rails off until the panels are on.',
    'step.panels.inside':
      'From behind, set each panel between its posts against the inner faces of the front rails, cut beside a wire, and fix it to them with screws and washers, top and bottom.',
    'step.rails.back':
      'Now the back rails, cut to the posts as they stand, at the same heights as the front ones. Start with the short rail, so that no post has all its rails broken on it.',
    'step.trim': 'Lay the {block} block on the top rail, mark every post on all faces and cut the tops to one height.',
    'step.caps': 'Cap the posts.',
    'step.remeasure':
      'Measure every gap between the standing posts: they differ by fractions. Cut the panels to what was built.',
    'step.panels':
      'Cut each panel beside a wire, rest it on the bottom rail and fix it with screws and washers, top and bottom.',
    'step.shelves':
      'Split a panel lengthways into strips of {wide}, beside its long wires, and lay them flat on the rails, {over} standing over on each side; staple them down.',
    'step.plant': 'Plant along the front; tie main stems loosely as they reach the mesh.',
    'season.tie': 'Every week, tie main stems (not side shoots) to the mesh.',
    'season.storm': 'After a storm, look over screws and posts.',
    'season.oil':
      'In autumn, cut the vines down, turn cut wire ends in and oil bare timber. Dry oily rags flat outdoors: bundled they catch fire by themselves.',
    'care.saw':
      'Unplug the saw before you set its depth; clamp the work; eyes and ears covered. Treated timber: gloves and mask, and never burn it.',
    'care.panel':
      'Two people: carry a long panel upright, one hand low and one high. Cut wire ends blind: gloves and eye protection.',
  },
} as const satisfies Said;
