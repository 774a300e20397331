import { BAR, type Bar } from './bar';
import { BLOCK, type Block } from './block';
import { FILL, type Fill } from './fill';
import { LINE, type Line } from './line';
import type { Shape } from './shape';
import { SHEET, type Sheet } from './sheet';

/** @example shapeOf(part).nature === 'member' // asked of its module, never by its name */
export type Part = Bar | Sheet | Line | Fill | Block;

/** Every shape a part can have. A new one is a module and a line here. Decision 3. */
export const SHAPES: { readonly [S in Part['shape']]: Shape<Extract<Part, { shape: S }>> } = {
  bar: BAR,
  sheet: SHEET,
  line: LINE,
  fill: FILL,
  block: BLOCK,
};

/** The shape of a part, to be asked about that part. @example shapeOf(part).extent(part) */
export const shapeOf = <P extends Part>(part: P): Shape<P> => SHAPES[part.shape] as unknown as Shape<P>;

/** A part, where it is of a shape: for what is only asked of that one. @example asShape(part, 'bar')?.bent */
export const asShape = <S extends Part['shape']>(
  part: Part | undefined,
  shape: S,
): Extract<Part, { shape: S }> | null => (part?.shape === shape ? (part as Extract<Part, { shape: S }>) : null);

/** The parts of a shape, in their order. @example ofShape(design.parts, 'fill') */
export const ofShape = <S extends Part['shape']>(parts: readonly Part[], shape: S): Extract<Part, { shape: S }>[] =>
  parts.flatMap((part) => asShape(part, shape) ?? []);
