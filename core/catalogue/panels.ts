import { inches } from '../quantity/length';
import type { MeshRoll, WeldedPanel } from './stock';

/**
 * Welded wire panels and mesh rolls. Overall sizes are common practice; the spacing of the level
 * wires and the wire thicknesses are from memory and differ between makers, so measure yours. mm.
 */
const LONG_LEVELS = [0, 4, 8, 12, 18, 24, 30, 36, 42, 50].map(inches);
const galvanised = { seasons: 20, source: 'from memory', note: 'galvanised after welding' } as const;

function evenly(edge: number, pitch: number, overall: number): number[] {
  const levels: number[] = [];
  for (let at = edge; at <= overall - edge + 1e-6; at += pitch) levels.push(Math.round(at * 1e4) / 1e4);
  return levels;
}

export const PANELS: readonly WeldedPanel[] = [
  {
    form: 'panel',
    id: 'panel-16ft',
    name: 'Welded panel 16′ × 50″, 8″ mesh',
    lengthMm: inches(192),
    heightMm: inches(50),
    pitchMm: inches(8),
    edgeMm: 0,
    levelsMm: LONG_LEVELS,
    wireMm: 5.3,
    carries: 'heavy',
    life: galvanised,
  },
  {
    form: 'panel',
    id: 'panel-8ft',
    name: 'Welded panel 8′ × 50″, 8″ mesh',
    lengthMm: inches(96),
    heightMm: inches(50),
    pitchMm: inches(8),
    edgeMm: 0,
    levelsMm: LONG_LEVELS,
    wireMm: 5.3,
    carries: 'heavy',
    life: galvanised,
  },
  {
    form: 'panel',
    id: 'panel-8ft-close',
    name: 'Welded panel 8′ × 48″, 4″ mesh',
    lengthMm: inches(96),
    heightMm: inches(48),
    pitchMm: inches(4),
    edgeMm: 0,
    levelsMm: evenly(0, inches(4), inches(48)),
    wireMm: 4.1,
    carries: 'heavy',
    life: galvanised,
  },
  {
    form: 'panel',
    id: 'panel-3m',
    name: 'Welded sheet 3000 × 1500, 150 mesh',
    lengthMm: 3000,
    heightMm: 1500,
    pitchMm: 150,
    edgeMm: 75,
    levelsMm: evenly(75, 150, 1500),
    wireMm: 5,
    carries: 'heavy',
    life: galvanised,
  },
  {
    form: 'panel',
    id: 'panel-2m5-narrow',
    name: 'Welded panel 2500 × 1230, 50 × 200 mesh',
    lengthMm: 2500,
    heightMm: 1230,
    pitchMm: 50,
    edgeMm: 0,
    levelsMm: [15, 215, 415, 615, 815, 1015, 1215],
    wireMm: 4,
    carries: 'heavy',
    life: galvanised,
  },
  {
    form: 'panel',
    id: 'panel-light',
    name: 'Light garden mesh 2000 × 1200, 100 mesh',
    lengthMm: 2000,
    heightMm: 1200,
    pitchMm: 100,
    edgeMm: 0,
    levelsMm: evenly(0, 100, 1200),
    wireMm: 2,
    carries: 'medium',
    life: { seasons: 8, source: 'from memory', note: 'thin wire, plastic coat' },
  },
];

export const MESH_ROLLS: readonly MeshRoll[] = [
  {
    form: 'mesh roll',
    id: 'mesh-fine',
    name: 'Fine climbing net, 2″ (50 mm) mesh, 24″ (610 mm) high',
    heightMm: inches(24),
    openingMm: 50,
    wireMm: 1.5,
    life: { seasons: 4, source: 'from memory', note: 'UV-stabilised' },
  },
  {
    form: 'mesh roll',
    id: 'mesh-garden',
    name: 'Garden mesh on the roll, 4″ (100 mm) mesh, 48″ (1.2 m) high',
    heightMm: inches(48),
    openingMm: 100,
    wireMm: 2,
    life: { seasons: 8, source: 'from memory', note: 'thin wire, plastic coat; folds when it is leaned on' },
  },
  {
    form: 'mesh roll',
    id: 'skirt-cloth',
    name: 'Windbreak cloth, 24″ (600 mm) high',
    heightMm: inches(24),
    openingMm: 3,
    wireMm: 0.4,
    life: { seasons: 4, source: 'from memory', note: 'taken off when the plants have hardened' },
  },
];
