import { outlineOf } from '../geometry/outline';
import { areaOf } from '../geometry/polygon';
import { cross, dot, norm, unit, type Point } from '../geometry/space';
import type { PlanSpot } from '../site/plot';
import type { SunSample } from '../site/sun/samples';
import { LEAST_ALTITUDE_RAD, shadowPerHeight } from '../site/sun/shadow';

/** A place on the plot and its height over the paths. mm. */
export type Corner = readonly [xMm: number, yMm: number, highMm: number];

/** What of a shader is solid: the sides of its boxes as vectors square to them and as long as their area, its round members by their way and how thick they are. On the plot; mm², mm. */
export interface Filling {
  sides: readonly Point[];
  rods: readonly { way: Point; acrossMm: number }[];
}

/** Something convex that stands in the sun's way: how much of the light it takes, its corners, and the box they lie in. */
export interface Shader {
  /** Of a layer, of light that meets it square; of members, of light that meets one of them. */
  opacity: number;
  corners: readonly Corner[];
  box: Bounds;
  topMm: number;
  /** Members that stand apart within its outline; left out of what fills it. */
  filling?: Filling;
  /** A thin layer, like a net, lies square to this: light that comes aslant goes a longer way through it. */
  normal?: Point;
}

export const shader = (
  corners: readonly Corner[],
  opacity: number,
  more: Pick<Shader, 'filling' | 'normal'> = {},
): Shader => ({
  opacity,
  corners,
  box: boundsOf(corners),
  topMm: corners.reduce((top, corner) => Math.max(top, corner[2]), 0),
  ...more,
});

/** Lets nothing through and has no gaps. */
const isSolid = ({ opacity, filling, normal }: Shader): boolean => opacity >= 1 && !filling && !normal;

/**
 * The share of the light that is lost within a shader's shadow with the sun there. Members: the areas they show to the
 * sun (of a box half the sum over its sides of area × cosine; of a rod length × thickness × sine), over that of the
 * outline which holds them, by its shadow on the ground (`ground`, where that is known). A layer: what each thickness lets through, as often as the way is longer (Beer–Lambert).
 */
export function takenBy(one: Shader, perHeight: PlanSpot, ground = (): PlanSpot[] => shadowOf(one, perHeight)): number {
  if (!one.filling && !one.normal) return one.opacity;
  const sun = unit([-perHeight[0], -perHeight[1], 1]);
  if (one.normal) {
    return 1 - (1 - one.opacity) ** (1 / Math.max(1e-6, Math.abs(dot(one.normal, sun))));
  }
  const { sides, rods } = one.filling ?? { sides: [], rods: [] };
  const shown =
    sides.reduce((sum, side) => sum + Math.abs(dot(side, sun)), 0) +
    rods.reduce((sum, { way, acrossMm }) => sum + acrossMm * norm(cross(way, sun)), 0);
  const outline = Math.abs(areaOf(ground())) * sun[2];
  return one.opacity * Math.min(1, shown / Math.max(1, outline));
}

/** Outline (convex) of the shadow a thing throws on level ground, or on soil so far above it; empty where all of it is lower. */
export function shadowOf({ corners, topMm }: Shader, [dx, dy]: PlanSpot, soilMm = 0): PlanSpot[] {
  if (soilMm > 0 && topMm <= soilMm) return [];
  return outlineOf(
    corners.map(([x, y, high]): PlanSpot => {
      const over = Math.max(0, high - soilMm);
      return [x + dx * over, y + dy * over];
    }),
  );
}

export interface Bounds {
  least: PlanSpot;
  most: PlanSpot;
}
export function boundsOf(spots: readonly (PlanSpot | Corner)[]): Bounds {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of spots) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  return { least: [left, low], most: [right, high] };
}

/** Whether a shadow could fall among places, by the box it lies in: far cheaper than its outline, and most fall elsewhere. */
export function couldFallOn(
  { least, most }: Bounds,
  { box, topMm }: Shader,
  [dx, dy]: PlanSpot,
  soilMm: number,
): boolean {
  const over = Math.max(0, topMm - soilMm);
  return (
    box.least[0] + Math.min(0, dx * over) <= most[0] &&
    box.most[0] + Math.max(0, dx * over) >= least[0] &&
    box.least[1] + Math.min(0, dy * over) <= most[1] &&
    box.most[1] + Math.max(0, dy * over) >= least[1]
  );
}

/** A grid of square cells over the plot; cell (0, 0) is at the lower left. */
export interface Grid {
  cellMm: number;
  columns: number;
  rows: number;
}

export const gridOver = (widthMm: number, depthMm: number, cellMm: number): Grid => ({
  cellMm,
  columns: Math.max(1, Math.ceil(widthMm / cellMm)),
  rows: Math.max(1, Math.ceil(depthMm / cellMm)),
});

/** Each row of cells is cut into so many strips, and what is solid looked at along so many lines. */
const STRIPS = 4;
const LINES = 8;

/** Lines of so many cells, used again and again; and where a line was last found to cross an outline. */
let covered = new Float32Array(64);
const across = { left: 0, right: 0 };

/** From where to where a level line lies inside a convex outline. */
function crossAt(outline: readonly PlanSpot[], y: number): void {
  let [left, right] = [Infinity, -Infinity];
  let before = outline[outline.length - 1] as PlanSpot;
  for (const next of outline) {
    if (before[1] <= y !== next[1] <= y) {
      const x = before[0] + ((y - before[1]) / (next[1] - before[1])) * (next[0] - before[0]);
      if (x < left) left = x;
      if (x > right) right = x;
    }
    before = next;
  }
  across.left = left;
  across.right = right;
}

