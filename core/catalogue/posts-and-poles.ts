import { fromMemory, type Pole, type SteelPost } from './stock';

export const STEEL_POSTS: readonly SteelPost[] = [
  {
    form: 'steel post',
    look: 'steel',
    opacity: 1,
    sold: 'whole',
    id: 'steel-post',
    name: 'Studded steel post',
    faceMm: 35,
    // 4½ × 3½″, its upper edge 17″ over the point: driven 18″ it is just buried (from memory).
    plate: { besideMm2: (114 - 35) * 89, upMm: 387 },
    life: fromMemory(25),
  },
];

export const POLES: readonly Pole[] = [
  {
    form: 'pole',
    look: 'timber',
    opacity: 1,
    sold: 'whole',
    id: 'pole-larch',
    name: 'Larch pole, peeled, 1½″ (38 mm)',
    diameterMm: 38,
    life: fromMemory(6),
  },
  {
    form: 'pole',
    look: 'timber',
    opacity: 1,
    sold: 'whole',
    id: 'pole-bamboo',
    name: 'Bamboo pole, 1″ (25 mm)',
    diameterMm: 25,
    life: fromMemory(4),
  },
  {
    form: 'pole',
    look: 'timber',
    opacity: 1,
    sold: 'whole',
    id: 'cane-bamboo',
    name: 'Bamboo cane, ½″ (12 mm)',
    diameterMm: 12,
    life: fromMemory(3),
  },
  {
    form: 'pole',
    look: 'timber',
    opacity: 1,
    sold: 'whole',
    id: 'cane-bamboo-stout',
    name: 'Bamboo cane, stout, ¾″ (20 mm)',
    diameterMm: 20,
    life: fromMemory(4),
  },
  {
    form: 'pole',
    look: 'timber',
    opacity: 1,
    sold: 'lengths',
    id: 'log-150',
    name: 'Log, larch or oak, 6″ (150 mm) through',
    diameterMm: 150,
    life: fromMemory(8),
  },
  {
    form: 'pole',
    look: 'timber',
    opacity: 1,
    sold: 'whole',
    id: 'stick-twiggy',
    name: 'Twiggy stick, hazel or birch',
    diameterMm: 12,
    life: fromMemory(1),
  },
];
