import { extentOf } from '../design/extent';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Design } from '../design/design';
import { axisOf, barCorners, type Bar } from '../design/shapes/bar';
import type { Sheet } from '../design/shapes/sheet';
import { type Part } from '../design/shapes/shapes';
import { pointAt } from '../geometry/curve';
import { BOX_FACES } from '../design/shapes/shape';
import { add, cross, dot, minus, norm, scale, unit, type Point } from '../geometry/space';
import { toPlot, type Frame } from '../site/frame';
import { frameOf } from '../site/stands/stands';
import { samplesOfDay } from '../site/sun/samples';
import { COMMON_YEAR } from '../site/sun/season';
import { onBed } from '../structures/onto-bed.fixture';
import { gridOver, sunHours } from './shade';

import { bareOnPlot } from './shaders-of';

/** What a ray is cast at: told from the parts, by ray casting, with nothing of the shaders'. */
type Target = (from: Point, way: Point) => number;

/** A box by the planes of its sides, its ends cut as they are: whether anything of the ray is behind all of them. */
function box(corners: readonly Point[], takes: number): Target {
  const middle = scale(corners.reduce(add), 1 / corners.length);
  const planes = BOX_FACES.map(([i, j, k]) => {
    const [a, b, c] = [corners[i]!, corners[j]!, corners[k]!];
    const normal = cross(minus(b, a), minus(c, a));
    return { a, out: dot(minus(a, middle), normal) > 0 ? normal : scale(normal, -1) };
  });
  return (from, way) => {
    let [low, high] = [0, Infinity];
    for (const { a, out } of planes) {
      const [far, speed] = [dot(minus(a, from), out), dot(way, out)];
      if (Math.abs(speed) < 1e-12) {
        if (far < 0) return 0;
      } else if (speed > 0) high = Math.min(high, far / speed);
      else low = Math.max(low, far / speed);
    }
    return low < high ? takes : 0;
  };
}

/** A rod by the nearest approach of two lines. */
function rod(foot: Point, top: Point, radiusMm: number, takes: number): Target {
  const axis = minus(top, foot);
  return (from, way) => {
    const square = cross(axis, way);
    const apart = Math.abs(dot(minus(from, foot), square)) / norm(square);
    if (apart > radiusMm) return 0;
    const along = dot(cross(minus(from, foot), way), square) / dot(square, square);
    return along >= 0 && along <= 1 ? takes : 0;
  };
}

/** A target, but nothing where the ray passes a ball about all of it. */
function within(points: readonly Point[], target: Target, aboutMm = 0): Target {
  const middle = scale(points.reduce(add), 1 / points.length);
  const radius = Math.max(...points.map((point) => norm(minus(point, middle)))) + aboutMm;
  return (from, way) => (norm(cross(minus(middle, from), way)) > radius ? 0 : target(from, way));
}

/** A fine cut of a sheet into triangles: each crossing takes what the way through it takes. */
function sheet(part: Sheet, takes: number): Target {
  const pieces = part.base.curve === 'line' ? 1 : 90;
  // A cage's mesh laps over itself where it is hooked shut.
  const long = part.spreadMm ?? part.cutMm - (part.foldedMm ?? 0);
  const faces = Array.from({ length: pieces }, (_, i) => {
    const [a, b] = [pointAt(part.base, (long * i) / pieces), pointAt(part.base, (long * (i + 1)) / pieces)];
    return { a, along: minus(b, a), up: scale(part.up, part.heightMm) };
  });
  const corners = faces.flatMap(({ a, along, up }) => [a, add(a, along), add(a, up), add(add(a, along), up)]);
  return within(corners, (from, way) => {
    let left = 1;
    for (const { a, along, up } of faces) {
      const normal = cross(along, up);
      const speed = dot(way, normal);
      if (Math.abs(speed) < 1e-9) continue;
      const at = dot(minus(a, from), normal) / speed;
      if (at <= 0) continue;
      const hit = minus(add(from, scale(way, at)), a);
      const area = dot(normal, normal);
      const [u, v] = [dot(cross(hit, up), normal) / area, dot(cross(along, hit), normal) / area];
      if (u < 0 || u > 1 || v < 0 || v > 1) continue;
      left *= (1 - takes) ** (norm(normal) / Math.abs(speed));
    }
    return 1 - left;
  });
}

