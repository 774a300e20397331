import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { alongPath, onPath } from './path';

const anyPath = fc.record({
  spots: fc.array(
    fc.record({ xMm: fc.integer({ min: -9000, max: 9000 }), yMm: fc.integer({ min: -9000, max: 9000 }) }),
    { minLength: 2, maxLength: 6 },
  ),
  closed: fc.boolean(),
  near: fc.tuple(fc.integer({ min: -9000, max: 9000 }), fc.integer({ min: -9000, max: 9000 })),
});

it('the place on a path that is nearest to a spot is nearer than any other on it', () => {
  fc.assert(
    fc.property(anyPath, ({ spots, closed, near: [x, y] }) => {
      const away = (alongMm: number): number => {
        const [px, py] = onPath(spots, closed, alongMm);
        return Math.hypot(px - x, py - y);
      };
      const round = [...spots, ...(closed ? spots.slice(0, 1) : [])];
      const long = round
        .slice(1)
        .reduce((sum, to, i) => sum + Math.hypot(to.xMm - (round[i]?.xMm ?? 0), to.yMm - (round[i]?.yMm ?? 0)), 0);
      const found = away(alongPath(spots, closed, [x, y]));
      for (let i = 0; i <= 60; i++) expect(found).toBeLessThanOrEqual(away((long * i) / 60) + 1e-6);
    }),
    { numRuns: cases(120) },
  );
});
