import completeE from '@stdlib/math-base-special-ellipe';
import completeK from '@stdlib/math-base-special-ellipk';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ellipticE, ellipticF, roundInertia, tightestRadius, uprightArch, type UprightArch } from './elastica';
import { yieldCurvature } from './yielding';

/** Timoshenko & Gere, *Theory of Elastic Stability*, 2nd ed., table 2-4: end angle α, P/Pcr, and the end of a strip clamped at its foot, along the force and across it, over its length. */
const TIMOSHENKO_GERE = [
  [20, 1.015, 0.97, 0.22],
  [40, 1.063, 0.881, 0.422],
  [60, 1.152, 0.741, 0.593],
  [80, 1.293, 0.56, 0.719],
  [100, 1.518, 0.349, 0.792],
  [120, 1.884, 0.123, 0.803],
  [140, 2.541, -0.107, 0.75],
  [160, 4.029, -0.34, 0.625],
  [176, 9.116, -0.577, 0.421],
] as const;
const RAD = Math.PI / 180;
const arch = (spanMm: number, lengthMm: number): UprightArch => {
  const found = uprightArch(spanMm, lengthMm);
  if (!found) throw new Error(`${lengthMm} does not reach over ${spanMm}`);
  return found;
};

/** Where a strip is at a length from its crown: between kept points by a cubic through both with their directions. */
function placeAt({ points, lengthMm }: UprightArch, fromCrownMm: number): { across: number; up: number } {
  const crown = (points.length - 1) / 2;
  const step = lengthMm / 2 / crown;
  const i = crown + Math.floor(fromCrownMm / step);
  const [a, b] = [points[i], points[i + 1]];
  if (!a || !b) throw new Error('beyond the foot');
  const t = fromCrownMm / step - Math.floor(fromCrownMm / step);
  const [h00, h10, h01, h11] = [
    2 * t ** 3 - 3 * t ** 2 + 1,
    t ** 3 - 2 * t ** 2 + t,
    3 * t ** 2 - 2 * t ** 3,
    t ** 3 - t ** 2,
  ];
  const along = (p: number, u: number, q: number, v: number) => h00 * p + h10 * step * u + h01 * q + h11 * step * v;
  return {
    across: along(a.acrossMm, a.way[0], b.acrossMm, b.way[0]),
    up: along(a.upMm, a.way[1], b.upMm, b.way[1]),
  };
}

