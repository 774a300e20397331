import { STUDDED } from './studded-post';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { leafDrag, monthGust } from './drag';
import { dowelShear, nailDraw, screwDraw, slipStiffness } from './fasteners';
import { bromsPush, drawsOut, passive, soilSpring, type Pushed } from './pile';
import { PSI_MPA } from '../quantity/stress';
import { adjustedValues, columnStability } from './timber';

const LBF = 4.4482216;

describe('what a short post in the soil bears (Broms 1964)', () => {
  const anyPost = fc.record({
    acrossMm: fc.integer({ min: 20, max: 300 }),
    deepMm: fc.integer({ min: 300, max: 1200 }),
    upMm: fc.integer({ min: 100, max: 2500 }),
    soil: fc.constantFrom('sand' as const, 'loam' as const, 'clay' as const),
  });

  it('Rankine’s passive pressure is three times the weight at 30° (any textbook of soil mechanics)', () => {
    expect(passive(30)).toBeCloseTo(3, 9);
  });

  it('in sand a post of 300 mm, 3 m deep, pushed at the soil, ½ γ b d² K_p by hand', () => {
    const kp = passive(33);
    expect(bromsPush({ acrossMm: 300, deepMm: 3000, upMm: 0, soil: 'sand' }) / 1000).toBeCloseTo(
      0.5 * 17 * 0.3 * 9 * kp,
      6,
    );
  });

  it('in clay the moments about where it turns are even, by the equation as Broms wrote it', () => {
    fc.assert(
      fc.property(anyPost, (at) => {
        fc.pre(at.soil !== 'sand' && at.deepMm >= 5 * at.acrossMm);
        const cu = at.soil === 'clay' ? 0.05 : 0.04;
        const push = bromsPush(at);
        const f = push / (9 * cu * at.acrossMm);
        const g = at.deepMm - 1.5 * at.acrossMm - f;
        expect(g).toBeGreaterThanOrEqual(0);
        expect((push * (at.upMm + 1.5 * at.acrossMm + 0.5 * f)) / (2.25 * cu * at.acrossMm * g ** 2)).toBeCloseTo(1, 6);
      }),
      { numRuns: cases(100) },
    );
  });

  it('an anchor plate in sand adds what 3 γ z K_p presses on it, with its lever about the foot (by hand)', () => {
    const at = { acrossMm: 35, deepMm: 762, upMm: 1140, soil: 'sand' } as const;
    const plate = { besideMm2: 7031, upMm: 387 };
    const more = bromsPush({ ...at, plate }) - bromsPush(at);
    // 3 × 17e-6 × 375 mm × K_p of 33° = 3.392, on 7031 mm², at 387 mm, over 1140 + 762.
    expect(more / ((3 * 17e-6 * 375 * 3.392 * 7031 * 387) / 1902)).toBeCloseTo(1, 3);
    expect(bromsPush({ ...at, soil: 'clay', plate })).toBe(bromsPush({ ...at, soil: 'clay' }));
  });

  it('a footing wider than a fifth of its depth holds what one of that width does, and no less than the post in it', () => {
    const at = (acrossMm: number) => bromsPush({ acrossMm, deepMm: 610, upMm: 1000, soil: 'loam' });
    expect(at(267)).toBe(at(122));
    expect(at(267)).toBeGreaterThan(at(89));
  });

  it('a studded post’s plastic modulus is that of a flange and a web of 35 × 3.2 mm by hand, and a little for its studs', () => {
    // Half of the area lies over y: the flange but a sliver of it.
    const [b, t, web] = [35, 3.2, 35 - 3.2];
    const y = (b * t + web * t) / 2 / b;
    const byHand = (b * y ** 2) / 2 + (b * (t - y) ** 2) / 2 + web * t * (t + web / 2 - y);
    expect(STUDDED.plasticMm3 / byHand).toBeGreaterThan(1);
    expect(STUDDED.plasticMm3 / byHand).toBeLessThan(1.08);
  });

  it('deeper, wider and lower bears more, softer ground less', () => {
    fc.assert(
      fc.property(anyPost, (at) => {
        fc.pre(at.deepMm > 1.6 * at.acrossMm);
        const more = (change: Partial<Pushed>): number => bromsPush({ ...at, ...change }) - bromsPush(at);
        expect(more({ deepMm: at.deepMm + 50 })).toBeGreaterThan(0);
        expect(more({ upMm: at.upMm + 50 })).toBeLessThan(0);
        expect(more({ softer: true })).toBeLessThan(0);
        expect(more({ acrossMm: at.acrossMm + 50 })).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: cases(100) },
    );
  });

  it('is drawn out against what clings to it and its concrete: 6.1 kN and 0.8 kN of a footing of 267 mm, 610 mm deep in loam (by hand)', () => {
    const at = { acrossMm: 267, deepMm: 610, soil: 'loam' } as const;
    const clings = 12_000 * Math.PI * 0.267 * 0.61;
    const weighs = (Math.PI / 4) * 0.267 ** 2 * 0.61 * 2400 * 9.80665;
    expect(drawsOut({ ...at, concrete: false })).toBeCloseTo(clings, 3);
    expect(drawsOut({ ...at, concrete: true })).toBeCloseTo(clings + weighs, 3);
    expect(drawsOut({ ...at, soil: 'sand', concrete: false })).toBeLessThan(clings);
  });

  it('is as stiff as the sum of the springs along it, turned about any place (summed over a thousand slices)', () => {
    fc.assert(
      fc.property(anyPost, fc.integer({ min: -500, max: 500 }), ({ deepMm, soil }, about) => {
        const { push, turn, atMm } = soilSpring({ deepMm, soil });
        const n = 1000;
        const sum = { sand: 0, even: 0 };
        const whole = { sand: 0, even: 0 };
        for (let i = 0; i < n; i++) {
          const z = ((i + 0.5) * deepMm) / n;
          whole.sand += z;
          whole.even += 1;
          sum.sand += z * (z - about) ** 2;
          sum.even += (z - about) ** 2;
        }
        const by = soil === 'sand' ? 'sand' : 'even';
        expect((turn + push * (atMm - about) ** 2) / ((push * sum[by]) / whole[by])).toBeCloseTo(1, 4);
      }),
      { numRuns: cases(60) },
    );
  });
});

describe('timber by the NDS', () => {
  const two = { wideMm: 89, thickMm: 38, grade: 'No. 2', duration: 'wind', wet: false, repetitive: false } as const;
  it('a 2×4 of No. 2 spruce–pine–fir in wind: 875 × 1.6 × 1.5 psi dry; wet 0.85 of that; three together 1.15 (worked by hand from table 4A)', () => {
    expect(adjustedValues(two).bending.mpa / PSI_MPA).toBeCloseTo(875 * 1.6 * 1.5, 6);
    expect(adjustedValues({ ...two, wet: true }).bending.mpa / PSI_MPA).toBeCloseTo(875 * 1.6 * 1.5 * 0.85, 6);
    expect(adjustedValues({ ...two, repetitive: true }).bending.mpa / PSI_MPA).toBeCloseTo(875 * 1.6 * 1.5 * 1.15, 6);
    // A 2×8 is not over 1150 psi: no less when wet.
    expect(adjustedValues({ ...two, wideMm: 184, wet: true }).bending.mpa / PSI_MPA).toBeCloseTo(875 * 1.6 * 1.2, 6);
    expect(adjustedValues({ ...two, wet: true, duration: 'for good' }).compression.mpa / PSI_MPA).toBeCloseTo(
      1150 * 0.9 * 0.8 * 1.15,
      6,
    );
  });

  it('shows each factor: their product is the value', () => {
    for (const value of [adjustedValues({ ...two, wet: true }).bending, adjustedValues(two).shear])
      expect(value.by.reduce((all, { is }) => all * is, 1)).toBeCloseTo(value.mpa, 9);
  });

  it('a short column has all of its strength, a slender one Euler’s of 0.822 E_min / (l/d)² (NDS 3.7.1)', () => {
    const at = { thickMm: 89, fcMpa: 8, bucklingMpa: 3165 };
    expect(columnStability({ ...at, lengthMm: 50 })).toBeCloseTo(1, 2);
    const slender = columnStability({ ...at, lengthMm: 8000 });
    expect(slender / ((0.822 * 3165) / (8000 / 89) ** 2 / 8)).toBeCloseTo(1, 1);
  });
});

describe('screws, nails and bolts by the NDS', () => {
  it('drawn out: 96 lb an inch of a No. 10 screw at 0.42, 135 at 0.50 (table 12.2B); a 16d nail 26 and 40 (table 12.2C)', () => {
    const screw = (g: number): number => screwDraw({ thickMm: 0.19 * 25.4, threadMm: 25.4, g }) / LBF;
    expect(Math.round(screw(0.42))).toBe(96);
    expect(Math.round(screw(0.5))).toBe(135);
    const nail = (g: number): number => nailDraw({ thickMm: 0.162 * 25.4, inMm: 25.4, g }) / LBF;
    expect(Math.round(nail(0.5))).toBe(40);
    expect(Math.abs(nail(0.42) - 26)).toBeLessThan(1);
  });

  it('across: a 16d common nail through 1½″ is 141 lb at 0.50 and 120 at 0.42 (table 12N)', () => {
    const nail = (g: number): number => dowelShear({ thickMm: 0.162 * 25.4, sideMm: 38.1, mainMm: 50.8, g }) / LBF;
    expect(Math.round(nail(0.5))).toBe(141);
    expect(Math.round(nail(0.42))).toBe(120);
  });

  it('gives by ρ^1.5 d / 23 (EN 1995-1-1, table 7.1, by hand)', () => {
    expect(slipStiffness(4.5, 400)).toBeCloseTo((8000 * 4.5) / 23, 6);
  });
});

describe('what the wind finds', () => {
  it('leaves give way: the push still grows with the wind, more slowly than its pressure', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 50, noNaN: true }), (v) => {
        const push = (speed: number): number => leafDrag(speed) * speed ** 2;
        expect(push(v * 1.1)).toBeGreaterThan(push(v));
        expect(push(v * 1.1) / push(v)).toBeLessThan(1.21);
      }),
      { numRuns: cases(60) },
    );
    expect(leafDrag(26)).toBeCloseTo(0.31, 2);
  });

  it('July is the calmest and January the windiest, half a year on in the south', () => {
    const all = Array.from({ length: 12 }, (_, month) => monthGust(month, true));
    expect(Math.min(...all)).toBe(all[6]);
    expect(Math.max(...all)).toBe(all[0]);
    expect(monthGust(0, false)).toBe(all[6]);
  });
});
