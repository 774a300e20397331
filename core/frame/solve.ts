import type { Point } from '../geometry/space';
import { assembled, type Assembled } from './assembled';
import { comingOff } from './coming-off';
import type { Cord, Frame, Link, Loads, Spread } from './frame';
import { answer, backwards, takeApart } from './profile';
import { addTo, heldUnder, readerOf, spill, sum, type Read } from './read';

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

/** What is asked, answered as the frame was assembled: what comes of so many times this and so many times that is their sum. */
export interface Answered extends Read {
  /** In the order of the matrix: what acts on its places, and how they move. */
  loads: Float64Array;
  x: Float64Array;
  /** What holds the ends of its beams, twelve each. */
  held: Float64Array;
}

/** So many times something that was answered. */
export interface Part {
  of: Answered;
  times: number;
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
  answered(asked: Asked): Answered;
  /** @param carefully cords slacken, feet lift and leaning counts; else all is as it was assembled. */
  mixed(parts: readonly Part[], carefully?: boolean): Response;
  under(asked: Asked, carefully?: boolean): Response;
}

/** How often slack lines, lifted feet and leaning are looked at again. */
const MOST_TURNS = 16;
/** What is still to come is less than this share of how far it has gone: it has settled. */
const SETTLED = 2e-3;
/** What has not settled and has gone so many times as far as without lifting and leaning is lost. */
const LOST_FURTHER = 20;
/** What would push in a cord, or hold down what only lies, by less than this does so by rounding. N. */
const BY_ROUNDING_N = 1e-3;

/**
 * Direct stiffness (Przemieniecki, *Theory of Matrix Structural Analysis*, chapters 5 and 6): assembled once, taken
 * apart once, then asked as often as one likes; loads that are asked in ever other mixtures are answered once each.
 * What only pulls or only presses is taken away from that answer where it would do the other, and what leans over its
 * own feet is asked again with the turning moment of that as a load. The same frame gives the same answer, digit for
 * digit, on one machine.
 */
