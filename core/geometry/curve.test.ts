import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bendMarks,
  chainThrough,
  type Curve,
  distanceToChain,
  flatten,
  lengthOf,
  line,
  onStretch,
  pointAt,
  sampledThrough,
  shifted,
  stretchOf,
  tangentAt,
} from './curve';
import { add, cross, dot, minus, norm, reach, scale, unit, type Point } from './space';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const spot: fc.Arbitrary<Point> = fc.tuple(mm(-2000, 2000), mm(-2000, 2000), mm(-2000, 2000));
const anyLine = fc
  .tuple(spot, spot)
  .filter(([a, b]) => reach(a, b) > 10)
  .map(([from, to]) => line(from, to));
const anyArc = fc
  .record({
    middle: spot,
    way: spot.filter((p) => norm(p) > 1),
    radiusMm: mm(50, 2000),
    fromRad: mm(-3, 3),
    turn: mm(0.2, 6),
    back: fc.boolean(),
  })
  .map(({ middle, way, radiusMm, fromRad, turn, back }): Extract<Curve, { curve: 'arc' }> => {
    const a = unit(way);
    const b = unit(cross(a, Math.abs(a[0]) < 0.8 ? [1, 0, 0] : [0, 1, 0]));
    return { curve: 'arc', middle, a, b, radiusMm, fromRad, toRad: fromRad + (back ? -turn : turn) };
  });
/** A gently bent chain, as the middle line of a strip is. */
const anySampled = fc
  .record({ start: spot, turns: fc.array(mm(-0.25, 0.25), { minLength: 3, maxLength: 20 }), step: mm(20, 200) })
  .map(({ start, turns, step }) => {
    let [at, way] = [start, 0];
    return sampledThrough([
      start,
      ...turns.map((turn) => {
        way += turn;
        return (at = add(at, [step * Math.cos(way), 0, step * Math.sin(way)]));
      }),
    ]);
  });
/** Straight from corner to corner, no two of them in one place. */
const anyChain = fc
  .array(fc.tuple(mm(30, 900), mm(-900, 900), mm(-900, 900)), { minLength: 1, maxLength: 6 })
  .map((steps): Curve => {
    let at: Point = [0, 0, 0];
    return chainThrough([at, ...steps.map((step) => (at = add(at, step)))]);
  });
const anyCurve: fc.Arbitrary<Curve> = fc.oneof(anyLine, anyArc, anySampled, anyChain);
const near = (a: Point, b: Point, within: number) =>
  expect(reach(a, b), `${a.join()} and ${b.join()}`).toBeLessThanOrEqual(within);

