import { CATALOGUE } from '../catalogue/catalogue';
import type { Market, Stock } from '../catalogue/stock';
import type { PriceBook, PriceLine } from '../costing/price-book';
import { feet, MM_PER_FOOT } from '../quantity/length';
import type { Region } from '../site/regions';
import { DEMO_PRICES } from './prices';

/** By the foot things are sold in steps of five, shorter ones by the foot (from memory). */
const inFeet = (mm: number): number => {
  const length = mm / MM_PER_FOOT;
  return feet(length < 12.5 ? Math.round(length) : Math.round(length / 5) * 5);
};
/** By the metre in halves, steel and wood longer than that by the whole metre (from memory). mm. */
const inMetres = (mm: number): number => Math.round(mm / 100) * 100;

const byLength = ({ sold }: Stock): boolean =>
  sold === 'lengths' || sold === 'rolls' || sold === 'reels' || sold === 'whole';

/** Boards by the inch have names with a ×; those by the millimetre two figures of their own. */
function isOf(stock: Stock, market: Market): boolean {
  if (stock.form === 'panel') return stock.market === market;
  if (stock.form !== 'timber') return true;
  return /^\d\d?x\d\d?$/.test(stock.section) && Number(stock.section.split('x')[0]) < 5
    ? market === 'imperial'
    : market === 'metric';
}

/** A price for another size, at the same price a measure, to a round figure of minor units. */
const forSize = (line: PriceLine, size: number): PriceLine => ({
  ...line,
  size,
  price: { ...line.price, minor: Math.max(1, Math.round((line.price.minor * size) / line.size / 5) * 5) },
});

/**
 * The invented example prices as shops of a region would sell: boards of its market alone, lengths by its foot or
 * metre, concrete in its bags, its tax. A size that comes up twice is kept once.
 */
export function examplePrices({ taxPercent, pricesIncludeTax, concreteBagsKg }: Region, market: Market): PriceBook {
  const seen = new Set<string>();
  const lines = DEMO_PRICES.lines
    .filter((line) => isOf(CATALOGUE.stock(line.stock), market))
    .flatMap((line): PriceLine[] => {
      const stock = CATALOGUE.stock(line.stock);
      if (line.stock === 'concrete-mix') return concreteBagsKg.map((kg) => forSize(line, kg));
      if (!byLength(stock)) return [line];
      return [forSize(line, market === 'imperial' ? inFeet(line.size) : inMetres(line.size))];
    })
    .filter(({ stock, size }) => {
      const key = `${stock} ${size}`;
      return !seen.has(key) && seen.add(key);
    });
  return { ...DEMO_PRICES, taxPercent, pricesIncludeTax, lines };
}
