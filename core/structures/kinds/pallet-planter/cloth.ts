import type { MeshRoll } from '../../../catalogue/stock';
import type { Fixing, Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { flatBase, sheetOf, type Sheet } from '../../../design/shapes/sheet';
import { lengthOf, sampledThrough } from '../../../geometry/curve';
import { scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { stapledOn } from '../../assemblies/staples';
import { besideOnRoll } from '../../rules/beside-on-roll';
import { evenly } from '../../rules/fixings';
import { depthOf, type Pallet } from '../../../catalogue/pallets';
import { gapOf, rowsOf, type Lean } from './pallet';

/** Both ends are folded under by so much; a lap on the slats above and below a row (from memory). mm. */
export const FOLD_MM = inches(1.5);
export const LAP_MM = inches(1.5);
/** The bottom is brought up in front and behind by so much (from memory). mm. */
const BOTTOM_UP_MM = inches(3);
/** Staples stand close together: every 2″ (from memory). mm. */
export const STAPLE_EVERY_MM = inches(2);
/** Clear of the ends of what they go into. mm. */
const CLEAR_MM = inches(0.75);
/** Cloth is doubled, the bottom once more (common practice, no source). */
const LAYERS = 2;
/** Of cloth only the edges are drawn. */
const edges = (longMm: number): number[] => [0, longMm];

/** A sheet of cloth with its edges folded under on both sides. */
function foldedSheet(roll: MeshRoll, o: Pick<Sheet, 'base' | 'up' | 'heightMm'> & { id: string; role: string }): Sheet {
  const longMm = lengthOf(o.base);
  return sheetOf({
    id: o.id,
    role: o.role,
    of: roll,
    base: o.base,
    up: o.up,
    cutMm: longMm + 2 * FOLD_MM,
    foldedMm: 2 * FOLD_MM,
    heightMm: o.heightMm,
    uprightsMm: edges(longMm),
    levelsMm: edges(o.heightMm),
  });
}

/** Layers of cloth, and the staples that hold them: the back with its sides, the bottom, and one across every row. */
export function clothOf(
  pallet: Pallet,
  rows: number,
  lean: Lean,
  roll: MeshRoll,
  boards: { bearers: readonly Bar[]; slats: readonly Bar[]; backs: readonly Bar[] },
): { parts: Sheet[]; joints: Joint[] } {
  const { at } = lean;
  const { tallMm, wideMm, boardMm, boardWideMm, bearerDeepMm } = pallet;
  const deep = depthOf(pallet);
  const sheet = (o: Parameters<typeof foldedSheet>[1]): Sheet => foldedSheet(roll, o);
  const layers = (make: (layer: number) => Sheet): Sheet[] => Array.from({ length: LAYERS }, (_, i) => make(i + 1));
  const along = (bar: Bar, up: number, out: number, way: Point): Fixing =>
    stapled(bar, evenly(at(CLEAR_MM, up, out), at(wideMm - CLEAR_MM, up, out), STAPLE_EVERY_MM), way);
  const joint = (sheets: readonly Sheet[], fixings: readonly Fixing[]): Joint =>
    stapledOn(sheets, 'cloth stapled', fixings);
  const inwards = scale(lean.out, -1);

  // Round the back from side to side, as the paper of a parcel, its edges on the outer bearers.
  const sideOut = boardMm + bearerDeepMm;
  const round = sampledThrough([at(0, 0, sideOut), at(0, 0, 0), at(wideMm, 0, 0), at(wideMm, 0, sideOut)], 96);
  const back = layers((n) =>
    sheet({ id: `back-cloth-${n}`, role: 'back cloth', base: round, up: lean.up, heightMm: tallMm }),
  );
  const [left, , right] = boards.bearers as [Bar, Bar, Bar];
  const upSide = (bar: Bar, x: number, way: Point): Fixing =>
    stapled(
      bar,
      evenly(
        at(x, CLEAR_MM, sideOut - bearerDeepMm / 4),
        at(x, tallMm - CLEAR_MM, sideOut - bearerDeepMm / 4),
        STAPLE_EVERY_MM,
      ),
      way,
    );
  const lowest = boards.backs[0] as Bar;
  const highest = boards.backs.at(-1) as Bar;
  const backJoint = joint(back, [
    upSide(left, 0, [1, 0, 0]),
    upSide(right, wideMm, [-1, 0, 0]),
    along(lowest, boardWideMm * 0.75, 0, lean.out),
    along(highest, tallMm - boardWideMm / 4, 0, lean.out),
  ]);

  // Under the foot from front to back; all the weight comes to it.
  const under = sampledThrough([at(0, BOTTOM_UP_MM, deep), at(0, 0, deep), at(0, 0, 0), at(0, BOTTOM_UP_MM, 0)], 96);
  const bottom = layers((n) =>
    sheet({
      id: `bottom-cloth-${n}`,
      role: 'bottom cloth',
      base: under,
      up: [1, 0, 0],
      heightMm: wideMm,
    }),
  );
  const bottomUp = Math.min(BOTTOM_UP_MM, boardWideMm) / 2;
  const bottomJoint = joint(bottom, [
    along(boards.slats[0] as Bar, bottomUp / 2, deep, inwards),
    along(lowest, bottomUp / 2, 0, lean.out),
  ]);

  // Across each row, lapping the slats over and under it.
  const gap = gapOf(pallet, rows);
  const pockets = Array.from({ length: rowsOf(pallet, rows) }, (_, i) => {
    const low = i * (gap + boardWideMm) + boardWideMm - LAP_MM;
    const own = layers((n) =>
      sheet({
        id: `pocket-${i + 1}-${n}`,
        role: 'pocket cloth',
        base: flatBase(at(0, low, deep), [1, 0, 0], wideMm),
        up: lean.up,
        heightMm: gap + 2 * LAP_MM,
      }),
    );
    return {
      parts: own,
      joint: joint(own, [
        along(boards.slats[i] as Bar, low + LAP_MM / 2, deep, inwards),
        along(boards.slats[i + 1] as Bar, low + gap + LAP_MM * 1.5, deep, inwards),
      ]),
    };
  });
  return {
    parts: besideOnRoll([...back, ...bottom, ...pockets.flatMap((one) => one.parts)], roll.heightMm),
    joints: [backJoint, bottomJoint, ...pockets.map((one) => one.joint)],
  };
}

const stapled = (into: Bar, places: readonly Point[], way: Point): Fixing => ({
  stock: 'staple-tacker',
  count: places.length,
  drive: { through: null, into: into.id, way, places, byEye: true },
});
