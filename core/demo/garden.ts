import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
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
  beds: [
    {
      id: 'long-bed', name: 'Long bed', lengthMm: feet(24), widthMm: feet(3), heightMm: inches(11), standFrom: 'both sides', riseMm: 0,
      runs: 'north–south', soil: 'loam', wind: 'usual', note: 'Boards renewed the winter before last.',
    },
    {
      id: 'ramp-row', name: 'Slipway row', lengthMm: 9150, widthMm: 900, heightMm: 0, standFrom: 'both sides', riseMm: -480,
      runs: 'north–south', soil: 'sand', wind: 'exposed', note: 'Falls towards the old slip; sand under a hand of good soil.',
    },
    {
      id: 'wall-border', name: 'Warm wall border', lengthMm: 4270, widthMm: 600, heightMm: 0, standFrom: 'front only', riseMm: 0,
      runs: 'east–west', soil: 'loam', wind: 'sheltered', note: 'Against the south face of the yard wall. The tape says 4.27 m to the drainpipe.',
    },
    {
      id: 'yard-bed', name: 'Yard bed', lengthMm: feet(10), widthMm: feet(4), heightMm: inches(11), standFrom: 'both sides', riseMm: 0,
      runs: 'north–south', soil: 'loam', wind: 'sheltered', note: 'Where the ferryman kept his pigs: the best soil on the place.',
    },
    {
      id: 'odd-bed', name: 'Boathouse bed', lengthMm: inches(139.5), widthMm: feet(3), heightMm: inches(7.25), standFrom: 'both sides', riseMm: inches(3),
      runs: 'east–west', soil: 'clay', wind: 'usual', note: '11′ 7½″, because the boathouse is not square.',
    },
  ],
  plantings: [
    { id: 'long-tomatoes', bed: 'long-bed', crop: 'tomato', training: 'two-leaders', count: 14 },
    { id: 'ramp-beans', bed: 'ramp-row', crop: 'runner-bean', training: 'single', count: 40 },
    { id: 'wall-cucumbers', bed: 'wall-border', crop: 'cucumber', training: 'vine', count: 12 },
    { id: 'yard-tomatoes', bed: 'yard-bed', crop: 'tomato', training: 'one-stem', count: 10 },
    { id: 'odd-peas', bed: 'odd-bed', crop: 'pea', training: 'row', count: 46 },
    { id: 'odd-lettuce', bed: 'odd-bed', crop: 'lettuce', training: 'head', count: 12 },
  ],
  structures: [
    { id: 'tomato-wall', kind: 'panel-wall', name: 'Tomato wall', bed: 'long-bed', plantings: ['long-tomatoes'], knobs: {} },
    { id: 'bean-wall', kind: 'panel-wall', name: 'Bean wall down to the slip', bed: 'ramp-row', plantings: ['ramp-beans'], knobs: { panel: 'panel-3m' } },
    { id: 'cucumber-frame', kind: 'twine-frame', name: 'Cucumber strings on the wall', bed: 'wall-border', plantings: ['wall-cucumbers'], knobs: { section: '45x95', treatment: 'durable' } },
    { id: 'string-frame', kind: 'twine-frame', name: 'Single-stem tomatoes', bed: 'yard-bed', plantings: ['yard-tomatoes'], knobs: {} },
    { id: 'pea-wall', kind: 'panel-wall', name: 'Pea wall', bed: 'odd-bed', plantings: ['odd-peas'], knobs: {} },
  ],
  priceBook: DEMO_PRICES,
  shed: DEMO_SHED,
};
