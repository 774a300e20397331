import { cropIn } from '../crops/book';
import type { Design } from '../design/design';
import { rowOnPlan } from '../design/on-plot';
import { slopeOf } from '../geometry/space';
import type { Plan } from '../plan/plan';
import type { Bed } from '../site/bed';
import { cornersOf, FEATURE_NATURES, type Feature } from '../site/plot';
import { BARE_OPACITY, grownShare, LEAFY_OPACITY } from '../site/sun/season';
import type { Shader } from './shade';

/** A shader with what throws it: a structure's id, or a feature's. */
export interface OwnedShader {
  owner: string;
  shader: Shader;
}

export function featureShader(feature: Feature): Shader | null {
  const { opacity } = FEATURE_NATURES[feature.kind];
  if (opacity === 0 || feature.heightMm <= 0) return null;
  if (feature.kind === 'tree')
    return {
      shape: 'crown',
      middle: [feature.xMm, feature.yMm],
      radiusMm: feature.lengthMm / 2,
      bottomMm: feature.heightMm * 0.3,
      topMm: feature.heightMm,
      opacity,
    };
  return {
    shape: 'block',
    corners: cornersOf(feature, feature.lengthMm, feature.widthMm),
    topMm: feature.heightMm,
    opacity,
  };
}

/** The bare support, and each crop on it as a leafy screen as high as it has grown on that day of the year. */
export function structureShaders(plan: Plan, design: Design, bed: Bed, day: number): Shader[] {
  const place = rowOnPlan(design, bed);
  const end = design.builtMm * Math.cos(slopeOf(design.ground));
  const top = design.support.topMm.most;
  const screens = design.support.rowsAtMm.map((y): Shader => ({
    shape: 'screen',
    from: place(0, y),
    to: place(end, y),
    bottomMm: design.support.startsMm,
    topMm: top,
    opacity: BARE_OPACITY,
  }));
  const stretches = new Map<string, { from: number; to: number; y: number; crop: string }>();
  for (const station of design.stations) {
    const key = `${station.planting} ${station.at[1]}`;
    const half = station.spacingMm / 2;
    const known = stretches.get(key) ?? { from: Infinity, to: -Infinity, y: station.at[1], crop: station.crop };
    stretches.set(key, {
      ...known,
      from: Math.min(known.from, station.at[0] - half),
      to: Math.max(known.to, station.at[0] + half),
    });
  }
  for (const { from, to, y, crop: id } of stretches.values()) {
    const crop = cropIn(plan.crops, id);
    const grown = grownShare(crop, day, plan.site);
    const high = Math.min(crop.heightMm, top + 150) * grown;
    if (high > 50)
      screens.push({
        shape: 'screen',
        from: place(from, y),
        to: place(to, y),
        bottomMm: 0,
        topMm: high,
        opacity: LEAFY_OPACITY * Math.min(1, 0.3 + 0.7 * grown),
      });
  }
  return screens;
}

/** Everything that throws a shadow on the plot on a day of the year. */
export function shadersOf(
  plan: Plan,
  structures: readonly { id: string; design: Design; bed: Bed }[],
  day: number,
): OwnedShader[] {
  return [
    ...plan.features.flatMap((feature) => {
      const shader = featureShader(feature);
      return shader ? [{ owner: feature.id, shader }] : [];
    }),
    ...structures.flatMap(({ id, design, bed }) =>
      structureShaders(plan, design, bed, day).map((shader) => ({ owner: id, shader })),
    ),
  ];
}
