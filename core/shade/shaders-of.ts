import { CATALOGUE } from '../catalogue/catalogue';
import { cropIn } from '../crops/book';
import { grownShare } from '../growth/growth';
import { plantsOf, type Design, type Station } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { pointAt } from '../geometry/curve';
import { extremesOf, outlineOf } from '../geometry/outline';
import { areaOf } from '../geometry/polygon';
import { add, cross, dot, minus, norm, scale, unit, type Point } from '../geometry/space';
import type { Plan } from '../plan/plan';
import { bedOnPlot } from '../site/bed';
import { cornersOf, FEATURE_NATURES, type Feature, type PlanSpot } from '../site/plot';
import { toPlot, type Frame } from '../site/stand';
import { LEAFY_OPACITY } from '../site/sun/season';
import { shader, type Shader } from './shade';
import type { OnPlot } from './study';

/** A shader with what throws it: a structure's id, a bed's, or a feature's. */
export interface OwnedShader {
  owner: string;
  /** Of what grows on it: never a shadow on its own bed. */
  leaves?: true;
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

/** The corners of a member that stand over the soil. */
const overSoil = (part: Part): readonly Point[] =>
  shapeOf(part)
    .solids(part)
    .flatMap((solid) =>
      solid.below ? [] : solid.solid === 'box' ? solid.corners : solid.solid === 'tube' ? solid.path : solid.top,
    );

/** Members that lie in one plane are no farther out of it than this (from memory). mm. */
const FLAT_MM = 200;

/** The normal of the plane in which some members lie, like the slats of a leaf; null where they stand about a space, like the boards of a box. */
function normalOf(parts: readonly Part[]): Point | null {
  const all = parts.map(overSoil);
  const [first] = all;
  if (!first || first.length === 0) return null;
  const middle = (points: readonly Point[]): Point =>
    scale(points.reduce(add, [0, 0, 0]), 1 / Math.max(1, points.length));
  const origin = middle(first);
  const along = longest(first, origin);
  const aside = all.slice(1).map((points) => {
    const away = minus(middle(points), origin);
    return minus(away, scale(along, dot(away, along)));
  });
  const out = aside.reduce((most, one) => (norm(one) > norm(most) ? one : most), [0, 0, 0]);
  const normal = norm(out) < 1 ? across(along) : unit(cross(along, out));
  const off = all.flat().map((point) => dot(minus(point, origin), normal));
  return Math.max(...off) - Math.min(...off) <= FLAT_MM ? normal : null;
}

/** The way from the middle of a member to what of it is farthest. */
const longest = (points: readonly Point[], middle: Point): Point =>
  unit(
    points
      .map((point) => minus(point, middle))
      .reduce((most, one) => (norm(one) > norm(most) ? one : most), [1, 0, 0] as Point),
  );
const across = (way: Point): Point => unit(cross(way, Math.abs(way[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));

/** How wide a member is as its plane is seen square: a board on edge shows its thickness. mm. */
function acrossSeen(part: Part, normal: Point | null): number {
  if (part.shape !== 'bar' || !normal || part.round) return shapeOf(part).acrossMm(part);
  const lean = Math.min(1, Math.abs(dot(part.wide, normal)));
  return part.wideMm * Math.sqrt(1 - lean ** 2) + part.thickMm * lean;
}

/** What the bare structure takes, from its parts: faces by the openness of their stock, members by how much of their outline they fill. */
function bareShaders(design: Design, frame: Frame): Shader[] {
  const hull = hullOn(frame);
  const faces = design.parts.flatMap((part) =>
    shapeOf(part)
      .faces(part)
      // What lies on the soil or under it shades nothing.
      .filter((patch) => patch.some(([, , up]) => up > LEAST_HIGH_MM))
      .map((patch) => hull(patch, CATALOGUE.stock(part.stock).opacity)),
  );
  const runs = new Map<string, Part[][]>();
  for (const part of design.parts) {
    if (shapeOf(part).nature !== 'member') continue;
    const ofRole = runs.get(part.role) ?? [];
    const last = ofRole.at(-1);
    if (last && last.length < TAKEN_TOGETHER && normalOf([...last, part])) last.push(part);
    else ofRole.push([part]);
    runs.set(part.role, ofRole);
  }
  const members = [...runs.values()].flat().flatMap((parts): Shader[] => {
    const points = parts.flatMap(overSoil);
    const normal = parts.length > 1 ? normalOf(parts) : null;
    const filled = parts.reduce((sum, part) => sum + part.cutMm * acrossSeen(part, normal), 0);
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
    const high = Math.min(first.growsMm, top) * grown.height;
    if (high <= LEAST_HIGH_MM) return [];
    const half = Math.min(first.spacingMm, 500) / 2;
    const opacity = LEAFY_OPACITY * Math.min(1, 0.3 + 0.7 * grown.leaf);
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
  grown: { crops: Plan['crops']; site: Plan['site']; day: number; leaves: readonly Shader[] } | null;
}
/** The same design in the same place is asked for place by place, month by month. */
const known = new WeakMap<Design, Thrown>();

/** The bare structure, and each crop on it as far as it has grown on that day of the year. */
function structureShaders(plan: Plan, id: string, design: Design, frame: Frame, day: number): OwnedShader[] {
  const before = known.get(design);
  const thrown = before?.frame === frame ? before : { frame, bare: bareShaders(design, frame), grown: null };
  const { crops, site } = plan;
  const same = thrown.grown?.crops === crops && thrown.grown.site === site && thrown.grown.day === day;
  const grown =
    thrown.grown && same ? thrown.grown : { crops, site, day, leaves: leafShaders(plan, design, frame, day) };
  known.set(design, { ...thrown, grown });
  return [
    ...thrown.bare.map((one) => ({ owner: id, shader: one })),
    ...grown.leaves.map((one) => ({ owner: id, shader: one, leaves: true as const })),
  ];
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
    ...structures.flatMap(({ id, design, frame }) => structureShaders(plan, id, design, frame, day)),
  ];
}
