import { fromMemory, type Rod } from './stock';

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
    life: fromMemory(15),
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
    life: fromMemory(20),
  },
  {
    form: 'rod',
    look: 'steel',
    opacity: 1,
    sold: 'lengths',
    id: 'pipe-plastic-27',
    name: 'Plastic pressure pipe, ¾″ (27 mm)',
    diameterMm: 26.7,
    wallMm: 2.87,
    stiffnessMpa: 3000,
    yieldMpa: 50,
    life: fromMemory(8),
  },
];

/**
 * Pieces of it stand in the soil or on the sides of a bed, for hoops to be pushed into: plastic pressure pipe, schedule
 * 40, outside diameters and walls of ASTM D1785, table 1 (1″: 1.315 and 0.133″; 1¼″: 1.660 and 0.140″).
 */
const sleeve = (o: Pick<Rod, 'id' | 'name' | 'diameterMm' | 'wallMm'>): Rod => ({
  form: 'rod',
  look: 'steel',
  opacity: 1,
  sold: 'lengths',
  stiffnessMpa: 3000,
  yieldMpa: 50,
  life: fromMemory(10),
  ...o,
});
export const SLEEVE_PIPES: readonly Rod[] = [
  sleeve({ id: 'pipe-sleeve-33', name: 'Plastic pressure pipe, 1″ (33 mm)', diameterMm: 33.4, wallMm: 3.38 }),
  sleeve({ id: 'pipe-sleeve-42', name: 'Plastic pressure pipe, 1¼″ (42 mm)', diameterMm: 42.2, wallMm: 3.56 }),
];

/** A foot goes into a sleeve that is this much wider (from memory). mm. */
const PLAY_MM = 1;

/** The narrowest sleeve that takes a hoop. @example sleeveFor(26.7).id // 'pipe-sleeve-42': a ¾″ pipe does not go into a 1″ one */
export const sleeveFor = (hoopMm: number): Rod =>
  SLEEVE_PIPES.find(({ diameterMm, wallMm }) => diameterMm - 2 * wallMm >= hoopMm + PLAY_MM) ??
  (SLEEVE_PIPES.at(-1) as Rod);
