import { inches } from '../quantity/length';
import { fromMemory, meshOpacity, type MeshRoll, type WeldedPanel } from './stock';

/**
 * Welded wire panels and mesh rolls. Overall sizes are common practice; the spacing of the level
 * wires and the wire thicknesses are from memory and differ between makers, so measure yours. mm.
 */
const LONG_LEVELS = [0, 4, 8, 12, 18, 24, 30, 36, 42, 50].map(inches);
const galvanised = fromMemory(20);

function evenly(edge: number, pitch: number, overall: number): number[] {
  const levels: number[] = [];
  for (let at = edge; at <= overall - edge + 1e-6; at += pitch) levels.push(Math.round(at * 1e4) / 1e4);
  return levels;
}

/** Where nothing else is said they carry anything, their first upright wire at the edge. */
const WELDED: readonly (Omit<WeldedPanel, 'form' | 'look' | 'opacity' | 'sold' | 'edgeMm' | 'carries' | 'life'> &
  Partial<WeldedPanel>)[] = [
  {
    id: 'panel-16ft',
    market: 'imperial',
    name: 'Welded panel 16′ × 50″, 8″ mesh',
    lengthMm: inches(192),
    heightMm: inches(50),
    pitchMm: inches(8),
    levelsMm: LONG_LEVELS,
    wireMm: 5.3,
  },
  {
    id: 'panel-8ft',
    market: 'imperial',
    name: 'Welded panel 8′ × 50″, 8″ mesh',
    lengthMm: inches(96),
    heightMm: inches(50),
    pitchMm: inches(8),
    levelsMm: LONG_LEVELS,
    wireMm: 5.3,
  },
  {
    id: 'panel-8ft-close',
    market: 'imperial',
    name: 'Welded panel 8′ × 48″, 4″ mesh',
    lengthMm: inches(96),
    heightMm: inches(48),
    pitchMm: inches(4),
    levelsMm: evenly(0, inches(4), inches(48)),
    wireMm: 4.1,
  },
  {
    id: 'panel-3m',
    market: 'metric',
    name: 'Welded sheet 3000 × 1500, 150 mesh',
    lengthMm: 3000,
    heightMm: 1500,
    pitchMm: 150,
    edgeMm: 75,
    levelsMm: evenly(75, 150, 1500),
    wireMm: 5,
  },
  {
    id: 'panel-2m5-narrow',
    market: 'metric',
    name: 'Welded panel 2500 × 1230, 50 × 200 mesh',
    lengthMm: 2500,
    heightMm: 1230,
    pitchMm: 50,
    levelsMm: [15, 215, 415, 615, 815, 1015, 1215],
    wireMm: 4,
  },
  {
    id: 'panel-light',
    market: 'metric',
    name: 'Light garden mesh 2000 × 1200, 100 mesh',
    lengthMm: 2000,
    heightMm: 1200,
    pitchMm: 100,
    levelsMm: evenly(0, 100, 1200),
    wireMm: 2,
    carries: 'medium',
    life: fromMemory(8),
  },
];

export const PANELS: readonly WeldedPanel[] = WELDED.map((panel) => ({
  form: 'panel',
  edgeMm: 0,
  carries: 'heavy',
  life: galvanised,
  ...panel,
  look: 'wire',
  opacity: meshOpacity(panel.wireMm, panel.pitchMm, panel.heightMm / Math.max(1, panel.levelsMm.length - 1)),
  sold: 'panels',
}));

/** As wide as a hurdle is woven (common practice, no source). mm. */
export const HURDLE_LONG_MM = inches(72);

/** Hurdles of hazel or willow rods woven about uprights; heights common practice, the rest from memory. */
export const HURDLES: readonly MeshRoll[] = [36, 48, 60, 72].map((high) => ({
  form: 'mesh roll',
  look: 'timber',
  opacity: 0.9,
  sold: 'rolls',
  flat: true,
  id: `hurdle-${high}`,
  name: `Woven hurdle, 6′ (1.83 m) wide, ${high}″ (${(high * 0.0254).toFixed(2)} m) high`,
  heightMm: inches(high),
  // From upright to upright, and of every other rod.
  openingMm: inches(9),
  stepMm: inches(2),
  wireMm: 25,
  stiff: true,
  carries: 'light',
  life: fromMemory(8),
}));

/** Rolls. A stiff roll stands by itself; heights and openings are common practice, wires and lives from memory. */
const roll = (
  o: Pick<MeshRoll, 'id' | 'name' | 'heightMm' | 'openingMm' | 'wireMm' | 'life'> & Partial<MeshRoll>,
): MeshRoll => ({
  form: 'mesh roll',
  stepMm: o.openingMm,
  stiff: false,
  carries: 'light',
  look: 'net',
  opacity: meshOpacity(o.wireMm, o.openingMm, o.stepMm ?? o.openingMm),
  sold: 'rolls',
  ...o,
});
const stiffLife = fromMemory(15);
/** Welded wire that stands by itself. */
const STIFF = { look: 'wire', stiff: true, life: stiffLife } as const;