describe('a curve', () => {
  it('begins and ends where it is said to, and goes on straight past both ends, by as much as is asked', () => {
    fc.assert(
      fc.property(anyCurve, mm(1, 900), (curve, past) => {
        const long = lengthOf(curve);
        const [start, end] = [pointAt(curve, 0), pointAt(curve, long)];
        near(pointAt(curve, long + past), add(end, scale(tangentAt(curve, long), past)), 1e-6);
        near(pointAt(curve, -past), minus(start, scale(tangentAt(curve, 0), past)), 1e-6);
        if (curve.curve === 'line') {
          near(start, curve.from, 1e-9);
          near(end, curve.to, 1e-6);
        }
        if (curve.curve === 'sampled' || curve.curve === 'chain') {
          near(start, curve.points[0] as Point, 1e-9);
          near(end, curve.points.at(-1) as Point, 1e-6);
        }
        if (curve.curve === 'arc') {
          const on = (rad: number) =>
            add(
              curve.middle,
              add(scale(curve.a, curve.radiusMm * Math.cos(rad)), scale(curve.b, curve.radiusMm * Math.sin(rad))),
            );
          near(start, on(curve.fromRad), 1e-6);
          near(end, on(curve.toRad), 1e-6);
        }
      }),
    );
  });

  it('is as long between two places as they are apart along it, and its direction is that of a short step', () => {
    fc.assert(
      fc.property(anyCurve, mm(0, 1), (curve, share) => {
        const long = lengthOf(curve);
        const [at, h] = [share * (long - 0.02) + 0.01, 0.01];
        const step = minus(pointAt(curve, at + h), pointAt(curve, at - h));
        // At a corner of a chain a step goes round it.
        if (curve.curve === 'chain' && dot(tangentAt(curve, at - h), tangentAt(curve, at + h)) < 1 - 1e-9) return;
        const bent = curve.curve === 'sampled';
        expect(Math.abs(norm(step) / (2 * h) - 1)).toBeLessThan(bent ? 0.1 : 1e-6);
        expect(dot(unit(step), tangentAt(curve, at))).toBeGreaterThan(bent ? 0.98 : 1 - 1e-6);
        expect(norm(tangentAt(curve, at))).toBeCloseTo(1, 9);
        if (curve.curve === 'arc') expect(reach(pointAt(curve, at), curve.middle)).toBeCloseTo(curve.radiusMm, 6);
      }),
    );
  });

  it('a stretch of it is as long as it is between its ends, which are where it has them; a chain keeps its corners', () => {
    fc.assert(
      fc.property(anyCurve, mm(0, 0.45), mm(0.55, 1), (curve, from, to) => {
        const long = lengthOf(curve);
        const part = stretchOf(curve, from * long, to * long, 96);
        near(pointAt(part, 0), pointAt(curve, from * long), 1e-6);
        near(pointAt(part, lengthOf(part)), pointAt(curve, to * long), 1e-6);
        const straight = curve.curve === 'line' || curve.curve === 'chain';
        expect(lengthOf(part) / ((to - from) * long)).toBeCloseTo(1, straight ? 9 : 2);
        if (part.curve !== 'chain' || curve.curve !== 'chain') return;
        for (const corner of part.points.slice(1, -1)) expect(curve.points).toContainEqual(corner);
      }),
    );
  });

  it('through points passes them, smooth, in their order; of one point or of none apart it is still a line', () => {
    // A quarter of a circle of 1000 from its chords: within the sagitta R (1 − cos ½ turn) of a chord.
    const chain = Array.from({ length: 19 }, (_, i): Point => {
      const at = (i * Math.PI) / 36;
      return [1000 * Math.cos(at), 0, 1000 * Math.sin(at)];
    });
    const curve = sampledThrough(chain);
    const chord = 2 * 1000 * Math.sin(Math.PI / 72);
    expect(curve.lengthMm).toBeCloseTo(18 * chord, 6);
    expect([curve.points.length, curve.tangents.length]).toEqual([49, 49]);
    for (let at = 0; at <= curve.lengthMm; at += 10)
      expect(Math.abs(reach(pointAt(curve, at), [0, 0, 0]) - 1000)).toBeLessThan(
        2 * 1000 * (1 - Math.cos(Math.PI / 72)),
      );
    chain.forEach((point, i) => near(pointAt(curve, i * chord), point, 3));
    expect(sampledThrough(chain, 12).points).toHaveLength(13);
    near(pointAt(sampledThrough([[5, 6, 7]]), 1), [5, 6, 8], 1e-9);
    expect(tangentAt(line([3, 3, 3], [3, 3, 3]), 0)).toEqual([1, 0, 0]);
  });

  it('is drawn through points of its own that are near enough to each other, from its start to its end', () => {
    fc.assert(
      fc.property(anyCurve, mm(20, 200), (curve, stepMm) => {
        const points = flatten(curve, stepMm);
        near(points[0] as Point, pointAt(curve, 0), 1e-6);
        near(points.at(-1) as Point, pointAt(curve, lengthOf(curve)), 1e-6);
        if (curve.curve === 'line') expect(points).toHaveLength(2);
        if (curve.curve === 'sampled') expect(points).toEqual(curve.points);
        if (curve.curve !== 'arc') return;
        // No chord strays from its arc by more than its sagitta, R (1 − cos ½ turn).
        const turn = Math.min(stepMm, curve.radiusMm / 3) / curve.radiusMm;
        expect(points.length).toBeGreaterThanOrEqual(5);
        for (const [i, point] of points.slice(1).entries()) {
          const middle = scale(add(point, points[i] as Point), 0.5);
          expect(curve.radiusMm - reach(middle, curve.middle)).toBeLessThanOrEqual(
            curve.radiusMm * (1 - Math.cos(turn / 2)) + 1e-6,
          );
        }
      }),
    );
  });

  it('moved is the same curve elsewhere', () => {
    fc.assert(
      fc.property(anyCurve, spot, mm(-0.2, 1.2), (curve, by, share) => {
        const along = share * lengthOf(curve);
        near(pointAt(shifted(curve, by), along), add(pointAt(curve, along), by), 1e-6);
      }),
    );
  });
});

