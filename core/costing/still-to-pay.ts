import type { Purchase, Shopping } from './buy';
import { partTax } from './cost';
import type { PriceBook } from './price-book';

/** What lines of a list that are not ticked off come to, tax included. Minor units; decision 23. */
export function stillToPay(
  { purchases }: Pick<Shopping, 'purchases'>,
  book: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
  got: (line: Purchase) => boolean,
): number {
  const price = purchases.reduce((sum, line) => (got(line) ? sum : sum + line.costMinor), 0);
  const { netMinor, taxMinor } = partTax(price, book);
  return netMinor + taxMinor;
}
