import { fromMemory, type Cord, type MeshRoll, type Pole } from './stock';

/** Nobody knows how long what stands will stand: five seasons are counted, and every spring it is looked at (from memory). */
const OWN = {
  opacity: 1,
  sold: 'own',
  life: fromMemory(5),
} as const;
const POLE = { ...OWN, form: 'pole', look: 'timber' } as const;

/** What stands already and is one’s own: drawn at its true size, never bought (thicknesses from memory; each is measured). mm. */
export const THERE_ALREADY: readonly (Pole | Cord | MeshRoll)[] = [
  { ...POLE, id: 'own-post', name: 'Posts and slats that stand there', diameterMm: 75 },
  { ...OWN, form: 'cord', look: 'wire', id: 'own-wire', name: 'Wire that hangs there', diameterMm: 3 },
  {
    ...OWN,
    form: 'mesh roll',
    look: 'wire',
    opacity: 0.1,
    id: 'own-mesh',
    name: 'Mesh that hangs there',
    heightMm: 3700,
    openingMm: 50,
    stepMm: 50,
    wireMm: 3,
    stiff: true,
    carries: 'medium',
  },
];