export const MESH_ROLLS: readonly MeshRoll[] = [
  roll({
    id: 'mesh-fine',
    name: 'Fine climbing net, 2″ (50 mm) mesh, 24″ (610 mm) high',
    heightMm: inches(24),
    openingMm: 50,
    wireMm: 1.5,
    life: fromMemory(4),
  }),
  roll({
    id: 'mesh-garden',
    name: 'Garden mesh on the roll, 4″ (100 mm) mesh, 48″ (1.2 m) high',
    heightMm: inches(48),
    openingMm: 100,
    wireMm: 2,
    look: 'wire',
    carries: 'light',
    life: fromMemory(8),
  }),
  roll({
    id: 'skirt-cloth',
    name: 'Windbreak cloth, 24″ (600 mm) high',
    heightMm: inches(24),
    openingMm: 3,
    wireMm: 0.4,
    look: 'cloth',
    opacity: 0.5,
    life: fromMemory(4),
  }),
  roll({
    id: 'planter-cloth',
    name: 'Woven ground cloth, 6′ (1.83 m) wide',
    heightMm: inches(72),
    openingMm: 0.5,
    wireMm: 0.4,
    look: 'cloth',
    opacity: 1,
    life: fromMemory(5),
  }),
  roll({
    id: 'pond-liner',
    name: 'Pond liner, 13′ (4 m) wide',
    heightMm: 4000,
    openingMm: 0.5,
    wireMm: 1,
    look: 'cloth',
    opacity: 1,
    life: fromMemory(20),
  }),
  roll({
    id: 'mesh-cage-60',
    name: 'Welded mesh on the roll, 6″ (152 mm), 60″ (1.5 m) high',
    heightMm: inches(60),
    openingMm: inches(6),
    wireMm: 3.4,
    ...STIFF,
    carries: 'heavy',
    life: fromMemory(12),
  }),
  roll({
    id: 'mesh-cage-72',
    name: 'Welded mesh on the roll, 6″ (152 mm), 72″ (1.8 m) high',
    heightMm: inches(72),
    openingMm: inches(6),
    wireMm: 3.4,
    ...STIFF,
    carries: 'heavy',
    life: fromMemory(12),
  }),
  roll({
    id: 'mesh-4-welded',
    name: 'Welded mesh on the roll, 4″ (102 mm), 48″ (1.2 m) high',
    heightMm: inches(48),
    openingMm: inches(4),
    wireMm: 2.5,
    ...STIFF,
    carries: 'medium',
  }),
  roll({
    id: 'mesh-2x3-36',
    name: 'Welded mesh on the roll, 2 × 3″ (51 × 76 mm), 36″ (0.9 m) high',
    heightMm: inches(36),
    openingMm: inches(2),
    stepMm: inches(3),
    wireMm: 2,
    ...STIFF,
    carries: 'medium',
  }),
  roll({
    id: 'hardware-36',
    name: 'Fine welded mesh (hardware cloth), ½″ (13 mm), 36″ (0.9 m) wide',
    heightMm: inches(36),
    openingMm: inches(0.5),
    wireMm: 1,
    ...STIFF,
  }),
  roll({
    id: 'hardware-48',
    name: 'Fine welded mesh (hardware cloth), ½″ (13 mm), 48″ (1.2 m) wide',
    heightMm: inches(48),
    openingMm: inches(0.5),
    wireMm: 1,
    ...STIFF,
  }),
  roll({
    id: 'mesh-1-36',
    name: 'Fence mesh on the roll, 1″ (25 mm), 36″ (0.9 m) high',
    heightMm: inches(36),
    openingMm: inches(1),
    wireMm: 1.4,
    ...STIFF,
  }),
  roll({
    id: 'mesh-1-48',
    name: 'Fence mesh on the roll, 1″ (25 mm), 48″ (1.2 m) high',
    heightMm: inches(48),
    openingMm: inches(1),
    wireMm: 1.4,
    ...STIFF,
  }),
  roll({
    id: 'mesh-2x4-60',
    name: 'Fence mesh on the roll, 2 × 4″ (51 × 102 mm), 60″ (1.5 m) high',
    heightMm: inches(60),
    openingMm: inches(2),
    stepMm: inches(4),
    wireMm: 2.5,
    ...STIFF,
    carries: 'medium',
  }),
  roll({
    id: 'mesh-2x4-72',
    name: 'Fence mesh on the roll, 2 × 4″ (51 × 102 mm), 72″ (1.8 m) high',
    heightMm: inches(72),
    openingMm: inches(2),
    stepMm: inches(4),
    wireMm: 2.5,
    ...STIFF,
    carries: 'medium',
  }),
  roll({
    id: 'mesh-2x4-96',
    name: 'Fence mesh on the roll, 2 × 4″ (51 × 102 mm), 96″ (2.4 m) high',
    heightMm: inches(96),
    openingMm: inches(2),
    stepMm: inches(4),
    wireMm: 2.5,
    ...STIFF,
    carries: 'medium',
  }),
  roll({
    id: 'mesh-deer-96',
    name: 'Deer mesh on the roll, 2″ (50 mm), 96″ (2.4 m) high',
    heightMm: inches(96),
    openingMm: 50,
    wireMm: 2,
    look: 'net',
    life: fromMemory(10),
  }),
];
