import { CATALOGUE } from '../catalogue/catalogue';
import { cropStanding } from '../plan/growing';
import { grownShare, leafyShare } from '../growth/growth';
import { LEAVES_REACH_MM } from '../growth/leaves-reach';
import { plantsOf, type Design, type Station } from '../design/design';
import { boxesOf, type Solid } from '../design/shapes/shape';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { pointAt } from '../geometry/curve';
import { extremesOf } from '../geometry/outline';
import { add, cross, dot, minus, norm, scale, unit, type Point } from '../geometry/space';
import type { Plan } from '../plan/plan';
import { bedOnPlot } from '../site/bed';
import { cornersOf, FEATURE_NATURES, type Feature, type PlanSpot } from '../site/plot';
import { toPlot, type Frame } from '../site/frame';
import { LEAFY_OPACITY } from '../site/sun/season';
import { shader, type Filling, type Shader } from './shade';
import { bedsAsBuilt, type OnPlot } from './on-plot';

/** A shader with what throws it: a structure's id, a bed's, or a feature's. Decision 35. */
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

/** The crown of a tree begins at this share of its height (from memory). */
const CROWN_FROM = 0.3;
const upright = (spots: readonly PlanSpot[], fromMm: number, topMm: number, opacity: number): Shader =>
  shader(
    spots.flatMap(([x, y]) => [[x, y, fromMm] as const, [x, y, topMm] as const]),
    opacity,
  );

/** So many members of one role, no fewer and no more, are taken together, with the share of their outline that they fill. */
const TAKEN_TOGETHER = { least: 4, most: 12 };
/** Members and leaves thinner than this on the ground are not worth a shadow (from memory). mm. */
const LEAST_HIGH_MM = 50;

const onPlotFrom =
  (frame: Frame) =>
  ([x, y, z]: Point): Point => [...toPlot(frame, x, y), Math.max(0, z + frame.baseMm)];
/** A direction, or what is as long as an area, turned as the frame is. */
function turnedFrom(frame: Frame): (way: Point) => Point {
  const [x0, y0] = toPlot(frame, 0, 0);
  return ([x, y, z]) => {
    const [px, py] = toPlot(frame, x, y);
    return [px - x0, py - y0, z];
  };
}

/** So many corners about a round member; they lie out so far that it is as wide from all sides, in the mean, as it is. */
const ROUND = 12;
const OUT = Math.PI / ROUND / Math.sin(Math.PI / ROUND);

/** Points all round a tube, at each point of its path. */
function aboutTube(path: readonly Point[], radiusMm: number): Point[] {
  return path.flatMap((at, i) => {
    const [from, to] = [path[Math.max(0, i - 1)] ?? at, path[Math.min(path.length - 1, i + 1)] ?? at];
    const way = unit(minus(to, from));
    const aside = across(way);
    const other = cross(way, aside);
    return Array.from({ length: ROUND }, (_, k): Point => {
      const turn = (2 * Math.PI * k) / ROUND;
      const out = add(scale(aside, Math.cos(turn)), scale(other, Math.sin(turn)));
      return add(at, scale(out, radiusMm * OUT));
    });
  });
}

const overground = (part: Part): Solid[] =>
  shapeOf(part)
    .solids(part)
    .filter((solid) => !solid.below);

const pointsOf = (solid: Solid): readonly Point[] =>
  solid.solid === 'box' || solid.solid === 'plate'
    ? boxesOf(solid).flat()
    : solid.solid === 'tube'
      ? aboutTube(solid.path, solid.radiusMm)
      : [...solid.base, ...solid.top];

