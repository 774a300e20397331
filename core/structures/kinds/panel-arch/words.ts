import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
      mesh: { word: 'Mesh', means: 'mesh by length' },
      hoop: {
        word: 'Hoop',
        means: 'bent from one length: along its curve, with what is in the soil at both ends',
        stacks: true,
      },
      purlin: { word: 'Purlin', means: 'along the crowns of hoops, end to end', stacks: true },
    },
    joints: {
      'panel to panel': 'Tie at a seam',
    },
    joinery: {
      'panel to post':
        'Between beds the foot of the panel stands between post and board; on open ground inside the posts, which take its push. Wire twice round a level wire and the post, over a stud, twisted three turns with pliers, the end turned in.',
      'panel to panel': 'Edge wires side by side; wire twice round both, twisted three turns, the end turned down.',
      'mesh to hoop': 'The mesh lies over the hoops; wire once round hoop and mesh, twisted three turns.',
      'hoop to purlin': 'The purlin lies under the crowns; the clamp holds both where they cross.',
    },
    knots: {
      'panel to post': ['wire tie'],
      'panel to panel': ['wire tie'],
      'mesh to hoop': ['wire tie'],
    },
  },
  phrases: {
    'make.panel': 'Four posts and a panel: five minutes of driving, two of bending.',
    'make.rod': 'No panel is in your price book; hoops and mesh are.',
    'panel.long': 'Long enough to walk under, in your price book.',
    'rod.offered': 'In your price book.',
    'count.one': 'One arch; more of them share posts and make a tunnel.',
    'count.plants': 'As many side by side as the plants take, and the way has room for.',
    'solve.feet': 'The beds say how wide; the feet are lifted until the headroom is there.',
    'solve.span': 'On open ground the arch takes the width that gives the headroom.',
    'headroom.tall': 'So that the tallest of you ({tall}) walks upright under what hangs down.',
    'headroom.seven': '7–7½′ (2.1–2.3 m) is walked under upright with fruit overhead.',
    'headroom.low': 'A short panel makes a low arch, to be picked from outside.',
    'span.way': 'As wide as the way: each foot is pinched between its post and the bed’s board.',
    'span.path': 'A path 4–5′ (1.2–1.5 m) wide.',
    'lift.none': 'On the ground.',
    'held.wind': 'High on the posts: what is free of the panel sways in the wind.',
    'held.firm': 'As far as is usual: the posts hold the lowest stretch of the panel plumb.',
    'hang.fruit': 'Fruit hangs down this far on its stalk and shoot.',
    'hang.some': 'Shoots hang in.',
    'count.panels': '{panels|panel|panels}, whole, side by side',
    'count.mesh': '{strips|strip|strips} over the hoops, from soil to soil',
    'count.posts': '{sides} a side: neighbouring panels share the post between them',
    'count.hoops': '{hoops|hoop|hoops}: one at every edge of the mesh',
    'count.purlin': 'One along the crowns',
    'count.ties': '{ties} on each post: bottom, middle and top of what it holds',
    'count.seams': 'Along each seam, every {every}',
    'count.mesh-ties': 'Along each hoop, every {every}',
    'count.clamps': 'One at each hoop',
    'step.mark': 'Mark the feet {span} apart along the way, square across: both diagonals {diagonal}.',
    'step.drive': 'Drive the posts plumb, at least {depth} deep, studs towards the panel; {side} of each in sight.',
    'step.carry': 'Carry the panel upright, one hand a third from its lower end and one high.',
    'step.bend':
      'Set one end between posts and bed; one walks the other end in while the bow rises, until it drops between its posts.',
    'step.lift': 'Lift both feet {lift} over the path and tie them there.',
    'step.tie': 'Tie each foot to its posts with wire at three heights; wire, not plastic.',
    'step.seam': 'Set the next panel against the first and tie them along the seam.',
    'step.hoops':
      'Mark every hoop at {eighth}, {quarter} and {more} from one end: there it has turned by 45°, 90° and 135°. Bend it to the curve drawn and push both ends {depth} into the soil, plumb.',
    'step.purlin': 'Clamp the purlin under the crowns.',
    'step.mesh': 'Lay the mesh over the hoops and tie it along each.',
    'step.ends': 'Turn every cut end in.',
    'step.plant': 'Plant along both feet; lead the shoots to the mesh.',
    'season.lead': 'Every week, turn shoots into the mesh; let fruit hang down through it.',
    'season.check': 'After every storm, look at the ties of all feet.',
    'season.clear': 'After the first frost, cut the vines at the foot and pull them off while they are green.',
    'care.driving':
      'Gloves, eye and ear protection; hold the post with a helper’s clamp, never by hand under the driver.',
    'care.spring':
      'A bent panel is a loaded spring: two people, eye protection, nobody in line with its ends, children away. It is not a climbing frame.',
    'care.ends': 'Cut ends blind: eye protection, and turn each in at once.',
  },
} as const satisfies Said;
