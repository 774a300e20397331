import { parse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Stock } from '../catalogue/stock';
import type { PriceLine } from '../costing/price-book';
import type { Plan } from '../plan/plan';
import { money, parseMinor, plainMoney } from '../quantity/money';
import { LIST_LIMITS, SHOP_LETTERS } from './measure';

export const PRICE_COLUMNS = ['item', 'stock', 'size', 'measured in', 'price', 'currency', 'shop'] as const;

/** In what a size is measured. */
const measuredIn = ({ form }: Stock): string =>
  form === 'piece' ? 'pieces' : form === 'bagged' ? 'kg' : form === 'panel' ? 'whole' : 'mm';

/**
 * The price book as CSV: one row a size of a stock item, money in major units with a point. `stock` is what an item is
 * called for good, `item` what a person calls it.
 */
export function pricesCsv({ priceBook }: Plan): string {
  const rows = priceBook.lines.map(({ stock, size, price, shop }) => {
    const one = CATALOGUE.stock(stock);
    return [one.name, stock, size, measuredIn(one), plainMoney(price), price.currency, shop ?? ''];
  });
  // A leading = + - @ is text, never a formula.
  return stringify([[...PRICE_COLUMNS], ...rows], { record_delimiter: 'windows', escape_formulas: true });
}

/** A row that cannot be taken: its number in the file (the first is 1), the field, what stands there and what it should be. */
export interface PriceFault {
  row: number;
  field: string;
  value: string;
  wants: string;
}

/** What a file of prices would do to a book: sizes it adds or gives another price, how many it leaves as they are, and what of it cannot be read. */
export interface PricesRead {
  changes: readonly { line: PriceLine; before: PriceLine | null }[];
  same: number;
  faults: readonly PriceFault[];
}

const MOST_SIZE = 1_000_000;
/** A file has no more rows than a book has lines. */
const MOST_ROWS = LIST_LIMITS.lines;
/** Two sizes nearer than this are one. */
const SAME_SIZE = 0.5;

/** A number as a spreadsheet writes it, with a point or a comma; null where it is none. */
const numberIn = (text: string): number | null =>
  /^\d{1,9}([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : null;

/** What separates the columns: whichever of the three the first row has most of. */
const delimiterOf = (text: string): string => {
  const [head = ''] = text.split(/\r?\n/, 1);
  const count = (sign: string): number => head.split(sign).length;
  return [',', ';', '\t'].toSorted((a, b) => count(b) - count(a))[0] ?? ',';
};

const found = (
  lines: readonly PriceLine[],
  stock: string,
  size: number,
  shop: string | undefined,
): PriceLine | undefined =>
  lines.find((one) => one.stock === stock && one.shop === shop && Math.abs(one.size - size) < SAME_SIZE);

/**
 * Reads prices as {@link pricesCsv} writes them, or as a spreadsheet saves that: separated by commas, semicolons or tabs,
 * columns in any order; `stock` may be left out where `item` is an item's name. Nothing is taken in: what would change
 * is told, row by row.
 * @example readPrices(pricesCsv(plan), plan) // { changes: [], same: plan.priceBook.lines.length, faults: [] }
 */
export function readPrices(text: string, { priceBook, garden: { currency } }: Plan): PricesRead {
  let rows: string[][];
  try {
    rows = parse(text, {
      bom: true,
      trim: true,
      relax_column_count: true,
      skip_empty_lines: true,
      delimiter: delimiterOf(text),
    });
  } catch (error) {
    return {
      changes: [],
      same: 0,
      faults: [
        {
          row: 1,
          field: 'file',
          value: error instanceof Error ? error.message : '',
          wants: 'rows of values, separated by commas, semicolons or tabs',
        },
      ],
    };
  }
  const head = (rows[0] ?? []).map((one) => one.toLowerCase());
  const at = (field: string): number => head.indexOf(field);
  const missing = ['size', 'price'].filter((field) => at(field) < 0);
  if (at('stock') < 0 && at('item') < 0) missing.unshift('stock');
  if (missing.length > 0)
    return {
      changes: [],
      same: 0,
      faults: missing.map((field) => ({ row: 1, field, value: head.join(', '), wants: `a column called ${field}` })),
    };
  const byName = new Map(CATALOGUE.all.map((one) => [one.name.toLowerCase(), one.id]));
  const changes: PricesRead['changes'][number][] = [];
  const faults: PriceFault[] = [];
  let same = 0;
  rows.slice(1, MOST_ROWS + 1).forEach((cells, i) => {
    const row = i + 2;
    const cell = (field: string): string => (at(field) < 0 ? '' : (cells[at(field)] ?? ''));
    const fault = (field: string, value: string, wants: string): void => void faults.push({ row, field, value, wants });
    const stock = cell('stock') || (byName.get(cell('item').toLowerCase()) ?? '');
    if (!CATALOGUE.all.some(({ id }) => id === stock))
      return fault(
        cell('stock') ? 'stock' : 'item',
        cell('stock') || cell('item'),
        'an item as the downloaded list calls it',
      );
    const size = numberIn(cell('size'));
    if (size === null || size <= 0 || size > MOST_SIZE)
      return fault(
        'size',
        cell('size'),
        `a number over 0 and up to ${MOST_SIZE}, in ${measuredIn(CATALOGUE.stock(stock))}`,
      );
    if (cell('currency') !== '' && cell('currency').toUpperCase() !== currency)
      return fault('currency', cell('currency'), `${currency}, the money of this garden`);
    const minor = parseMinor(cell('price'), currency);
    if (minor === null) return fault('price', cell('price'), `an amount like ${plainMoney(money(1250, currency))}`);
    const shop = cell('shop') || undefined;
    if (shop !== undefined && shop.length > SHOP_LETTERS)
      return fault('shop', shop, `a name of no more than ${SHOP_LETTERS} letters`);
    if (
      found(
        changes.map(({ line }) => line),
        stock,
        size,
        shop,
      )
    )
      return fault('size', cell('size'), 'a size that no row before it has, of one shop');
    const before = found(priceBook.lines, stock, size, shop) ?? null;
    if (before?.price.minor === minor) same++;
    else
      changes.push({
        line: { stock, size: before?.size ?? size, price: money(minor, currency), ...(shop ? { shop } : {}) },
        before,
      });
  });
  if (rows.length > MOST_ROWS + 1)
    faults.push({
      row: MOST_ROWS + 2,
      field: 'file',
      value: `${rows.length - 1} rows`,
      wants: `no more than ${MOST_ROWS}`,
    });
  return { changes, same, faults };
}

/** A book with what was read taken in: prices of sizes that are there changed, others added at its end. */
export function withPrices(lines: readonly PriceLine[], changes: PricesRead['changes']): PriceLine[] {
  return [
    ...lines.map((line) => changes.find(({ before }) => before === line)?.line ?? line),
    ...changes.flatMap(({ line, before }) => (before ? [] : [line])),
  ];
}
