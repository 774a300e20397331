import type { Sheet } from '../../design/shapes/sheet';

/**
 * Pieces of one roll that lie beside each other on its width: the longest first, each shorter one in the first length
 * that has room for it (first-fit shelves by falling length: Coffman, Garey, Johnson & Tarjan, SIAM J. Comput. 9, 1980).
 * A piece names the one it is cut beside, which is bought. In the order they came. mm.
 * @example besideOnRoll([a, b], 1830) // b names a where both are as long and a and b together no higher than 1830
 */
export function besideOnRoll(sheets: readonly Sheet[], rollWideMm: number): Sheet[] {
  const lengths: { first: string; leftMm: number }[] = [];
  const cutBeside = new Map<string, string>();
  for (const one of sheets.toSorted((a, b) => b.cutMm - a.cutMm)) {
    const room = lengths.find(({ leftMm }) => one.heightMm <= leftMm + 0.5);
    if (room) {
      room.leftMm -= one.heightMm;
      cutBeside.set(one.id, room.first);
    } else lengths.push({ first: one.id, leftMm: rollWideMm - one.heightMm });
  }
  return sheets.map((one) => {
    const board = cutBeside.get(one.id);
    return board === undefined ? one : { ...one, board };
  });
}
