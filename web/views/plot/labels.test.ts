import fc from 'fast-check';
import { expect, it } from 'vitest';
import { overlap } from '@lignum/core/geometry/polygon';
import { outlineOfLabel, placeLabels, type LabelWish } from './labels';

const wish = fc.record({
  text: fc.constantFrom('Long bed', 'Yard pump', 'Cable to the boathouse', 'Heap'),
  at: fc.tuple(fc.integer({ min: 0, max: 360 }), fc.integer({ min: 0, max: 360 })),
  turnDeg: fc.constantFrom(0, 30, 90, 180, 270, -90),
  lengthPx: fc.integer({ min: 5, max: 300 }),
  widthPx: fc.integer({ min: 2, max: 90 }),
  carries: fc.boolean(),
});

it('no name lies over another or stands on its head; the chosen one always has a place, the largest thing too', () => {
  fc.assert(
    fc.property(fc.array(wish, { minLength: 1, maxLength: 25 }), fc.nat(24), (some, pick) => {
      const wishes = some.map((one, i): LabelWish => ({ ...one, id: `${i}` }));
      const chosen = wishes[pick % wishes.length]?.id ?? null;
      const placed = placeLabels(wishes, chosen);
      const outlines = [...placed.values()].map(outlineOfLabel);
      outlines.forEach((one, i) => {
        for (const other of outlines.slice(i + 1)) expect(overlap(one, other)).toBe(false);
      });
      for (const { turnDeg } of placed.values()) expect(Math.abs(turnDeg)).toBeLessThanOrEqual(90);
      expect(placed.has(chosen ?? '')).toBe(true);
      const largest = wishes.reduce((most, one) =>
        one.lengthPx * one.widthPx > most.lengthPx * most.widthPx ? one : most,
      );
      expect(placeLabels(wishes, null).has(largest.id)).toBe(true);
    }),
  );
});
