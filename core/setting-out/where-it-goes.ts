import { coverOf, feetOf, footprintOf, stanceOf, wallFace } from '../design/on-plot';
import type { Design } from '../design/design';
import type { Bar } from '../design/shapes/bar';
import { ofShape, type Part } from '../design/shapes/shapes';
import { middleOfBounds, type Pair } from '../geometry/polygon';
import type { SeenStructure } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { bedOnPlot, type Bed } from '../site/bed';
import { cornersOf, type Feature, type FeatureKind, type PlanSpot } from '../site/plot';
import { toPlot, type Frame } from '../site/frame';
import { asPlace, bedsOf, footholdOf } from '../site/stands/stands';

/** Eight winds, clockwise from north. */
export const WINDS = [
  'north',
  'north-east',
  'east',
  'south-east',
  'south',
  'south-west',
  'west',
  'north-west',
] as const;
export type Wind8 = (typeof WINDS)[number];

/** The wind that a direction of the plan points to; `northDeg` is the bearing of "up the page". @example windOf([0, 1], 0) // 'north' */
export function windOf([x, y]: PlanSpot, northDeg: number): Wind8 {
  const bearing = northDeg + (Math.atan2(x, y) * 180) / Math.PI;
  return WINDS[((Math.round(bearing / 45) % 8) + 8) % 8] as Wind8;
}

/** A direction as it is told in a garden: the wind, and what lies there; null where nothing near does. */
export interface Towards {
  wind: Wind8;
  what: string | null;
}

/** How far a foot stands from the side of something, square to it. mm. */
export interface Offset {
  mm: number;
  /** What it is measured from, null for the boundary of the plot, and which side of that. */
  from: string | null;
  side: Wind8;
  /** It stands outside that side, not within. */
  outside: boolean;
  /** Where on that side the tape is held. */
  at: PlanSpot;
}

/** A foot of the structure, a corner of what stands without feet, or of a run, with two distances that find its place. */
export interface Found {
  is: 'start' | 'end' | 'wall start' | 'wall end' | 'first middle' | 'last middle' | 'middle' | { corner: number };
  at: PlanSpot;
  offsets: readonly Offset[];
}

/** Where a structure goes, as someone with a tape who has never seen the plan finds it. */
export interface WhereItGoes {
  /** What is below it or beside it, by name. */
  beds: readonly string[];
  /** Which way its front faces, and at which end its marks begin; a run has corners for these. */
  front: Towards | null;
  start: Towards | null;
  found: readonly Found[];
  /** The posts of the run it stands in, and what that run is; null for what stands by itself. */
  between: { host: string; posts: readonly number[] } | null;
  /** The side on which its hinges are; it opens on the other. Null where nothing turns. */
  hinged: Towards | null;
  /** Of what is gone through: the side of it the door is in, where there is more than one, and to which its leaf swings. */
  door: { side: Towards | null; swings: Towards } | null;
  /** What grows where: of each crop the bed, and the side of the structure where it stands on both. */
  grows: readonly { planting: string; bed: string; side: Towards | null }[];
  /** What it covers, and the way its front faces on the plan. */
  covers: readonly (readonly PlanSpot[])[];
  frontWay: PlanSpot;
}

/** What a tape can be held to: it stands, or has an edge. */
const HOLDS_A_TAPE: readonly FeatureKind[] = ['house', 'wall', 'fence', 'path'];
/** What one points to. */
const SEEN: readonly FeatureKind[] = ['house', 'wall', 'fence', 'tree', 'water', 'well', 'compost'];

interface Edge {
  of: string | null;
  from: PlanSpot;
  to: PlanSpot;
  /** Square to it, outward. */
  out: PlanSpot;
}

const nameOf = (feature: Feature): string => feature.name || `the ${feature.kind}`;

/** The four sides of a thing, with their ways out; corners go round counter-clockwise. */
const edgesOf = (of: string | null, corners: readonly PlanSpot[]): Edge[] =>
  corners.map((from, i) => {
    const to = corners[(i + 1) % corners.length] as PlanSpot;
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    return { of, from, to, out: [(to[1] - from[1]) / long, (from[0] - to[0]) / long] };
  });

const bedEdges = (bed: Bed): Edge[] => edgesOf(bed.name, cornersOf(bed, bed.lengthMm, bed.widthMm));

