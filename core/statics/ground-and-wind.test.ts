import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { depthThrough, firmDepth, leastBelowBed } from './embedment';
import { poleMoment } from './pole';
import { exposureFactor, lowDown, onceIn, pipeYieldMoment, roundYieldMoment, windPressure } from './wind';

describe('a pole in the ground', () => {
  it('holds what the formula of the International Building Code (1807.3.2.1) asks of its depth, put back into it', () => {
    const FOOT = 304.8;
    const length = fc.double({ min: 0.5, max: 6, noNaN: true });
    fc.assert(
      fc.property(length, length, fc.double({ min: 0.02, max: 1, noNaN: true }), (d, h, b) => {
        const moment = poleMoment({ acrossMm: b * FOOT, deepMm: d * FOOT, upMm: h * FOOT, soil: 'sand' });
        const pounds = moment / (0.3048 * h) / 4.4482216152605;
        // Equation 18-1 as it is printed: A = 2.34 P / (S₁ b), d = 0.5 A (1 + √(1 + 4.36 h / A)), S₁ = 150 psf/ft × d / 3.
        const a = (2.34 * pounds) / (150 * (d / 3) * b);
        expect(0.5 * a * (1 + Math.sqrt(1 + (4.36 * h) / a))).toBeCloseTo(d, 9);
      }),
    );
    expect(poleMoment({ acrossMm: 90, deepMm: 0, upMm: 900, soil: 'loam' })).toBe(0);
  });

  it('by hand: a 10 mm rod 18″ deep, pushed 500 mm up, holds about a newton metre in loam and half as much again in sand', () => {
    const at = { acrossMm: 10, deepMm: 457.2, upMm: 500 } as const;
    // b = 0.0328′, d = 1.5′, h = 1.640′, S₁ = 50 psf: 50 × 0.0328 × 2.25 / (2.34 × 3.288) = 0.480 lbf = 2.13 N.
    expect(poleMoment({ ...at, soil: 'loam' })).toBeCloseTo(1.067, 2);
    expect(poleMoment({ ...at, soil: 'sand' }) / poleMoment({ ...at, soil: 'loam' })).toBeCloseTo(1.5, 9);
  });
});

describe('a raised bed', () => {
  it('30″ down in 20″ of loose fill has 10″ of ground, in settled fill half of it more; what is suggested holds exactly as much as is asked', () => {
    expect(firmDepth(30, { mm: 20, is: 'loose' })).toBe(10);
    expect(firmDepth(30, { mm: 20, is: 'settled' })).toBe(20);
    const mm = fc.double({ min: 1, max: 1500, noNaN: true });
    fc.assert(
      fc.property(mm, mm, fc.constantFrom('loose' as const, 'settled' as const), (least, high, is) => {
        const fill = { mm: high, is };
        const deep = depthThrough(least, least, fill);
        expect(firmDepth(deep, fill)).toBeGreaterThanOrEqual(least - 1e-6);
        expect(deep - high).toBeGreaterThanOrEqual(leastBelowBed(least, fill) - 1e-6);
        // A hair less is too little by one or the other.
        const hair = deep - 1e-3;
        expect(firmDepth(hair, fill) < least || hair - high < leastBelowBed(least, fill)).toBe(true);
      }),
    );
  });
});

describe('wind low down', () => {
  it('presses as ASCE 7-22 has it (equation 26.10-1, 0.00256 V² lb/ft² of mph), within the two hundredths by which its air is lighter', () => {
    for (const mph of [30, 60, 90, 115]) {
      const pounds = 0.00256 * mph ** 2;
      const newtonsOnAMetre = (pounds * 4.4482216152605) / 0.3048 ** 2;
      expect(Math.abs(windPressure(mph * 0.44704) / newtonsOnAMetre - 1.02)).toBeLessThan(0.005);
    }
  });

  it('has the exposure factors that figure 4.2 of EN 1991-1-4 shows, and is less the more stands about', () => {
    // Read off: terrain II at 10 m 2.35, III at 5 m 1.28, IV at 10 m 1.18.
    expect(exposureFactor({ roughM: 0.05 }, 10)).toBeCloseTo(2.35, 1);
    expect(exposureFactor({ roughM: 0.3 }, 5)).toBeCloseTo(1.28, 1);
    expect(exposureFactor({ roughM: 1 }, 10)).toBeCloseTo(1.18, 1);
    expect([lowDown('exposed'), lowDown('usual'), lowDown('sheltered')].map((one) => one.toFixed(2))).toEqual([
      '0.61',
      '0.54',
      '0.33',
    ]);
  });

  it('a gust is rarer the stronger it is: once in two years 0.78 of that of fifty, once in ten 0.90 (by equation 4.2, worked by hand)', () => {
    expect([2, 10, 50, 100].map((years) => onceIn(years).toFixed(2))).toEqual(['0.78', '0.90', '1.00', '1.04']);
  });

  it('a pipe yields as its solid less its hollow', () => {
    // W = π (D⁴ − d⁴) / (32 D): 18 mm with a wall of 1.1: 244 mm³ at 240 MPa.
    const pipe = { diameterMm: 18, wallMm: 1.1, yieldMpa: 240 };
    expect(pipeYieldMoment(pipe)).toBeCloseTo((240 * (Math.PI / 32) * (18 ** 4 - 15.8 ** 4)) / 18 / 1000, 6);
    expect(pipeYieldMoment({ ...pipe, wallMm: 0 })).toBe(roundYieldMoment(18, 240));
  });
});
