import { expect, it } from 'vitest';
import type { Sheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';

it('of 1″ mesh, 10″ across, takes 31 links and an inch to lap; three of 10″ come out of a roll of 36″, one of 30″, by hand', () => {
  const low = onBed('collar', {
    roll: 'mesh-1-36',
    diameter: inches(10),
    height: inches(8),
    below: inches(2),
    cages: 7,
  });
  const rings = low.ofRole<Sheet>('mesh');
  // π × 10″ = 31.4 links of 1″; 31″ of girth are 9.87″ across.
  expect(rings[0]?.cutMm).toBeCloseTo(inches(32), 6);
  expect(rings.map((one) => one.heightMm)).toEqual(rings.map(() => inches(10)));
  // Seven rings, three over each other out of the height: three lengths are bought.
  expect(rings.filter((one) => one.board === undefined)).toHaveLength(3);
  const high = onBed('collar', { roll: 'mesh-1-36', height: inches(24), below: inches(6), cages: 2 });
  expect(high.ofRole<Sheet>('mesh').filter((one) => one.board === undefined)).toHaveLength(2);
});

it('stops a rabbit where it is two feet high and set six inches deep, and says what is missing where it is not (common practice, no source)', () => {
  const codes = (height: number, below: number) =>
    onBed('collar', { roll: 'mesh-1-36', height: inches(height), below: inches(below), cages: 1 }).codes;
  expect(codes(24, 6)).toContain('keeps.out');
  expect(codes(12, 6)).toContain('keeps.low');
  expect(codes(24, 1)).toContain('keeps.dig');
});
