import type { Point } from '../geometry/space';
import { endForces, heldEnds, leaningForces, turned } from './elements';
import type { Beam, Cord, Frame, Link, Loads, Spread } from './frame';
import { inverseOf } from './inverse';
import { assembled } from './assembled';
import { answer, backwards, takeApart } from './profile';

/** A way in which something of a frame can move that nothing holds: where it shows most, and how far each place goes with it, as shares of the farthest. */
export interface Loose {
  node: number;
  way: readonly Point[];
}

/** What is asked of a solved frame. */
export interface Asked {
  loads: Loads;
  spread?: readonly Spread[];
}

/** What a frame does under loads. */
export interface Response {
  /** Six a place: shifts along x, y, z, then turns about them. mm, radians. */
  moved: Float64Array;
  /** What acts on the two ends of a beam, in its own axes: force along it, across the way of its face, square to both; then moments about the same. N, N mm. */
  ends(beam: number): Float64Array;
  /** What the springs of a link pull with, as its axes lie: positive draws its places together. N, N mm. */
  springs(link: number): Float64Array;
  /** What a cord pulls with: nought where it hangs slack. N. */
  pull(cord: number): number;
  /** What acts on the ground at a link that has no second place. N, N mm about the link’s own place. */
  onGround(link: number): { force: Point; moment: Point };
  /** Cords that hang slack and what lifts off. */
  slack: readonly number[];
  lifted: readonly number[];
  /** Taken as it was assembled a line would have to press, or a foot to be held down: it has to be asked carefully. */
  wouldComeOff: boolean;
  /** How much further it went by leaning over itself: the farthest shift over that without. 1 where it does not. */
  leansOver: number;
  /** It buckles, or goes over: nothing is found in which all holds. */
  lost: boolean;
}

export interface Solved {
  loose: readonly Loose[];
  /** @param carefully cords slacken, feet lift and leaning counts; else all is as it was assembled. */
  under(asked: Asked, carefully?: boolean): Response;
}

/** How often slack lines, lifted feet and leaning are looked at again. */
const MOST_TURNS = 16;
/** What leaning asks changes by less than this share: it has settled. */
const SETTLED = 2e-3;
/** What has not settled and has gone so many times as far as without lifting and leaning is lost. */
const LOST_FURTHER = 20;
/** What presses in a beam less than this is not leant over. N. */
const COUNTS_N = 1;

/** What of its stiffness a slack cord keeps, so that it catches again what leans far enough; and what has lifted off. */
const SLACK_KEEPS = 1e-3;
/** What would push in a cord, or hold down what only lies, by less than this does so by rounding. N. */
const BY_ROUNDING_N = 1e-3;

/** One spring that can come off: of which link or cord, how stiff, and what draws it out. */
interface ComesOff {
  row: Float64Array;
  at: Int32Array;
  k: number;
}

/** What the answers without some springs are made of. */
interface Taken {
  gone: readonly ComesOff[];
  held: readonly Float64Array[];
  inverse: readonly Float64Array[];
}
/** So many sets of them are kept: gusts and weeks take away the same again and again. */
const MOST_KEPT = 200;

/**
 * Direct stiffness (Przemieniecki, *Theory of Matrix Structural Analysis*, chapters 5 and 6): assembled once, taken
 * apart once, then asked as often as one likes. What only pulls or only presses is taken away from that answer where
 * it would do the other (Sherman–Morrison–Woodbury), and what leans over its own feet is asked again with the turning
 * moment of that as a load. The same frame gives the same answer, digit for digit, on one machine.
 */
