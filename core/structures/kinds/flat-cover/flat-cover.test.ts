import fc from 'fast-check';
import { expect, it } from 'vitest';
import type { Sheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { liftOf } from './size';

it('a slack cover is lifted as a parabola of its length is high: against the exact arc length of a parabola, within a twentieth up to a third of slack', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.02, max: 0.33, noNaN: true }), (slack) => {
      const h = liftOf(1, slack);
      // L = ½√(1 + 16h²) + asinh(4h) / (8h) for a span of one (Bronshtein & Semendyayev, arc of a parabola).
      const long = 0.5 * Math.sqrt(1 + 16 * h * h) + Math.asinh(4 * h) / (8 * h);
      expect(Math.abs(long - (1 + slack))).toBeLessThan(0.05 * (1 + slack));
    }),
  );
});

it('its pieces are as wide together as the bed with slack and edges, and pegs stand all round', () => {
  const { ofRole, bill } = onBed('flat-cover', {
    width: inches(48),
    slack: 20,
    tuck: inches(6),
    cover: 'cover-butterfly',
    held: 'pegs',
  });
  const strips = ofRole<Sheet>('cover');
  expect(strips).toHaveLength(1);
  expect(strips[0]?.spreadMm).toBeGreaterThan(inches(48 + 12));
  // 16′ at 3′: seven pegs along each side; across both ends three each (69.6″ at 36″), by hand.
  expect(bill.find((line) => line.stock === 'ground-peg')?.count).toBe(2 * 7 + 2 * 3);
});

it('over the rim of a raised bed it hangs down both sides and is hooked on nails', () => {
  const raised = onBed('flat-cover', { held: 'rim', tuck: inches(6), every: inches(12) }, { heightMm: inches(10) });
  const [strip] = raised.ofRole<Sheet>('cover');
  const base = strip?.base;
  const ups = base && base.curve === 'sampled' ? base.points.map(([, , up]) => up) : [];
  expect(Math.min(...ups)).toBeCloseTo(-inches(6), 0);
  // 16′ at 12″: seventeen nails along each side, more across both ends.
  expect(raised.bill.find((line) => line.stock === 'nail-round')?.count).toBeGreaterThan(2 * 17);
  expect(raised.bill.some((line) => line.stock === 'ground-peg')).toBe(false);
});
