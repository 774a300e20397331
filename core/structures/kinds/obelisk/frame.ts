import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { compoundIn, leanOf, SQUARE, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Stands } from '../../../design/standing';
import { add, cross, dot, minus, reach, scale, unit, UP, type Point } from '../../../geometry/space';
import { heightAt, type Ground } from '../../../site/ground';

/** The corners of a square about its middle, in turn. */
export const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const;

/** How four legs stand about a middle on the soil: across their outsides at the foot and at the top, and how high. mm. */
export interface Stance {
  ground: Ground;
  middle: Point;
  footMm: number;
  topMm: number;
  heightMm: number;
  /** How far they go on below the level of the middle; nought where they stand on the soil. */
  belowMm: number;
}

/** How far the middle line of a leg is from the middle, along and across, so high. mm. */
export const asideAt = ({ footMm, topMm, heightMm }: Stance, legMm: number, upMm: number): number =>
  (footMm - legMm + ((topMm - footMm) * upMm) / heightMm) / 2;

/** The way a side of the frame leans in on its way up, for one of height. */
const leanIn = ({ footMm, topMm, heightMm }: Stance): number => (footMm - topMm) / 2 / heightMm;

/** How high four legs stand of what is sold, where that is less than was asked for; never less than a foot. mm. */
export function highest(s: Omit<Stance, 'heightMm'>, askedMm: number, longestMm: number): number {
  let up = askedMm;
  // A lower frame leans more: a few rounds settle it.
  for (let i = 0; i < 4; i++) {
    const lean = (s.footMm - s.topMm) / 2 / up;
    const slant = Math.hypot(1, lean, lean);
    up = Math.max(LEAST_UP_MM, Math.min(askedMm, (longestMm - POINTED_MM) / slant - s.belowMm));
  }
  return up;
}
/** What the slanting cuts take of a leg's length, at the most; nothing lower than a foot is an obelisk (from memory). mm. */
const POINTED_MM = 20;
const LEAST_UP_MM = 305;

/**
 * The four legs: each leans in both ways alike, its faces square to its diagonal, so that all four are one piece turned
 * about the middle. The top is level, a compound cut; so is the foot of one that stands on the soil.
 */
export function standLegs(
  s: Stance,
  of: Timber,
  o: { askedMm: number; wantedMm: number; longestMm: number; pushed: boolean },
): (Bar & { stands?: Stands })[] {
  return CORNERS.map(([x, y], i) => {
    const spot = (up: number): Point =>
      add(s.middle, [x * asideAt(s, of.wideMm, up), y * asideAt(s, of.wideMm, up), up]);
    const axis = unit(minus(spot(s.heightMm), spot(0)));
    const diagonal: Point = [x, y, 0];
    const out = unit(minus(diagonal, scale(axis, dot(diagonal, axis))));
    const wide = unit(add(out, cross(axis, out)));
    const level = compoundIn(UP, { axis, wide, thick: cross(axis, wide) });
    const plumb = reach(spot(0), spot(s.heightMm)) - s.heightMm < LEVEL_MM;
    const top: EndCut = plumb ? SQUARE[0] : level;
    const lean = leanOf(top);
    const pointed = (of.wideMm * (Math.abs(lean.byWide) + Math.abs(lean.byThick))) / 2;
    const wanted = reach(spot(-s.belowMm), spot(s.heightMm)) + pointed * (o.pushed ? 1 : 2);
    const cutMm = Math.min(wanted, o.longestMm);
    const from = add(spot(-s.belowMm), scale(axis, wanted - cutMm));
    const buriedMm = o.pushed ? buriedOf(s.ground, from, axis) : 0;
    return {
      ...barOf({
        id: `leg-${i + 1}`,
        role: 'leg',
        of,
        from,
        to: spot(s.heightMm),
        wide,
        cutMm,
        buriedMm,
        ends: o.pushed ? [SQUARE[0], top] : [top, top],
      }),
      ...(o.pushed
        ? {
            stands: {
              aboveMm: s.heightMm,
              buriedMm,
              wantedMm: o.wantedMm,
              shortMm:
                Math.max(o.askedMm - s.heightMm, wanted - cutMm) > 0.5
                  ? Math.max(o.askedMm - s.heightMm, wanted - cutMm)
                  : 0,
              set: 'pushed' as const,
            },
          }
        : {}),
    };
  });
}

/** Less of a lean than this over the whole height is none (from memory). mm. */
const LEVEL_MM = 0.05;