/** Everything a tape can be held to, but what the structure stands on itself. */
function edgesNear(plan: Plan, own: readonly Bed[]): Edge[] {
  if (own.length > 0) return own.flatMap(bedEdges);
  const { widthMm, depthMm } = plan.site;
  const whole: PlanSpot[] = [
    [0, 0],
    [widthMm, 0],
    [widthMm, depthMm],
    [0, depthMm],
  ];
  return [
    ...plan.beds.flatMap(bedEdges),
    ...plan.features
      .filter(({ kind }) => HOLDS_A_TAPE.includes(kind))
      .flatMap((one) => edgesOf(nameOf(one), cornersOf(one, one.lengthMm, one.widthMm))),
    ...edgesOf(null, whole),
  ];
}

function offsetFrom(spot: PlanSpot, edge: Edge, northDeg: number, pastMm: number): Offset | null {
  const [dx, dy] = [edge.to[0] - edge.from[0], edge.to[1] - edge.from[1]];
  const long = Math.hypot(dx, dy);
  if (long === 0) return null;
  const along = ((spot[0] - edge.from[0]) * dx + (spot[1] - edge.from[1]) * dy) / long;
  if (along < -pastMm || along > long + pastMm) return null;
  const at: PlanSpot = [edge.from[0] + (dx / long) * along, edge.from[1] + (dy / long) * along];
  return {
    mm: Math.hypot(spot[0] - at[0], spot[1] - at[1]),
    from: edge.of,
    side: windOf(edge.out, northDeg),
    outside: (spot[0] - at[0]) * edge.out[0] + (spot[1] - at[1]) * edge.out[1] > 0,
    at,
  };
}

/** The nearest side, and the nearest of those that lie across it: two distances find a place. */
function twoOffsets(spot: PlanSpot, edges: readonly Edge[], northDeg: number): Offset[] {
  // A tape is held square to a side; past the end of it, along a string, where nothing else serves.
  const beside = offsetsWithin(spot, edges, northDeg, 1);
  return beside.length > 1 ? beside : offsetsWithin(spot, edges, northDeg, Infinity);
}

function offsetsWithin(spot: PlanSpot, edges: readonly Edge[], northDeg: number, pastMm: number): Offset[] {
  const near = edges
    .flatMap((edge) => {
      const offset = offsetFrom(spot, edge, northDeg, pastMm);
      return offset ? [{ edge, offset }] : [];
    })
    .toSorted((a, b) => a.offset.mm - b.offset.mm);
  const [first] = near;
  if (!first) return [];
  const across = near.find(
    ({ edge }) => Math.abs(edge.out[0] * first.edge.out[0] + edge.out[1] * first.edge.out[1]) < 0.7,
  );
  return [first.offset, ...(across ? [across.offset] : [])];
}

/** As far as one points to things (from memory). mm. */
const IN_SIGHT_MM = 12_000;

/** What is not straight ahead is pointed to where its middle is no farther aside than this: cos 25° (from memory). */
const ASIDE = 0.906;

/** What lies that way: the nearest thing straight ahead, else the nearest whose middle is a little aside. */
function towards(plan: Plan, from: PlanSpot, way: PlanSpot, own: readonly string[]): Towards {
  const long = Math.hypot(...way) || 1;
  const [ux, uy] = [way[0] / long, way[1] / long];
  // Along the way, and aside to its left.
  const seenAt = ([x, y]: PlanSpot): PlanSpot => {
    const [dx, dy] = [x - from[0], y - from[1]];
    return [dx * ux + dy * uy, dy * ux - dx * uy];
  };
  const things = [
    ...plan.features.filter(({ kind }) => SEEN.includes(kind)).map((one) => ({ ...one, name: nameOf(one) })),
    ...plan.beds.filter(({ id }) => !own.includes(id)),
  ].map((one) => {
    const corners = cornersOf(one, one.lengthMm, one.widthMm).map(seenAt);
    const crossed = corners.flatMap(([x, y], i) => {
      const [x2, y2] = corners[(i + 1) % corners.length] as PlanSpot;
      return y * y2 <= 0 && y !== y2 ? [x + ((x2 - x) * y) / (y - y2)] : [];
    });
    const [ahead, aside] = seenAt([one.xMm, one.yMm]);
    const far = Math.hypot(ahead, aside);
    return {
      name: one.name,
      ahead: Math.min(...crossed.filter((mm) => mm > 0), Infinity),
      aside: ahead > ASIDE * far ? far : Infinity,
    };
  });
  const nearest = (by: 'ahead' | 'aside') =>
    things.filter((one) => one[by] < IN_SIGHT_MM).toSorted((one, other) => one[by] - other[by])[0];
  const what = nearest('ahead') ?? nearest('aside');
  return { wind: windOf(way, plan.site.northDeg), what: what?.name ?? null };
}