/** Adds to each cell of a row the share of it that lies between two places, of a strip of so much of its height. */
function cover({ cellMm, columns }: Grid, left: number, right: number, share: number): void {
  const start = left > 0 ? Math.floor(left / cellMm) : 0;
  const end = Math.min(columns - 1, Math.floor(right / cellMm));
  for (let column = start; column <= end; column++) {
    const [from, to] = [column * cellMm, (column + 1) * cellMm];
    const inside = (right < to ? right : to) - (left > from ? left : from);
    covered[column] = (covered[column] as number) + (share * inside) / cellMm;
  }
}

/**
 * Dims each cell by as much of it as lies inside a convex outline, so that what is narrower than a cell still counts.
 * Strip by strip between the corners of the outline: there it is a trapezium, whose middle line says its area.
 */
export function dim(light: Float32Array, grid: Grid, outline: readonly PlanSpot[], opacity: number): void {
  if (outline.length < 3 || opacity <= 0) return;
  const { cellMm, columns, rows } = grid;
  if (covered.length < columns) covered = new Float32Array(columns);
  let [low, high] = [Infinity, 0];
  for (const [, y] of outline) {
    if (y < low) low = y;
    if (y > high) high = y;
  }
  low = Math.max(0, low);
  high = Math.min(rows * cellMm, high);
  const stripMm = cellMm / STRIPS;
  const corners = outline.map(([, y]) => y).sort((a, b) => a - b);
  let corner = 0;
  let below = low;
  while (below < high) {
    const row = Math.floor(below / cellMm);
    const top = Math.min(high, (row + 1) * cellMm);
    let [from, to] = [columns, -1];
    while (below < top) {
      let above = Math.min(top, (Math.floor(below / stripMm) + 1) * stripMm);
      if (above <= below) above = Math.min(top, above + stripMm);
      while (corner < corners.length && (corners[corner] as number) <= below) corner++;
      if (corner < corners.length && (corners[corner] as number) < above) above = corners[corner] as number;
      crossAt(outline, (below + above) / 2);
      cover(grid, across.left, across.right, (above - below) / cellMm);
      from = Math.min(from, Math.max(0, Math.floor(across.left / cellMm)));
      to = Math.max(to, Math.min(columns - 1, Math.floor(across.right / cellMm)));
      below = above;
    }
    for (let column = from; column <= to; column++) {
      const at = row * columns + column;
      light[at] = (light[at] as number) * (1 - opacity * (covered[column] as number));
      covered[column] = 0;
    }
  }
}

/** Dims each cell by as much of it as lies in the shadow of something solid; where two such shadows lie on each other there is one. */
function dimSolid(light: Float32Array, grid: Grid, outlines: readonly (readonly PlanSpot[])[]): void {
  const { cellMm, columns, rows } = grid;
  if (covered.length < columns) covered = new Float32Array(columns);
  const lineMm = cellMm / LINES;
  const lines: [number, number][][] = Array.from({ length: rows * LINES }, () => []);
  for (const outline of outlines) {
    let [low, high] = [Infinity, -Infinity];
    for (const [, y] of outline) {
      if (y < low) low = y;
      if (y > high) high = y;
    }
    const first = Math.max(0, Math.ceil(low / lineMm - 0.5));
    const last = Math.min(lines.length - 1, Math.floor(high / lineMm - 0.5));
    for (let n = first; n <= last; n++) {
      crossAt(outline, (n + 0.5) * lineMm);
      lines[n]?.push([across.left, across.right]);
    }
  }
  for (let row = 0; row < rows; row++) {
    const ofRow = lines.slice(row * LINES, (row + 1) * LINES);
    if (ofRow.every((stretches) => stretches.length === 0)) continue;
    for (const stretches of ofRow) {
      let done = 0;
      for (const [left, right] of stretches.sort((a, b) => a[0] - b[0])) {
        if (right > done) cover(grid, Math.max(done, left), right, 1 / LINES);
        done = Math.max(done, right);
      }
    }
    for (let column = 0; column < columns; column++) {
      const at = row * columns + column;
      light[at] = (light[at] as number) * (1 - Math.min(1, covered[column] as number));
      covered[column] = 0;
    }
  }
}

/** Direct-sun hours of every cell over the samples of a day: full light less what each shadow takes. */
export function sunHours(
  grid: Grid,
  shaders: readonly Shader[],
  samples: readonly SunSample[],
  northDeg: number,
): Float32Array {
  const hours = new Float32Array(grid.columns * grid.rows);
  const light = new Float32Array(hours.length);
  const plot: Bounds = { least: [0, 0], most: [grid.columns * grid.cellMm, grid.rows * grid.cellMm] };
  for (const { sun, hours: share } of samples) {
    if (sun.altitudeRad < LEAST_ALTITUDE_RAD) continue;
    light.fill(1);
    const perHeight = shadowPerHeight(sun, northDeg);
    const solid: PlanSpot[][] = [];
    for (const one of shaders) {
      if (!couldFallOn(plot, one, perHeight, 0)) continue;
      const outline = shadowOf(one, perHeight);
      if (isSolid(one)) solid.push(outline);
      else
        dim(
          light,
          grid,
          outline,
          takenBy(one, perHeight, () => outline),
        );
    }
    dimSolid(light, grid, solid);
    for (let i = 0; i < hours.length; i++) hours[i] = (hours[i] as number) + share * (light[i] as number);
  }
  return hours;
}
