import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      pallet: { word: 'Pallet', means: 'whole' },
      bearer: { word: 'Bearer', means: 'of the pallet, upright' },
      slat: { word: 'Front slat', means: 'of the pallet, level', stacks: true },
      'back slat': { word: 'Back slat', means: 'of the pallet, level' },
      'back cloth': { word: 'Back cloth', means: 'from side to side, with what is folded under' },
      'bottom cloth': { word: 'Bottom cloth', means: 'from front to back under the foot, with what is folded under' },
      'pocket cloth': { word: 'Row cloth', means: 'across a row, with what is folded under' },
      mix: { word: 'Potting mix', means: 'beside one row, between two bearers' },
    },
    joints: {
      'pallet nailed': 'Slats of the pallet',
      'mix filled': 'Mix between the bearers',
      planted: 'Planted through the cloth',
      'planted on top': 'Planted in the open top',
    },
    joinery: {
      'cloth stapled':
        'Ends folded under once; staples across the edge, close together, from the middle outwards. At the corners the cloth is folded as on a parcel.',
      'mix filled': 'Moist, by the hand, pressed into the corners.',
      'planted on top': 'In the mix between the bearers, stout stems or trailing ones.',
      planted: 'An X cut through both layers, its four flaps bent inwards; roots in the mix, the crown outside.',
      'held at the wall':
        'One leg of the bracket on the outside of the bearer near its head, the other on the wall: two screws in each, plugs in masonry.',
    },
  },
  phrases: {
    'pallet.common': 'The size most often left behind a shop.',
    'pallets.one': 'One to begin with.',
    'pallets.planned': '{planned|plant|plants}, {places} to a pallet.',
    'apart.hand': 'A hand’s breadth.',
    'rows.second': 'Every second slat comes off, and none has to be nailed back.',
    'each.hand': 'A hand and a half for each.',
    'plants.bundles': 'Strawberries like their crowns dry and their fruit hanging free; they come in bundles.',
    'plants.sown': 'Sown and set out by yourself: trailing things low, stout stems on top.',
    'foot.leans': 'Enough to lean into the wall, and the lowest row is still not under the others.',
    'head.pulled': 'Whoever holds on to it pulls it over.',
    'count.pallet': '{pallets|pallet|pallets}, marked HT',
    'count.bearers': 'They stand upright',
    'count.slats': 'One under each of {rows|row|rows}, and one at the top',
    'count.backs': 'The back stays as it is',
    'count.back-cloth': 'Doubled; round both sides, {fold} folded under at each end',
    'count.bottom-cloth': 'Doubled once more: all the weight comes to it',
    'count.pocket-cloth': 'Doubled across each row, {lap} on the slats over and under it',
    'count.mix': 'Between the bearers from foot to head',
    'count.nailed': 'As it was made',
    'count.staples': 'One every {every}',
    'count.plants': '{row|place|places} in a row, and as many in the open top',
    'count.brackets': 'Two to a pallet, one on each outer bearer',
    'step.mark':
      'Look for the mark: HT is heat treated. Leave a pallet that has no mark, any other letters, a stain or a smell.',
    'step.slats':
      'Lever off {off|slat|slats} of the front and draw or sink every nail. Those that stay: their edges as the marks along a bearer say, from its foot.',
    'step.back':
      'Lay it on its front. Two layers of cloth over the back, round both sides like a parcel, ends folded under {fold}; a staple every {every}.',
    'step.bottom': 'Two layers more under the foot, up in front and behind. It carries everything: spare no staples.',
    'step.pockets':
      'Turn it over. Two layers across each row, ends folded under, stapled to the slats over and under it.',
    'step.stand': 'Stand it where it will stay, its foot {foot} from the wall. Once filled it is not moved again.',
    'step.fill': 'Fill from the top with moist potting mix, a hand at a time, pressed into every corner: {mix} in all.',
    'step.plant':
      'Cut an X for each plant, from the lowest row up, and press the mix round its roots. {plants|plant|plants} in all.',
    'step.water': 'Water slowly from the top until the lowest row is wet, and top up where the mix has sunk.',
    'care.mark': 'Pallets marked MB were gassed with poison: not for food, not for burning.',
    'care.nails': 'Goggles and gloves: nails fly and slats split. No bare nail is left standing.',
    'care.weight': 'Watered it weighs {wet}: what it stands on has to carry that, and falling it crushes.',
    'season.water': 'Every day of the season about {water} to each pallet, slowly, from the top.',
    'season.feed': 'Feed every second week while it flowers and fruits.',
    'season.top': 'The mix sinks by about a tenth in its first weeks: top it up.',
    'season.staples': 'Look along the bottom and the brackets: new staples where cloth pulls out.',
  },
} as const satisfies Said;
