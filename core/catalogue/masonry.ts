import { inches } from '../quantity/length';
import { fromMemory, type Piece } from './stock';

/** A hollow block, by what it measures (its joint is not in it), what it weighs dry, and what its cores hold. mm, kg, litres. */
export interface Block extends Piece {
  longMm: number;
  wideMm: number;
  highMm: number;
  massKg: number;
  coreLitres: number;
  /** Its half, that ends a course. */
  half: string | null;
}

/**
 * Hollow concrete blocks: the 8 × 8 × 16″ one measures ⅜″ less each way (ASTM C90, specified dimensions, from memory) and
 * its two cores hold about ⅛ ft³ each (common practice, no source); the metric one is sold as it measures. Weights from
 * memory.
 */
const block = (
  o: Pick<Block, 'id' | 'name' | 'longMm' | 'wideMm' | 'highMm' | 'massKg' | 'coreLitres' | 'half'>,
): Block => ({
  form: 'piece',
  look: 'masonry',
  opacity: 1,
  sold: 'packs',
  exact: true,
  lengthMm: o.longMm,
  life: fromMemory(40),
  ...o,
});
const side = inches(7.625);

export const BLOCKS: readonly Block[] = [
  block({
    id: 'block-16',
    name: 'Hollow concrete block, 8 × 8 × 16″ (194 × 194 × 397 mm)',
    longMm: inches(15.625),
    wideMm: side,
    highMm: side,
    massKg: 16,
    coreLitres: 7.1,
    half: 'block-16-half',
  }),
  block({
    id: 'block-16-half',
    name: 'Half of a hollow block, 8 × 8 × 8″ (194 mm)',
    longMm: side,
    wideMm: side,
    highMm: side,
    massKg: 9,
    coreLitres: 3.5,
    half: null,
  }),
  block({
    id: 'block-390',
    name: 'Hollow concrete block, 390 × 190 × 190 mm',
    longMm: 390,
    wideMm: 190,
    highMm: 190,
    massKg: 15,
    coreLitres: 6.8,
    half: 'block-390-half',
  }),
  block({
    id: 'block-390-half',
    name: 'Half of a hollow block, 190 × 190 × 190 mm',
    longMm: 190,
    wideMm: 190,
    highMm: 190,
    massKg: 8,
    coreLitres: 3.4,
    half: null,
  }),
];

/** A block of the catalogue. @example blockStock('block-16').half // 'block-16-half' */
export function blockStock(id: string): Block {
  const found = BLOCKS.find((one) => one.id === id);
  if (!found) throw new Error(`The catalogue has no block "${id}": check the knob's choices.`);
  return found;
}
