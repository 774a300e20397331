import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      floor: { word: 'Floor', means: 'strips by length' },
      cap: { word: 'Cap', means: 'end to end', as: 'body' },
      board: { word: 'Board', means: 'as long as its side, or from post to post', as: 'body', stacks: true },
      rail: { word: 'Rail', means: 'as long as its side, or from post to post', as: 'body', stacks: true },
      tie: { word: 'Tie across', means: 'there and back, with two feet (600 mm) to make fast' },
      sheet: { word: 'Sheet', means: 'from the ground to the rim', as: 'body' },
      log: { word: 'Log', means: 'end to end', as: 'body', stacks: true },
      timber: { word: 'Timber', means: 'end to end', as: 'body', stacks: true },
      block: { word: 'Block', means: 'a whole one', as: 'body', stacks: true },
      'half block': { word: 'Half block', means: 'ends a course', as: 'body', stacks: true },
      post: { word: 'Inside post', means: 'from the rim to its foot in the ground' },
      pin: { word: 'Pin', means: 'through all courses into the ground' },
      core: { word: 'Concrete in a core', means: 'height filled; the volume stands in `litres`' },
      'path soil': { word: 'Soil from the paths', means: 'depth; the volume, with what settles, stands in `litres`' },
      soil: { word: 'Soil', means: 'depth; the volume, with what settles, stands in `litres`' },
      compost: { word: 'Compost', means: 'depth; the volume, with what settles, stands in `litres`' },
      'drip line': { word: 'Drip line', means: 'with what goes over its fittings', stacks: true },
      header: { word: 'Header', means: 'across the end of the bed, with what goes over its fittings' },
      liner: { word: 'Liner', means: 'along the bed, up both ends' },
      reservoir: { word: 'Reservoir', means: 'depth of the gravel; its volume stands in `litres`' },
      'wick cloth': { word: 'Cloth over the gravel', means: 'along the bed, turned up at both ends' },
      'fill pipe': { word: 'Filling pipe', means: 'down and along the bed' },
      layers: { word: 'Prunings and leaves', means: 'depth; the volume, with what settles, stands in `litres`' },
    },
    joints: {
      'boards at a corner': 'Boards at a mitred corner',
      'line on header': 'Drip line on its header',
      'line closed': 'End of a drip line',
      'header to the tap': 'To the tap',
      'pipe pegged': 'Pipe on the soil',
      'liner about the water': 'Liner in the bed',
      'cloth over the gravel': 'Cloth over the gravel',
      'pipe in the gravel': 'Filling pipe in the gravel',
      'outlet in the side': 'Outlet in the side',
      'floor under the sides': 'Floor under the sides',
      'fill in the bed': 'Fill in the bed',
    },
    joinery: {
      'board to post':
        'The board lies flat on the outside of the post, crown up; two screws askew. Boards that follow each other meet over the middle of a post, in each course at another one.',
      'boards at a corner':
        'Both ends slanted alike, closed on the outside; a strap bent round the corner halfway up, screwed to both boards.',
      'rail to post':
        'The rail lies flat on the outside of the post; two screws askew. Rails that follow each other meet over the middle of a post.',
      'sheet to rail':
        'From inside, ribs upright, each sheet over the last by a rib; screws in the valleys, where the sheet lies on the rail.',
      'tie to post':
        'A loop round both posts halfway up, its ends in six close turns; a stick through it turns it taut, and is tied down.',
      'floor under the sides':
        'Flat on the ground, strips a hand over each other, its edges under the sides; cut crosswise where a post goes through.',
      'cap on the rim':
        'The board lies flat, flush with the outside; butted at the corners. One screw every two feet (600 mm), down into the uppermost board.',
      'pin through timber':
        'A hole as wide as the pin through every course, drilled with the courses in place; the pin is driven through all of them.',
      'block beside block': 'Laid dry, end to end, tapped down to the line.',
      'block at a corner':
        'In each course the other block runs through to the corner, so that no joint is over another.',
      'course on course': 'Each block lies on the joint of the two below it.',
      'pin in a core':
        'The pin is driven through the core into the ground, then the core is filled with concrete to the rim, tamped with a stick.',
      'line on header': 'A tee, at the outermost lines an elbow, pushed into both until its ribs are gone.',
      'line closed': 'Rinsed first, then folded back on itself under a clip, which is slid off to rinse it again.',
      'header to the tap': 'Filter and pressure reducer at the tap, then plain pipe or a hose to the header.',
      'pipe pegged': 'On the soil, a peg over it every three feet (900 mm); mulch over all of it.',
      'liner about the water':
        'In one piece over raked, stoneless ground, folded at the corners like a parcel, never cut below the outlet; round posts it is folded too.',
      'cloth over the gravel': 'Flat on the gravel, turned up a hand’s breadth at the sides.',
      'pipe in the gravel': 'On the liner, its far end closed with a folded end; up in the corner over the soil.',
      'outlet in the side': 'Its lower edge as high as the gravel: what is too much runs out here.',
      'fill in the bed': 'Filled in layer by layer, trodden lightly along the sides.',
    },
    knots: { 'tie to post': ['wound wire'] },
  },
  phrases: {
    'make.boards': 'The least money and the least weight.',
    'block.market': 'As blocks are sold here.',
    'high.bed': 'As high as the plan has this bed.',
    'high.roots': 'Ten to thirteen inches (250 to 330 mm) of room for roots, in whole courses.',
    'every.rails': 'Three feet (900 mm): two rails hold all of the sheet.',
    'ties.high': 'So high, posts between the corners lean out in time.',
    'ties.low': 'So low, posts hold by themselves.',
    'count.ties': 'Between every two posts that face each other across the bed',
    'every.four': 'Four feet (1200 mm): farther apart the sides bulge.',
    'cores.high': 'More than two courses are pinned.',
    'cores.low': 'Two courses stand by their weight, and the soil in their cores.',
    'fill.own': 'No topsoil or compost in your price book.',
    'fill.layers': 'So deep a bed needs soil on top only; below it, what would be burnt.',
    'fill.mix': 'Drains and feeds; ready to plant at once.',
    'paths.none': 'Nothing is dug out until you say how deep the dark soil goes.',
    'below.mulch': 'Room for a mulch.',
    'settles.mix': 'A fresh mix sinks by 10 to 20 % in its first season.',
    'settles.layers': 'Layers sink by a quarter to a third as they rot.',
    'count.rails': 'One at the foot and one at the rim of every side',
    'count.sheets': 'Between the posts, each over the last by a rib',
    'count.sheet-screws': 'Two a sheet on each rail',
    'high.sheet': 'Sheet goes high on little wood: two feet (600 mm) are worked without kneeling.',
    'count.floor': 'Under all of the bed, strips a hand over each other',
    'floor.drains': 'Keeps the soil in, and lets the water out.',
    'step.sweep':
      'Sweep the floor and pour a bucket of water over it: see which way it runs, and leave every drain and joint free. Wood stands on strips of rubber or slate, a finger clear.',
    'step.chalk': 'Chalk the corners on the floor, {long} over all: the diagonals are equal.',
    'step.cloth-floor': 'Lay the cloth where the bed will stand, smooth, strips a hand over each other.',
    'step.posts-floor':
      'Screw the boards of the ends to their corner posts lying flat, then stand them up; those between follow, all tops to the string.',
    'step.pins-floor': 'Drill through all courses at the marks and drive the pins to the floor, not into it.',
    'step.first-blocks': 'Sweep in a thin bed of sharp sand where the floor is uneven, and draw it level with a board.',
    'care.water-out':
      'What cannot run out stands in the bed and against the house: no bed over a drain, none against a wall without a hand of air.',
    'floor.none': 'Nothing that visits comes from below.',
    'cap.sharp': 'Covers the cut edge of the sheet.',
    'cap.none': 'It holds without one.',
    'count.cap': 'One on every side, butted at the corners',
    'count.cap-screws': 'Every two feet (600 mm), and near both ends',
    'count.boards': '{courses|course|courses} on every side',
    'count.timbers': '{courses|course|courses}, each the other way round at the corners',
    'count.blocks': '{courses|course|courses} with broken joints',
    'count.halves': 'Where whole blocks do not come out',
    'count.posts': 'In every corner, and none more than {every} from the next',
    'count.pins': 'In every corner, and none more than {every} from the next',
    'count.cores': 'About every pin',
    'count.topsoil': 'Two parts of the mix, with {more} % for settling',
    'count.paths': 'As far as ways {way} wide round it go, dug {deep} deep',
    'count.own': 'The whole depth, with {more} % for settling',
    'count.compost': 'One part of the mix, with {more} % for settling',
    'count.layers': 'Below the mix, with {more} % for settling',
    'watered.hand': 'The least to buy; an inch (25 mm) a week.',
    'drip.foot': 'A foot (300 mm): so far water spreads in a loose mix.',
    'reservoir.rises': 'As much soil over it as water rises in.',
    'reservoir.roots': 'As deep as leaves room for roots over it.',
    'count.drip': 'Along the bed, none more than {every} from the next',
    'count.header': 'Across the end that they are fed from',
    'count.fittings': 'One where a line meets its header',
    'count.ends': 'One at each end that is not fed',
    'count.tap': 'One to a bed',
    'count.drip-pegs': 'Every three feet (900 mm), two a pipe at least',
    'count.liner': 'One under all of it, up the sides over the water',
    'count.reservoir': 'Gravel from the liner to the outlet',
    'count.wick-cloth': 'Over all of the gravel',
    'count.fill-pipe': 'One, down and along the bed',
    'count.outlet': 'One, at the height of the water',
    'count.straps': 'One at every corner in every course',
    'count.screws': 'Two where a board passes or ends on a post',
    'step.clear':
      'Cut what grows there short, {beyond} beyond the sides all round, and loosen the soil with a fork: roots go on down.',
    'step.mark':
      'Peg the corners, {long} over all, with strings at the height of the rim: the diagonals are equal, the strings level.',
    'step.floor':
      'Unroll the mesh over all of the ground, flat, strips a hand over each other, and bend what is over up inside the sides.',
    'step.cloth':
      'Lay the cloth over all of the ground, smooth, strips a hand over each other; cut crosses where posts go through.',
    'care.wire': 'Cut wire springs and scratches: gloves and goggles.',
    'step.cut':
      'Cut the pieces from the list; let wet treated boards dry in the sun first, they shrink. Brush every cut.',
    'step.posts':
      'Set the corner posts into holes 6″ (150 mm) deep, plumb, then those between, all tops to the string.',
    'step.boards':
      'Level the lowest board of one long side first; every other board follows it. Screw {courses|course|courses} to the outsides of the posts.',
    'step.ties':
      'Tie each post between corners to the one across from it, a loop halfway up, turned taut with a stick: {ties|loop|loops}. No spade goes so deep.',
    'step.rails':
      'Level the lower rail of one long side first; every other follows it. Screw the lower rails, then the upper ones, to the outsides of the posts, level with the rim.',
    'step.sheets':
      'Cut the sheets to the height with snips, file what is left rough, and screw them to the insides of the rails between the posts, each over the last by a rib.',
    'care.tie': 'Wire springs when it is cut: goggles on, stand clear of the end.',
    'care.metal':
      'Cut sheet is as sharp as a knife: thick gloves, goggles, muffs where a blade is used. No edge stands over the rim.',
    'step.logs':
      'Peel the logs, and cut them from the list; chop both ends flat where they cross others, so that each lies down on the one below.',
    'care.rolling': 'A log rolls: wedge it before you cut or stand beside it, and lift with two.',
    'step.timbers':
      'Lay the first course dead level; then the next, the other way round at the corners: {courses|course|courses}.',
    'step.pins': 'Drill through all courses at the marks and drive the pins until they end just under the rim.',
    'step.trench': 'Cut a trench for the first course and tamp it firm and level; a flat spade squares its edges.',
    'step.blocks':
      'The corner block first, dead level and square both ways: every other follows it. Lay one course all round, level it, then the next with broken joints: {courses|course|courses}.',
    'step.cores':
      'Drive a pin through the core at every corner and between, fill those cores with concrete to the rim and tamp it with a stick.',
    'step.fill.layers':
      'Lay logs first, then prunings, then leaves, trodden and watered: {deep} deep, {volume}, about {loads|barrow load|barrow loads} and {hours|hour|hours} for one.',
    'step.fill.path soil':
      'Dig the dark topsoil out of the ways round it, {way} wide and {down} deep, and stop where it turns pale. Fill it in, {deep} deep: {volume}, about {loads|barrow load|barrow loads} and {hours|hour|hours} for one.',
    'step.fill.soil':
      'Fill in the topsoil, {deep} deep: {volume}, about {loads|barrow load|barrow loads} and {hours|hour|hours} for one. Never subsoil.',
    'step.fill.compost':
      'Add the compost, {deep} deep: {volume}, about {loads|barrow load|barrow loads} and {hours|hour|hours} for one, and turn it into the topsoil once. After that, never again.',
    'step.liner':
      'Rake out every stone, spread old carpet or cloth, and lay the liner over it and up the sides, loose: the weight draws it tight. Fold its corners like a parcel.',
    'step.outlet':
      'Drill for the outlet, {up} over the foot of the bed, a seal on either side of the liner. Nothing else goes through it below that.',
    'step.fill.reservoir':
      'Lay the pipe along the bottom, up in its corner, and fill in the gravel, {deep} deep: {volume}, about {loads|barrow load|barrow loads} and {hours|hour|hours} for one. Fill it with water now: what runs out anywhere but at the outlet is found today.',
    'step.wick-cloth': 'Lay the cloth over the gravel and up the sides.',
    'step.drip':
      'Lay the headers and lines on the soil, push them on to their fittings and peg them down; run the water until it comes clear, then close the ends. Mulch goes over them.',
    'care.still-water': 'Children drown in little water: the gravel is filled to the top, the pipe has a cap.',
    'season.drip-open': 'Each spring, open the ends, run the lines clear, and look for openings that stay dry.',
    'season.drip-frost':
      'Before the first hard frost, take the filter and the reducer in, and open the ends: water left in them bursts them.',
    'season.wick':
      'Fill it by the pipe until the outlet runs, weekly in a dry summer; water young plants from above until their roots are down.',
    'season.wick-frost': 'Before the first hard frost, let it run empty by the outlet or the pipe.',
    'step.cap':
      'Lay the cap boards on the rim, try every corner, cut, and screw them down; round their edges where people sit.',
    'step.water': 'Water it well and let it settle: wet through, what is in it weighs about {wet}.',
    'step.mulch': 'Rake it to a low hump, and mulch it.',
    'season.top-up': 'Next spring, top it up with compost: about {share} % of its depth has settled.',
    'season.mulch': 'Every autumn, a hand of mulch on top; leave what is below alone.',
    'season.look':
      'Each spring, look along the sides: what bows wants a post more; what is soft at the soil is near its end.',
    'care.lead':
      'Soil from beside a road, an old painted wall or a bonfire may hold lead: have it tested before food grows in it. Wet soil is heavy: small loads.',
    'care.manure':
      'Manure, straw and bought compost may carry a weedkiller that passes through animals: sow beans in a pot of it first. What grows from it twisted stays out of the bed.',
    'care.old-wood':
      'No old sleepers, painted boards or wood treated before 2004 in a bed: their poisons go into the soil.',
    'care.cutting': 'Goggles and muffs; clamp what is cut. Sawdust of treated wood is swept up and never burnt.',
    'care.pins': 'Steel on steel splinters: goggles on, nobody holds the pin in a bare hand.',
    'care.lifting':
      'A block weighs as much as a small child: lift with the knees, gloves on, early in the day when it is hot.',
    'care.dust': 'Split or cut blocks outdoors and wet: their dust harms lungs. Mask and goggles.',
    'care.cement': 'Cement burns skin and lungs: gloves, mask, long sleeves; wash it off at once.',
  },
} as const satisfies Said;
