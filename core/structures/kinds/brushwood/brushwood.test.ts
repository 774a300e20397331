import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import { distanceToChain } from '../../../geometry/curve';
import { add, scale, minus } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';

const PEAS = { crop: 'pea', training: 'row', count: 60 };

describe('brushwood', () => {
  it('8′ of it, a stick every 6″: seventeen of them by the fence-post rule, as long as it is pushed in and stands', () => {
    const { ofRole, count, codes } = onBed(
      'brushwood',
      { rowLength: feet(8), every: inches(6), height: feet(4) },
      {},
      PEAS,
    );
    expect(count('stick')).toBe(17);
    for (const { cutMm, to, stands } of ofRole<Bar>('stick')) {
      expect(cutMm).toBeGreaterThanOrEqual(inches(8) + feet(4));
      expect(to[2]).toBeGreaterThanOrEqual(feet(4) - 1);
      expect(stands?.buriedMm).toBeCloseTo(inches(8), 6);
    }
    expect(codes).toContain('climb.climbs');
  });

  it('no two sticks take one place, and all lean along the row only', () => {
    fc.assert(
      fc.property(
        fc.record({
          rowLength: fc.integer({ min: 700, max: 4000 }),
          every: fc.integer({ min: 80, max: 450 }),
          height: fc.integer({ min: 400, max: 1300 }),
        }),
        (knobs) => {
          const sticks = onBed('brushwood', knobs, {}, PEAS).ofRole<Bar>('stick');
          sticks.forEach((stick, i) => {
            expect(stick.to[1]).toBeCloseTo(stick.from[1], 9);
            const next = sticks[i + 1];
            if (!next) return;
            for (let share = 0; share <= 1; share += 0.05)
              expect(
                distanceToChain(add(next.from, scale(minus(next.to, next.from), share)), [stick.from, stick.to]),
              ).toBeGreaterThan(next.thickMm - 0.1);
          });
        },
      ),
      { numRuns: cases(30) },
    );
  });

  it('carries peas, never cucumbers', () => {
    expect(onBed('brushwood', {}, {}, { crop: 'cucumber', training: 'vine', count: 4 }).codes).toContain('load.never');
  });
});
