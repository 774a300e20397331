import { CATALOGUE } from '../catalogue/catalogue';
import { cropIn } from '../crops/book';
import { plantsOf, type Design, type Station } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { pointAt } from '../geometry/curve';
import { extremesOf, outlineOf } from '../geometry/outline';
import { areaOf } from '../geometry/polygon';
import type { Point } from '../geometry/space';
import type { Plan } from '../plan/plan';
import { bedOnPlot } from '../site/bed';
import { cornersOf, FEATURE_NATURES, type Feature, type PlanSpot } from '../site/plot';
import { toPlot, type Frame } from '../site/stand';
import { grownShare, LEAFY_OPACITY } from '../site/sun/season';
import { shader, type Shader } from './shade';
import type { OnPlot } from './study';

/** A shader with what throws it: a structure's id, a bed's, or a feature's. */
export interface OwnedShader {
  owner: string;
  shader: Shader;
}

export function featureShader(feature: Feature): Shader | null {
  const { opacity } = FEATURE_NATURES[feature.kind];
  if (opacity === 0 || feature.heightMm <= 0) return null;
  const { heightMm: topMm } = feature;
  // A crown is all of a tree that counts: round, from a third of its height (from memory).
  const spots: PlanSpot[] =
    feature.kind === 'tree'
      ? Array.from({ length: 12 }, (_, i): PlanSpot => [
          feature.xMm + (feature.lengthMm / 2) * Math.cos((i * Math.PI) / 6),
          feature.yMm + (feature.lengthMm / 2) * Math.sin((i * Math.PI) / 6),
        ])
      : cornersOf(feature, feature.lengthMm, feature.widthMm);
  return upright(spots, feature.kind === 'tree' ? topMm * CROWN_FROM : 0, topMm, opacity);
}

const CROWN_FROM = 0.3;
const upright = (spots: readonly PlanSpot[], fromMm: number, topMm: number, opacity: number): Shader =>
  shader(
    spots.flatMap(([x, y]) => [[x, y, fromMm] as const, [x, y, topMm] as const]),
    opacity,
  );

/** So many members of one role are taken together, with the share of their outline that they fill. */
const TAKEN_TOGETHER = 12;
/** Members and leaves thinner than this on the ground are not worth a shadow. mm. */
const LEAST_HIGH_MM = 50;

type ToHull = (points: readonly Point[], opacity: number) => Shader;
const hullOn =
  (frame: Frame): ToHull =>
  (points, opacity) =>
    shader(
      extremesOf(points).map(([x, y, z]) => [...toPlot(frame, x, y), Math.max(0, z + frame.baseMm)] as const),
      opacity,
    );

/** True area of a flat outline in space, by its three projections; of one that is not flat, about its face. mm². */
function faceArea(points: readonly Point[]): number {
  const seen = (a: 0 | 1 | 2, b: 0 | 1 | 2): number =>
    areaOf(outlineOf(points.map((point) => [point[a], point[b]] as const)));
  return Math.hypot(seen(0, 1), seen(1, 2), seen(0, 2));
}

/** What the bare structure takes, from its parts: faces by the openness of their stock, members by how much of their outline they fill. */
function bareShaders(design: Design, frame: Frame): Shader[] {
  const hull = hullOn(frame);
  const faces = design.parts.flatMap((part) =>
    shapeOf(part)
      .faces(part)
      .map((patch) => hull(patch, CATALOGUE.stock(part.stock).opacity)),
  );
  const runs = new Map<string, Part[][]>();
  for (const part of design.parts) {
    if (shapeOf(part).nature !== 'member') continue;
    const ofRole = runs.get(part.role) ?? [];
    const last = ofRole.at(-1);
    if (last && last.length < TAKEN_TOGETHER) last.push(part);
    else ofRole.push([part]);
    runs.set(part.role, ofRole);
  }
  const members = [...runs.values()].flat().flatMap((parts): Shader[] => {
    const points = parts.flatMap((part) =>
      shapeOf(part)
        .solids(part)
        .flatMap((solid) =>
          solid.below ? [] : solid.solid === 'box' ? solid.corners : solid.solid === 'tube' ? solid.path : solid.top,
        ),
    );
    const filled = parts.reduce((sum, part) => sum + part.cutMm * shapeOf(part).acrossMm(part), 0);
    const share = Math.min(1, filled / Math.max(filled, faceArea(points)));
    const high = Math.max(...points.map((point) => point[2])) > LEAST_HIGH_MM;
    return high ? [hull(points, share * CATALOGUE.stock((parts[0] as Part).stock).opacity)] : [];
  });
  return [...faces, ...members];
}

