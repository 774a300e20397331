import { stockOf } from '../../../catalogue/catalogue';
import { meshesAcross } from '../../../catalogue/stock';
import type { WaySetting } from '../../rules/over-way';
import type { Joint } from '../../../design/design';
import { onSheet, sheetOf, type Sheet } from '../../../design/shapes/sheet';
import { sampledThrough, shifted, type Curve } from '../../../geometry/curve';
import { ALONG, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Bow } from './bow';

/** Ties along a seam are so far apart (from memory); a wire tie takes 10″. mm. */
export const SEAM_EVERY_MM = inches(24);
export const TIE_MM = inches(10);

/** The mesh of one run: a panel, or a length of the roll, along the bow; what is in the soil is bare hoop. */
export function layMesh(
  stock: string,
  chain: readonly Point[],
  i: number,
  bow: Bow,
  setting: WaySetting,
  belowMm: number,
): Sheet {
  const item = setting.catalogue.stock(stock);
  const foot = (side: -1 | 1): Point => [0, (side * bow.spanMm) / 2, 0];
  const above = belowMm > 0 ? [foot(-1), ...chain.slice(1, -1), foot(1)] : chain;
  const base = (wide: number): Curve => shifted(sampledThrough(above, 96), [i * wide, 0, 0]);
  const common = { up: ALONG, cutMm: bow.lengthMm };
  if (item.form === 'panel') {
    const meshes = meshesAcross(item);
    return sheetOf({
      ...common,
      id: `panel-${i + 1}`,
      role: 'panel',
      of: item,
      base: base(item.heightMm),
      heightMm: item.heightMm,
      levelsMm: item.levelsMm,
      uprightsMm: Array.from({ length: meshes + 1 }, (_, n) => item.edgeMm + n * item.pitchMm),
      meshes,
    });
  }
  const roll = stockOf(setting.catalogue, stock, 'mesh roll');
  return sheetOf({
    ...common,
    id: `mesh-${i + 1}`,
    role: 'mesh',
    of: roll,
    base: base(roll.heightMm),
    heightMm: roll.heightMm,
  });
}

/** Neighbours are tied along their seam. */
export const seams = (sheets: readonly Sheet[], bow: Bow): Joint[] =>
  sheets.slice(1).map((next, i): Joint => {
    const ties = Math.max(2, Math.floor((bow.lengthMm - 2 * bow.heldMm) / SEAM_EVERY_MM));
    return {
      id: `seam-${i + 1}`,
      kind: 'panel to panel',
      places: Array.from({ length: ties }, (_, n) =>
        onSheet(next, bow.heldMm + ((bow.lengthMm - 2 * bow.heldMm) * (n + 0.5)) / ties, 0),
      ),
      parts: [(sheets[i] as Sheet).id, next.id],
      fixings: [{ stock: 'tie-wire', count: ties, eachMm: TIE_MM }],
    };
  });
