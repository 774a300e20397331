import { ofShape, type Part } from '../../design/shapes/shapes';

/** Softwood, dry: 450 kg/m³ (from memory). */
const WOOD_KG_M3 = 450;

/** What sawn wood weighs, dry. kg. */
export const woodKg = (parts: readonly Part[]): number =>
  ofShape(parts, 'bar').reduce((sum, one) => sum + (one.cutMm * one.wideMm * one.thickMm * WOOD_KG_M3) / 1e9, 0);
