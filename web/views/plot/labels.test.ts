import fc from 'fast-check';
import { expect, it } from 'vitest';
import { overlap } from '@lignum/core/geometry/polygon';
import { cornersOf } from '@lignum/core/site/plot';
import { outlineOfLabel, outlineOfPin, placeNames, type LabelWish } from './labels';

const wish = fc.record({
  text: fc.constantFrom('Long bed', 'Yard pump', 'Cable to the boathouse', 'Heap'),
  at: fc.tuple(fc.integer({ min: 0, max: 360 }), fc.integer({ min: 0, max: 360 })),
  turnDeg: fc.constantFrom(0, 30, 90, 180, 270, -90),
  lengthPx: fc.integer({ min: 5, max: 300 }),
  widthPx: fc.integer({ min: 2, max: 90 }),
  isBare: fc.boolean(),
});
const PAGE = { widthPx: 360, heightPx: 360 };
const asWishes = (some: readonly Omit<LabelWish, 'id' | 'number' | 'isPinned'>[]): LabelWish[] =>
  some.map((one, i) => ({ ...one, id: `${i}`, number: i + 1, isPinned: true }));
const body = ({ at: [xMm, yMm], turnDeg, lengthPx, widthPx }: LabelWish) =>
  cornersOf({ xMm, yMm, turnDeg: -turnDeg }, lengthPx, widthPx);

it('no name or number lies over another, leaves the page or stands on its head; no name lies on a thing but in its own that is bare', () => {
  fc.assert(
    fc.property(fc.array(wish, { minLength: 1, maxLength: 25 }), (some) => {
      const wishes = asWishes(some);
      const { names, pins } = placeNames(wishes, PAGE);
      const outlines = [...[...names.values()].map(outlineOfLabel), ...[...pins.values()].map(outlineOfPin)];
      outlines.forEach((one, i) => {
        for (const other of outlines.slice(i + 1)) expect(overlap(one, other)).toBe(false);
        for (const [x, y] of one) expect([x >= 0 && x <= 360, y >= 0 && y <= 360]).toEqual([true, true]);
      });
      for (const { turnDeg } of names.values()) expect(Math.abs(turnDeg)).toBeLessThanOrEqual(90);
      for (const [id, name] of names)
        for (const other of wishes)
          if (other.id !== id || !other.isBare) expect(overlap(outlineOfLabel(name), body(other))).toBe(false);
    }),
  );
});

it('each thing has its name or its number, by which the list calls it, where there is room about it', () => {
  fc.assert(
    fc.property(fc.array(wish, { minLength: 1, maxLength: 8 }), (some) => {
      // Well apart, on a page that ends far from all of them.
      const wishes = asWishes(some).map((one, i) => ({ ...one, at: [400, 400 + 700 * i] as const }));
      const { names, pins } = placeNames(wishes, { widthPx: 800, heightPx: 9000 });
      for (const { id, number } of wishes) expect(names.has(id) || pins.get(id)?.number === number).toBe(true);
    }),
  );
});
