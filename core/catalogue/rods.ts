import type { Rod } from './stock';

/** Round bar and pipe, bent by hand. Moduli: steel EN 1993-1-1, 3.2.6; PVC about 3 GPa, PE about 0.8 GPa, yields from memory. */
export const RODS: readonly Rod[] = [
  {
    form: 'rod',
    look: 'steel',
    opacity: 1,
    sold: 'lengths',
    id: 'rod-10',
    name: 'Reinforcing bar, ⅜″ (10 mm)',
    diameterMm: 10,
    wallMm: 0,
    stiffnessMpa: 210_000,
    yieldMpa: 420,
    life: { seasons: 15, source: 'from memory', note: 'rusts unless it is coated' },
  },
  {
    form: 'rod',
    look: 'steel',
    opacity: 1,
    sold: 'lengths',
    id: 'pipe-steel-21',
    name: 'Galvanised conduit, ½″ (18 mm)',
    diameterMm: 18,
    wallMm: 1.1,
    stiffnessMpa: 210_000,
    yieldMpa: 240,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'rod',
    look: 'steel',
    opacity: 1,
    sold: 'lengths',
    id: 'pipe-plastic-27',
    name: 'Plastic pressure pipe, ¾″ (27 mm)',
    diameterMm: 26.7,
    wallMm: 2.9,
    stiffnessMpa: 3000,
    yieldMpa: 50,
    life: { seasons: 8, source: 'from memory', note: 'sun makes it brittle' },
  },
];

/** Pieces of it stand in the soil or on the sides of a bed, for hoops to be pushed into. */
export const SLEEVE_PIPE: Rod = {
  form: 'rod',
  look: 'steel',
  opacity: 1,
  sold: 'lengths',
  id: 'pipe-sleeve-33',
  name: 'Plastic pressure pipe, 1″ (33 mm)',
  diameterMm: 33.4,
  wallMm: 2.6,
  stiffnessMpa: 3000,
  yieldMpa: 50,
  life: { seasons: 10, source: 'from memory' },
};
