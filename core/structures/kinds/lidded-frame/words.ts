import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      fill: { word: 'Fill', means: 'how deep it lies' },
      floor: { word: 'Mesh under the box', means: 'over all, edge to edge of the boards' },
      mesh: { word: 'Mesh', means: 'over a lid, a door or the roof, edge to edge' },
      net: { word: 'Net', means: 'over the mesh of a lid, a door or the roof' },
      'roof strip': { word: 'Roof strip', means: 'of the roof; long ones run through, short ones stand between' },
      'door strip': { word: 'Door strip', means: 'of a door; level ones run through, upright ones stand between' },
      'fixed mesh': { word: 'Fixed mesh', means: 'behind or at an end, edge to edge' },
      'fixed net': { word: 'Fixed net', means: 'over the mesh behind or at an end' },
      chain: { word: 'Chain', means: 'from eye to eye, with what they take' },
    },
    joints: {
      'floor stapled': 'Mesh under the box',
      'fill in the box': 'Fill against its boards',
      'mesh to lid': 'Mesh on a lid or a door',
      'net to lid': 'Net on a lid or a door',
      'roof to post': 'Roof on a post',
      'mesh to post': 'Fixed mesh on a post',
      'net to post': 'Fixed net on a post',
      'chain fixed': 'Chain on its eye',
    },
    joinery: {
      'floor stapled':
        'The box lies upside down; the mesh goes edge to edge over the boards, pulled flat, cut ends turned down between them.',
      'fill in the box': 'Level, an inch (25 mm) or more under the rim; it settles and is topped up in spring.',
      'mesh to lid':
        'Wrapped over the lid in one run, stapled from the middle outwards as it goes, trimmed last; cut ends turned in.',
      'net to lid':
        'Over the mesh, its edge folded under once; staples outside those of the mesh, along both long strips, its ends folded round the short ones.',
      'roof to post':
        'The long strip lies on the tops of the posts, flush with their outer faces; one long screw, pre-drilled.',
      'mesh to post': 'On the outer face of the post, its lower edge between post and board; staples astride a wire.',
      'net to post': 'Over the mesh, its edge folded under once.',
      'door hinged':
        'The door lies on the front faces of the posts; knuckles at its edge, one leaf on it and one on the post.',
      'door hooked': 'The eye in the post, the hook on the door, drawn tight.',
      'chain fixed': 'The last link opened with two pairs of pliers, closed round the eye.',
    },
  },
  phrases: {
    'width.reach': 'No deeper than you reach from one side.',
    'fill.own': 'Nothing lies under it: they root in the bed.',
    'fill.dug': 'It is there, and costs nothing.',
    'fill.roots': 'The mesh lies under the roots: salads go so deep.',
    'count.fill': '{deep} deep between the boards',
    'courses.two': 'Two boards: a foot for roots and leaves.',
    'courses.crop': 'Over what grows highest, as far as boards go.',
    'floor.none':
      'Nobody who digs or tunnels visits: what is planted roots in the bed. It can only be laid before the box is filled.',
    'opens.low': 'What grows here stays under a lid.',
    'opens.tall': 'What grows here would break under a lid.',
    'above.grows': 'Over what grows highest, as far as strips stand.',
    'lids.doors': 'Narrow doors do not sag.',
    'mesh.paw': 'Half an inch stops a paw, a beak and a tooth.',
    'net.finer': '{who} come through any mesh: a net over it stops them.',
    'net.none': 'The mesh alone stops whoever comes.',
    'lids.short': 'Shorter lids are lifted with one hand and do not twist.',
    'count.roof': 'One frame over all, on the posts',
    'count.doors': '{doors|door|doors}, each of two level strips and upright ones between',
    'count.fixed': 'Behind and at both ends',
    'count.chains': 'One for a lid: so long that it leans back, and no farther',
    'count.eyes': 'One at each end',
    'count.roof-screws': 'One into the top of each post',
    'count.hooks': 'One for a door',
    'count.boards': '{courses|course|courses} of two long and two short boards',
    'count.strips': '{lids|lid|lids}, each of two long strips and short ones between',
    'count.floor': 'Under all of the box',
    'count.mesh': 'Over each lid',
    'count.net': 'Over the mesh of each lid',
    'count.staples': 'One every {every}',
    'step.clear': 'Cut the grass short where the box will lie, and take out stones; the grass may stay.',
    'step.cut': 'Cut boards, posts and strips. Look for knots in the strips: cut round them.',
    'step.box': 'Screw the boards to the posts on a flat floor, square: both diagonals {diagonal}.',
    'step.floor': 'Turn it upside down and staple the mesh to its lower edges, from the middle outwards.',
    'step.set': 'Carry it to its place, turn it over and set it level.',
    'step.lids': 'Glue and screw the lids on a flat floor, square: both diagonals {diagonal}.',
    'step.mesh': 'Wrap the mesh on in one run, stapling as you go; trim it last.',
    'step.net': 'Lay the net over the mesh, fold its edge under once, and staple it outside the staples of the mesh.',
    'step.hinge': 'Lay the lids on the rim and screw the hinges on: each lid opens without touching the next.',
    'step.roof': 'Make the roof flat on the floor, square, mesh on; lay it on the posts and screw it down.',
    'step.fixed':
      'Tuck the mesh of the back and the ends between posts and boards, pull it up and staple it to the posts.',
    'step.doors':
      'Make the doors, square by both diagonals; hang each on the post at its left, hook it to the one at its right.',
    'step.chain': 'Turn in the eyes and hang the chains: each lid leans back a hand past the upright and stops.',
    'step.prop': 'Screw the props on, not quite home, so that they turn.',
    'step.fill':
      'Fill the box {deep} deep over its mesh, {litres} in all, moist, a hand at a time, without treading it.',
    'step.plant': 'Plant: tall things at the back, under the hinges.',
    'step.plant-tall': 'Plant: tall things at the back, low ones by the doors.',
    'care.wire': 'Cut ends blind: gloves, goggles, ends turned in at once.',
    'season.off': '{crop} reaches the lid about now: leave it open, or move the mesh up.',
    'season.open': '{crop} flowers about now and wants insects: open the lids by day.',
    'season.hinges': 'Oil the hinges, and look along every edge for a gap a thumb fits through.',
    'season.oil':
      'Oil the boards when they are dry. Lay oily rags flat outdoors: in a heap they catch fire by themselves.',
  },
} as const satisfies Said;
