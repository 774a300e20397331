import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import { cornerOf, type Sheet } from '../../../design/shapes/sheet';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';

const DAHLIAS = { crop: 'dahlia', training: 'bush', count: 4 };

describe('a grid to grow through', () => {
  it('of 6′ × 2½′ for dahlias: two grids, the lower half as high, three pairs of stakes, a tie where each passes one', () => {
    const { count, ofRole, codes } = onBed(
      'grow-through',
      { rowLength: feet(6), width: feet(2.5), high: feet(3) },
      {},
      DAHLIAS,
    );
    expect([count('stake'), ofRole('grid').length, count('grid to stake')]).toEqual([6, 2, 12]);
    expect(ofRole<Sheet>('grid').map((grid) => cornerOf(grid)[2])).toEqual([feet(1.5), feet(3)]);

    expect(codes).toContain('grid.suits');
    expect(onBed('grow-through', {}, {}, { crop: 'pea', training: 'row' }).codes).toContain('grid.climbs');
  });

  it('lies level inside its stakes, which stand outside its edges and are no farther apart than is said', () => {
    fc.assert(
      fc.property(
        fc.record({
          rowLength: fc.integer({ min: 800, max: 4500 }),
          width: fc.integer({ min: 310, max: 1200 }),
          every: fc.integer({ min: 460, max: 1800 }),
        }),
        (knobs) => {
          const { ofRole } = onBed('grow-through', knobs, {}, DAHLIAS);
          const [grid] = ofRole<Sheet>('grid') as [Sheet];
          const [near, far] = [cornerOf(grid)[1], cornerOf(grid)[1] + grid.heightMm];
          const stakes = ofRole<Bar>('stake');
          for (const { from, thickMm } of stakes)
            expect(from[1] <= near - thickMm / 2 + 1e-6 || from[1] >= far + thickMm / 2 - 1e-6).toBe(true);
          const along = [...new Set(stakes.map(({ from }) => from[0]))].toSorted((a, b) => a - b);
          for (const [i, x] of along.slice(1).entries())
            expect(x - (along[i] as number)).toBeLessThanOrEqual(knobs.every + 1e-6);
        },
      ),
      { numRuns: cases(30) },
    );
  });

  it('no wider than its mesh is sold: else that is said, with a width that is', () => {
    const { verdicts } = onBed('grow-through', { width: feet(5.5) }, { widthMm: feet(6) }, DAHLIAS);
    expect(verdicts.find(({ told }) => told.code === 'grid.narrow')?.level).toBe('fail');
    expect(onBed('grow-through', { width: inches(40) }, {}, DAHLIAS).codes).not.toContain('grid.narrow');
  });
});
