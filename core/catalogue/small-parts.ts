import { inches } from '../quantity/length';
import type { Bagged, Cord, Piece, Pole, SteelPost } from './stock';

/** Posts, ties, twine and fixings. mm, seasons; the source of each life stands beside it. */
export const STEEL_POSTS: readonly SteelPost[] = [
  {
    form: 'steel post',
    id: 'steel-post',
    name: 'Studded steel post',
    faceMm: 35,
    life: { seasons: 25, source: 'from memory', note: 'painted or galvanised; rusts first at the ground line' },
  },
];

export const POLES: readonly Pole[] = [
  {
    form: 'pole',
    id: 'pole-larch',
    name: 'Larch pole, peeled, 1½″ (38 mm)',
    diameterMm: 38,
    life: { seasons: 6, source: 'from memory', note: 'the foot goes first; cut it back and push it in again' },
  },
  {
    form: 'pole',
    id: 'pole-bamboo',
    name: 'Bamboo pole, 1″ (25 mm)',
    diameterMm: 25,
    life: { seasons: 4, source: 'from memory', note: 'stored dry over winter' },
  },
  {
    form: 'pole',
    id: 'cane-bamboo',
    name: 'Bamboo cane, ½″ (12 mm)',
    diameterMm: 12,
    life: { seasons: 3, source: 'from memory', note: 'stored dry over winter' },
  },
];

/** 50, 60 and 80 lb bags of dry concrete yield about 0.375, 0.45 and 0.60 ft³: 0.0075 ft³ a pound (common practice, no source). */
const CONCRETE_LITRES_PER_KG = (0.0075 * 28.316846592) / 0.45359237;

export const BAGGED: readonly Bagged[] = [
  {
    form: 'bagged',
    id: 'concrete-mix',
    name: 'Dry concrete mix',
    litresPerKg: CONCRETE_LITRES_PER_KG,
    life: { seasons: 25, source: 'from memory', note: 'longer than the post in it' },
  },
  {
    form: 'bagged',
    id: 'gravel',
    name: 'Gravel, ¾″ (20 mm)',
    litresPerKg: 1 / 1.6,
    life: { seasons: 25, source: 'from memory', note: '1.6 kg a litre, from memory' },
  },
];

export const CORDS: readonly Cord[] = [
  {
    form: 'cord',
    id: 'tie-wire',
    name: 'Galvanised tie wire, 16 gauge (1.6 mm)',
    diameterMm: 1.6,
    life: { seasons: 12, source: 'from memory' },
  },
  {
    form: 'cord',
    id: 'line-wire',
    name: 'Galvanised line wire, 12½ gauge (2.5 mm)',
    diameterMm: 2.5,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'cord',
    id: 'twine-natural',
    name: 'Natural-fibre garden twine',
    diameterMm: 3,
    life: { seasons: 1, source: 'common practice', note: 'cut down and composted with the vines' },
  },
  {
    form: 'cord',
    id: 'twine-synthetic',
    name: 'Synthetic tomato twine',
    diameterMm: 2,
    life: { seasons: 3, source: 'from memory', note: 'has to be unpicked from the vines' },
  },
  {
    form: 'cord',
    id: 'twine-cotton',
    name: 'Cotton weaving thread',
    diameterMm: 2,
    life: { seasons: 1, source: 'common practice', note: 'cut off and composted with the vines' },
  },
  {
    form: 'cord',
    id: 'guy-wire',
    name: 'Galvanised wire, 12 gauge (2.7 mm)',
    diameterMm: 2.7,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'cord',
    id: 'rope-natural',
    name: 'Natural-fibre lashing rope, ¼″ (6 mm)',
    diameterMm: 6,
    life: { seasons: 3, source: 'from memory', note: 'look it over every spring' },
  },
  {
    form: 'cord',
    id: 'chain-light',
    name: 'Galvanised chain, ⅛″ (3 mm)',
    diameterMm: 3,
    life: { seasons: 20, source: 'from memory' },
  },
];

export const PIECES: readonly Piece[] = [
  {
    form: 'piece',
    id: 'post-clip',
    name: 'Wire clip for studded post',
    lengthMm: 70,
    life: { seasons: 20, source: 'common practice', note: 'clips stay' },
  },
  {
    form: 'piece',
    id: 'tie-plastic',
    name: 'Plastic cable tie, 8″ (200 mm)',
    lengthMm: 200,
    life: { seasons: 2, source: 'common practice', note: 'perishes in about two seasons of sun' },
  },
  {
    form: 'piece',
    id: 'tie-uv',
    name: 'UV-grade cable tie, 8″ (200 mm)',
    lengthMm: 200,
    life: { seasons: 5, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-short',
    name: 'Coated deck screw 2½″ (5 × 65)',
    lengthMm: inches(2.5),
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-long',
    name: 'Coated deck screw 3½″ (5 × 90)',
    lengthMm: inches(3.5),
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-bracket',
    name: 'Bracket screw 1¼″ (4 × 30)',
    lengthMm: inches(1.25),
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'l-bracket',
    name: 'Galvanised L-bracket, 2″ (50 mm)',
    lengthMm: 50,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-20',
    name: 'Brass screw ¾″ (3.5 × 20)',
    lengthMm: 20,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-40',
    name: 'Coated deck screw 1⅝″ (4 × 40)',
    lengthMm: 40,
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-50',
    name: 'Coated deck screw 2″ (4.5 × 50)',
    lengthMm: 50,
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-75',
    name: 'Coated deck screw 3″ (5 × 75)',
    lengthMm: 75,
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-roofing',
    name: 'Roofing screw 1½″ (40 mm)',
    lengthMm: inches(1.5),
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'washer-fender',
    name: 'Fender washer, 1″ (25 mm)',
    lengthMm: 2,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'staple-fence',
    name: 'Fence staple, 1¼″ (30 mm)',
    lengthMm: 30,
    life: { seasons: 15, source: 'from memory', note: 'works loose where it carries alone' },
  },
  {
    form: 'piece',
    id: 'nail-round',
    name: 'Round-headed nail, 1½″ (40 mm)',
    lengthMm: 40,
    life: { seasons: 15, source: 'from memory', note: 'left proud' },
  },
  {
    form: 'piece',
    exact: true,
    id: 'post-cap',
    name: 'Post cap',
    lengthMm: 20,
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    exact: true,
    id: 'strap-hinge',
    name: 'Strap hinge 8″ (200 mm), with screws',
    lengthMm: inches(8),
    life: { seasons: 15, source: 'from memory' },
  },
  {
    form: 'piece',
    exact: true,
    id: 'turnbuckle',
    name: 'Turnbuckle, eye and eye, 6″ (150 mm)',
    lengthMm: 150,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'piece',
    exact: true,
    id: 'eye-bolt',
    name: 'Eye screw, heavy, 3″ (75 mm)',
    lengthMm: 75,
    life: { seasons: 20, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'ground-peg',
    name: 'Ground peg, 12″ (300 mm)',
    lengthMm: 300,
    life: { seasons: 10, source: 'from memory' },
  },
  {
    form: 'piece',
    id: 'screw-eye',
    name: 'Screw eye, 1½″ (40 mm)',
    lengthMm: 40,
    life: { seasons: 15, source: 'from memory' },
  },
];
