import { inches } from '../../../quantity/length';

/** A place on a panel: along it from its left edge, up it from its lower one. mm. */
export type Spot = readonly [alongMm: number, upMm: number];

/** The middle line of a lath or a batten on its panel; of a lath at 45°, whether it ends at a level edge of it or at a plumb one. */
export interface Run {
  from: Spot;
  to: Spot;
  cuts?: readonly ['level' | 'plumb', 'level' | 'plumb'];
}

/**
 * A panel as it is laid out: rear laths, the front laths over them, and the battens behind, which are fixed to the wall.
 * mm.
 */
export interface Lathwork {
  rear: readonly Run[];
  front: readonly Run[];
  battens: readonly Run[];
  /** Where its top edge is lowest and highest, and the widest step from one hold to the next, up it. */
  topMm: { least: number; most: number };
  stepMm: number;
}

/** What a panel is asked to be. mm. */
export interface Panel {
  wideMm: number;
  highMm: number;
  everyMm: number;
  lathMm: number;
  battenMm: number;
  battenEveryMm: number;
}

const spread = (from: number, to: number, spaces: number): number[] =>
  Array.from({ length: spaces + 1 }, (_, i) => from + ((to - from) * i) / spaces);
const level = (from: number, to: number, up: number): Run => ({ from: [from, up], to: [to, up] });
const upright = (along: number, from: number, to: number): Run => ({ from: [along, from], to: [along, to] });

/** Level laths behind, uprights before them, in equal spaces; a batten in the first space, the last and some between, where a screw meets one lath only. */
export function squares({ wideMm, highMm, everyMm, lathMm, battenEveryMm }: Panel): Lathwork {
  const spaces = (mm: number): number => Math.max(2, Math.ceil((mm - lathMm) / everyMm - 1e-6));
  const alongs = spread(lathMm / 2, wideMm - lathMm / 2, spaces(wideMm));
  const ups = spread(lathMm / 2, highMm - lathMm / 2, spaces(highMm));
  const free = alongs.slice(1).map((along, i) => (along + (alongs[i] as number)) / 2);
  const between = (free.at(-1) as number) - (free[0] as number);
  const steps = Math.min(free.length - 1, Math.max(1, Math.ceil(between / battenEveryMm - 1e-6)));
  const chosen = new Set(spread(0, free.length - 1, steps).map(Math.round));
  return {
    rear: ups.map((up) => level(0, wideMm, up)),
    front: alongs.map((along) => upright(along, 0, highMm)),
    battens: free.filter((_, i) => chosen.has(i)).map((along) => upright(along, 0, highMm)),
    topMm: { least: highMm, most: highMm },
    stepMm: (ups[1] as number) - (ups[0] as number),
  };
}

/**
 * Laths at 45° one way behind and the other way before, so far apart square to them, about the middle of the panel; each
 * goes from edge to edge, those that cross fewer than two others are left out. Battens stand where their screws are
 * clear of the front laths: a quarter of the way from one crossing to the next.
 */
export function diamonds({ wideMm, highMm, battenEveryMm, ...asked }: Panel): Lathwork {
  // Four across the shorter side at the least, fewer hold nothing; but between two laths a driver passes.
  const everyMm = Math.max(Math.min(asked.everyMm, wideMm / 4, highMm / 4), asked.lathMm + OPEN_MM);
  const apart = everyMm * Math.SQRT2;
  const most = Math.ceil((wideMm + highMm) / apart);
  /** Of a lath that rises one for one and meets the lower edge, drawn out, at `c`. */
  const clipped = (c: number): Run[] => {
    const [from, to] = [Math.max(0, c), Math.min(wideMm, highMm + c)];
    if ((to - from) * Math.SQRT2 < 2 * everyMm) return [];
    const cuts = [c < 0 ? 'plumb' : 'level', wideMm < highMm + c ? 'plumb' : 'level'] as const;
    return [{ from: [from, from - c], to: [to, to - c], cuts }];
  };
  // No lath lies on the middle, so that both ways are alike.
  const starts = Array.from({ length: 2 * most }, (_, i) => (wideMm - highMm) / 2 + (i - most + 0.5) * apart);
  const rear = starts.flatMap(clipped);
  const front = rear.map(({ from, to, ...cuts }): Run => ({
    from: [wideMm - from[0], from[1]],
    to: [wideMm - to[0], to[1]],
    ...cuts,
  }));
  // Crossings lie half an `apart` from each other along the panel, one of them in its middle.
  const at = (n: number): number => wideMm / 2 + (n + 0.5) * (apart / 2);
  const last = Math.max(0, Math.floor((wideMm / 2 - BATTEN_IN_MM) / (apart / 2) - 0.5));
  const [first, end] = [at(-last - 1), at(last)];
  const steps = Math.max(1, Math.ceil((end - first) / battenEveryMm - 1e-6));
  const places = [...new Set(spread(-last - 1, last, Math.min(steps, 2 * last + 1)).map(Math.round))].map(at);
  return {
    rear,
    front,
    battens: places.map((along) => upright(along, 0, highMm)),
    topMm: { least: highMm, most: highMm },
    stepMm: apart,
  };
}
/** Open between two laths of a diamond, square to them (from memory). mm. */
const OPEN_MM = inches(0.75);
/** The outer battens stand so far in at the least (from memory). mm. */
const BATTEN_IN_MM = inches(3);

