import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { roundInertia, tightestRadius, uprightArch } from './elastica';
import { bentToKeep, momentAt, staysAt, yieldCurvature, yieldingArch, type Section } from './yielding';

const BAR: Section = { diameterMm: 10, wallMm: 0, stiffnessMpa: 200_000, yieldMpa: 400 };
const PIPE: Section = { diameterMm: 26.7, wallMm: 2.87, stiffnessMpa: 3000, yieldMpa: 50 };
const stiffness = (one: Section) => one.stiffnessMpa * roundInertia(one.diameterMm, one.wallMm);
const giving = yieldCurvature(BAR);

/** The moment as a sum over thin strips across the section, each with the stress of its own strain: what is bent is cut up by hand. */
function inStrips(curvature: number, section: Section): number {
  const [outer, inner] = [section.diameterMm / 2, section.wallMm > 0 ? section.diameterMm / 2 - section.wallMm : 0];
  const thin = outer / 4000;
  let sum = 0;
  for (let y = -outer + thin / 2; y < outer; y += thin) {
    const wide = 2 * Math.sqrt(outer ** 2 - y ** 2) - 2 * Math.sqrt(Math.max(0, inner ** 2 - y ** 2));
    const strain = curvature * y;
    const first = section.yieldMpa / section.stiffnessMpa;
    const past = Math.max(0, Math.abs(strain) - first);
    const stress = Math.sign(strain) * section.stiffnessMpa * (Math.min(Math.abs(strain), first) + 0.02 * past);
    sum += stress * wide * y * thin;
  }
  return sum;
}

describe('a bar bent by hand', () => {
  it('is held by E I κ while it springs, and gives where its outermost fibre does: M = σ π d³/32', () => {
    expect(momentAt(giving * 0.7, BAR)).toBeCloseTo(stiffness(BAR) * giving * 0.7, 6);
    expect(momentAt(giving, BAR)).toBeCloseTo((400 * Math.PI * 1000) / 32, 6);
    expect(staysAt(giving * 0.7, BAR)).toBeCloseTo(0, 12);
  });

  it('bent far, is held by 16/(3π) of that and by what it hardens (the shape factor of a circle; Timoshenko, Strength of Materials II, art. 64)', () => {
    const far = giving * 1000;
    const plastic = (momentAt(far, BAR) - 0.02 * stiffness(BAR) * far) / 0.98;
    expect(plastic / momentAt(giving, BAR)).toBeCloseTo(16 / (3 * Math.PI), 4);
  });

  it('springs back by hand: 10 mm bent to three times its yield, a radius of 833 mm, keeps one of 1829 mm', () => {
    // With its core a third of it, 29.81 mm⁴, it is held by 1.633 of its first yield's moment.
    const c = 5 / 3;
    const beyond = Math.sqrt(25 - c * c);
    const core = 4 * ((625 / 8) * Math.asin(1 / 3) - (c / 8) * (25 - 2 * c * c) * beyond);
    const held =
      0.98 * (200_000 * 3 * giving * core + (400 * 4 * beyond ** 3) / 3) + 0.02 * stiffness(BAR) * 3 * giving;
    expect(staysAt(3 * giving, BAR)).toBeCloseTo(3 * giving - held / stiffness(BAR), 9);
    expect(core).toBeCloseTo(29.814, 3);
    expect(held / momentAt(giving, BAR)).toBeCloseTo(1.6328, 4);
    expect(1 / staysAt(3 * giving, BAR)).toBeCloseTo(1828.6, 1);
    expect(1 / staysAt(3 * giving, BAR)).toBeCloseTo(1 / (3 * giving - inStrips(3 * giving, BAR) / stiffness(BAR)), 0);
  });

  it('is held, bar or pipe, by what its strips sum up to; what it is bent to so that a curve stays leaves that curve', () => {
    fc.assert(
      fc.property(fc.constantFrom(BAR, PIPE), fc.double({ min: 0.2, max: 30, noNaN: true }), (section, share) => {
        const curvature = share * yieldCurvature(section);
        expect(momentAt(curvature, section) / inStrips(curvature, section)).toBeCloseTo(1, 3);
        expect(momentAt(-curvature, section)).toBe(-momentAt(curvature, section));
        expect(staysAt(bentToKeep(curvature, section), section) / curvature).toBeCloseTo(1, 6);
      }),
      { numRuns: cases(40) },
    );
  });
});

describe('a strip that gives', () => {
  const ratio = fc.double({ min: 0.12, max: 0.72, noNaN: true });
  /** A strip whose tightest bend would be so many times its yield, were it springy. */
  const strip = (share: number, most: number) => {
    const [spanMm, lengthMm] = [4000 * share, 4000];
    const springy = uprightArch(spanMm, lengthMm);
    if (!springy) throw new Error('does not reach');
    const section = { ...BAR, yieldMpa: (BAR.stiffnessMpa * BAR.diameterMm) / (2 * most * tightestRadius(springy)) };
    return { spanMm, lengthMm, section, springy };
  };

  it('is the elastica while nothing of it is bent too far', () => {
    fc.assert(
      fc.property(ratio, fc.double({ min: 0.1, max: 0.99, noNaN: true }), (share, most) => {
        const { spanMm, lengthMm, section, springy } = strip(share, most);
        expect(yieldingArch(spanMm, lengthMm, section)).toEqual(springy);
      }),
      { numRuns: cases(20) },
    );
  });

  it('stands on upright feet, as long as it is, every part in balance with the push of its feet: M = M₀ − P · drop', () => {
    fc.assert(
      fc.property(ratio, fc.double({ min: 1.05, max: 8, noNaN: true }), (share, most) => {
        const { spanMm, lengthMm, section, springy } = strip(share, most);
        const arch = yieldingArch(spanMm, lengthMm, section);
        if (!arch) throw new Error('does not reach');
        const { points } = arch;
        const [foot, crown] = [points.at(-1), points[(points.length - 1) / 2]];
        expect(foot?.acrossMm).toBeCloseTo(spanMm / 2, 3);
        expect(foot?.upMm).toBeCloseTo(0, 6);
        expect(Math.abs(foot?.way[0] ?? 1)).toBeLessThan(2e-4);
        expect(crown?.upMm).toBeCloseTo(arch.riseMm, 6);
        // Turned from point to point by its own measure: a mean over each stretch, whose moment is that of its middle.
        const long = lengthMm / (points.length - 1);
        const angle = (i: number) => Math.atan2(-points[i]!.way[1], points[i]!.way[0]);
        const held = momentAt(arch.crownPerMm, section) / stiffness(section);
        for (let i = (points.length - 1) / 2 + 4; i < points.length - 1; i++) {
          const drop = arch.riseMm - (points[i]!.upMm + points[i + 1]!.upMm) / 2;
          const turned = (angle(i + 1) - angle(i)) / long;
          const asked = held - arch.pushPerEi * drop;
          expect(Math.abs(momentAt(turned, section) / stiffness(section) - asked)).toBeLessThan(
            0.06 * Math.max(held, yieldCurvature(section)),
          );
        }
        // What gives pushes less, whichever way it pushed.
        expect(Math.abs(arch.pushPerEi)).toBeLessThan(Math.abs(springy.pushPerEi) + 1e-12);
      }),
      { numRuns: cases(40) },
    );
  });
});