function targetsOf({ parts }: Design, frame: Frame): Target[] {
  const lie = ([x, y, z]: Point): Point => [...toPlot(frame, x, y), z + frame.baseMm];
  const straight = (part: Bar, from: Point, to: Point, takes: number): Target => {
    const corners = barCorners({ ...part, from, to }).map(lie);
    return part.round
      ? within([lie(from), lie(to)], rod(lie(from), lie(to), part.wideMm / 2, takes), part.wideMm)
      : within(corners, box(corners, takes));
  };
  return parts.flatMap((part: Part): Target[] => {
    const takes = CATALOGUE.stock(part.stock).opacity;
    if (part.shape === 'sheet') {
      const flat = sheet(part, takes);
      const [x0, y0] = toPlot(frame, 0, 0);
      const turn = frame.turnDeg * (Math.PI / 180);
      const back = (p: Point, moves: boolean): Point => {
        const [x, y] = [p[0] - (moves ? x0 : 0), p[1] - (moves ? y0 : 0)];
        return [
          x * Math.cos(turn) + y * Math.sin(turn),
          -x * Math.sin(turn) + y * Math.cos(turn),
          p[2] - (moves ? frame.baseMm : 0),
        ];
      };
      return [(from, way) => flat(back(from, true), back(way, false))];
    }
    if (part.shape !== 'bar') return [];
    if (!part.bent) {
      const way = unit(minus(part.to, part.from));
      return [straight(part, add(part.from, scale(way, part.buriedMm)), part.to, takes)];
    }
    const [curve, long] = [axisOf(part), part.cutMm];
    const from = part.buriedMm;
    const cuts = 48;
    const at = Array.from({ length: cuts + 1 }, (_, i) => lie(pointAt(curve, from + ((long - 2 * from) * i) / cuts)));
    const stretches = at.slice(1).map((to, i) => rod(at[i]!, to, Math.max(part.wideMm, part.thickMm) / 2, 1));
    return [
      within(at, (spot, way) => (stretches.some((one) => one(spot, way) > 0) ? takes : 0), part.wideMm + part.thickMm),
    ];
  });
}

/** Numbers between nought and one, the same every time (Park and Miller 1988, minimal standard). */
function chances(): () => number {
  let state = 20_261_128;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

const CELL_MM = 250;
const PLOT_MM = 5500;
/** Rays a cell, along and across. */
const RAYS = 5;

describe('shade of what is drawn, at slanting sun', () => {
  it.each([
    ['a-frame', 'cucumber', {}],
    ['tepee', 'pole-bean', {}],
    ['mesh-cage', 'tomato', {}],
    ['twine-frame', 'tomato', {}],
    ['rail-trellis', 'melon', {}],
    ['hoop-tunnel', 'lettuce', {}],
    ['panel-wall', 'cucumber', {}],
  ] as const)('of a %s is what rays cast at its parts lose', (kind, crop, knobs) => {
    const { setting, design } = onBed(
      kind,
      knobs,
      { lengthMm: 2438, xMm: 2750, yMm: 2000, turnDeg: 20 },
      { crop, training: '', count: 3 },
    );
    const frame = frameOf(setting.place, design.startMm);
    const targets = targetsOf(design, frame);
    const about = design.parts
      .flatMap((part) => extentOf(part))
      .map(([x, y, z]): Point => [...toPlot(frame, x, y), z + frame.baseMm]);
    const taken = within(
      about,
      (spot, way) => 1 - targets.reduce((light, takes) => light * (1 - takes(spot, way)), 1),
      100,
    );
    const samples = samplesOfDay(COMMON_YEAR, 8, 15, { latitudeDeg: 50, longitudeDeg: 0 }, 120).filter(
      ({ sun }) => sun.altitudeRad > 0.35,
    );
    const grid = gridOver(PLOT_MM, PLOT_MM, CELL_MM);
    const hours = sunHours(grid, bareOnPlot(design, frame), samples, 0);
    const open = samples.reduce((sum, one) => sum + one.hours, 0);
    const chance = chances();
    let [lost, told, worst] = [0, 0, 0];
    hours.forEach((lit, cell) => {
      const [column, row] = [cell % grid.columns, Math.floor(cell / grid.columns)];
      let gone = 0;
      for (const { sun, hours: share } of samples) {
        const way: Point = [
          Math.sin(sun.azimuthRad) * Math.cos(sun.altitudeRad),
          Math.cos(sun.azimuthRad) * Math.cos(sun.altitudeRad),
          Math.sin(sun.altitudeRad),
        ];
        for (let ray = 0; ray < RAYS ** 2; ray++) {
          const spot: Point = [
            (column + ((ray % RAYS) + chance()) / RAYS) * CELL_MM,
            (row + (Math.floor(ray / RAYS) + chance()) / RAYS) * CELL_MM,
            0,
          ];
          gone += (share * taken(spot, way)) / RAYS ** 2;
        }
      }
      lost += gone;
      told += open - lit;
      worst = Math.max(worst, Math.abs(gone - (open - lit)));
    });
    expect(lost).toBeGreaterThan(20);
    expect(told / lost).toBeGreaterThan(0.95);
    expect(told / lost).toBeLessThan(1.05);
    // Cell by cell, of the ten hours: within what so few rays tell.
    expect(worst).toBeLessThan(0.12 * open);
  });
});
