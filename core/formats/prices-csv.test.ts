import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { money } from '../quantity/money';
import { pricesCsv, readPrices, withPrices } from './prices-csv';

const { lines } = DEMO_PLAN.priceBook;
const HEAD = 'item,stock,size,measured in,price,currency';
const read = (...rows: string[]) => readPrices([HEAD, ...rows].join('\r\n'), DEMO_PLAN);

describe('prices as CSV', () => {
  it('of several shops come back each as its own, and are no double of each other', () => {
    const shop = fc.constantFrom('Quay yard', 'The mill, upper town', undefined);
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(lines.length - 1), shop, fc.nat(99_999)), { maxLength: 12 }), (asked) => {
        const other = new Map(asked.map(([i, name, minor]) => [`${i} ${name}`, { i, name, minor }]));
        const more = [...other.values()].flatMap(({ i, name, minor }) => {
          const line = lines[i]!;
          return name === undefined ? [] : [{ ...line, shop: name, price: money(minor, line.price.currency) }];
        });
        const priceBook = { ...DEMO_PLAN.priceBook, lines: [...lines, ...more] };
        const { changes, faults } = readPrices(pricesCsv({ ...DEMO_PLAN, priceBook }), DEMO_PLAN);
        expect(faults).toEqual([]);
        expect(withPrices(lines, changes)).toEqual(priceBook.lines);
      }),
    );
  });

  it('come back as they went out, whatever a spreadsheet makes of commas and whatever is changed in them', () => {
    fc.assert(
      fc.property(
        fc.dictionary(fc.nat(lines.length - 1).map(String), fc.integer({ min: 0, max: 10_000_000 }), { maxKeys: 12 }),
        fc.constantFrom(',', ';', '\t'),
        fc.boolean(),
        (priced, by, comma) => {
          const changed = lines.map((line, i) => ({
            ...line,
            price: money(priced[String(i)] ?? line.price.minor, line.price.currency),
          }));
          const out = pricesCsv({ ...DEMO_PLAN, priceBook: { ...DEMO_PLAN.priceBook, lines: changed } });
          // As a spreadsheet of another country saves it; names with commas keep their quotes.
          const text = out
            .split('\r\n')
            .map((row) =>
              row
                .match(/("([^"]|"")*"|[^,]*)(,|$)/g)
                ?.slice(0, 6)
                .map((cell) => cell.replace(/,$/, ''))
                .map((cell, n) => (comma && by !== ',' && n === 4 ? cell.replace('.', ',') : cell))
                .join(by),
            )
            .join('\n');
          const { changes, same, faults } = readPrices(`\uFEFF${text}`, DEMO_PLAN);
          expect(faults).toEqual([]);
          expect(withPrices(lines, changes)).toEqual(changed);
          expect(same + changes.length).toBe(lines.length);
        },
      ),
      { numRuns: cases(40) },
    );
  });

  it('say of each row that cannot be taken which it is, the field, what stands there and what it should be, and take the others', () => {
    const { changes, faults } = read(
      ',no-such-thing,2400,mm,5.00,EUR',
      ',steel-post,long,mm,5.00,EUR',
      ',steel-post,2400,mm,cheap,EUR',
      ',steel-post,2400,mm,5.00,USD',
      ',steel-post,2400,mm,5.00,EUR',
      ',steel-post,2400.2,mm,6.00,EUR',
    );
    expect(faults.map(({ row, field, value }) => [row, field, value])).toEqual([
      [2, 'stock', 'no-such-thing'],
      [3, 'size', 'long'],
      [4, 'price', 'cheap'],
      [5, 'currency', 'USD'],
      [7, 'size', '2400.2'],
    ]);
    expect(changes).toEqual([{ line: { stock: 'steel-post', size: 2400, price: money(500, 'EUR') }, before: null }]);
    for (const { wants } of faults) expect(wants.length).toBeGreaterThan(5);
  });

  it('know an item by its name where its stock is left out, and want the columns they cannot do without', () => {
    const text = 'price,item,size\n4.40,studded steel post,1219.2';
    expect(readPrices(text, DEMO_PLAN)).toEqual({ changes: [], same: 1, faults: [] });
    expect(readPrices('item,size\nx,1', DEMO_PLAN).faults.map(({ field }) => field)).toEqual(['price']);
    expect(readPrices('', DEMO_PLAN).faults.map(({ field }) => field)).toEqual(['stock', 'size', 'price']);
    expect(readPrices('item,size,price\n"open', DEMO_PLAN).faults[0]?.field).toBe('file');
  });
});
