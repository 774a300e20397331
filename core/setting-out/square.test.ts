import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { postLines } from '../design/post-numbers';
import { computeGarden } from '../plan/compute';
import { TAPES, tapeSag, tapeStretch } from '../statics/tape';
import { squareOf } from './square';

const designs = computeGarden(DEMO_PLAN).structures.map(({ sized }) => sized.design);

it('a rectangle of posts is told by its sides, its diagonals (Pythagoras) and a triangle of three, four and five that finds room', () => {
  let found = 0;
  for (const design of designs)
    for (const units of ['imperial', 'metric'] as const) {
      const square = squareOf(design, units);
      if (!square) continue;
      found++;
      const { longMm, wideMm, diagonalMm, triangle } = square;
      expect(diagonalMm ** 2).toBeCloseTo(longMm ** 2 + wideMm ** 2, 3);
      expect(triangle.slantMm ** 2).toBeCloseTo(triangle.alongMm ** 2 + triangle.acrossMm ** 2, 3);
      expect(triangle.alongMm).toBeLessThanOrEqual(longMm);
      expect(triangle.acrossMm).toBeLessThanOrEqual(wideMm);
      const corners = postLines(design).flatMap((line) => [line[0], line.at(-1)]);
      const far = Math.max(
        ...corners.flatMap((a) =>
          corners.map((b) => Math.hypot((a?.from[0] ?? 0) - (b?.from[0] ?? 0), (a?.from[1] ?? 0) - (b?.from[1] ?? 0))),
        ),
      );
      expect(far).toBeCloseTo(diagonalMm, 6);
    }
  expect(found).toBeGreaterThan(5);
});

it('a tape that sags reads as much too much as a catenary is longer than its chord, within a hundredth; one that is pulled stretches by Hooke', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.values(TAPES)),
      fc.integer({ min: 1000, max: 30_000 }),
      fc.integer({ min: 20, max: 100 }),
      (tape, mm, pullN) => {
        const a = pullN / tape.weighsNm;
        const chord = mm / 1000;
        const excessMm = (2 * a * Math.sinh(chord / (2 * a)) - chord) * 1000;
        expect(Math.abs(tapeSag(tape, mm, pullN) - excessMm)).toBeLessThanOrEqual(0.01 * excessMm + 1e-6);
        expect(tapeStretch(tape, mm, tape.trueAtN)).toBe(0);
        expect(tapeStretch(tape, 2 * mm, pullN)).toBeCloseTo(2 * tapeStretch(tape, mm, pullN), 9);
      },
    ),
  );
  // By hand: 13 × 0.2 mm of steel over 10 m at 100 N: 50 N × 10 000 mm / (2.6 mm² × 200 000 N/mm²).
  expect(tapeStretch(TAPES.steel, 10_000, 100)).toBeCloseTo(0.9615, 4);
});