export function solveFrame(frame: Frame): Solved {
  const { nodes, beams, links, lines } = frame;
  const of = assembled(frame);
  const { matrix, place, cordOf, cordAt, cordK } = of;
  const { size } = matrix;
  const loose = waysOf(frame, of, takeApart(matrix));
  const reader = readerOf(frame, of);
  const pressing = links.flatMap(({ pressesOnly }, i) => (pressesOnly ? [i] : []));
  const offs = comingOff(frame, of, pressing);

  const answered = ({ loads, spread = [] }: Asked): Answered => {
    const own = new Float64Array(size);
    for (let node = 0; node < nodes.length; node++)
      for (let k = 0; k < 6; k++) own[(place[node] as number) + k] = loads[node * 6 + k] as number;
    const held = heldUnder(frame, of, spread, own);
    const x = answer(matrix, own.slice());
    const read = reader.of(x);
    addTo(read.ends, held, -1);
    return { loads: own, x, held, ...read };
  };

  /** What has to be drawn into each cord so that all pull as they are said to when nothing else weighs: they slacken each other. */
  const drawing = (pulls: Float64Array): Float64Array => {
    const x = new Float64Array(size);
    lines.forEach((_, i) => spill(cordOf[i] as Float64Array, cordAt[i] as Int32Array, -(pulls[i] as number), x));
    return answer(matrix, x);
  };
  const drawn = drawnInto(lines, (pulls) => {
    const x = drawing(pulls);
    return lines.map(
      (_, i) =>
        (pulls[i] as number) + (cordK[i] as number) * sum(cordOf[i] as Float64Array, cordAt[i] as Int32Array, x),
    );
  });
  /** All as it stands when its cords are drawn and nothing else weighs. */
  const strained = ((): Answered | null => {
    if (drawn.every((n) => n === 0)) return null;
    const x = drawing(drawn);
    const read = reader.of(x);
    addTo(read.pulls, drawn, 1);
    return { loads: new Float64Array(size), x, held: new Float64Array(beams.length * 12), ...read };
  })();

  /** Whether one of what can come off would have to do what it cannot. */
  const wrong = (i: number, x: Float64Array): boolean => {
    const line = lines[i];
    if (line?.pressesToo) return false;
    if (line) return (drawn[i] as number) + (cordK[i] as number) * offs.drawnOut(i, x) < -BY_ROUNDING_N;
    return (links[pressing[i - lines.length] as number] as Link).stiff[0] * offs.drawnOut(i, x) > BY_ROUNDING_N;
  };

  const mixed = (parts: readonly Part[], carefully = false): Response => {
    const all = strained ? [...parts, { of: strained, times: 1 }] : parts;
    const made = (key: 'loads' | 'x' | 'held' | keyof Read, long: number): Float64Array => {
      const out = new Float64Array(long);
      for (const part of all) if (part.times !== 0) addTo(out, part.of[key], part.times);
      return out;
    };
    const assembledX = made('x', size);
    let wouldComeOff = false;
    for (let i = 0; i < offs.count && !wouldComeOff; i++) wouldComeOff = wrong(i, assembledX);
    if (!carefully) {
      const read: Read = {
        ends: made('ends', beams.length * 12),
        springs: made('springs', links.length * 6),
        pulls: made('pulls', lines.length),
      };
      return told(assembledX, read, { off: [], wouldComeOff, leansOver: 1, lost: false });
    }
    const settled = settle(assembledX);
    const read = reader.of(settled.x);
    addTo(read.ends, made('held', beams.length * 12), -1);
    addTo(read.pulls, drawn, 1);
    for (const i of settled.off) {
      if (i < lines.length) read.pulls[i] = 0;
      else
        read.springs.fill(
          0,
          (pressing[i - lines.length] as number) * 6,
          (pressing[i - lines.length] as number) * 6 + 6,
        );
    }
    return told(settled.x, read, { ...settled, off: [...settled.off], wouldComeOff });
  };

  /** Takes away what comes off and adds what leaning asks, until both have settled. */
  const settle = (assembledX: Float64Array) => {
    const straight = farthest(assembledX);
    let [x, off, lost] = [assembledX, new Set<number>(), false];
    // How far the last turn went, and how far the next ones are likely to: each goes a like share of the one before.
    let [step, remains] = [straight, Infinity];
    const seen = new Map<string, number>();
    let turn = 0;
    for (; turn < MOST_TURNS; turn++) {
      const now = new Set<number>();
      for (let i = 0; i < offs.count; i++) if (wrong(i, x)) now.add(i);
      const same = now.size === off.size && [...now].every((i) => off.has(i));
      const key = [...now].join(' ');
      // Going round in a circle: what comes off once stays off.
      const times = (seen.get(key) ?? 0) + 1;
      seen.set(key, times);
      if (!same && times > 2) for (const i of off) now.add(i);
      if (same && remains < SETTLED * farthest(x)) break;
      off = now;
      const next = assembledX.slice();
      const leaning = reader.leaning(x);
      if (leaning) addTo(next, answer(matrix, leaning), 1);
      for (const i of off) if (i < lines.length && drawn[i] !== 0) addTo(next, offs.influence(i), drawn[i] as number);
      const holds = offs.takeAway(off, next);
      if (holds) {
        const went = farthest(next, x);
        remains = same && step > 0 ? went ** 2 / step : Infinity;
        [step, x] = [went, next];
      }
      if (!holds || farthest(x) > 50 * straight + 1000) {
        lost = true;
        break;
      }
    }
    // What keeps lifting and falling back by a hair is not lost.
    lost ||= turn === MOST_TURNS && farthest(x) > LOST_FURTHER * straight;
    return { x, off, lost, leansOver: straight > 0 ? farthest(x) / straight : 1 };
  };

  const told = (
    x: Float64Array,
    { ends, springs, pulls }: Read,
    o: { off: readonly number[]; wouldComeOff: boolean; leansOver: number; lost: boolean },
  ): Response => {
    const moved = new Float64Array(size);
    for (let node = 0; node < nodes.length; node++)
      for (let k = 0; k < 6; k++) moved[node * 6 + k] = x[(place[node] as number) + k] as number;
    const { off, ...rest } = o;
    return {
      moved,
      ends: (beam) => ends.subarray(beam * 12, beam * 12 + 12),
      springs: (link) => springs.subarray(link * 6, link * 6 + 6),
      pull: (cord) => pulls[cord] as number,
      onGround: (link) => {
        const { axes } = links[link] as Link;
        // The ground end of the spring is drawn towards its place by what it pulls with: what acts on the ground is that.
        const total = (from: number): Point =>
          [0, 1, 2].map(
            (k) =>
              -axes.reduce((all, axis, i) => all + (axis[k] as number) * (springs[link * 6 + from + i] as number), 0),
          ) as unknown as Point;
        return { force: total(0), moment: total(3) };
      },
      slack: off.filter((i) => i < lines.length).toSorted((p, q) => p - q),
      lifted: off
        .flatMap((i) => (i < lines.length ? [] : [pressing[i - lines.length] as number]))
        .toSorted((p, q) => p - q),
      ...rest,
    };
  };

  return {
    loose,
    answered,
    mixed,
    under: (asked, carefully) => mixed([{ of: answered(asked), times: 1 }], carefully),
  };
}

/** The ways of moving that nothing holds: of each row that was found free, how all moves with it. */
function waysOf({ nodes }: Frame, { matrix, order, place }: Assembled, free: readonly number[]): Loose[] {
  return free.map((row): Loose => {
    const x = new Float64Array(matrix.size);
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
}

/** The farthest shift of all, or the farthest between two answers. */
function farthest(x: Float64Array, from?: Float64Array): number {
  let most = 0;
  for (let i = 0; i < x.length; i++)
    if (i % 6 < 3) most = Math.max(most, Math.abs((x[i] as number) - (from ? (from[i] as number) : 0)));
  return most;
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
