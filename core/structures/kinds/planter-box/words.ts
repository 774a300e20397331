import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      post: { word: 'Leg', means: 'inside the box, from the floor to the rim', as: 'body' },
      bearer: { word: 'Bearer', means: 'along the legs of one side', stacks: true },
      slat: { word: 'Floor slat', means: 'across the bearers, shorter between legs', stacks: true },
      upright: { word: 'Upright', means: 'behind the boards, from their lower edge to its top' },
      lath: { word: 'Lath', means: 'over the uprights', stacks: true },
      lining: { word: 'Lining', means: 'over the slats, with what is turned up at both ends' },
      mix: { word: 'Mix', means: 'how deep it lies' },
    },
    joints: {
      'board to post': 'Board on a leg',
      'mix in the box': 'Mix on its floor',
      planted: 'Planted in the mix',
      'rail to post': 'Lath to upright',
      'upright to board': 'Upright on the back',
    },
    joinery: {
      'bearer to leg':
        'Along the inner faces of the legs, flush with the lower edge of the boards; two screws into each leg.',
      'slat to bearer':
        'Flat on both bearers, a finger from the next; one screw through the middle into each. Between legs it ends at their faces.',
      'lining stapled':
        'Over the slats and up the ends, stapled close under the rim and along the boards; strips lie a hand over each other. It lets water through, and no hole is cut in it.',
      'mix in the box': 'Moist, by the hand, pressed into the corners, an inch (25 mm) under the rim.',
      'upright to board': 'Flat against the boards from behind; two screws through it into each board.',
      'rail to post': 'Flat on the front of the upright; two screws.',
      planted: 'Roots in the mix, the crown level with it.',
      'held at the wall':
        'One leg of the bracket on the upper back board beside a leg, the other on the wall: two screws in each, plugs in masonry.',
    },
  },
  phrases: {
    'use.standing': 'No bending, no kneeling.',
    'from.wall': 'Most of them stand along a wall.',
    'held.low': 'It stands wide and low.',
    'held.pulled': 'Nobody pulls it over, and no storm.',
    'long.carried': 'Two carry it empty, and its boards do not bow.',
    'long.planned': 'Room for {planned|plant|plants}.',
    'width.front': 'As far as a hand reaches from one side.',
    'width.both': 'As far as hands reach from both sides.',
    'courses.knees': 'Shallow, so that arms rest on the rim with knees below.',
    'courses.roots': 'Ten inches (250 mm) of mix: enough for most crops.',
    'rim.standing': 'As high as a workbench.',
    'rim.beside': 'As high as one who sits beside it rests an arm.',
    'rim.knees': 'Room for knees under it.',
    'rim.trough': 'A hand off the floor, so that it drains and dries.',
    'trellis.crop': '{crop} wants something to climb or to be tied to.',
    'trellis.none': 'Nothing that is planned here climbs.',
    'trellis.reach': 'As high as you reach.',
    'trellis.high': 'As high as the crop is to be held.',
    'lath.hand': 'A hand and a half: shoots find the next.',
    'count.uprights': 'One near each end, and between so that laths do not bow',
    'count.laths': 'One every {every} at the most, from over the rim up',
    'count.strings': '{strings|string|strings} in equal gaps',
    'step.string':
      'Tie {strings|string|strings} up it: fast at the lowest lath, one turn round each on the way, fast at the top.',
    'count.upright-screws': 'Two into each board of the back',
    'count.lath-screws': 'Two at every upright',
    'step.trellis':
      'Screw the uprights to the back from behind, plumb, and the laths to their fronts from the rim up, {every} apart by a spacer.',
    'mix.light': 'It drains, and weighs less than soil.',
    'plants.bundles': 'Strawberries come in bundles.',
    'plants.sown': 'Sown and set out by yourself.',
    'count.boards': '{courses|course|courses} of two long and two short boards',
    'count.bearers': 'One along each long side',
    'count.slats': 'As many as lie a finger apart from end to end',
    'count.lining': 'From end to end over the floor, in as many strips as it takes',
    'count.mix': '{deep} deep, to an inch under the rim',
    'count.bearer-screws': 'Two into each leg',
    'count.slat-screws': 'One into each bearer',
    'count.staples': 'A staple every four inches (100 mm) all round',
    'count.brackets': 'Two, one beside each outer leg',
    'count.plants': 'One for each place that is planned',
    'step.cut': 'Cut legs, boards, bearers and slats. Oil the boards now, and let them dry: oily rags flat outdoors.',
    'step.sides':
      'Lay the legs of a long side on a flat floor, screw its boards across them, the rim level with their tops; turn it over and screw the bearer along the legs, level with the lower edge of the boards. The other side is its mirror image.',
    'step.ends':
      'Stand both sides up and screw the short boards between them to the legs, square: both diagonals {diagonal}.',
    'step.slats': 'Lay the slats across both bearers, a finger apart, the short ones between legs; screw them down.',
    'step.stand':
      'Carry it to its place while it is empty and set it level: pack under a leg with slate or tile, never with wood.',
    'step.lining': 'Lay the cloth in, up at both ends, folded at the corners as on a parcel, and staple it.',
    'step.fill': 'Fill it with moist mix, a hand at a time: {mix} in all. Water, and top up where it sinks.',
    'step.plant': 'Plant, tall things where they shade nothing, trailing ones along the rim.',
    'care.weight': 'Watered it weighs about {wet}: what it stands on has to carry that, and it is not moved again.',
    'season.water': 'Every day of the season about {water}, until it drips below.',
    'season.top': 'The mix sinks by about a tenth in its first weeks: top it up.',
    'season.feed': 'Feed every second week while it flowers and fruits: a box has no ground below it.',
    'season.winter':
      'Before hard frost look that water still runs out below: wet mix that freezes pushes the boards apart.',
    'season.oil':
      'Oil the boards when they are dry. Lay oily rags flat outdoors: in a heap they catch fire by themselves.',
  },
} as const satisfies Said;
