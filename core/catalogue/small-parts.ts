import { inches } from '../quantity/length';
import type { Cord, Piece, SteelPost } from './stock';

/** Posts, ties, twine and fixings. mm, seasons; the source of each life stands beside it. */
export const STEEL_POSTS: readonly SteelPost[] = [
  {
    form: 'steel post', id: 'steel-post', name: 'Studded steel post', faceMm: 35,
    life: { seasons: 25, source: 'from memory', note: 'painted or galvanised; rusts first at the ground line' },
  },
];

export const CORDS: readonly Cord[] = [
  { form: 'cord', id: 'tie-wire', name: 'Galvanised tie wire, 16 gauge (1.6 mm)', diameterMm: 1.6, life: { seasons: 12, source: 'from memory' } },
  { form: 'cord', id: 'line-wire', name: 'Galvanised line wire, 12½ gauge (2.5 mm)', diameterMm: 2.5, life: { seasons: 20, source: 'from memory' } },
  { form: 'cord', id: 'twine-natural', name: 'Natural-fibre garden twine', diameterMm: 3, life: { seasons: 1, source: 'common practice', note: 'cut down and composted with the vines' } },
  { form: 'cord', id: 'twine-synthetic', name: 'Synthetic tomato twine', diameterMm: 2, life: { seasons: 3, source: 'from memory', note: 'has to be unpicked from the vines' } },
];

export const PIECES: readonly Piece[] = [
  { form: 'piece', id: 'post-clip', name: 'Wire clip for studded post', lengthMm: 70, life: { seasons: 20, source: 'common practice', note: 'clips stay' } },
  { form: 'piece', id: 'tie-plastic', name: 'Plastic cable tie, 8″ (200 mm)', lengthMm: 200, life: { seasons: 2, source: 'common practice', note: 'perishes in about two seasons of sun' } },
  { form: 'piece', id: 'tie-uv', name: 'UV-grade cable tie, 8″ (200 mm)', lengthMm: 200, life: { seasons: 5, source: 'from memory' } },
  { form: 'piece', id: 'screw-short', name: 'Coated deck screw 2½″ (5 × 65)', lengthMm: inches(2.5), life: { seasons: 15, source: 'from memory' } },
  { form: 'piece', id: 'screw-long', name: 'Coated deck screw 3½″ (5 × 90)', lengthMm: inches(3.5), life: { seasons: 15, source: 'from memory' } },
  { form: 'piece', id: 'screw-bracket', name: 'Bracket screw 1¼″ (4 × 30)', lengthMm: inches(1.25), life: { seasons: 15, source: 'from memory' } },
  { form: 'piece', id: 'l-bracket', name: 'Galvanised L-bracket, 2″ (50 mm)', lengthMm: 50, life: { seasons: 20, source: 'from memory' } },
  { form: 'piece', id: 'screw-eye', name: 'Screw eye, 1½″ (40 mm)', lengthMm: 40, life: { seasons: 15, source: 'from memory' } },
];
