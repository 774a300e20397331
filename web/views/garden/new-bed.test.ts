import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import type { Plan } from '@lignum/core/plan/plan';
import { overlap } from '@lignum/core/geometry/polygon';
import { bedOnPlot } from '@lignum/core/site/bed';
import { addBed, grownWords, newBed } from './new-bed';

const EMPTY: Plan = { ...DEMO_PLAN, beds: [], features: [], plantings: [], structures: [] };

describe('a new bed', () => {
  it('however large, lies on the plot and on no other where there is room; a plot it is longer than is made as long, and that is told', () => {
    const size = fc.tuple(fc.integer({ min: 600, max: 45_000 }), fc.integer({ min: 300, max: 2500 }));
    fc.assert(
      fc.property(fc.array(size, { minLength: 1, maxLength: 4 }), (sizes) => {
        let plan: Plan = { ...EMPTY, site: { ...EMPTY.site, widthMm: 14_000, depthMm: 12_000 } };
        for (const [lengthMm, widthMm] of sizes) {
          const bed = { ...newBed(plan), lengthMm, widthMm };
          const longer = lengthMm > Math.max(plan.site.widthMm, plan.site.depthMm);
          expect(grownWords(plan, bed, String)).toEqual(longer ? expect.stringContaining(bed.name) : null);
          const next = addBed(bed)(plan);
          expect(next.site === plan.site).toBe(!longer);
          const [laid] = next.beds.slice(-1) as [(typeof next.beds)[number]];
          for (const [x, y] of bedOnPlot(laid)) {
            expect(Math.min(x, y)).toBeGreaterThan(-0.001);
            expect(x).toBeLessThan(next.site.widthMm + 0.001);
            expect(y).toBeLessThan(next.site.depthMm + 0.001);
          }
          for (const other of plan.beds) expect(overlap(bedOnPlot(laid), bedOnPlot(other), 1)).toBe(false);
          plan = next;
        }
      }),
      { numRuns: 40 },
    );
  });
});