/** Neighbours of one planting whose leaves are one screen: in a line, or a few on a ring. */
function screensOf(stations: readonly Station[]): Station[][] {
  const groups: Station[][] = [];
  for (const station of stations) {
    const group = groups.at(-1);
    const [first] = group ?? [];
    const most = station.side === 'round' ? 2 : TAKEN_TOGETHER;
    const same = first && first.planting === station.planting && Math.abs(first.at[1] - station.at[1]) < 1;
    if (group && (same || station.side === 'round') && first?.planting === station.planting && group.length < most)
      group.push(station);
    else groups.push([station]);
  }
  return groups;
}

/** Leaves along the stems, as far as they have grown on a day. */
function leafShaders(plan: Plan, design: Design, frame: Frame, day: number): Shader[] {
  const hull = hullOn(frame);
  const top = (design.hold?.topMm.most ?? Infinity) + 150;
  return screensOf(plantsOf(design)).flatMap((group): Shader[] => {
    const [first] = group;
    if (!first) return [];
    const grown = grownShare(cropIn(plan.crops, first.crop), day, plan.site);
    const high = Math.min(first.growsMm, top) * grown;
    if (high <= LEAST_HIGH_MM) return [];
    const half = Math.min(first.spacingMm, 500) / 2;
    const opacity = LEAFY_OPACITY * Math.min(1, 0.3 + 0.7 * grown);
    const aside = (point: Point): Point[] =>
      group.length > 1
        ? [-half, half].map((by): Point => [point[0] + by, point[1], point[2]])
        : [-half, half].flatMap((by): Point[] => [
            [point[0] + by, point[1], point[2]],
            [point[0], point[1] + by, point[2]],
          ]);
    const pieces = first.stem.curve === 'line' ? 1 : 4;
    return Array.from({ length: pieces }, (_, i) =>
      hull(
        group.flatMap(({ stem }) => [i, i + 1].flatMap((end) => aside(pointAt(stem, (high * end) / pieces)))),
        opacity,
      ),
    );
  });
}

interface Thrown {
  frame: Frame;
  bare: readonly Shader[];
  grown: { crops: Plan['crops']; site: Plan['site']; day: number; all: readonly Shader[] } | null;
}
/** The same design in the same place is asked for place by place, month by month. */
const known = new WeakMap<Design, Thrown>();

/** The bare structure, and each crop on it as far as it has grown on that day of the year. */
export function structureShaders(plan: Plan, design: Design, frame: Frame, day: number): readonly Shader[] {
  const before = known.get(design);
  const thrown = before?.frame === frame ? before : { frame, bare: bareShaders(design, frame), grown: null };
  const { crops, site } = plan;
  const { grown } = thrown;
  if (grown && grown.crops === crops && grown.site === site && grown.day === day) return grown.all;
  const all = [...thrown.bare, ...leafShaders(plan, design, frame, day)];
  known.set(design, { ...thrown, grown: { crops, site, day, all } });
  return all;
}

/** Everything that throws a shadow on the plot on a day of the year; sides of beds by their height. */
export function shadersOf(plan: Plan, structures: readonly OnPlot[], day: number): OwnedShader[] {
  return [
    ...plan.features.flatMap((feature) => {
      const thrower = featureShader(feature);
      return thrower ? [{ owner: feature.id, shader: thrower }] : [];
    }),
    ...plan.beds
      .filter((bed) => bed.heightMm > LEAST_HIGH_MM)
      .map((bed): OwnedShader => ({
        owner: bed.id,
        shader: upright(bedOnPlot(bed), 0, bed.heightMm, 1),
      })),
    ...structures.flatMap(({ id, design, frame }) =>
      structureShaders(plan, design, frame, day).map((thrower) => ({ owner: id, shader: thrower })),
    ),
  ];
}
