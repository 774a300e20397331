import type { Point } from '../geometry/space';
import type { Assembled } from './assembled';
import { endForces, heldEnds, leaningForces, turned } from './elements';
import type { Beam, Frame, Link, Spread } from './frame';

/** What acts in the parts of a frame: twelve numbers a beam, six a link, one a cord. N, N mm. */
export interface Read {
  ends: Float64Array;
  springs: Float64Array;
  pulls: Float64Array;
}

/** Row times column. */
export function sum(row: Float64Array, at: Int32Array, x: Float64Array): number {
  let all = 0;
  for (let i = 0; i < at.length; i++) all += (row[i] as number) * (x[at[i] as number] as number);
  return all;
}

/** Adds so many times a row to where it belongs. */
export function spill(row: Float64Array, at: Int32Array, k: number, into: Float64Array): void {
  for (let i = 0; i < at.length; i++) {
    const to = at[i] as number;
    into[to] = (into[to] as number) + k * (row[i] as number);
  }
}

/** Adds so many times one list to another. */
export function addTo(into: Float64Array, of: Float64Array, times: number): void {
  for (let i = 0; i < of.length; i++) into[i] = (into[i] as number) + times * (of[i] as number);
}

/** What holds the two ends of each beam under what is spread along it, in its own axes; and the same put onto the places. */
export function heldUnder(
  { beams }: Frame,
  { beamAxes, beamLong, beamAt }: Assembled,
  spread: readonly Spread[],
  onto: Float64Array,
): Float64Array {
  const held = new Float64Array(beams.length * 12);
  for (const { beam, by } of spread) {
    const axes = beamAxes[beam] as readonly Point[];
    const own = axes.map((axis) => axis[0] * by[0] + axis[1] * by[1] + axis[2] * by[2]);
    const ends = heldEnds(own, beamLong[beam] as number);
    for (let i = 0; i < 12; i++) held[beam * 12 + i] = (held[beam * 12 + i] as number) + (ends[i] as number);
    spill(turned(ends, axes, true), beamAt[beam] as Int32Array, 1, onto);
  }
  return held;
}

/** How the parts of a frame answer to how its places have moved. */
export function readerOf({ beams, links, lines }: Frame, of: Assembled): Reader {
  const { beamAxes, beamLong, beamAt, rowOf, linkAt, cordOf, cordAt, cordK } = of;
  const [there, own, forces] = [new Float64Array(12), new Float64Array(12), new Float64Array(12)];
  /** How the ends of a beam have moved, in its own axes; in one place, for whoever reads it at once. */
  const ownMoves = (beam: number, x: Float64Array): Float64Array => {
    const at = beamAt[beam] as Int32Array;
    for (let i = 0; i < 12; i++) there[i] = x[at[i] as number] as number;
    return turned(there, beamAxes[beam] as readonly Point[], false, own);
  };
  return {
    of: (x) => {
      const ends = new Float64Array(beams.length * 12);
      beams.forEach((beam, i) =>
        endForces(beam.of, beamLong[i] as number, ownMoves(i, x), ends.subarray(i * 12, i * 12 + 12)),
      );
      const springs = new Float64Array(links.length * 6);
      links.forEach(({ stiff }: Link, link) => {
        for (let i = 0; i < 6; i++)
          if ((stiff[i] as number) > 0)
            springs[link * 6 + i] = (stiff[i] as number) * sum(rowOf(link, i), linkAt[link] as Int32Array, x);
      });
      const pulls = Float64Array.from(
        lines,
        (_, i) => (cordK[i] as number) * sum(cordOf[i] as Float64Array, cordAt[i] as Int32Array, x),
      );
      return { ends, springs, pulls };
    },
    leaning: (x) => {
      let out: Float64Array | null = null;
      for (let i = 0; i < beams.length; i++) {
        const v = ownMoves(i, x);
        const pullN = ((beams[i] as Beam).of.ea / (beamLong[i] as number)) * ((v[6] as number) - (v[0] as number));
        if (Math.abs(pullN) < COUNTS_N) continue;
        out ??= new Float64Array(x.length);
        leaningForces(pullN, beamLong[i] as number, v, forces);
        spill(turned(forces, beamAxes[i] as readonly Point[], true, there), beamAt[i] as Int32Array, -1, out);
      }
      return out;
    },
  };
}

/** What presses in a beam less than this is not leant over. N. */
const COUNTS_N = 1;

export interface Reader {
  of(x: Float64Array): Read;
  /** What leaning over its own feet asks besides: of every bar that is pressed or pulled; null where none is. */
  leaning(x: Float64Array): Float64Array | null;
}