describe('the elastica', () => {
  it('has the elliptic integrals of a library of special functions and of the handbook’s table', () => {
    for (const [alpha, load, along, across] of TIMOSHENKO_GERE) {
      const k = Math.sin((alpha / 2) * RAD);
      const [K, E] = [ellipticF(Math.PI / 2, k), ellipticE(Math.PI / 2, k)];
      expect(K / completeK(k * k)).toBeCloseTo(1, 5);
      expect(E / completeE(k * k)).toBeCloseTo(1, 6);
      expect((2 * K) / Math.PI).toBeCloseTo(Math.sqrt(load), 2);
      expect((2 * E) / K - 1).toBeCloseTo(along, 2);
      expect((2 * k) / K).toBeCloseTo(across, 2);
    }
  });

  // A strip that bulges out over its feet is, from its crown to where it bends the other way, the handbook's clamped
  // strip. Its feet meet before it has turned much over 110°, so one row of the table can be built.
  it('an arch that turns 100° before it bends back has the handbook’s load and shape', () => {
    const [alpha, load, along, across] = TIMOSHENKO_GERE[4];
    const turned = (one: UprightArch) =>
      one.footPerMm < 0 ? 2 * Math.asin(one.crownPerMm / 2 / Math.sqrt(one.pushPerEi)) : 0;
    let [narrow, wide] = [100, 4500];
    for (let i = 0; i < 40; i++) {
      const middle = (narrow + wide) / 2;
      if (turned(arch(middle, 10_000)) > alpha * RAD) narrow = middle;
      else wide = middle;
    }
    const found = arch(narrow, 10_000);
    expect(turned(found) / RAD).toBeCloseTo(alpha, 3);
    const longMm = completeK(Math.sin((alpha / 2) * RAD) ** 2) / Math.sqrt(found.pushPerEi);
    const there = placeAt(found, longMm);
    expect((found.pushPerEi * longMm ** 2) / (Math.PI / 2) ** 2 / load).toBeCloseTo(1, 3);
    expect(Math.abs(there.across / longMm - along)).toBeLessThan(0.001);
    expect(Math.abs((found.riseMm - there.up) / longMm - across)).toBeLessThan(0.001);
  });

  it('keeps its length to a hundredth of a percent, stands upright on its feet, and is half a circle where nothing pushes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.88, noNaN: true }),
        fc.double({ min: 300, max: 9000, noNaN: true }),
        (share, long) => {
          const one = arch(share * long, long);
          let sum = 0;
          one.points.slice(1).forEach((to, i) => {
            const from = one.points[i] as (typeof one.points)[number];
            const chord = Math.hypot(to.acrossMm - from.acrossMm, to.upMm - from.upMm);
            const turn = Math.acos(Math.max(-1, Math.min(1, from.way[0] * to.way[0] + from.way[1] * to.way[1])));
            // A short stretch is longer than its chord as an arc is.
            sum += turn > 1e-9 ? (chord * (turn / 2)) / Math.sin(turn / 2) : chord;
          });
          expect(Math.abs(sum / long - 1)).toBeLessThan(1e-4);
          const [foot] = one.points;
          expect(foot?.upMm).toBeCloseTo(0, 6);
          expect(Math.abs(foot?.way[0] ?? 1)).toBeLessThan(1e-3);
          expect((foot?.acrossMm ?? 0) * 2).toBeCloseTo(-share * long, 6);
        },
      ),
    );
    const half = arch(1200, 600 * Math.PI);
    expect(half.riseMm).toBeCloseTo(600, 1);
    expect(tightestRadius(half)).toBeCloseTo(600, 1);
    expect(Math.abs(half.pushPerEi) * 600 ** 2).toBeLessThan(1e-3);
    expect(uprightArch(1000, 1050)).toBeNull();
  });

  it('is bent as much at foot and crown as its directions turn there, and in balance: B (κ crown − κ foot) = H · rise', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 0.88, noNaN: true }), (share) => {
        const one = arch(share * 4000, 4000);
        const n = one.points.length - 1;
        const step = one.lengthMm / n;
        const angle = (i: number) => Math.atan2(one.points[i]?.way[1] ?? NaN, one.points[i]?.way[0] ?? NaN);
        const turn = (i: number, j: number) => Math.atan2(Math.sin(angle(j) - angle(i)), Math.cos(angle(j) - angle(i)));
        // Curvature at an end from the turns over one, two and three steps (Richardson), clockwise as an arch goes.
        const atFoot = -(18 * turn(0, 1) - 9 * turn(0, 2) + 2 * turn(0, 3)) / (6 * step);
        const atCrown = -turn(n / 2 - 1, n / 2 + 1) / (2 * step);
        const most = Math.max(Math.abs(one.footPerMm), Math.abs(one.crownPerMm));
        expect(Math.abs(atFoot - one.footPerMm) / most).toBeLessThan(0.01);
        expect(Math.abs(atCrown - one.crownPerMm) / most).toBeLessThan(0.01);
        expect(Math.abs(one.crownPerMm - one.footPerMm - one.pushPerEi * one.riseMm) / most).toBeLessThan(0.005);
      }),
    );
  });

  it('gives by the bending formula: σ = M y / I with M = E I / R reaches the yield at that radius', () => {
    const [d, modulus, yields] = [4.2, 200_000, 450];
    const moment =
      (modulus * roundInertia(d)) /
      (1 / yieldCurvature({ diameterMm: d, wallMm: 0, stiffnessMpa: modulus, yieldMpa: yields }));
    expect((moment * (d / 2)) / roundInertia(d)).toBeCloseTo(yields, 9);
    // By hand, a pipe of 20 mm with a wall of 2: π/64 (160 000 − 65 536).
    expect(roundInertia(20, 2)).toBeCloseTo((Math.PI / 64) * (160_000 - 65_536), 6);
  });
});
