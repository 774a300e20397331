import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, stockOf } from '../catalogue/catalogue';
import { bends } from './beam';

const of = stockOf(CATALOGUE, 'timber-2x6-treated', 'timber');

describe('a beam under an even load for good', () => {
  it('38 × 140 over 2134 mm under 146 N/m: 15 % of C16 at kmod 0.5, 1.7 mm in the end (by hand)', () => {
    // I = 38 · 140³ / 12; M = 1.35 · 0.146 · 2134² / 8 = 112.2 N m; W = 124 133 mm³; 0.904 of 16 · 0.5 / 1.3 = 6.15 MPa.
    const own = { ...of, thickMm: 38, wideMm: 140 };
    const { share, sagMm } = bends({ spanMm: 2134, loadNmm: 0.146, boards: 1, of: own });
    expect(share).toBeCloseTo(0.1469, 3);
    expect(sagMm).toBeCloseTo(1.7, 1);
  });

  it('its sag is what the curvature M / EI, added up twice along it, comes to; its stress what M y / I is in the middle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 8000, noNaN: true }),
        fc.double({ min: 0.001, max: 3, noNaN: true }),
        fc.constantFrom(1, 2),
        (spanMm, loadNmm, boards) => {
          const { sagMm, share } = bends({ spanMm, loadNmm, boards, of });
          const inertia = (boards * of.thickMm * of.wideMm ** 3) / 12;
          // Half of it, by the moment-area theorem: the deflection of the end from the tangent in the middle.
          const steps = 2000;
          const dx = spanMm / 2 / steps;
          let sum = 0;
          for (let i = 0; i < steps; i++) {
            const x = (i + 0.5) * dx;
            const moment = (loadNmm / 2) * x * (spanMm - x);
            sum += (moment / (8000 * inertia)) * x * dx;
          }
          expect(sagMm / (3 * sum)).toBeCloseTo(1, 4);
          // In the middle half of the load pulls up at the support, and half of it down at a quarter of the span.
          const middle = ((loadNmm * spanMm) / 2) * (spanMm / 2) - ((loadNmm * spanMm) / 2) * (spanMm / 4);
          expect((share * 16 * 0.5) / 1.3 / ((1.35 * middle * (of.wideMm / 2)) / inertia)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 40 },
    );
  });
});
