import type { Joint } from '../../../design/design';
import { AS_BOUGHT } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { depthOf, type Pallet } from '../../../catalogue/pallets';
import { add, scale, type Point } from '../../../geometry/space';

/** As many rows as there are slats for: one below each row, and one at the top. */
export const rowsOf = (pallet: Pallet, rows: number): number => Math.min(rows, pallet.fronts - 1);
/** From the lower edge of one slat to the next, and what is open between them. mm. */
export const pitchOf = (pallet: Pallet, rows: number): number =>
  (pallet.tallMm - pallet.boardWideMm) / rowsOf(pallet, rows);
export const gapOf = (pallet: Pallet, rows: number): number => pitchOf(pallet, rows) - pallet.boardWideMm;
/** Between two bearers. mm. */
export const cellOf = (pallet: Pallet): number => (pallet.wideMm - 3 * pallet.bearerWideMm) / 2;

/** What is inside it, less its bearers. litres. @example insideLitres(PALLETS['pallet-48x40']) // 97.7 */
export const insideLitres = (pallet: Pallet): number =>
  (2 * cellOf(pallet) * pallet.bearerDeepMm * pallet.tallMm) / 1e6;

/**
 * A leaning pallet in its own directions: along its foot, up its slope, and out of its front. Its zero is the
 * lower back edge, on which it stands.
 */
export interface Lean {
  at: (along: number, up: number, out: number) => Point;
  up: Point;
  out: Point;
  angleRad: number;
}

/** Its head touches a wall that is so far from its foot. mm. */
export function leaning(tallMm: number, footMm: number): Lean {
  const angleRad = Math.asin(Math.min(0.9, footMm / tallMm));
  const [sin, cos] = [Math.sin(angleRad), Math.cos(angleRad)];
  const up: Point = [0, sin, cos];
  const out: Point = [0, -cos, sin];
  return { at: (a, u, o) => add([a, 0, 0], add(scale(up, u), scale(out, o))), up, out, angleRad };
}

/** Its bearers, the slats that stay in front, and those of its back, as they come out of the pallet. */
export function palletParts(
  pallet: Pallet,
  rows: number,
  lean: Lean,
  stock: string,
): { bearers: Bar[]; slats: Bar[]; backs: Bar[]; joints: Joint[] } {
  const { tallMm, wideMm, bearerWideMm, bearerDeepMm, boardMm, boardWideMm } = pallet;
  const board = (o: Pick<Bar, 'id' | 'role' | 'from' | 'to' | 'wide' | 'wideMm' | 'thickMm'>): Bar => {
    const { wideMm: across, thickMm, ...rest } = o;
    return barOf({ ...rest, of: { id: stock, wideMm: across, thickMm }, board: 'pallet', ends: AS_BOUGHT });
  };
  const alongs = [bearerWideMm / 2, wideMm / 2, wideMm - bearerWideMm / 2];
  const middle = boardMm + bearerDeepMm / 2;
  const bearers = alongs.map((along, i) =>
    board({
      id: `bearer-${i + 1}`,
      role: 'bearer',
      from: lean.at(along, 0, middle),
      to: lean.at(along, tallMm, middle),
      wide: lean.out,
      wideMm: bearerDeepMm,
      thickMm: bearerWideMm,
    }),
  );
  const level = (id: string, role: string, lowMm: number, out: number): Bar =>
    board({
      id,
      role,
      from: lean.at(0, lowMm + boardWideMm / 2, out),
      to: lean.at(wideMm, lowMm + boardWideMm / 2, out),
      wide: lean.up,
      wideMm: boardWideMm,
      thickMm: boardMm,
    });
  const spread = (count: number): number[] =>
    Array.from({ length: count }, (_, i) => ((tallMm - boardWideMm) * i) / (count - 1));
  const slats = spread(rowsOf(pallet, rows) + 1).map((low, i) =>
    level(`slat-${i + 1}`, 'slat', low, depthOf(pallet) - boardMm / 2),
  );
  const backs = spread(pallet.backs).map((low, i) => level(`back-${i + 1}`, 'back slat', low, boardMm / 2));
  const joints = [...slats, ...backs].flatMap((slat) =>
    bearers.map((bearer, i): Joint => {
      const front = slat.role === 'slat';
      const face = front ? depthOf(pallet) - boardMm : boardMm;
      const towards = scale(lean.out, face - (front ? depthOf(pallet) - boardMm / 2 : boardMm / 2));
      return {
        id: `${slat.id}-${bearer.id}`,
        kind: 'pallet nailed',
        by: 'nailed',
        places: [add(add(slat.from, [alongs[i] ?? 0, 0, 0]), towards)],
        parts: [slat.id, bearer.id],
        fixings: [],
      };
    }),
  );
  return { bearers, slats, backs, joints };
}
