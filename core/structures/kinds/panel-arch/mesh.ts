import { stockOf } from '../../../catalogue/catalogue';
import { meshesAcross } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { sampledThrough, shifted, type Curve } from '../../../geometry/curve';
import { ALONG, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Bow } from './bow';
import type { ArchSetting } from './knobs';

/** Ties along a seam are so far apart (from memory); a wire tie takes 10″. mm. */
export const SEAM_EVERY_MM = inches(24);
export const TIE_MM = inches(10);

/** The mesh of one run: a panel, or a length of the roll, along the bow; what is in the soil is bare hoop. */
export function layMesh(
  stock: string,
  chain: readonly Point[],
  i: number,
  bow: Bow,
  setting: ArchSetting,
  belowMm: number,
): Sheet {
  const item = setting.catalogue.stock(stock);
  const above =
    belowMm > 0 ? [[0, -bow.spanMm / 2, 0] as Point, ...chain.slice(1, -1), [0, bow.spanMm / 2, 0] as Point] : chain;
  const common = { shape: 'sheet', stock, cutMm: bow.lengthMm, up: ALONG } as const;
  const base = (wide: number): Curve => shifted(sampledThrough(above, 96), [i * wide, 0, 0]);
  if (item.form === 'panel') {
    const meshes = meshesAcross(item);
    return {
      ...common,
      id: `panel-${i + 1}`,
      role: 'panel',
      base: base(item.heightMm),
      heightMm: item.heightMm,
      levelsMm: item.levelsMm,
      uprightsMm: Array.from({ length: meshes + 1 }, (_, n) => item.edgeMm + n * item.pitchMm),
      wireMm: item.wireMm,
      meshes,
    };
  }
  const roll = stockOf(setting.catalogue, stock, 'mesh roll');
  const count = Math.max(1, Math.round(bow.lengthMm / roll.openingMm));
  const rungs = Math.max(1, Math.round(roll.heightMm / roll.stepMm));
  return {
    ...common,
    id: `mesh-${i + 1}`,
    role: 'mesh',
    base: base(roll.heightMm),
    heightMm: roll.heightMm,
    levelsMm: Array.from({ length: rungs + 1 }, (_, n) => (n * roll.heightMm) / rungs),
    uprightsMm: Array.from({ length: count + 1 }, (_, n) => (n * bow.lengthMm) / count),
    wireMm: roll.wireMm,
    meshes: 0,
  };
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
