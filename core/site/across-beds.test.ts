import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { bedsAcross } from './across-beds';
import { onPlan } from './plot';

const [bed] = DEMO_PLAN.beds as [(typeof DEMO_PLAN.beds)[number]];
const plain = { ...bed, lengthMm: 4000, widthMm: 1000, outline: { shape: 'rectangle' } as const };

it('a line goes as far through a rectangle as Liang and Barsky clip it (“A New Concept and Method for Line Clipping”, ACM TOG 3, 1984), however the bed is turned', () => {
  const far = fc.integer({ min: -6000, max: 6000 });
  fc.assert(
    fc.property(far, far, far, far, fc.integer({ min: 0, max: 359 }), (ax, ay, bx, by, turnDeg) => {
      fc.pre(Math.hypot(bx - ax, by - ay) > 200);
      // Their parameters: the share of the line at which it comes in over each edge, and goes out.
      const [dx, dy] = [bx - ax, by - ay];
      let [enters, leaves] = [0, 1];
      for (const [p, q] of [
        [-dx, ax + 2000],
        [dx, 2000 - ax],
        [-dy, ay + 500],
        [dy, 500 - ay],
      ] as const) {
        if (p === 0 && q < 0) leaves = -1;
        if (p < 0) enters = Math.max(enters, q / p);
        if (p > 0) leaves = Math.min(leaves, q / p);
      }
      const clipped = Math.max(0, leaves - enters) * Math.hypot(dx, dy);
      const placed = { ...plain, xMm: 30_000, yMm: 20_000, turnDeg };
      const spots = [onPlan(placed, ax, ay), onPlan(placed, bx, by)].map(([xMm, yMm]) => ({ xMm, yMm }));
      const [found] = bedsAcross(spots, false, [placed]);
      // It is looked at every 25 mm.
      expect(Math.abs((found?.mm ?? 0) - clipped)).toBeLessThanOrEqual(50);
    }),
    { numRuns: cases(300) },
  );
});

it('a loop goes through what its last stretch goes through, a line does not', () => {
  const spots = [
    { xMm: 0, yMm: 0 },
    { xMm: 9000, yMm: 9000 },
    { xMm: 9000, yMm: 0 },
  ];
  const lying = { ...plain, xMm: 4500, yMm: 0, turnDeg: 90 };
  expect(bedsAcross(spots, true, [lying])).toHaveLength(1);
  expect(bedsAcross(spots, false, [lying])).toEqual([]);
});
