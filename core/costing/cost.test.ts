import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import type { Purchase, Shopping } from './buy';
import { cost, partTax } from './cost';

const book = (taxPercent: number, pricesIncludeTax: boolean) => ({
  ...DEMO_PLAN.priceBook,
  taxPercent,
  pricesIncludeTax,
});
const bought = (...lines: (readonly [stock: string, costMinor: number])[]): Shopping => ({
  purchases: lines.map(([stock, costMinor]): Purchase => ({
    stock,
    size: 1,
    count: 1,
    eachMinor: costMinor,
    costMinor,
  })),
  fromShed: [],
  spares: [],
  missing: [],
  cutPlans: [],
});

describe('tax', () => {
  it('is put on what is without it, and taken out of what is with it: 20 % of 100.00 is 20.00, either way (Directive 2006/112/EC, art. 73 and 78)', () => {
    expect(partTax(10_000, book(20, false))).toEqual({ netMinor: 10_000, taxMinor: 2000 });
    expect(partTax(12_000, book(20, true))).toEqual({ netMinor: 10_000, taxMinor: 2000 });
    // Half a cent goes up: 8.25 % of 0.60 is 4.95, of 2.00 is 16.5.
    expect([60, 200].map((minor) => partTax(minor, book(8.25, false)).taxMinor)).toEqual([5, 17]);
  });

  it('comes to the same total however prices are written, within a minor unit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e7 }), fc.double({ min: 0, max: 30, noNaN: true }), (net, percent) => {
        const on = partTax(net, book(percent, false));
        const back = partTax(on.netMinor + on.taxMinor, book(percent, true));
        expect(Math.abs(back.netMinor - net)).toBeLessThanOrEqual(1);
        expect(back.netMinor + back.taxMinor).toBe(net + on.taxMinor);
      }),
    );
  });
});

describe('what a thing costs', () => {
  // A steel post lasts longer than twine: the seasons are the catalogue's.
  const years = (stock: string): number => CATALOGUE.stock(stock).life.seasons;

  it('is shared by plants, by metres and by seasons with its tax in each of them', () => {
    const shopping = bought(['steel-post', 3000], ['twine-natural', 500]);
    const taxed = cost(shopping, book(20, false), CATALOGUE, { plants: 7, rowMm: 4000 });
    expect(taxed).toEqual({
      netMinor: 3500,
      taxMinor: 700,
      totalMinor: 4200,
      perPlantMinor: 600,
      perMetreMinor: 1050,
      perSeasonMinor: Math.round(3600 / years('steel-post') + 600 / years('twine-natural')),
      complete: true,
    });
    expect(years('steel-post')).toBeGreaterThan(years('twine-natural'));
    // The same with prices that have it already.
    const within = cost(bought(['steel-post', 3600], ['twine-natural', 600]), book(20, true), CATALOGUE, {
      plants: 7,
      rowMm: 4000,
    });
    expect(within).toEqual(taxed);
  });

  it('is nothing for nothing, nobody’s where nobody is planned, and too low where something has no price', () => {
    const none = cost(bought(), book(20, false), CATALOGUE, { plants: 0, rowMm: 0 });
    expect(none).toEqual({
      netMinor: 0,
      taxMinor: 0,
      totalMinor: 0,
      perPlantMinor: null,
      perMetreMinor: 0,
      perSeasonMinor: 0,
      complete: true,
    });
    const missing = {
      ...bought(['steel-post', 100]),
      missing: [{ stock: 'deck-screw-75', because: 'no price' as const, measure: 1 }],
    };
    expect(cost(missing, book(0, false), CATALOGUE, { plants: 1, rowMm: 1 }).complete).toBe(false);
  });
});
