import type { Fixing, Station } from '../../design/design';
import { fact } from '../../wording/say';
import type { Said } from '../said';
import type { SeasonNote } from '../step';
import type { ChoiceKnob } from '../knob';
import { isOffered, type Setting } from '../setting';

/** Wet potting mix and the plants in it weigh about a kilogram a litre (from memory). */
export const WET_MIX_KG_L = 1;
/** A plant in a cup or a pocket drinks so much a day in summer (from memory). litres. */
export const LITRES_A_PLANT = 0.25;

/** What young plants of a crop are sold as, where a shop sells them. */
const plantStock = (crop: string): string => `plant-${crop}`;

/** Whether some of what is planned is sold as young plants. */
const areSold = (setting: Setting): boolean =>
  setting.planted.some(({ crop }) => isOffered(setting, plantStock(crop.id)));

/** Whether the plants are bought; what no shop of the book sells is one's own. */
export const plantsKnob = {
  type: 'choice',
  label: 'Plants',
  group: 'Plants',
  choices: [
    { id: 'bought', label: 'bought' },
    { id: 'own', label: 'your own' },
  ],
  help: 'Strawberries are bought in bundles; the rest is sown and set out.',
  offered: (setting) => (areSold(setting) ? ['bought', 'own'] : ['own']),
  suggest: (setting) =>
    areSold(setting) ? { value: 'bought', why: fact('plants.bundles') } : { value: 'own', why: fact('plants.sown') },
} as const satisfies ChoiceKnob<Setting>;

/** The young plants that are bought for some places of a planter. */
export function plantsBought(plants: 'bought' | 'own', setting: Setting, places: readonly Station[]): Fixing[] {
  if (plants === 'own') return [];
  const crops = [...new Set(places.map(({ crop }) => crop))].filter((crop) => isOffered(setting, plantStock(crop)));
  return crops.map((crop) => ({ stock: plantStock(crop), count: places.filter((one) => one.crop === crop).length }));
}

/** What is said of plants that bear for some years and make their own successors. */
export const runnersOf = (stations: readonly Station[]): SeasonNote[] =>
  stations.some(({ crop }) => crop === 'strawberry') ? [{ on: null, what: fact('season.runners') }] : [];

/** Said of every planter. */
export const POTTING_WORDS = {
  phrases: { 'season.runners': 'Strawberries live three years; their runners take their place.' },
} as const satisfies Said;
