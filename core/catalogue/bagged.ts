import { fromMemory, type Bagged } from './stock';

/** 50, 60 and 80 lb bags of dry concrete yield about 0.375, 0.45 and 0.60 ft³: 0.0075 ft³ a pound (common practice, no source). */
const CONCRETE_LITRES_PER_KG = (0.0075 * 28.316846592) / 0.45359237;

/** What most of it has in common. */
const IN_BAGS = { form: 'bagged', look: 'gravel', opacity: 1, sold: 'bags' } as const;

/** What is poured or filled in, by the litre. Seasons; the source of each life stands beside it. */
export const BAGGED: readonly Bagged[] = [
  {
    form: 'bagged',
    look: 'concrete',
    opacity: 1,
    sold: 'bags',
    id: 'concrete-mix',
    name: 'Dry concrete mix',
    litresPerKg: CONCRETE_LITRES_PER_KG,
    life: fromMemory(25),
  },
  {
    ...IN_BAGS,
    id: 'potting-mix',
    name: 'Potting mix',
    litresPerKg: 2.5,
    life: { seasons: 2, source: 'common practice' },
  },
  {
    form: 'bagged',
    look: 'gravel',
    opacity: 1,
    sold: 'own',
    id: 'own-soil',
    name: 'Soil and compost of your own',
    // A litre of moist garden soil is 1.3 kg (from memory).
    litresPerKg: 1 / 1.3,
    life: fromMemory(25),
  },
  {
    ...IN_BAGS,
    id: 'topsoil',
    name: 'Topsoil, screened',
    // A litre of moist topsoil is 1.2 kg (from memory).
    litresPerKg: 1 / 1.2,
    life: fromMemory(25),
  },
  {
    ...IN_BAGS,
    id: 'compost',
    name: 'Garden compost',
    // A litre of moist compost is 0.6 kg (from memory).
    litresPerKg: 1 / 0.6,
    life: fromMemory(2),
  },
  {
    form: 'bagged',
    look: 'gravel',
    opacity: 1,
    sold: 'own',
    id: 'own-prunings',
    name: 'Logs, prunings and leaves of your own',
    // A litre of trodden brushwood and leaves is 0.3 kg (from memory).
    litresPerKg: 1 / 0.3,
    life: fromMemory(3),
  },
  {
    ...IN_BAGS,
    id: 'gravel',
    name: 'Gravel, ¾″ (20 mm)',
    litresPerKg: 1 / 1.6,
    life: fromMemory(25),
  },
];