/** Ribs of a fan lean no farther out than this (from memory). */
const MOST_LEAN = Math.sin((40 * Math.PI) / 180);
/** Ribs side by side at the foot, a little apart so that water runs through (from memory). mm. */
const RIBS_APART_MM = inches(0.25);
/** Laths across a fan go so far past its outer ribs (from memory). mm. */
const PAST_MM = inches(1.5);

/** A fan has so many ribs at the least (from memory). */
const LEAST_RIBS = 3;
/** From the middle of one rib to the next at the foot, leaning as far as they may. mm. */
const pitchOf = (lathMm: number): number => lathMm / Math.sqrt(1 - MOST_LEAN ** 2) + RIBS_APART_MM;

/** A narrower panel has no room for the feet of a fan. mm. */
export const leastFan = (lathMm: number): number => pitchOf(lathMm) * (LEAST_RIBS - 1) + lathMm;

/** Ribs of one length from one foot, laths across before them, two or three level battens behind. */
export function fan({ wideMm, highMm, everyMm, lathMm, battenMm, ribs: asked }: Panel & { ribs: number }): Lathwork {
  const middle = wideMm / 2;
  const pitch = pitchOf(lathMm);
  // No more of them than find room side by side at the foot.
  const ribs = Math.max(LEAST_RIBS, Math.min(asked, Math.floor((wideMm - 2 * (PAST_MM + lathMm)) / pitch) + 1));
  const base = (pitch * (ribs - 1)) / 2;
  const pastMm = Math.min(PAST_MM, middle - base - lathMm / 2);
  const lean = Math.max(0, Math.min(MOST_LEAN, (middle - pastMm - lathMm - base) / highMm));
  const rear = spread(-1, 1, ribs - 1).map((share): Run => {
    const [foot, sin] = [middle + share * base, share * lean];
    return { from: [foot, 0], to: [foot + sin * highMm, Math.sqrt(1 - sin * sin) * highMm] };
  });
  const cos = Math.sqrt(1 - lean * lean);
  const across = (up: number, past: number): Run => {
    const out = base + (lean / cos) * up + lathMm / 2 + past;
    return level(middle - out, middle + out, up);
  };
  const step = Math.min(2 * everyMm, (cos * highMm) / 2);
  const [low, top] = [battenMm / 2 + UNDER_MM, cos * highMm - 2 * lathMm];
  // From the top down, as long as there is room over the lowest batten.
  const fronts = Array.from({ length: Math.max(1, Math.floor((top - low) / step)) }, (_, i) => top - i * step);
  // Battens lie half way between two of them, so that their screws are in sight.
  const between = fronts.map((up) => up - step / 2).filter((up) => up - low > lathMm + battenMm);
  const high = between[0] ?? (top + low) / 2;
  const half = (high + low) / 2;
  const nearest = between.slice(1).toSorted((a, b) => Math.abs(a - half) - Math.abs(b - half))[0];
  const third = nearest !== undefined && high - low > 2 * FAR_MM ? [nearest] : [];
  return {
    rear,
    front: fronts.map((up) => across(up, pastMm)),
    battens: [low, ...third, high].map((up) => across(up, 0)),
    topMm: { least: cos * highMm, most: highMm },
    stepMm: step,
  };
}
/** The lowest batten of a fan lies so far over its foot (from memory). mm. */
const UNDER_MM = inches(1);
/** Farther than this from the battens on either side ribs want one more (from memory). mm. */
const FAR_MM = inches(20);

/** Where two middle lines cross, a finger inside the ends of both: a screw nearer to one would split it. Null where they do not. */
export function crossing(a: Run, b: Run): Spot | null {
  const [ax, ay] = [a.to[0] - a.from[0], a.to[1] - a.from[1]];
  const [bx, by] = [b.to[0] - b.from[0], b.to[1] - b.from[1]];
  const det = ax * by - ay * bx;
  if (Math.abs(det) < 1e-9) return null;
  const [dx, dy] = [b.from[0] - a.from[0], b.from[1] - a.from[1]];
  const [t, u] = [(dx * by - dy * bx) / det, (dx * ay - dy * ax) / det];
  const [inA, inB] = [END_MM / Math.hypot(ax, ay), END_MM / Math.hypot(bx, by)];
  return t < inA || t > 1 - inA || u < inB || u > 1 - inB ? null : [a.from[0] + ax * t, a.from[1] + ay * t];
}
/** No screw sits nearer to an end (from memory). mm. */
const END_MM = 15;
