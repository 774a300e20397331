import { fromMemory, PACKED, type Piece } from './stock';

/** What planters are made of, and the plants that are bought for them. mm, seasons; the source of each life stands beside it. */
export const PLANTER_PARTS: readonly Piece[] = [
  {
    ...PACKED,
    look: 'timber',
    exact: true,
    id: 'tower-tier',
    name: 'Stacking pot of three cups, 12″ (300 mm) across',
    lengthMm: 300,
    life: fromMemory(5),
  },
  {
    form: 'piece',
    look: 'cloth',
    opacity: 1,
    sold: 'packs',
    exact: true,
    id: 'plant-strawberry',
    name: 'Strawberry plant, bare root',
    lengthMm: 150,
    life: { seasons: 3, source: 'common practice' },
  },
  {
    ...PACKED,
    look: 'timber',
    exact: true,
    id: 'pallet-48x40',
    name: 'Pallet, 48 × 40″ (1219 × 1016 mm), marked HT',
    lengthMm: 1219,
    life: fromMemory(3),
  },
  {
    ...PACKED,
    look: 'timber',
    exact: true,
    id: 'pallet-1200x800',
    name: 'Pallet, 1200 × 800 mm, marked HT',
    lengthMm: 1200,
    life: fromMemory(4),
  },
];
