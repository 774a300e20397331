import fc from 'fast-check';
import { expect, it } from 'vitest';
import { parabolaSag } from './sag';

it('sags as the catenary does, within a fiftieth where it sags less than a tenth of its span', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1e-3, max: 0.1, noNaN: true }),
      fc.integer({ min: 500, max: 8000 }),
      fc.integer({ min: 20, max: 1500 }),
      (load, span, tension) => {
        const sag = parabolaSag(load, span, tension);
        if (sag > span / 10) return;
        // y = (H/w)(cosh(w x / H) − 1), the exact catenary (any mechanics text), at half the span.
        const exact = (tension / load) * (Math.cosh((load * span) / (2 * tension)) - 1);
        expect(sag / exact).toBeGreaterThan(0.98);
        expect(sag / exact).toBeLessThanOrEqual(1 + 1e-9);
      },
    ),
  );
});