/** How much of a leg is below the soil, along it. mm. */
function buriedOf(ground: Ground, from: Point, axis: Point): number {
  const under = (at: Point): number => heightAt(ground, at[0], at[1]) - at[2];
  const rises = under(from) - under(add(from, axis));
  return Math.max(0, under(from) / rises);
}

/** A side of the frame: which two legs, the way out of it, and along it to the right as one stands before it. */
export interface Side {
  id: string;
  legs: readonly [number, number];
  out: Point;
  along: Point;
  /** Its rungs go over the ends of those beside it. */
  over: boolean;
}
export const SIDES: readonly Side[] = [
  { id: 'front', legs: [0, 1], out: [0, -1, 0], along: [1, 0, 0], over: false },
  { id: 'end', legs: [1, 2], out: [1, 0, 0], along: [0, 1, 0], over: true },
  { id: 'back', legs: [2, 3], out: [0, 1, 0], along: [-1, 0, 0], over: false },
  { id: 'start', legs: [3, 0], out: [-1, 0, 0], along: [0, -1, 0], over: true },
];

/** Where a side's outer face is, so high; and square to it, outwards. */
export function faceOf(s: Stance, side: Side, legMm: number, upMm: number): { at: Point; out: Point } {
  const lean = leanIn(s);
  const out = unit(add(side.out, [0, 0, lean]));
  const aside = asideAt(s, legMm, upMm);
  // Half a leg out, square to the face, of its middle line.
  return { at: add(add(s.middle, [0, 0, upMm]), add(scale(side.out, aside), scale(out, legMm / 2))), out };
}

/** The heights of the rungs' middles: one under the top, then down in equal steps as long as there is room below. mm. */
export function rungHeights(s: Stance, rungMm: number, everyMm: number, lowestMm: number): number[] {
  const top = s.heightMm - rungMm / 2 - CLEAR_OF_CUT_MM;
  const count = Math.max(1, Math.floor((top - lowestMm) / everyMm + 1e-6) + 1);
  return Array.from({ length: count }, (_, i) => top - i * everyMm).reverse();
}
/** A rung ends this far under the slanting cut of its legs (from memory). mm. */
const CLEAR_OF_CUT_MM = 8;

/** Screws that come into a leg from two sides pass each other: each so far from the middle of its rung (from memory). mm. */
const PASS_MM = 5;

/** The rungs of a side, each flat on the outsides of two legs, its ends along them, with the screw of each end. */
export function rungsOf(
  s: Stance,
  side: Side,
  o: { of: Timber; legs: readonly Bar[]; heights: readonly number[]; screw: string },
): { parts: Bar[]; joints: Joint[] } {
  const { of, legs, heights, screw } = o;
  const legMm = legs[0]?.wideMm ?? 0;
  const made = heights.map((up, i) => {
    const { at, out } = faceOf(s, side, legMm, up);
    const middle = add(at, scale(out, of.thickMm / 2));
    // To the outsides of the legs, or over the ends of the rungs beside it.
    const half = asideAt(s, legMm, up) + legMm / 2 + (side.over ? of.thickMm : 0);
    const upFace = unit(cross(out, side.along));
    const lean = Math.atan(leanIn(s) / Math.hypot(1, leanIn(s)));
    const mitre: EndCut = lean < 0.002 ? SQUARE[0] : { cut: 'mitre', angleRad: lean };
    const down = upFace[2] > 0 ? scale(upFace, -1) : upFace;
    const rung = barOf({
      id: `rung-${side.id}-${i + 1}`,
      role: 'rung',
      of,
      from: add(middle, scale(side.along, -half)),
      to: add(middle, scale(side.along, half)),
      wide: down,
      cutMm: 2 * half + of.wideMm * Math.tan(lean),
      ends: [mitre, mitre],
    });
    const joints = side.legs.map((n, end): Joint => {
      const leg = legs[n] as Bar;
      const place = add(at, scale(side.along, (end === 0 ? -1 : 1) * asideAt(s, legMm, up)));
      const head = add(add(place, scale(out, of.thickMm)), scale(down, side.over ? PASS_MM : -PASS_MM));
      return {
        id: `${rung.id}-${leg.id}`,
        kind: 'rung to leg',
        places: [place],
        parts: [rung.id, leg.id],
        fixings: [
          { stock: screw, count: 1, drive: { through: rung.id, into: leg.id, way: scale(out, -1), places: [head] } },
        ],
      };
    });
    return { rung, joints };
  });
  return { parts: made.map(({ rung }) => rung), joints: made.flatMap(({ joints }) => joints) };
}
