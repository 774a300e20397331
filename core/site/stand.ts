import type { Bed } from './bed';
import { distanceToStretch, overlap } from '../geometry/polygon';
import type { Underfoot } from './underfoot';
import { cornersOf, onPlan, type Placed, type PlanSpot } from './plot';

/** A corner of a path on the plot, with how high the soil lies there over the first of its kind. mm. */
export interface PathSpot {
  xMm: number;
  yMm: number;
  groundMm: number;
}

/** Where a structure stands, as a plan says it. Where along and across a bed is a knob of its kind, with its own reason. */
export type Stand =
  | { on: 'bed'; bed: string }
  /** Over the way between two beds that lie side by side. */
  | { on: 'beds'; beds: readonly [string, string] }
  /** Along a path of corners on the plot; the garden lies on one side of it, as one goes from its first corner. */
  | { on: 'path'; spots: readonly PathSpot[]; closed: boolean; inside: Side; underfoot: Underfoot }
  /** On open ground. */
  | { on: 'spot'; at: Placed; underfoot: Underfoot }
  /** In the run of another structure, its middle so far along that. mm. */
  | { on: 'run'; of: string; atMm: number };
export type StandOn = Stand['on'];
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** The way between two beds: its middle line, how wide it is, and how much of it both beds lie beside. mm. */
export interface Way {
  /** The middle of the way, turned along it. */
  at: Placed;
  wideMm: number;
  lengthMm: number;
  /** How far the two beds are from lying side by side. Degrees. */
  skewDeg: number;
}

/** What wants to stand in a structure's run: where its middle is, and how wide a gap it asks for. mm. */
export interface Guest {
  id: string;
  atMm: number;
  wideMm: number;
}

/** The gap that a run leaves for a guest, between the faces of two of its posts. mm. */
export interface Opening {
  guest: string;
  /** Posts of the run on either side; none where the gap finds no room. */
  posts: readonly string[];
  /** The soil in its middle, turned along the run. */
  at: Frame;
  clearMm: number;
  /** The faces of its posts across the run, the outer and the inner: out is negative. */
  facesMm: readonly [outer: number, inner: number];
  /** The straight length that was there for it. */
  roomMm: number;
  /** The soil at the first post and at the second, over the soil in the middle. */
  soilMm: readonly [number, number];
  /** How high the run stands over the higher of the two. */
  aboveMm: number;
  filling:
    | { with: 'mesh'; stock: string; low: string | null; looseTopMm: number }
    | { with: 'boards'; section: string; gapMm: number };
}

/** A stand with the things it names: what a kind is told of where it stands. */
export type Place =
  | { on: 'bed'; bed: Bed }
  | { on: 'beds'; beds: readonly [Bed, Bed]; way: Way }
  /** Gone along so that the garden lies on the left, whichever way it was drawn. */
  | { on: 'path'; spots: readonly PathSpot[]; closed: boolean; underfoot: Underfoot }
  | { on: 'spot'; at: Placed; underfoot: Underfoot }
  /** `host` is the name of the structure whose run it is. */
  | { on: 'run'; host: string; opening: Opening };
export type PlaceOn<On extends StandOn> = Extract<Place, { on: On }>;

/** The one way from a structure's own frame to the plot: where its zero lies, how it is turned, and how high its zero is over the paths. */
export interface Frame extends Placed {
  baseMm: number;
}

/** The frame of a structure: `startMm` is where its zero lies along the bed or the way it stands on, by a tape on the soil. */
export function frameOf(place: Place, startMm: number): Frame {
  switch (place.on) {
    case 'bed': {
      const { bed } = place;
      const level = Math.cos(Math.asin(Math.max(-1, Math.min(1, bed.riseMm / bed.lengthMm))));
      const [xMm, yMm] = onPlan(bed, (startMm - bed.lengthMm / 2) * level, 0);
      return { xMm, yMm, turnDeg: bed.turnDeg, baseMm: bed.heightMm };
    }
    case 'beds': {
      const { at, lengthMm } = place.way;
      const [xMm, yMm] = onPlan(at, startMm - lengthMm / 2, 0);
      return { xMm, yMm, turnDeg: at.turnDeg, baseMm: 0 };
    }
    case 'path': {
      const [first] = place.spots;
      return { xMm: first?.xMm ?? 0, yMm: first?.yMm ?? 0, turnDeg: 0, baseMm: 0 };
    }
    case 'spot':
      return { ...place.at, baseMm: 0 };
    case 'run':
      return place.opening.at;
  }
}

/** A place of a structure's own frame on the plot. */
export const toPlot = (frame: Frame, xMm: number, yMm: number): PlanSpot => onPlan(frame, xMm, yMm);

