import type { MonthlyMeans } from './monthly-means';
import type { Soil, Wind } from './soil';

/**
 * The plot: where things lie. Its frame is the plan as drawn: x to the right, y up the page, in mm
 * from the lower left corner; angles counter-clockwise from the x axis. `northDeg` is the compass
 * bearing of "up the page".
 */

export type PlanSpot = readonly [x: number, y: number];

export interface Site {
  latitudeDeg: number;
  longitudeDeg: number;
  /** By which clocks go there (IANA); where it is left out, those of whoever looks. */
  zone?: string;
  northDeg: number;
  widthMm: number;
  depthMm: number;
  /** Of open ground; every bed has its own. */
  soil: Soil;
  wind: Wind;
  /** The region whose values it began with; left out for one of its own. */
  region?: string;
  /** Means of each month's daily highest and lowest temperature, January first. °C. */
  monthlyC: MonthlyMeans;
  /** Month and day, "05-10". */
  lastFrost: string;
  firstFrost: string;
  frostDepthMm: number;
  /** Design gust, metres a second. */
  gustMs: number;
  visitors: readonly Visitor[];
  /** How far one picks comfortably from where one stands. */
  armMm: number;
}

export const VISITORS = [
  'rabbits',
  'deer',
  'groundhogs',
  'squirrels',
  'raccoons',
  'birds',
  'pigeons',
  'chickens',
  'dogs',
  'cats',
  'foxes',
  'badgers',
  'burrowers',
  'voles',
  'moles',
  'mice',
  'rats',
  'slugs',
  'cabbage butterflies',
  'carrot fly',
  'flea beetles',
  'root flies',
  'leek moth',
  'pea moth',
  'spotted-wing fly',
  'squash bugs',
  'striped beetles',
  'vine borers',
  'Colorado beetles',
  'Japanese beetles',
  'wasps',
  'wallabies',
  'possums',
  'cockatoos',
] as const;
export type Visitor = (typeof VISITORS)[number];

/** Where a thing lies on the plot: its middle, and the direction of its length. Decision 34. */
export interface Placed {
  xMm: number;
  yMm: number;
  turnDeg: number;
}

export const FEATURE_KINDS = [
  'house',
  'wall',
  'fence',
  'path',
  'tree',
  'water',
  'well',
  'buried line',
  'compost',
] as const;
export type FeatureKind = (typeof FEATURE_KINDS)[number];

/** Anything on the plot that is not a bed. */
export interface Feature extends Placed {
  id: string;
  kind: FeatureKind;
  name: string;
  lengthMm: number;
  widthMm: number;
  heightMm: number;
  /** No hole is dug and no post driven this close to it. */
  keepClearMm: number;
}

interface FeatureNature {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
  keepClearMm: number;
  /** Share of direct sun it takes from what lies in its shadow; 0 casts none. */
  opacity: number;
}

/** What a new feature starts as (from memory); opacity of a fence of spaced boards and of a tree in leaf from memory. */
export const FEATURE_NATURES: Record<FeatureKind, FeatureNature> = {
  house: { lengthMm: 8000, widthMm: 5000, heightMm: 5000, keepClearMm: 600, opacity: 1 },
  wall: { lengthMm: 6000, widthMm: 220, heightMm: 2000, keepClearMm: 300, opacity: 1 },
  fence: { lengthMm: 6000, widthMm: 60, heightMm: 1500, keepClearMm: 0, opacity: 0.8 },
  path: { lengthMm: 6000, widthMm: 900, heightMm: 0, keepClearMm: 0, opacity: 0 },
  tree: { lengthMm: 3500, widthMm: 3500, heightMm: 5000, keepClearMm: 1500, opacity: 0.8 },
  water: { lengthMm: 2000, widthMm: 1500, heightMm: 0, keepClearMm: 300, opacity: 0 },
  well: { lengthMm: 1000, widthMm: 1000, heightMm: 600, keepClearMm: 3000, opacity: 0 },
  'buried line': { lengthMm: 8000, widthMm: 100, heightMm: 0, keepClearMm: 900, opacity: 0 },
  compost: { lengthMm: 1500, widthMm: 1000, heightMm: 1000, keepClearMm: 0, opacity: 0 },
};

const RAD = Math.PI / 180;

/** A point given along and across a placed thing (from its middle), on the plan. */
export const onPlan = (at: Placed, alongMm: number, acrossMm: number): PlanSpot => placer(at)(alongMm, acrossMm);

/** The same for many points of one placed thing: its turn is worked out once. @example placer(bed)(0, 0) // its middle on the plot */
export function placer(at: Placed): (alongMm: number, acrossMm: number) => PlanSpot {
  const c = Math.cos(at.turnDeg * RAD);
  const s = Math.sin(at.turnDeg * RAD);
  return (alongMm, acrossMm) => [at.xMm + alongMm * c - acrossMm * s, at.yMm + alongMm * s + acrossMm * c];
}

/** Corners of a placed rectangle, counter-clockwise from its near end's right. */
export function cornersOf(at: Placed, lengthMm: number, widthMm: number): PlanSpot[] {
  const [l, w] = [lengthMm / 2, widthMm / 2];
  return [onPlan(at, -l, -w), onPlan(at, l, -w), onPlan(at, l, w), onPlan(at, -l, w)];
}

/** Half a post: what stands on the boundary itself is within it (from memory). mm. */
export const EDGE_FORGIVEN_MM = 60;

/** How far the farthest of some places lies beyond the edge of a plot; nought where none does. mm. @example pastEdge([[-80, 0]], site) // 80 */
export const pastEdge = (spots: readonly PlanSpot[], { widthMm, depthMm }: Pick<Site, 'widthMm' | 'depthMm'>): number =>
  spots.reduce((most, [x, y]) => Math.max(most, -x, x - widthMm, -y, y - depthMm), 0);

/** Compass bearing of a placed thing's length, 0 to 180 (a row has no front end). */
export function bearingOf(at: Placed, northDeg: number): number {
  return (((northDeg + 90 - at.turnDeg) % 180) + 180) % 180;
}

/** How a row lies to the sun: within 45° of north–south, or of east–west. */
export const runsOf = (at: Placed, northDeg: number): 'north–south' | 'east–west' => {
  const bearing = bearingOf(at, northDeg);
  return bearing < 45 || bearing >= 135 ? 'north–south' : 'east–west';
};

/** Distance from a point to a placed rectangle (a tree's or a well's is taken as round); 0 inside. mm. */
export function distanceTo([x, y]: PlanSpot, feature: Feature): number {
  const turn = feature.turnDeg * RAD;
  const along = (x - feature.xMm) * Math.cos(turn) + (y - feature.yMm) * Math.sin(turn);
  const across = (y - feature.yMm) * Math.cos(turn) - (x - feature.xMm) * Math.sin(turn);
  if (feature.kind === 'tree' || feature.kind === 'well')
    return Math.max(0, Math.hypot(along, across) - (feature.kind === 'tree' ? 0 : feature.lengthMm / 2));
  return Math.hypot(
    Math.max(0, Math.abs(along) - feature.lengthMm / 2),
    Math.max(0, Math.abs(across) - feature.widthMm / 2),
  );
}
