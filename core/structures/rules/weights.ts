import type { Planted } from '../../crops/planted';
import { plantsOf, type Station } from '../../design/design';
import { sawnOutline } from '../../design/shapes/bar';
import { ofShape, type Part } from '../../design/shapes/shapes';
import { areaOf } from '../../geometry/polygon';

/** Softwood, dry: 450 kg/m³ (from memory). */
const WOOD_KG_M3 = 450;

/** What sawn wood weighs, dry: of a board with a shape, what is left of it. kg. */
export const woodKg = (parts: readonly Part[]): number =>
  ofShape(parts, 'bar').reduce(
    (sum, one) =>
      sum + ((one.sawn ? areaOf(sawnOutline(one.sawn)) : one.cutMm * one.wideMm) * one.thickMm * WOOD_KG_M3) / 1e9,
    0,
  );

/** What the plants of a design weigh in full crop, wet. kg. */
export const cropKg = (design: { stations: readonly Station[] }, planted: readonly Planted[]): number =>
  plantsOf(design).reduce((sum, { planting }) => sum + (planted.find(({ id }) => id === planting)?.crop.wetKg ?? 0), 0);