/** What members show to the sun: three sides of each box, each stretch of a tube. */
function fillingOf(parts: readonly Part[], turned: (way: Point) => Point): Filling {
  const sides: Point[] = [];
  const rods: { way: Point; acrossMm: number }[] = [];
  for (const solid of parts.flatMap(overground)) {
    for (const corners of boxesOf(solid)) {
      const [a, b, c, , d] = corners as [Point, Point, Point, Point, Point];
      const [thick, wide, long] = [minus(b, a), minus(c, a), minus(d, a)];
      for (const side of [cross(wide, thick), cross(long, thick), cross(long, wide)]) sides.push(turned(side));
    }
    if (solid.solid === 'tube') {
      solid.path.slice(1).forEach((to, i) => {
        rods.push({ way: turned(minus(to, solid.path[i] as Point)), acrossMm: 2 * solid.radiusMm });
      });
    }
  }
  return { sides, rods };
}

/** Members that lie in one plane are no farther out of it than this, and no farther from one to the next (from memory). mm. */
const FLAT_MM = 200;
const NEXT_MM = 250;
/** Cosine of the angle between two that are alike: their farthest corners are not the same ones. */
const PARALLEL = 0.99;

const middleOf = (points: readonly Point[]): Point => scale(points.reduce(add, [0, 0, 0]), 1 / points.length);
/** Any way that is square to another. */
const across = (way: Point): Point => unit(cross(way, Math.abs(way[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));

/** The way of a straight member, to its farthest corner. */
function wayOf(points: readonly Point[]): Point {
  const middle = middleOf(points);
  return unit(
    points.map((point) => minus(point, middle)).reduce((most, one) => (norm(one) > norm(most) ? one : most), [0, 0, 0]),
  );
}

/** Whether some members lie in one plane, alike and each beside the next, like the slats of a leaf: not about a space, like the boards of a box, nor across each other, like poles. */
function areScreen(parts: readonly Part[]): boolean {
  const all = parts.map((part) => overground(part).flatMap(pointsOf));
  const middles = all.map(middleOf);
  const [first] = all;
  const [origin] = middles;
  if (!first || !origin) return false;
  const along = wayOf(first);
  if (all.some((points) => Math.abs(dot(wayOf(points), along)) < PARALLEL)) return false;
  const aside = (from: Point, to: Point): Point => {
    const away = minus(to, from);
    return minus(away, scale(along, dot(away, along)));
  };
  if (middles.slice(1).some((middle, i) => norm(aside(middles[i] as Point, middle)) > NEXT_MM)) return false;
  const out = middles
    .map((middle) => aside(origin, middle))
    .reduce((most, one) => (norm(one) > norm(most) ? one : most), [0, 0, 0]);
  const normal = norm(out) < 1 ? across(along) : unit(cross(along, out));
  const off = all.flat().map((point) => dot(minus(point, origin), normal));
  return Math.max(...off) - Math.min(...off) <= FLAT_MM;
}

const isBent = (part: Part): boolean =>
  overground(part).some((solid) => solid.solid === 'tube' && solid.path.length > 2);

/** Square to a flat patch. */
function squareTo(patch: readonly Point[]): Point {
  const [a, b, c] = patch as [Point, Point, Point];
  return unit(cross(minus(b, a), minus(c, a)));
}

/** A bent member is taken stretch by stretch, so straight that its outline is little wider than it is. */
const STRETCH = 8;

/** A stretch of a bent member by its ends and its middle. */
const thinned = (path: readonly Point[]): Point[] =>
  [...new Set([0, Math.floor(path.length / 2), path.length - 1])].map((i) => path[i] as Point);

/** The pieces of a member that are each convex, or nearly. */
function convexPieces(part: Part): Point[][] {
  return overground(part).flatMap((solid) => {
    if (solid.solid === 'plate') return solid.slices.map((slice) => [...slice]);
    if (solid.solid !== 'tube' || solid.path.length <= 2) return [[...pointsOf(solid)]];
    const steps = Math.ceil((solid.path.length - 1) / STRETCH);
    return Array.from({ length: STRETCH }, (_, i) => solid.path.slice(i * steps, (i + 1) * steps + 1)).flatMap(
      (path) => (path.length > 1 ? [aboutTube(thinned(path), solid.radiusMm)] : []),
    );
  });
}

/** What the bare structure takes, from its parts: faces by the openness of their stock, members by how much of their outline they fill. */
export function bareOnPlot(design: Design, frame: Frame): Shader[] {
  const onPlot = onPlotFrom(frame);
  const turned = turnedFrom(frame);
  const hull = (points: readonly Point[], opacity: number, more: Pick<Shader, 'filling' | 'normal'>): Shader =>
    shader(extremesOf(points).map(onPlot), opacity, more);
  const faces = design.parts.flatMap((part) =>
    shapeOf(part)
      .faces(part)
      // What lies on the soil or under it shades nothing.
      .filter((patch) => patch.some(([, , up]) => up > LEAST_HIGH_MM))
      .map((patch) => hull(patch, CATALOGUE.stock(part.stock).opacity, { normal: turned(squareTo(patch)) })),
  );
  const runs = new Map<string, Part[][]>();
  for (const part of design.parts) {
    if (shapeOf(part).nature !== 'member') continue;
    const ofRole = runs.get(part.role) ?? [];
    const last = ofRole.at(-1);
    if (last && last.length < TAKEN_TOGETHER.most && !isBent(part) && areScreen([...last, part])) last.push(part);
    else ofRole.push([part]);
    runs.set(part.role, ofRole);
  }
  const screens = [...runs.values()]
    .flat()
    .flatMap((parts) => (parts.length < TAKEN_TOGETHER.least ? parts.map((part) => [part]) : [parts]));
  const members = screens.flatMap((parts): Shader[] => {
    const { opacity } = CATALOGUE.stock((parts[0] as Part).stock);
    const pieces =
      parts.length > 1 ? [parts.flatMap((part) => overground(part).flatMap(pointsOf))] : parts.flatMap(convexPieces);
    return pieces
      .filter((points) => Math.max(...points.map((point) => point[2])) > LEAST_HIGH_MM)
      .map((points) => hull(points, opacity, parts.length > 1 ? { filling: fillingOf(parts, turned) } : {}));
  });
  return [...faces, ...members];
}

/** Neighbours of one planting whose leaves are one screen: in a line, or a few on a ring. */
function screensOf(stations: readonly Station[]): Station[][] {
  const groups: Station[][] = [];
  for (const station of stations) {
    const group = groups.at(-1);
    const [first] = group ?? [];
    const most = station.side === 'round' ? 2 : TAKEN_TOGETHER.most;
    const same = first && first.planting === station.planting && Math.abs(first.at[1] - station.at[1]) < 1;
    if (group && (same || station.side === 'round') && first?.planting === station.planting && group.length < most)
      group.push(station);
    else groups.push([station]);
  }
  return groups;
}

/** Leaves along the stems, as far as they have grown on a day. */
function leafShaders(plan: Plan, design: Design, frame: Frame, day: number): Shader[] {
  const onPlot = onPlotFrom(frame);
  const hull = (points: readonly Point[], opacity: number): Shader => shader(extremesOf(points).map(onPlot), opacity);
  const top = (design.hold?.topMm.most ?? Infinity) + 150;
  return screensOf(plantsOf(design)).flatMap((group): Shader[] => {
    const [first] = group;
    if (!first) return [];
    const grown = grownShare(cropStanding(plan, first), day, plan.site);
    const high = Math.min(first.growsMm, top) * grown.height;
    if (high <= LEAST_HIGH_MM) return [];
    const half = Math.min(first.spacingMm, LEAVES_REACH_MM) / 2;
    const opacity = LEAFY_OPACITY * leafyShare(grown.leaf);
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
  const thrown = before?.frame === frame ? before : { frame, bare: bareOnPlot(design, frame), grown: null };
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
    ...bedsAsBuilt(plan.beds, structures)
      .filter((bed) => bed.heightMm > LEAST_HIGH_MM)
      .map((bed): OwnedShader => ({
        owner: bed.id,
        shader: upright(bedOnPlot(bed), 0, bed.heightMm, 1),
      })),
    ...structures.flatMap(({ id, design, frame }) => structureShaders(plan, id, design, frame, day)),
  ];
}