export function solveFrame(frame: Frame): Solved {
  const { nodes, beams, links, lines } = frame;
  const { matrix, order, place, beamAxes, beamLong, beamAt, rowOf, linkAt, cordOf, cordAt, cordK } = assembled(frame);
  const size = matrix.size;
  const free = takeApart(matrix);
  const loose = free.map((row): Loose => {
    const x = new Float64Array(size);
    x[row] = 1;
    backwards(matrix, x);
    const way = nodes.map((_, node): Point => {
      const p = place[node] as number;
      return [x[p] as number, x[p + 1] as number, x[p + 2] as number];
    });
    const far = Math.max(1e-12, ...way.map(([a, b, c]) => Math.hypot(a, b, c)));
    return {
      node: order[Math.floor(row / 6)] as number,
      way: way.map(([a, b, c]): Point => [a / far, b / far, c / far]),
    };
  });

  const sum = (row: Float64Array, at: Int32Array, x: Float64Array): number => {
    let all = 0;
    for (let i = 0; i < at.length; i++) all += (row[i] as number) * (x[at[i] as number] as number);
    return all;
  };
  const spill = (row: Float64Array, at: Int32Array, k: number, into: Float64Array): void => {
    for (let i = 0; i < at.length; i++) {
      const to = at[i] as number;
      into[to] = (into[to] as number) + k * (row[i] as number);
    }
  };

  /** What can come off, each with its springs: first the cords, then the links that only press. */
  const offs: ComesOff[][] = [
    ...lines.map((_, i) => [
      { row: cordOf[i] as Float64Array, at: cordAt[i] as Int32Array, k: (cordK[i] as number) * (1 - SLACK_KEEPS) },
    ]),
    ...links.flatMap(({ stiff, pressesOnly }, i) =>
      pressesOnly
        ? [
            stiff.flatMap((k, spring) =>
              k > 0 ? [{ row: rowOf(i, spring), at: linkAt[i] as Int32Array, k: k * (1 - SLACK_KEEPS) }] : [],
            ),
          ]
        : [],
    ),
  ];
  const pressing = links.flatMap(({ pressesOnly }, i) => (pressesOnly ? [i] : []));
  const moves = new Map<ComesOff, Float64Array>();
  /** What a unit pull along a spring does to all. */
  const influence = (one: ComesOff): Float64Array => {
    const known = moves.get(one);
    if (known) return known;
    const x = new Float64Array(size);
    spill(one.row, one.at, 1, x);
    answer(matrix, x);
    moves.set(one, x);
    return x;
  };

  /** What has to be drawn into each cord so that all pull as they are said to when nothing else weighs: they slacken each other. */
  const drawn = drawnInto(lines, (pulls) => {
    const x = new Float64Array(size);
    lines.forEach((_, i) => spill(cordOf[i] as Float64Array, cordAt[i] as Int32Array, -(pulls[i] as number), x));
    answer(matrix, x);
    return lines.map(
      (_, i) =>
        (pulls[i] as number) + (cordK[i] as number) * sum(cordOf[i] as Float64Array, cordAt[i] as Int32Array, x),
    );
  });

  /** What taking some of them away changes: of each its influence, and how they pull instead; null where what is left does not hold. */
  const taken = new Map<string, Taken | null>();
  const taking = (off: ReadonlySet<number>): Taken | null => {
    const key = [...off].join(' ');
    const known = taken.get(key);
    if (known !== undefined) return known;
    const gone = [...off].flatMap((i) => offs[i] as ComesOff[]);
    const held = gone.map(influence);
    const small = gone.map((row, i) =>
      Float64Array.from(gone, (_, j) => (i === j ? 1 / row.k : 0) - sum(row.row, row.at, held[j] as Float64Array)),
    );
    const inverse = inverseOf(
      small,
      gone.map(({ k }) => 1 / k),
    );
    const made = inverse && { gone, held, inverse };
    if (taken.size > MOST_KEPT) taken.clear();
    taken.set(key, made);
    return made;
  };

  /** Answers for some loads with some springs taken away; null where what is left does not hold. */
  const without = (loads: Float64Array, off: ReadonlySet<number>): Float64Array | null => {
    const x = loads.slice();
    lines.forEach((_, i) => {
      if (!off.has(i) && drawn[i] !== 0)
        spill(cordOf[i] as Float64Array, cordAt[i] as Int32Array, -(drawn[i] as number), x);
    });
    answer(matrix, x);
    if (off.size === 0) return x;
    const less = taking(off);
    if (!less) return null;
    const { gone, held, inverse } = less;
    const right = Float64Array.from(gone, (one) => sum(one.row, one.at, x));
    for (let i = 0; i < gone.length; i++) {
      const row = inverse[i] as Float64Array;
      let by = 0;
      for (let j = 0; j < row.length; j++) by += (row[j] as number) * (right[j] as number);
      const way = held[i] as Float64Array;
      for (let k = 0; k < size; k++) x[k] = (x[k] as number) + by * (way[k] as number);
    }
    return x;
  };

  const under = ({ loads, spread = [] }: Asked, carefully = false): Response => {
    const asked = new Float64Array(size);
    for (let node = 0; node < nodes.length; node++)
      for (let k = 0; k < 6; k++) asked[(place[node] as number) + k] = loads[node * 6 + k] as number;
    const held = new Map<number, Float64Array>();
    for (const { beam, by } of spread) {
      const axes = beamAxes[beam] as readonly Point[];
      const own = axes.map((axis) => axis[0] * by[0] + axis[1] * by[1] + axis[2] * by[2]);
      const ends = heldEnds(own, beamLong[beam] as number);
      const before = held.get(beam);
      if (before) for (let i = 0; i < 12; i++) before[i] = (before[i] as number) + (ends[i] as number);
      else held.set(beam, ends);
      spill(turned(ends, axes, true), beamAt[beam] as Int32Array, 1, asked);
    }
    const stretch = (i: number, x: Float64Array): number =>
      i < lines.length
        ? sum(cordOf[i] as Float64Array, cordAt[i] as Int32Array, x)
        : sum(
            rowOf(pressing[i - lines.length] as number, 0),
            linkAt[pressing[i - lines.length] as number] as Int32Array,
            x,
          );
    /** Whether it would have to do what it cannot. */
    const wrong = (i: number, x: Float64Array): boolean => {
      if (lines[i]?.pressesToo) return false;
      if (i < lines.length) return (drawn[i] as number) + (cordK[i] as number) * stretch(i, x) < -BY_ROUNDING_N;
      return (links[pressing[i - lines.length] as number] as Link).stiff[0] * stretch(i, x) > BY_ROUNDING_N;
    };
    let off = new Set<number>();
    let x = without(asked, off) as Float64Array;
    const farthest = (y: Float64Array): number =>
      y.reduce((most, mm, i) => (i % 6 < 3 ? Math.max(most, Math.abs(mm)) : most), 0);
    const straight = farthest(x);
    const asAssembled = x;
    const wouldComeOff = offs.some((_, i) => wrong(i, asAssembled));
    let [lost, leansOver] = [false, 1];
    if (carefully) {
      let leaning: Float64Array | null = null;
      const seen = new Map<string, number>();
      let turn = 0;
      for (; turn < MOST_TURNS; turn++) {
        const now = new Set<number>();
        for (let i = 0; i < offs.length; i++) if (wrong(i, x)) now.add(i);
        const same = now.size === off.size && [...now].every((i) => off.has(i));
        const key = [...now].join(' ');
        // Going round in a circle: what comes off once stays off.
        const times = (seen.get(key) ?? 0) + 1;
        seen.set(key, times);
        if (!same && times > 2) for (const i of off) now.add(i);
        const turnedOver = leanLoads(x);
        const change = leaning ? differ(turnedOver, leaning) : turnedOver ? Infinity : 0;
        if (same && change < SETTLED) break;
        off = now;
        leaning = turnedOver;
        const to = leaning ? asked.map((n, i) => n + ((leaning as Float64Array)[i] as number)) : asked;
        const next = without(to, off);
        if (!next || farthest(next) > 50 * straight + 1000) {
          lost = true;
          if (next) x = next;
          break;
        }
        x = next;
      }
      // What keeps lifting and falling back by a hair is not lost.
      lost ||= turn === MOST_TURNS && farthest(x) > LOST_FURTHER * straight;
      leansOver = straight > 0 ? farthest(x) / straight : 1;
    }
    const moved = new Float64Array(size);
    for (let node = 0; node < nodes.length; node++)
      for (let k = 0; k < 6; k++) moved[node * 6 + k] = x[(place[node] as number) + k] as number;
    const offLinks = new Set([...off].flatMap((i) => (i < lines.length ? [] : [pressing[i - lines.length] as number])));
    const springs = (link: number): Float64Array => {
      const { stiff } = links[link] as Link;
      return Float64Array.from({ length: 6 }, (_, i) =>
        offLinks.has(link) ? 0 : (stiff[i] as number) * sum(rowOf(link, i), linkAt[link] as Int32Array, x),
      );
    };
    return {
      moved,
      ends: (beam) => {
        const out = atEnds(beam, x);
        const from = held.get(beam);
        if (from) for (let i = 0; i < 12; i++) out[i] = (out[i] as number) - (from[i] as number);
        return out;
      },
      springs,
      pull: (cord) => (off.has(cord) ? 0 : (drawn[cord] as number) + (cordK[cord] as number) * stretch(cord, x)),
      onGround: (link) => {
        const { axes } = links[link] as Link;
        const of = springs(link);
        // The ground end of the spring is drawn towards its place by what it pulls with: what acts on the ground is that.
        const total = (from: number): Point =>
          [0, 1, 2].map(
            (k) => -axes.reduce((all, axis, i) => all + (axis[k] as number) * (of[from + i] as number), 0),
          ) as unknown as Point;
        return { force: total(0), moment: total(3) };
      },
      slack: [...off].filter((i) => i < lines.length).toSorted((p, q) => p - q),
      lifted: [...offLinks].toSorted((p, q) => p - q),
      wouldComeOff,
      leansOver,
      lost,
    };
  };

  const there = new Float64Array(12);
  const own = new Float64Array(12);
  const forces = new Float64Array(12);
  /** How the ends of a beam have moved, in its own axes; in one place, for whoever reads it at once. */
  function ownMoves(beam: number, x: Float64Array): Float64Array {
    const at = beamAt[beam] as Int32Array;
    for (let i = 0; i < 12; i++) there[i] = x[at[i] as number] as number;
    return turned(there, beamAxes[beam] as readonly Point[], false, own);
  }
  function atEnds(beam: number, x: Float64Array): Float64Array {
    const out = new Float64Array(12);
    endForces((beams[beam] as Beam).of, beamLong[beam] as number, ownMoves(beam, x), out);
    return out;
  }
  /** What leaning over its own feet asks besides: of every bar that is pressed or pulled. */
  function leanLoads(x: Float64Array): Float64Array | null {
    let out: Float64Array | null = null;
    for (let i = 0; i < beams.length; i++) {
      const v = ownMoves(i, x);
      const pullN = ((beams[i] as Beam).of.ea / (beamLong[i] as number)) * ((v[6] as number) - (v[0] as number));
      if (Math.abs(pullN) < COUNTS_N) continue;
      out ??= new Float64Array(size);
      leaningForces(pullN, beamLong[i] as number, v, forces);
      spill(turned(forces, beamAxes[i] as readonly Point[], true, there), beamAt[i] as Int32Array, -1, out);
    }
    return out;
  }
  return { loose, under };
}

/** How far two sets of loads differ, as a share of the larger. */
function differ(a: Float64Array | null, b: Float64Array): number {
  if (!a) return Infinity;
  let [most, apart] = [1e-9, 0];
  for (let i = 0; i < b.length; i++) {
    most = Math.max(most, Math.abs(b[i] as number), Math.abs(a[i] as number));
    apart = Math.max(apart, Math.abs((a[i] as number) - (b[i] as number)));
  }
  return apart / most;
}

/** Cords are drawn until each pulls as it is said to: once more for what the others have let it slacken. */
function drawnInto(lines: readonly Cord[], pullOf: (drawn: Float64Array) => number[]): Float64Array {
  const drawn = Float64Array.from(lines, ({ pullN }) => pullN);
  if (lines.every(({ pullN }) => pullN === 0)) return drawn;
  for (let turn = 0; turn < 12; turn++) {
    const pulls = pullOf(drawn);
    let worst = 0;
    lines.forEach(({ pullN }, i) => {
      if (pullN === 0) return;
      const short = pullN - (pulls[i] as number);
      worst = Math.max(worst, Math.abs(short) / pullN);
      drawn[i] = (drawn[i] as number) + short;
    });
    if (worst < 1e-3) break;
  }
  return drawn;
}