const wayOn = (frame: Frame, along: number, across: number): PlanSpot => {
  const [x0, y0] = toPlot(frame, 0, 0);
  const [x, y] = toPlot(frame, along, across);
  return [x - x0, y - y0];
};

/** What stands on a ring is found by its middle: its feet lie as far from it, all but for so much. */
const ROUND_SHARE = 0.06;
const LEAST_ON_RING = 6;

/** The middle of the circle through three places; null where they lie in a line. */
function middleOfRing([ax, ay]: Pair, [bx, by]: Pair, [cx, cy]: Pair): Pair | null {
  const twice = 2 * (ax * (by - cy) + bx * (cy - ay) + cx * (ay - by));
  if (Math.abs(twice) < 1) return null;
  const [a, b, c] = [ax ** 2 + ay ** 2, bx ** 2 + by ** 2, cx ** 2 + cy ** 2];
  return [
    (a * (by - cy) + b * (cy - ay) + c * (ay - by)) / twice,
    (a * (cx - bx) + b * (ax - cx) + c * (bx - ax)) / twice,
  ];
}

const apartMm = ([ax, ay]: Pair, [bx, by]: Pair): number => Math.hypot(ax - bx, ay - by);

/**
 * The places by which a structure is set down, in its own frame: the ends of what hangs on a wall, on its face; the
 * first and the last of its feet along it, of two alike the nearer to the front; the middle of what stands on a ring;
 * the middles of the first and the last of what has no feet.
 */
function placesOf(design: Design): { is: Exclude<Found['is'], object>; at: Pair }[] {
  const wallMm = wallFace(design);
  if (wallMm !== null)
    return [
      { is: 'wall start', at: [0, wallMm] },
      { is: 'wall end', at: [design.builtMm, wallMm] },
    ];
  const feet = feetOf(design);
  const all = feet.length > 0 ? feet : stanceOf(design);
  const bodies = (design.walls ? [design.walls] : footprintOf(design)).filter((outline) => outline.length > 2);
  const [first, last] = [bodies[0], bodies.at(-1)];
  if (all.length === 0 && first && last)
    return apartMm(middleOfBounds(first), middleOfBounds(last)) > 1
      ? [
          { is: 'first middle', at: middleOfBounds(first) },
          { is: 'last middle', at: middleOfBounds(last) },
        ]
      : [{ is: 'middle', at: middleOfBounds(first) }];
  if (all.length === 0) return [];
  const third = Math.floor(all.length / 3);
  const centre =
    all.length >= LEAST_ON_RING ? middleOfRing(all[0] as Pair, all[third] as Pair, all[2 * third] as Pair) : null;
  const far = centre ? all.map(([x, y]) => Math.hypot(x - centre[0], y - centre[1])) : [];
  if (centre && Math.max(...far) - Math.min(...far) < ROUND_SHARE * Math.max(...far))
    return [{ is: 'middle', at: centre }];
  const ends = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const feetAt = ends.map(
    (end) => all.filter(([x]) => Math.abs(x - end) < 1).toSorted((a, b) => a[1] - b[1])[0] as Pair,
  );
  const [start, end] = feetAt as [Pair, Pair];
  return Math.hypot(start[0] - end[0], start[1] - end[1]) < 1
    ? [{ is: 'start', at: start }]
    : [
        { is: 'start', at: start },
        { is: 'end', at: end },
      ];
}

/** Where a structure goes on its plot: names, winds and distances from what stands there already. */
export function whereItGoes(plan: Plan, { sized: { design }, frame, setting }: SeenStructure): WhereItGoes {
  const { northDeg } = plan.site;
  const beds = bedsOf(setting.place);
  const own = beds.map(({ id }) => id);
  const covers = coverOf(design, frame);
  const spots = covers.flat();
  const centre = middleOfBounds(spots);
  const frontWay = wayOn(frame, 0, -1);
  const look = (way: PlanSpot): Towards => towards(plan, centre, way, own);
  const edges = edgesNear(plan, beds);
  const path = asPlace(setting.place, 'path');
  if (path) {
    const corners = path.spots.map(({ xMm, yMm }): PlanSpot => [xMm, yMm]);
    return {
      beds: [],
      front: null,
      start: null,
      found: corners.map((at, i) => ({ is: { corner: i + 1 }, at, offsets: twoOffsets(at, edges, northDeg) })),
      between: null,
      hinged: null,
      door: null,
      grows: [],
      covers,
      frontWay,
    };
  }
  const { gap } = footholdOf(setting.place);
  const found = gap
    ? []
    : placesOf(design).map(({ is, at }): Found => {
        const onPlot = toPlot(frame, at[0], at[1]);
        return { is, at: onPlot, offsets: twoOffsets(onPlot, edges, northDeg) };
      });
  return {
    beds: beds.map(({ name }) => name),
    front: look(frontWay),
    start: look(wayOn(frame, -1, 0)),
    found,
    between: gap ? { host: gap.host, posts: gap.opening.numbers } : null,
    hinged: hingesOf(design, look, frame),
    door: doorOf(design, look, frame),
    grows: growing(plan, design, look, frame),
    covers,
    frontWay,
  };
}

