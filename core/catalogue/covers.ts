import { fromMemory, meshOpacity, type MeshRoll } from './stock';

/** Nets, fleece and film to lay over hoops: `heightMm` is the width of the roll. Openings are common practice (what each keeps out, no source); widths, threads, light and lives from memory. */
const cover = (
  o: Pick<MeshRoll, 'id' | 'name' | 'heightMm' | 'openingMm' | 'wireMm' | 'life'> & Partial<MeshRoll>,
): MeshRoll => ({
  form: 'mesh roll',
  stepMm: o.openingMm,
  stiff: false,
  carries: 'light',
  look: 'net',
  opacity: meshOpacity(o.wireMm, o.openingMm, o.openingMm),
  sold: 'rolls',
  ...o,
});

export const COVERS: readonly MeshRoll[] = [
  cover({
    id: 'cover-insect',
    name: 'Insect net, 1/32″ (0.8 mm), 83″ (2.1 m) wide',
    heightMm: 2100,
    openingMm: 0.8,
    wireMm: 0.2,
    opacity: 0.2,
    life: fromMemory(6),
  }),
  cover({
    id: 'cover-insect-wide',
    name: 'Insect net, 1/32″ (0.8 mm), 12′ (3.65 m) wide',
    heightMm: 3650,
    openingMm: 0.8,
    wireMm: 0.2,
    opacity: 0.2,
    life: fromMemory(6),
  }),
  cover({
    id: 'cover-butterfly',
    name: 'Butterfly net, ¼″ (7 mm), 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 7,
    wireMm: 0.5,
    life: fromMemory(6),
  }),
  cover({
    id: 'cover-bird',
    name: 'Bird net, ¾″ (19 mm), 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 19,
    wireMm: 1,
    life: fromMemory(5),
  }),
  cover({
    id: 'cover-shade-30',
    name: 'Shade net, 30 %, 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 4,
    wireMm: 0.7,
    opacity: 0.3,
    against: 'sun',
    life: fromMemory(6),
  }),
  cover({
    id: 'cover-shade-50',
    name: 'Shade net, 50 %, 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 3,
    wireMm: 0.9,
    opacity: 0.5,
    against: 'sun',
    life: fromMemory(6),
  }),
  cover({
    id: 'cover-hail',
    name: 'Hail net, ⅜″ (8 mm), 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 8,
    wireMm: 0.4,
    against: 'hail',
    life: fromMemory(8),
  }),
  cover({
    id: 'cover-fleece',
    name: 'Fleece (row cover), light, 10′ (3 m) wide',
    heightMm: 3000,
    openingMm: 0.2,
    wireMm: 0.1,
    look: 'cloth',
    opacity: 0.15,
    life: fromMemory(2),
  }),
  cover({
    id: 'cover-film',
    name: 'Clear film, 6 mil (0.15 mm), 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 0,
    wireMm: 0.15,
    look: 'cloth',
    opacity: 0.12,
    life: fromMemory(4),
  }),
];

/** Covers that are nets: they hang, and air goes through. */
export const NETS: readonly MeshRoll[] = COVERS.filter((one) => one.look === 'net');

/** Clear sheet that is cut to its frame: `heightMm` is how wide it is sold (light and life from memory). */
export const GLAZING: readonly MeshRoll[] = [
  cover({
    flat: true,
    id: 'glazing-4',
    name: 'Twin-wall clear sheet, 4 mm, 41″ (1.05 m) wide',
    heightMm: 1050,
    openingMm: 0,
    wireMm: 4,
    stiff: true,
    look: 'cloth',
    opacity: 0.2,
    life: fromMemory(10),
  }),
];
