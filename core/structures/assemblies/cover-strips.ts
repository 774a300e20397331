import { LAP_MM } from '../../catalogue/lap';
import type { MeshRoll } from '../../catalogue/stock';
import type { Joint } from '../../design/design';
import { onSheet, sheetOf, type Sheet } from '../../design/shapes/sheet';
import { chainThrough, lengthOf, sampledThrough, stretchOf } from '../../geometry/curve';
import { add, minus, unit, type Point } from '../../geometry/space';
import { onGround, type Ground } from '../../site/ground';

/** Steps in which a section is followed, and threads that are drawn each way. */
const STEPS = 96;
const THREADS = 9;

/**
 * A cover over one section all along a bed, from its edge at the front to its edge at the back: as many strips side
 * by side as the roll is too narrow for, lapping by {@link LAP_MM}, each cut `cutMm` long. `section` is told across
 * and up from the line at `y` on the soil. mm.
 */
export function layStrips(o: {
  section: readonly (readonly [acrossMm: number, upMm: number])[];
  /** It is turned round the corners of its section; else it follows that as a curve. */
  cornered?: true;
  roll: MeshRoll;
  ground: Ground;
  y: number;
  /** Where it begins along the bed, from the structure’s own zero. */
  fromMm?: number;
  builtMm: number;
  cutMm: number;
}): Sheet[] {
  const foot = onGround(o.ground, o.fromMm ?? 0, o.y);
  const way = unit(minus(onGround(o.ground, (o.fromMm ?? 0) + o.builtMm, o.y), foot));
  const chain = o.section.map(([across, up]): Point => add(foot, [0, across, up]));
  const whole = o.cornered ? chainThrough(chain) : sampledThrough(chain, STEPS);
  const girthMm = lengthOf(whole);
  const strips = Math.max(1, Math.ceil((girthMm - LAP_MM) / (o.roll.heightMm - LAP_MM) - 1e-6));
  const eachMm = (girthMm + (strips - 1) * LAP_MM) / strips;
  return Array.from({ length: strips }, (_, i): Sheet => {
    const fromMm = i * (eachMm - LAP_MM);
    const base = strips === 1 ? whole : stretchOf(whole, fromMm, fromMm + eachMm, STEPS);
    const spreadMm = lengthOf(base);
    const threads = (longMm: number): number[] =>
      Array.from({ length: THREADS }, (__, n) => (longMm * n) / (THREADS - 1));
    return sheetOf({
      id: `cover-${i + 1}`,
      role: 'cover',
      of: o.roll,
      base,
      up: way,
      cutMm: o.cutMm,
      spreadMm,
      heightMm: o.builtMm,
      uprightsMm: threads(spreadMm),
      levelsMm: threads(o.builtMm),
    });
  });
}

/** The middle of a cover across, so far along it. */
export const midCover = (cover: Sheet, alongMm: number): Point => onSheet(cover, (cover.spreadMm ?? 0) / 2, alongMm);

/** Where strips lap each other along the bed. */
export const lapJoints = (covers: readonly Sheet[], kind: string): Joint[] =>
  covers.slice(1).map((next, i): Joint => {
    const before = covers[i] as Sheet;
    const half = before.heightMm / 2;
    return {
      id: `lap-${i + 1}`,
      kind,
      by: 'bearing',
      places: [onSheet(before, (before.spreadMm ?? 0) - LAP_MM / 2, half), onSheet(next, LAP_MM / 2, half)],
      parts: [before.id, next.id],
      fixings: [],
    };
  });