/** What doors, lids and gates turn on. */
const HINGES = new Set(['gate-hinge', 'butt-hinge', 'strap-hinge']);

const inSoil = (parts: readonly Part[]): Bar[] => ofShape(parts, 'bar').filter(({ buriedMm }) => buriedMm > 0);

/** The side on which hinges sit: of the middle of what they turn. */
function hingesOf(design: Design, look: (way: PlanSpot) => Towards, frame: Frame): Towards | null {
  const hinges = design.joints.filter(({ fixings }) => fixings.some(({ stock }) => HINGES.has(stock)));
  if (hinges.length === 0) return null;
  // What stands in the soil does not turn.
  const stays = new Set(inSoil(design.parts).map(({ id }) => id));
  const turned = new Set(hinges.flatMap(({ parts }) => parts).filter((id) => !stays.has(id)));
  const places = hinges.flatMap((one) => one.places);
  const about = design.joints.filter(({ parts }) => parts.some((id) => turned.has(id))).flatMap((one) => one.places);
  const mean = (all: readonly (readonly number[])[], axis: number): number =>
    all.reduce((sum, one) => sum + (one[axis] ?? 0), 0) / Math.max(1, all.length);
  const [dx, dy] = [mean(places, 0) - mean(about, 0), mean(places, 1) - mean(about, 1)];
  if (Math.hypot(dx, dy) < LEAST_ASIDE_MM) return null;
  return look(Math.abs(dx) > Math.abs(dy) ? wayOn(frame, Math.sign(dx), 0) : wayOn(frame, 0, Math.sign(dy)));
}
/** Hinges this near the middle of what they turn are on no side of it, like those at the peak of a frame. mm. */
const LEAST_ASIDE_MM = 60;

/** In which side its doorway is, by the middle of what stands in the soil, and to which side it swings. */
function doorOf({ doorway, parts }: Design, look: (way: PlanSpot) => Towards, frame: Frame): WhereItGoes['door'] {
  if (!doorway) return null;
  const feet = inSoil(parts).map(({ from }) => from[1]);
  const aside = feet.length > 0 ? doorway.at[1] - (Math.min(...feet) + Math.max(...feet)) / 2 : 0;
  return {
    side: Math.abs(aside) > LEAST_ASIDE_MM ? look(wayOn(frame, 0, Math.sign(aside))) : null,
    swings: look(wayOn(frame, 0, doorway.swings === 'front' ? -1 : 1)),
  };
}

/** Of each planting its bed, and its side of the structure where plantings stand on both. */
function growing(plan: Plan, design: Design, look: (way: PlanSpot) => Towards, frame: Frame): WhereItGoes['grows'] {
  const groups = new Map<string, Pair[]>();
  for (const { planting, at } of design.stations)
    groups.set(planting, [...(groups.get(planting) ?? []), [at[0], at[1]]]);
  const mean = (all: readonly Pair[]): number => all.reduce((sum, [, y]) => sum + y, 0) / Math.max(1, all.length);
  const all = mean([...groups.values()].flat());
  return [...groups].map(([planting, spots]) => {
    const bed = plan.plantings.find(({ id }) => id === planting)?.bed;
    const aside = mean(spots) - all;
    return {
      planting,
      bed: plan.beds.find(({ id }) => id === bed)?.name ?? '',
      side: groups.size > 1 && Math.abs(aside) > LEAST_ASIDE_MM ? look(wayOn(frame, 0, Math.sign(aside))) : null,
    };
  });
}

/** The beds and things of a plot by their outlines, with their names. */
export const lyingOn = (plan: Plan): { name: string; is: 'bed' | 'feature'; outline: readonly PlanSpot[] }[] => [
  ...plan.beds.map((bed) => ({ name: bed.name, is: 'bed' as const, outline: bedOnPlot(bed) })),
  ...plan.features
    .filter(({ kind }) => kind !== 'buried line')
    .map((one) => ({ name: nameOf(one), is: 'feature' as const, outline: cornersOf(one, one.lengthMm, one.widthMm) })),
];
