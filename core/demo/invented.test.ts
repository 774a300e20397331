import fc from 'fast-check';
import { expect, it } from 'vitest';
import { money } from '../quantity/money';
import { REGIONS } from '../site/regions';
import { examplePrices } from './example-prices';
import { DEMO_PLAN } from './garden';
import { inventedIn, isInvented } from './invented';

it('every price a garden begins with is known for an invented one, in any region and market; one that was typed over is not', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...REGIONS),
      fc.constantFrom('imperial' as const, 'metric' as const),
      (region, market) => {
        const { lines } = examplePrices(region, market);
        expect(lines.filter((line) => !isInvented(line))).toEqual([]);
        for (const line of lines) {
          const own = { ...line, price: money(line.price.minor + 1234567, line.price.currency) };
          expect(isInvented(own)).toBe(false);
        }
      },
    ),
  );
  const all = new Set(DEMO_PLAN.priceBook.lines.map(({ stock }) => stock));
  expect(inventedIn(DEMO_PLAN, all)).toEqual({
    used: DEMO_PLAN.priceBook.lines.length,
    all: DEMO_PLAN.priceBook.lines.length,
  });
});