describe('how far a point is from', () => {
  it('a stretch or a chain: what a search along it finds, never beyond its ends', () => {
    fc.assert(
      fc.property(spot, fc.array(spot, { minLength: 1, maxLength: 4 }), (point, chain) => {
        const searched = chain.flatMap((from, i) => {
          const to = chain[i + 1] ?? from;
          return Array.from({ length: 401 }, (_, n) => reach(point, add(scale(from, 1 - n / 400), scale(to, n / 400))));
        });
        const found = distanceToChain(point, chain);
        expect(found).toBeLessThanOrEqual(Math.min(...searched) + 1e-6);
        expect(found).toBeGreaterThan(Math.min(...searched) - 20);
        if (chain.length > 1) {
          const [from, to] = chain as [Point, Point];
          const foot = onStretch(point, from, to);
          expect(reach(from, foot) + reach(foot, to)).toBeCloseTo(reach(from, to), 4);
        }
      }),
    );
    expect(onStretch([5, 5, 5], [1, 1, 1], [1, 1, 1])).toEqual([1, 1, 1]);
  });
});

describe('marks of a bend', () => {
  it('of half a circle are twelve of 15°, evenly along it; every so much as is asked; of a line none', () => {
    const half: Curve = {
      curve: 'arc',
      middle: [0, 0, 0],
      a: [1, 0, 0],
      b: [0, 0, 1],
      radiusMm: 600,
      fromRad: 0,
      toRad: Math.PI,
    };
    const marks = bendMarks(half);
    expect(marks).toHaveLength(12);
    marks.forEach((mark, i) => {
      expect(mark.turnedRad).toBeCloseTo(((i + 1) * Math.PI) / 12, 9);
      expect(Math.abs(mark.atMm - (600 * Math.PI * (i + 1)) / 12)).toBeLessThan(6);
    });
    expect(bendMarks(half, Math.PI / 4)).toHaveLength(4);
    expect(bendMarks(line([0, 0, 0], [900, 0, 0]))).toEqual([]);
  });

  it('what first turns to the other side is taken off again: a fifth of a circle out and four fifths back count three fifths', () => {
    const turns = [...Array<number>(20).fill(-1), ...Array<number>(80).fill(1)].map((by) => (by * 2 * Math.PI) / 100);
    let [at, way]: [Point, number] = [[0, 0, 0], 0];
    const chain: Point[] = [at];
    for (const turn of turns) {
      way += turn;
      chain.push((at = add(at, [30 * Math.cos(way), 0, 30 * Math.sin(way)])));
    }
    const marks = bendMarks(sampledThrough(chain, 240));
    // 216° are fourteen times 15°, the last at 210°.
    expect(Math.abs(marks.length - 14)).toBeLessThanOrEqual(1);
    expect(marks[0]?.atMm).toBeGreaterThan(30 * 40);
    expect(marks.every(({ atMm }, i) => i === 0 || atMm > (marks[i - 1]?.atMm ?? 0))).toBe(true);
  });
});