/** A frame that is told in another one, as told on the plot; and one on the plot, as seen from another. */
export function outOf(outer: Frame, inner: Frame): Frame {
  const [xMm, yMm] = toPlot(outer, inner.xMm, inner.yMm);
  return { xMm, yMm, turnDeg: outer.turnDeg + inner.turnDeg, baseMm: outer.baseMm + inner.baseMm };
}
export function into(outer: Frame, onPlot: Frame): Frame {
  const [xMm, yMm] = toFrame(outer, [onPlot.xMm, onPlot.yMm]);
  return { xMm, yMm, turnDeg: onPlot.turnDeg - outer.turnDeg, baseMm: onPlot.baseMm - outer.baseMm };
}

/** A place of the plot in a structure's own frame. */
export function toFrame(frame: Frame, [x, y]: PlanSpot): PlanSpot {
  const turn = (frame.turnDeg * Math.PI) / 180;
  const [dx, dy] = [x - frame.xMm, y - frame.yMm];
  return [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)];
}

/**
 * The way between two beds: along the first, from where both begin to lie beside each other to where the
 * first of them ends. Beds that overlap leave none of its width, beds that miss each other none of its length.
 */
export function wayBetween(a: Bed, b: Bed): Way {
  const [bx, by] = toFrame({ ...a, baseMm: 0 }, [b.xMm, b.yMm]);
  const [from, to] = [Math.max(-a.lengthMm / 2, bx - b.lengthMm / 2), Math.min(a.lengthMm / 2, bx + b.lengthMm / 2)];
  const side = by < 0 ? -1 : 1;
  const wideMm = Math.max(0, Math.abs(by) - (a.widthMm + b.widthMm) / 2);
  const [xMm, yMm] = onPlan(a, (from + to) / 2, (side * (a.widthMm + wideMm)) / 2);
  const skew = (((b.turnDeg - a.turnDeg + 90) % 180) + 180) % 180;
  return {
    at: { xMm, yMm, turnDeg: a.turnDeg },
    wideMm,
    lengthMm: Math.max(0, to - from),
    skewDeg: Math.abs(skew - 90),
  };
}

/** A way narrower than this is no way, one wider is open ground (from memory). mm. */
const WAY_MM = { least: 300, most: 4000, leastLong: 600 };
/** Beds turned from each other by more than this do not lie side by side. Degrees. */
const SIDE_BY_SIDE_DEG = 10;

/** A way two can pass each other on: the likeliest to be walked (from memory). mm. */
const USUAL_WAY_MM = 1200;

/** Pairs of beds with a way between them to walk in and no other bed in it, the likeliest to be walked first. */
export function waysAmong(beds: readonly Bed[]): { beds: readonly [Bed, Bed]; way: Way }[] {
  const unlike = (way: Way) => Math.abs(way.wideMm - USUAL_WAY_MM);
  return beds
    .flatMap((a, i) => beds.slice(i + 1).map((b) => ({ beds: [a, b] as const, way: wayBetween(a, b) })))
    .filter(
      ({ way, beds: [a, b] }) =>
        way.wideMm >= WAY_MM.least &&
        way.wideMm <= WAY_MM.most &&
        way.lengthMm >= WAY_MM.leastLong &&
        way.skewDeg <= SIDE_BY_SIDE_DEG &&
        beds.every(
          (other) =>
            other === a ||
            other === b ||
            !overlap(
              cornersOf(other, other.lengthMm, other.widthMm),
              cornersOf(way.at, way.lengthMm, way.wideMm - 2 * FORGIVEN_MM),
            ),
        ),
    )
    .sort((a, b) => unlike(a.way) - unlike(b.way));
}
/** What beds are put out of true by (from memory). mm. */
const FORGIVEN_MM = 20;

type Corner = Pick<PathSpot, 'xMm' | 'yMm'>;

/** The corners of a path in the order in which the garden lies on the left of it. One that is closed keeps its first corner. */
export function gardenOnLeft<C extends Corner>(spots: readonly C[], closed: boolean, inside: Side): readonly C[] {
  if (inside === 'left') return spots;
  const back = spots.toReversed();
  return closed ? [...back.slice(-1), ...back.slice(0, -1)] : back;
}

/**
 * The side of a path on which the garden lies, guessed: inside one that is closed; else where more of the spots (the
 * middles of beds) lie; the left where nothing tells.
 */
export function guessInside(spots: readonly Corner[], closed: boolean, garden: readonly PlanSpot[]): Side {
  // Twice the area by the shoelace formula: positive where it goes round counter-clockwise, its inside on the left.
  if (closed)
    return spots.reduce((sum, { xMm, yMm }, i) => {
      const next = spots[(i + 1) % spots.length] as Corner;
      return sum + xMm * next.yMm - next.xMm * yMm;
    }, 0) < 0
      ? 'right'
      : 'left';
  const left = garden.reduce((sum, [x, y]) => {
    const near = stretchesOf(spots, false)
      .map(({ from, to }) => ({
        away: distanceToStretch([x, y], [from.xMm, from.yMm], [to.xMm, to.yMm]),
        side: Math.sign((to.xMm - from.xMm) * (y - from.yMm) - (to.yMm - from.yMm) * (x - from.xMm)),
      }))
      .toSorted((a, b) => a.away - b.away)[0];
    return sum + (near?.side ?? 0);
  }, 0);
  return left < 0 ? 'right' : 'left';
}

