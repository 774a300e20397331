import { add, cross, dot, minus, scale, UP, type Point } from '../../geometry/space';
import type { Pair } from '../../geometry/polygon';
import { NOTHING_TAKEN, type PartBase, type Shape } from './shape';

/**
 * A solid that is used whole: a concrete block, a paving stone, a pot. Its first corner, two directions square to
 * each other, three sizes.
 * @example ofShape(design.parts, 'block') // cups of a tower: used whole
 */
export interface Block extends PartBase {
  shape: 'block';
  corner: Point;
  along: Point;
  up: Point;
  wideMm: number;
  highMm: number;
  /** How much of its height is below ground. */
  buriedMm: number;
  /** What is seen on its first face, as lines from one place to another along it and up it: edges of slats. mm. */
  lines?: readonly (readonly [from: Pair, to: Pair])[];
}

/**
 * A block as it is laid: its first corner, the way of its length, upright where nothing else is said. mm.
 * @example blockOf({ id: 'block-1', role: 'block', of: { id: 'block-16', longMm: 397, wideMm: 194, highMm: 194 }, corner: [0, 0, 0], along: ALONG })
 */
export const blockOf = ({
  of,
  ...o
}: { of: { id: string; longMm: number; wideMm: number; highMm: number } } & Pick<
  Block,
  'id' | 'role' | 'corner' | 'along'
> &
  Partial<Pick<Block, 'up' | 'buriedMm' | 'lines'>>): Block => ({
  up: UP,
  buriedMm: 0,
  ...o,
  shape: 'block',
  stock: of.id,
  cutMm: of.longMm,
  wideMm: of.wideMm,
  highMm: of.highMm,
});

const acrossOf = (block: Block): Point => cross(block.up, block.along);

function corners(block: Block, fromUpMm: number, toUpMm: number): Point[] {
  const across = acrossOf(block);
  return [0, block.cutMm].flatMap((a) =>
    [0, block.wideMm].flatMap((w) =>
      [fromUpMm, toUpMm].map((u) =>
        add(add(add(block.corner, scale(block.along, a)), scale(across, w)), scale(block.up, u)),
      ),
    ),
  );
}

export const BLOCK: Shape<Block> = {
  nature: 'member',
  moved: (block, by) => ({ ...block, corner: add(block.corner, by) }),
  extent: (block) => corners(block, 0, block.highMm),
  solids: (block) => [
    ...(block.buriedMm > 0
      ? [{ solid: 'box' as const, corners: corners(block, 0, Math.min(block.buriedMm, block.highMm)), below: true }]
      : []),
    ...(block.buriedMm < block.highMm
      ? [{ solid: 'box' as const, corners: corners(block, block.buriedMm, block.highMm), below: false }]
      : []),
  ],
  wires: (block) =>
    (block.lines ?? []).map((line) =>
      line.map(([along, up]) => add(block.corner, add(scale(block.along, along), scale(block.up, up)))),
    ),
  faces: () => [],
  edges: () => [],
  hidden: () => [],
  distanceTo: (block, at) => {
    const from = minus(at, block.corner);
    const out = (way: Point, long: number): number => Math.max(0, -dot(from, way), dot(from, way) - long);
    return Math.hypot(out(block.along, block.cutMm), out(acrossOf(block), block.wideMm), out(block.up, block.highMm));
  },
  feet: (block) => (block.buriedMm > 0 ? [add(block.corner, scale(block.up, block.buriedMm))] : []),
  acrossMm: (block) => Math.max(block.wideMm, block.highMm),
  taken: () => NOTHING_TAKEN,
  document: (block) => ({
    corner: block.corner,
    along: block.along,
    up: block.up,
    wideMm: block.wideMm,
    highMm: block.highMm,
    buriedMm: block.buriedMm,
  }),
  fields: { corner: 'point', along: 'point', up: 'point', wideMm: 'mm', highMm: 'mm', buriedMm: 'mm' },
};
