import { fromMemory, type Cord } from './stock';

/** What is sold by the reel, by what it looks like. */
const WIRE = { form: 'cord', look: 'wire', opacity: 1, sold: 'reels' } as const;
const TUBE = { ...WIRE, look: 'twine' } as const;
const TWINE = { ...WIRE, look: 'twine' } as const;

/** Wire, twine, rope and chain. mm, seasons; the source of each life stands beside it. */
export const CORDS: readonly Cord[] = [
  {
    ...WIRE,
    id: 'tie-wire',
    name: 'Galvanised tie wire, 16 gauge (1.6 mm)',
    diameterMm: 1.6,
    life: fromMemory(12),
  },
  {
    ...WIRE,
    id: 'wall-wire',
    name: 'Galvanised wire, 14 gauge (2 mm)',
    diameterMm: 2,
    life: fromMemory(20),
  },
  {
    ...WIRE,
    id: 'line-wire',
    name: 'Galvanised line wire, 12½ gauge (2.5 mm)',
    diameterMm: 2.5,
    life: fromMemory(20),
  },
  {
    ...WIRE,
    id: 'wire-tensile',
    name: 'High-tensile fence wire, 12½ gauge (2.5 mm)',
    diameterMm: 2.5,
    life: fromMemory(25),
  },
  {
    ...WIRE,
    id: 'poly-wire',
    name: 'Electric fence wire: plastic strands with metal ones twisted in, 2.5 mm',
    diameterMm: 2.5,
    // A hand at each end, metal on metal (from memory).
    knotMm: 200,
    life: fromMemory(6),
  },
  {
    ...WIRE,
    id: 'lead-cable',
    name: 'Lead-out cable for electric fences, double-insulated',
    diameterMm: 6,
    life: fromMemory(15),
  },
  {
    ...TUBE,
    id: 'drip-line',
    name: 'Drip line, ½″ (16 mm): ½ gallon (2 litres) an hour every 12″ (300 mm)',
    diameterMm: 16,
    life: fromMemory(8),
  },
  {
    ...TUBE,
    id: 'drip-pipe',
    name: 'Plain pipe for drip lines, ½″ (16 mm)',
    diameterMm: 16,
    life: fromMemory(12),
  },
  {
    ...TUBE,
    id: 'drain-pipe',
    name: 'Slotted drain pipe on the coil, 2″ (50 mm)',
    diameterMm: 50,
    life: fromMemory(25),
  },
  {
    ...TWINE,
    id: 'twine-natural',
    name: 'Natural-fibre garden twine',
    diameterMm: 3,
    // A hand at each end (from memory).
    knotMm: 200,
    life: { seasons: 1, source: 'common practice' },
  },
  {
    ...TWINE,
    id: 'twine-synthetic',
    name: 'Synthetic tomato twine',
    diameterMm: 2,
    // A hand at each end (from memory).
    knotMm: 200,
    life: fromMemory(3),
  },
  {
    ...TWINE,
    id: 'twine-cotton',
    name: 'Cotton weaving thread',
    diameterMm: 2,
    // A hand at each end (from memory).
    knotMm: 200,
    life: { seasons: 1, source: 'common practice' },
  },
  {
    ...WIRE,
    id: 'guy-wire',
    name: 'Galvanised wire, 12 gauge (2.7 mm)',
    diameterMm: 2.7,
    life: fromMemory(20),
  },
  {
    ...TWINE,
    id: 'rope-natural',
    name: 'Natural-fibre lashing rope, ¼″ (6 mm)',
    diameterMm: 6,
    life: fromMemory(3),
  },
  {
    ...WIRE,
    id: 'chain-light',
    name: 'Galvanised chain, ⅛″ (3 mm)',
    diameterMm: 3,
    life: fromMemory(20),
  },
];
