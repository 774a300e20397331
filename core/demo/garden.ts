import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import { ARM_MM } from '../site/bed';
import { DEMO_CURRENCY, DEMO_PRICES, DEMO_SHED } from './prices';

/**
 * The ferry house: the walled yard and the long back plot of a former ferry house at a windy river
 * bend, kept by two neighbours, one of whom thinks in feet and the other in metres. All invented.
 */
export const DEMO_PLAN: Plan = {
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  garden: {
    name: 'The Ferry House',
    note: 'Walled yard and long back plot at the river bend. Wind comes up the water from the west. Odile measures in feet, Bram in metres.',
    units: 'imperial', locale: 'en-IE', currency: DEMO_CURRENCY, reachMm: feet(7),
  },
  site: {
    latitudeDeg: 52.1, longitudeDeg: -6.9, northDeg: 0, widthMm: 15_000, depthMm: 16_000, lastFrost: '05-05', firstFrost: '10-28', frostDepthMm: 300, gustMs: 32,
    armMm: ARM_MM, visitors: ['rabbits', 'birds', 'cabbage butterflies'],
  },
  features: [
    { id: 'ferry-house', kind: 'house', name: 'Ferry house', xMm: 2100, yMm: 15_250, turnDeg: 0, lengthMm: 4200, widthMm: 1500, heightMm: 4600, keepClearMm: 600 },
    { id: 'yard-wall', kind: 'wall', name: 'Yard wall', xMm: 5700, yMm: 14_120, turnDeg: 0, lengthMm: 7400, widthMm: 240, heightMm: 2300, keepClearMm: 300 },
    { id: 'slip-fence', kind: 'fence', name: 'Slip fence', xMm: 14_600, yMm: 8000, turnDeg: 90, lengthMm: 15_000, widthMm: 60, heightMm: 1200, keepClearMm: 0 },
    { id: 'middle-path', kind: 'path', name: 'Cinder path', xMm: 8600, yMm: 8700, turnDeg: 90, lengthMm: 10_600, widthMm: 1000, heightMm: 0, keepClearMm: 0 },
    { id: 'old-pear', kind: 'tree', name: 'Old pear', xMm: 2300, yMm: 2300, turnDeg: 0, lengthMm: 3600, widthMm: 3600, heightMm: 5200, keepClearMm: 1500 },
    { id: 'pump', kind: 'well', name: 'Yard pump', xMm: 11_000, yMm: 13_200, turnDeg: 0, lengthMm: 900, widthMm: 900, heightMm: 800, keepClearMm: 1500 },
    { id: 'cable', kind: 'buried line', name: 'Cable to the boathouse', xMm: 11_300, yMm: 8000, turnDeg: 90, lengthMm: 15_500, widthMm: 100, heightMm: 0, keepClearMm: 600 },
    { id: 'heap', kind: 'compost', name: 'Heap', xMm: 5600, yMm: 1200, turnDeg: 0, lengthMm: 1500, widthMm: 1100, heightMm: 1000, keepClearMm: 0 },
  ],
  beds: [
    {
      id: 'long-bed', name: 'Long bed', xMm: 6000, yMm: 9000, turnDeg: 90, lengthMm: feet(24), widthMm: feet(3), heightMm: inches(11), standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'usual', grewBefore: ['cabbage', 'gourd', ''], note: 'Boards renewed the winter before last.',
    },
    {
      id: 'ramp-row', name: 'Slipway row', xMm: 12800, yMm: 7200, turnDeg: 90, lengthMm: 9150, widthMm: 900, heightMm: 0, standFrom: 'both sides', riseMm: -480,
      soil: 'sand', wind: 'exposed', grewBefore: ['', '', ''], note: 'Falls towards the old slip; sand under a hand of good soil.',
    },
    {
      id: 'wall-border', name: 'Warm wall border', xMm: 5200, yMm: 13700, turnDeg: 0, lengthMm: 4270, widthMm: 600, heightMm: 0, standFrom: 'front only', riseMm: 0,
      soil: 'loam', wind: 'sheltered', grewBefore: ['pea', '', 'nightshade'], note: 'Against the south face of the yard wall. The tape says 4.27 m to the drainpipe.',
    },
    {
      id: 'yard-bed', name: 'Yard bed', xMm: 2600, yMm: 8600, turnDeg: 90, lengthMm: feet(10), widthMm: feet(4), heightMm: inches(11), standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'sheltered', grewBefore: ['nightshade', 'cabbage', 'pea'], note: 'Where the ferryman kept his pigs: the best soil on the place.',
    },
    {
      id: 'odd-bed', name: 'Boathouse bed', xMm: 10400, yMm: 2400, turnDeg: 0, lengthMm: inches(139.5), widthMm: feet(3), heightMm: inches(7.25), standFrom: 'both sides', riseMm: inches(3),
      soil: 'clay', wind: 'usual', grewBefore: ['daisy', 'parsley', ''], note: '11′ 7½″, because the boathouse is not square.',
    },
    {
      id: 'melon-bed', name: 'Melon bed', xMm: 9850, yMm: 8600, turnDeg: 90, lengthMm: 5500, widthMm: 900, heightMm: 200, standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'usual', grewBefore: ['pea', 'cabbage', ''], note: 'Between the cinder path and the cable. Boards are 45 mm.',
    },
    {
      id: 'string-row', name: 'Middle row', xMm: 4450, yMm: 8800, turnDeg: 90, lengthMm: feet(20), widthMm: feet(3), heightMm: 0, standFrom: 'both sides', riseMm: inches(4),
      soil: 'loam', wind: 'usual', grewBefore: ['parsley', 'pea', ''], note: 'Rises a hand towards the wall.',
    },
    {
      id: 'fold-bed', name: 'Wash-house bed', xMm: 1000, yMm: 10_400, turnDeg: 90, lengthMm: feet(8), widthMm: feet(4), heightMm: inches(7.25), standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'sheltered', grewBefore: ['daisy', '', ''], note: 'Cleared every winter for the boat.',
    },
    {
      id: 'play-ring', name: 'Ring on the grass', xMm: 6700, yMm: 3500, turnDeg: 0, lengthMm: feet(7), widthMm: feet(7), heightMm: 0, standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'usual', grewBefore: ['', '', ''], note: 'For the neighbours’ children, who sit in it.',
    },
    {
      id: 'pea-beds', name: 'Net-loft bed', xMm: 1000, yMm: 6500, turnDeg: 90, lengthMm: 2600, widthMm: 1000, heightMm: 0, standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'sheltered', grewBefore: ['cabbage', 'daisy', ''], note: 'Bram’s: everything here in millimetres.',
    },
    {
      id: 'quay-bed', name: 'Quay bed', xMm: 8500, yMm: 700, turnDeg: 0, lengthMm: feet(12), widthMm: feet(3), heightMm: inches(11), standFrom: 'both sides', riseMm: 0,
      soil: 'loam', wind: 'exposed', grewBefore: ['pea', 'parsley', ''], note: 'Open to the river: everything here is tied twice.',
    },
  ],
  crops: [],
  plantings: [
    { id: 'long-tomatoes', bed: 'long-bed', crop: 'tomato', training: 'two-leaders', count: 14 },
    { id: 'ramp-beans', bed: 'ramp-row', crop: 'runner-bean', training: 'single', count: 40 },
    { id: 'wall-cucumbers', bed: 'wall-border', crop: 'cucumber', training: 'vine', count: 12 },
    { id: 'yard-tomatoes', bed: 'yard-bed', crop: 'tomato', training: 'one-stem', count: 10 },
    { id: 'odd-peas', bed: 'odd-bed', crop: 'pea', training: 'row', count: 46 },
    { id: 'melons', bed: 'melon-bed', crop: 'melon', training: 'vine', count: 8 },
    { id: 'row-tomatoes', bed: 'string-row', crop: 'tomato', training: 'unpruned', count: 8 },
    { id: 'fold-cucumbers', bed: 'fold-bed', crop: 'cucumber', training: 'free', count: 10 },
    { id: 'ring-beans', bed: 'play-ring', crop: 'runner-bean', training: 'single', count: 22 },
    { id: 'loft-peas', bed: 'pea-beds', crop: 'pea', training: 'row', count: 60 },
    { id: 'quay-squash', bed: 'quay-bed', crop: 'squash', training: 'vine', count: 4 },
    { id: 'odd-lettuce', bed: 'odd-bed', crop: 'lettuce', training: 'head', count: 12 },
  ],
  structures: [
    { id: 'tomato-wall', kind: 'panel-wall', name: 'Tomato wall', bed: 'long-bed', plantings: ['long-tomatoes'], knobs: {} },
    { id: 'bean-wall', kind: 'panel-wall', name: 'Bean wall down to the slip', bed: 'ramp-row', plantings: ['ramp-beans'], knobs: { panel: 'panel-3m' } },
    { id: 'cucumber-frame', kind: 'twine-frame', name: 'Cucumber strings on the wall', bed: 'wall-border', plantings: ['wall-cucumbers'], knobs: { section: '45x95', treatment: 'durable' } },
    { id: 'string-frame', kind: 'twine-frame', name: 'Single-stem tomatoes', bed: 'yard-bed', plantings: ['yard-tomatoes'], knobs: {} },
    { id: 'melon-trellis', kind: 'rail-trellis', name: 'Melon trellis', bed: 'melon-bed', plantings: ['melons'], knobs: { shelf: 'top' } },
    { id: 'tomato-weave', kind: 'weave', name: 'Tomato weave', bed: 'string-row', plantings: ['row-tomatoes'], knobs: {} },
    { id: 'cucumber-fold', kind: 'a-frame', name: 'Folding cucumber frames', bed: 'fold-bed', plantings: ['fold-cucumbers'], knobs: {} },
    { id: 'bean-tepee', kind: 'tepee', name: 'Bean tepee', bed: 'play-ring', plantings: ['ring-beans'], knobs: {} },
    { id: 'pea-tunnel', kind: 'woven-frame', name: 'Pea tunnel', bed: 'pea-beds', plantings: ['loft-peas'], knobs: {} },
    { id: 'squash-wall', kind: 'guyed-wall', name: 'Squash wall on the quay', bed: 'quay-bed', plantings: ['quay-squash'], knobs: {} },
    { id: 'pea-wall', kind: 'panel-wall', name: 'Pea wall', bed: 'odd-bed', plantings: ['odd-peas'], knobs: {} },
  ],
  priceBook: DEMO_PRICES,
  shed: DEMO_SHED,
};
