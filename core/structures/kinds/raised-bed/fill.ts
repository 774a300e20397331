import { fillOf, type Fill } from '../../../design/shapes/fill';
import { ofShape, type Part } from '../../../design/shapes/shapes';
import { areaOf, type Pair } from '../../../geometry/polygon';
import type { Point } from '../../../geometry/space';
import { blockStock } from '../../../catalogue/masonry';
import { inches } from '../../../quantity/length';
import { woodKg } from '../../rules/weights';
import type { Assembled } from '../../assemblies/assembly';
import { insideOf } from '../../assemblies/courses';
import type { RaisedBedValues } from './knobs';
import { nearestSide, type Stood } from './stood';

/** Over layers of prunings so much of the mix (common practice, no source). mm. */
const OVER_LAYERS_MM = inches(7);
/** Of the mix two parts are topsoil, one compost (common practice, no source). */
const TOPSOIL_PARTS = 2 / 3;
/** Paths round a bed, dug for their topsoil: 24″, to walk (common practice, no source). mm. */
export const PATH_WIDE_MM = inches(24);
/** Soil that is dug out takes a quarter more room than it lay in (loam 20 to 30 %, from memory). */
const SWELLS = 1.25;

/** A barrow holds 2 ft³, and takes 8 minutes, filled, wheeled 50′ and spread: 13 of them, a cubic yard, 1¾ hours (common practice, no source). */
export const BARROW_LITRES = 56.6;
export const BARROW_MINUTES = 8;

/**
 * What a litre of each weighs when it is wet through: a blend of topsoil 100 to 120 lb/ft³ (common practice, no source);
 * prunings and leaves less than half of that; gravel 1.6 and the water in it 0.4 (both from memory). kg.
 */
const WET_KG_L: Readonly<Record<string, number>> = {
  soil: 1.76,
  'path soil': 1.76,
  compost: 1.76,
  layers: 0.7,
  reservoir: 2,
};

/** What it weighs when it is wet through, as deep as it lies once it has settled. kg. */
export const wetFill = (parts: readonly Part[], settles: number): number =>
  ofShape(parts, 'fill').reduce(
    // Gravel does not settle.
    (sum, { role, litres }) => sum + ((WET_KG_L[role] ?? 0) * litres) / (role === 'reservoir' ? 1 : 1 + settles / 100),
    0,
  );

/** A blend of soil weighs so much less when it is dry: 75 lb/ft³ of 110 (from memory). */
const DRY_SHARE = 75 / 110;

/** What a bed weighs with its sides, watered and dry: timber by its own weight, blocks by theirs. kg. */
export function weighs(parts: readonly Part[], settles: number): { wetKg: number; dryKg: number } {
  const filled = wetFill(parts, settles);
  const sides = woodKg(parts) + ofShape(parts, 'block').reduce((sum, { stock }) => sum + blockStock(stock).massKg, 0);
  return { wetKg: sides + filled, dryKg: sides + filled * DRY_SHARE };
}

/** How much the paths round a bed give, dug so deep: what lies within their width of its outer size. Litres, loose. */
function fromPaths(outline: readonly Pair[], deepMm: number): number {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [long, wide] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  return (((long + 2 * PATH_WIDE_MM) * (wide + 2 * PATH_WIDE_MM) - long * wide) * deepMm * SWELLS) / 1e6;
}

/** What it is filled with from so far over its foot, from below: each with what it takes more for settling; the topsoil from the paths as far as that goes. */
export function fillIn(
  v: RaisedBedValues,
  s: Stood,
  { fromMm, depthMm }: { fromMm: number; depthMm: number },
  sides: readonly Part[],
): Assembled & { top: Fill | undefined } {
  const inner = insideOf(s.outline, s.wallMm);
  const middle: Pair = [
    inner.reduce((sum, [x]) => sum + x, 0) / inner.length,
    inner.reduce((sum, [, y]) => sum + y, 0) / inner.length,
  ];
  const rim = { outline: inner.map(([x, y]): Pair => [x - middle[0], y - middle[1]]) };
  const litresOf = (deepMm: number): number => (areaOf(inner) * deepMm * (1 + v.settles / 100)) / 1e6;
  const mixMm = v.fill === 'layers' ? Math.min(depthMm, OVER_LAYERS_MM) : depthMm;
  const topsoilMm = mixMm * TOPSOIL_PARTS;
  // On a floor there are no paths to dig.
  const dugLitres = s.onFloor ? 0 : fromPaths(s.outline, v.paths);
  const ownMm = topsoilMm * Math.min(1, dugLitres / litresOf(topsoilMm));
  const layers = [
    ...(v.fill === 'layers' ? [{ role: 'layers', of: 'own-prunings', deepMm: depthMm - mixMm }] : []),
    ...(v.fill === 'own'
      ? [{ role: 'soil', of: 'own-soil', deepMm: mixMm }]
      : [
          { role: 'path soil', of: 'own-soil', deepMm: ownMm },
          { role: 'soil', of: 'topsoil', deepMm: topsoilMm - ownMm },
          { role: 'compost', of: 'compost', deepMm: mixMm - topsoilMm },
        ]),
  ].filter(({ deepMm }) => deepMm >= 1);
  let upMm = s.baseMm + fromMm;
  const fills = layers.map(({ role, of, deepMm }) => {
    const fill = fillOf({
      id: `fill-${role.replace(' ', '-')}`,
      role,
      of,
      bottom: [middle[0], middle[1], upMm],
      rim,
      cutMm: deepMm,
      litres: litresOf(deepMm),
    });
    upMm += deepMm;
    return fill;
  });
  // Each lies against the sides: against what of them is nearest to its own height.
  const joints = fills.map((fill) => {
    const heart = fill.bottom[2] + fill.cutMm / 2;
    const [corner] = inner as [Pair];
    const spot: Point = [corner[0], corner[1], heart];
    const against = nearestSide(sides, spot);
    return {
      id: `${fill.id}-in-bed`,
      kind: 'fill in the bed',
      by: 'bearing' as const,
      places: [spot],
      parts: [fill.id, against.id],
      fixings: [],
    };
  });
  return { parts: fills, joints, top: fills.at(-1) };
}
