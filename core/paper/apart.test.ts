import fc from 'fast-check';
import { expect, it } from 'vitest';
import { apart } from './apart';

it('names on the plan stand clear of each other, each as near to its middle as there is room', () => {
  const place = fc.record({ x: fc.integer({ min: 0, max: 300 }), y: fc.integer({ min: 0, max: 300 }) });
  fc.assert(
    fc.property(fc.array(place, { maxLength: 40 }), (middles) => {
      const placed = apart(middles.map((at, i) => ({ said: String(i), ...at })));
      placed.forEach((one, i) => {
        for (const other of placed.slice(i + 1))
          expect(Math.abs(one.x - other.x) >= 16 || Math.abs(one.y - other.y) >= 11, `${one.said} ${other.said}`).toBe(
            true,
          );
        // Alone it stays where it is.
        const near = middles.filter((at, n) => n < i && Math.hypot(at.x - one.x, at.y - one.y) < 80);
        if (near.length === 0) expect([one.x, one.y]).toEqual([middles[i]?.x, middles[i]?.y]);
      });
    }),
  );
});
