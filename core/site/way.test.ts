import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { setApart, wayBetween } from './way';

const [bed] = DEMO_PLAN.beds as [(typeof DEMO_PLAN.beds)[number]];
const mm = fc.integer({ min: -8000, max: 8000 });

it('a bed set apart leaves a way just so wide, on the side where it lay, and goes no other way than straight from the other', () => {
  fc.assert(
    fc.property(
      fc.record({
        xMm: mm,
        yMm: mm,
        turnDeg: fc.integer({ min: 0, max: 359 }),
        lengthMm: fc.integer({ min: 600, max: 6000 }),
      }),
      fc.record({ xMm: mm, yMm: mm, widthMm: fc.integer({ min: 200, max: 1500 }) }),
      fc.boolean(),
      fc.integer({ min: 0, max: 5000 }),
      (a, b, turned, wideMm) => {
        const other = { ...bed, ...a };
        const own = { ...bed, ...b, turnDeg: a.turnDeg + (turned ? 180 : 0) };
        const moved = { ...own, ...setApart(own, other, wideMm) };
        expect(wayBetween(other, moved).wideMm).toBeCloseTo(wideMm, 6);
        const turn = (a.turnDeg * Math.PI) / 180;
        const along = (moved.xMm - own.xMm) * Math.cos(turn) + (moved.yMm - own.yMm) * Math.sin(turn);
        expect(along).toBeCloseTo(0, 6);
        const across = (one: { xMm: number; yMm: number }) =>
          (other.xMm - one.xMm) * Math.sin(turn) - (other.yMm - one.yMm) * Math.cos(turn);
        fc.pre(Math.abs(across(own)) > 1);
        expect(Math.sign(across(moved))).toBe(Math.sign(across(own)));
      },
    ),
    { numRuns: cases(200) },
  );
});