/** The straight stretches of a path, each with where it begins along it; a closed one comes back to its first corner. mm. */
function stretchesOf(
  spots: readonly Corner[],
  closed: boolean,
): { from: Corner; to: Corner; atMm: number; longMm: number }[] {
  let atMm = 0;
  const [first] = spots;
  const round = closed && first ? [...spots, first] : spots;
  return round.slice(1).map((to, i) => {
    const from = round[i] ?? to;
    const longMm = Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm);
    const stretch = { from, to, atMm, longMm };
    atMm += longMm;
    return stretch;
  });
}

/** How long a path is, on the level. mm. @example levelLength([{xMm:0,yMm:0},{xMm:30,yMm:40}], false) // 50 */
export const levelLength = (spots: readonly Corner[], closed: boolean): number =>
  stretchesOf(spots, closed).reduce((sum, { longMm }) => sum + longMm, 0);

/**
 * Where along a path there is most room for one more thing in its run: the middle of the longest straight
 * stretch between corners and what stands in it already. mm.
 * @example middleOfLongest([{xMm:0,yMm:0},{xMm:6000,yMm:0},{xMm:6000,yMm:2000}], false) // 3000
 */
export function middleOfLongest(spots: readonly Corner[], closed: boolean, takenMm: readonly number[] = []): number {
  let [best, middle] = [-1, 0];
  for (const { atMm, longMm } of stretchesOf(spots, closed)) {
    const end = atMm + longMm;
    const marks = [atMm, ...takenMm.filter((one) => one > atMm && one < end).toSorted((a, b) => a - b), end];
    marks.slice(1).forEach((mark, n) => {
      const before = marks[n] ?? mark;
      if (mark - before > best + 1e-6) [best, middle] = [mark - before, (before + mark) / 2];
    });
  }
  return middle;
}

/** The place on a path so far along it; its end where it is shorter. @example onPath([{xMm:0,yMm:0},{xMm:900,yMm:0}], false, 300) // [300, 0] */
export function onPath(spots: readonly Corner[], closed: boolean, alongMm: number): PlanSpot {
  const stretches = stretchesOf(spots, closed);
  const here = stretches.find(({ atMm, longMm }) => alongMm <= atMm + longMm) ?? stretches.at(-1);
  if (!here) return [spots[0]?.xMm ?? 0, spots[0]?.yMm ?? 0];
  const { from, to, atMm, longMm } = here;
  const share = longMm === 0 ? 0 : Math.min(1, (alongMm - atMm) / longMm);
  return [from.xMm + share * (to.xMm - from.xMm), from.yMm + share * (to.yMm - from.yMm)];
}

/** How far along a path the place on it lies that is nearest to a spot. mm. @example alongPath([{xMm:0,yMm:0},{xMm:900,yMm:0}], false, [300, 50]) // 300 */
export function alongPath(spots: readonly Corner[], closed: boolean, [x, y]: PlanSpot): number {
  let [best, along] = [Infinity, 0];
  for (const { from, to, atMm, longMm } of stretchesOf(spots, closed)) {
    const [ux, uy] = longMm === 0 ? [0, 0] : [(to.xMm - from.xMm) / longMm, (to.yMm - from.yMm) / longMm];
    const on = Math.max(0, Math.min(longMm, (x - from.xMm) * ux + (y - from.yMm) * uy));
    const away = Math.hypot(x - from.xMm - ux * on, y - from.yMm - uy * on);
    if (away < best) [best, along] = [away, atMm + on];
  }
  return along;
}

/** Corners of a path closer than this are one corner (from memory). mm. */
export const LEAST_LEG_MM = 100;

/** The first corner of a path that lies too near the next one, and how near. mm. */
export function shortLeg(
  spots: readonly Pick<PathSpot, 'xMm' | 'yMm'>[],
  closed: boolean,
): { corner: number; mm: number } | null {
  for (const [corner, spot] of spots.entries()) {
    const next = spots[corner + 1] ?? (closed ? spots[0] : undefined);
    const mm = next ? Math.hypot(next.xMm - spot.xMm, next.yMm - spot.yMm) : Infinity;
    if (mm < LEAST_LEG_MM) return { corner, mm };
  }
  return null;
}

/** The beds a structure stands on or beside. */
export const bedsOf = (place: Place): readonly Bed[] =>
  place.on === 'bed' ? [place.bed] : place.on === 'beds' ? place.beds : [];
