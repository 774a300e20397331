import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import { money } from '../quantity/money';
import { fact } from '../wording/say';
import { buy, type Bill } from './buy';
import { packsFor } from './packs';
import { computeGarden, computeStructure } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { onSale } from '../plan/setting-of';
import { feet } from '../quantity/length';
import { sumsByShop, type PriceLine } from './price-book';

const only = (plan: Plan, id: string) =>
  computeStructure(plan, plan.structures.find((one) => one.id === id) as Plan['structures'][number]);

/** A bill of one stock's pieces, as a structure would ask for them. */
const piecesOf = (stock: string, cutsMm: readonly number[]): Bill => ({
  structure: 's',
  lines: cutsMm.map((cutMm, i) => ({
    id: `l${i}`,
    group: 'Panels and nets',
    use: 'mesh',
    of: 'part',
    stock,
    count: 1,
    cutMm,
    ends: null,
    meshes: null,
    litres: null,
    board: null,
    parts: [`p${i}`],
    why: fact('count'),
  })),
});

describe('buying', () => {
  it('cuts rolls piece by piece: three of 1.9 m from rolls of 3 m are three rolls, two of 1.4 m are one', () => {
    const book = { ...DEMO_PLAN.priceBook, lines: [{ stock: 'mesh-2x3-36', size: 3000, price: money(2000, 'EUR') }] };
    const rolls = (...cuts: number[]) =>
      buy([piecesOf('mesh-2x3-36', cuts)], book, [], CATALOGUE).purchases.reduce((sum, one) => sum + one.count, 0);
    expect([rolls(1900, 1900, 1900), rolls(1400, 1400), rolls(7000)]).toEqual([3, 1, 3]);
    // What is joined laps a hand (4″): two rolls give 2 × 3000 − 101.6 mm.
    expect([rolls(3000), rolls(3001), rolls(5898), rolls(5899)]).toEqual([1, 2, 2, 3]);
  });

  it('covers every line of every bill from shop and shed together, and costs what its lines add up to', () => {
    fc.assert(
      fc.property(
        fc.subarray(
          DEMO_PLAN.structures.filter((one) => one.stand.on !== 'run'),
          { minLength: 1 },
        ),
        fc.integer({ min: 0, max: 20 }),
        (structures, sparePercent) => {
          const {
            structures: computed,
            shopping,
            cost,
          } = computeGarden({ ...DEMO_PLAN, structures, priceBook: { ...DEMO_PLAN.priceBook, sparePercent } });
          const needed = new Map<string, number>();
          for (const line of computed.flatMap((one) => one.bill)) {
            if (line.board === null)
              needed.set(
                line.stock,
                (needed.get(line.stock) ?? 0) +
                  line.count * (line.litres ?? (line.of === 'joint' ? (line.cutMm ?? 1) : 1)),
              );
          }
          for (const [id, need] of needed) {
            const stock = CATALOGUE.stock(id);
            // One's own is measured and never bought.
            if (stock.sold === 'own') continue;
            const got = [...shopping.purchases, ...shopping.fromShed].filter((one) => one.stock === id);
            const measured = got.reduce((sum, one) => sum + one.size * one.count, 0);
            // The spare that is wished for is there, or it is said that the packs do not hold it; hardware that is
            // not lost by the handful has none.
            if (stock.form === 'piece') {
              const wished = stock.exact ? 0 : Math.round((need * sparePercent) / 100);
              const told = shopping.spares.find((one) => one.stock === id);
              if (told) expect([told.wished, told.left, told.moreMinor > 0]).toEqual([wished, measured - need, true]);
              else expect(measured).toBeGreaterThanOrEqual(need + wished);
            }
            if (stock.form === 'steel post' || stock.form === 'pole')
              expect(got.reduce((sum, one) => sum + one.count, 0)).toBe(need);
            if (stock.form === 'bagged') expect(measured * stock.litresPerKg).toBeGreaterThanOrEqual(need - 1e-6);
          }
          expect(cost.totalMinor).toBe(shopping.purchases.reduce((sum, one) => sum + one.costMinor, 0));
          for (const one of shopping.purchases) expect(one.costMinor).toBe(one.count * one.eachMinor);
        },
      ),
      { numRuns: cases(40) },
    );
  });

  it('buys chain in pieces it can be cut from, and twine with its knots: six of 1.1 m are not in 5 m and 2 m', () => {
    const cord = (stock: string, count: number, cutMm: number): Bill => ({
      structure: 's',
      lines: [{ ...(piecesOf(stock, [1]).lines[0] as Bill['lines'][number]), of: 'joint', count, cutMm }],
    });
    const bought = (bill: Bill, sizes: readonly (readonly [number, number])[]) => {
      const stock = bill.lines[0]?.stock ?? '';
      const lines = sizes.map(([size, minor]) => ({ stock, size, price: money(minor, 'EUR') }));
      const { purchases, missing } = buy([bill], { ...DEMO_PLAN.priceBook, lines }, [], CATALOGUE);
      return [
        missing.length,
        ...purchases.flatMap((one) => Array.from({ length: one.count }, () => one.size)),
      ].toSorted((a, b) => a - b);
    };
    // By hand: 5 m gives four of 1.1 m (4.4), 2 m gives one; two of 5 m hold six.
    expect(
      bought(cord('chain-light', 6, 1100), [
        [2000, 490],
        [5000, 990],
      ]),
    ).toEqual([0, 5000, 5000]);
    // Twine: 58 + 61.9 m from reels of 60 are two reels and a knot of 200 mm: 119.9 + 0.2 > 120.
    expect(bought(cord('twine-natural', 10, 11_980), [[60_000, 380]])).toEqual([0, 60_000, 60_000]);
    expect(bought(cord('twine-natural', 10, 11_990), [[60_000, 380]])).toEqual([0, 60_000, 60_000, 60_000]);
  });

  it('whatever is cut is bought in pieces it can be cut from: every bill of the demo, in any share of its price book', () => {
    fc.assert(
      fc.property(
        fc.subarray([...DEMO_PLAN.structures.filter((one) => one.stand.on !== 'run')], { minLength: 1 }),
        (structures) => {
          const { shopping, structures: computed } = computeGarden({ ...DEMO_PLAN, shed: [], structures });
          for (const stock of ['chain-light', 'rope-natural', 'guy-wire', 'line-wire']) {
            const pieces = computed.flatMap(({ bill }) =>
              bill.flatMap((line) =>
                line.stock === stock ? Array.from({ length: line.count }, () => line.cutMm ?? 0) : [],
              ),
            );
            const reels = shopping.purchases.flatMap((one) =>
              one.stock === stock ? Array.from({ length: one.count }, () => one.size) : [],
            );
            const longest = Math.max(0, ...reels);
            if (pieces.some((piece) => piece > longest)) continue;
            // Best fit, longest first: another packing than the one under test.
            const left = [...reels];
            for (const piece of pieces.toSorted((a, b) => b - a)) {
              const fits = left
                .map((room, i) => ({ room, i }))
                .filter(({ room }) => room >= piece - 1e-6)
                .toSorted((a, b) => a.room - b.room)[0];
              expect(fits, `${stock} ${piece}`).toBeDefined();
              if (fits) left[fits.i] = fits.room - piece;
            }
          }
        },
      ),
      { numRuns: cases(15) },
    );
  });

  it('never takes another pack for the spare in silence: ten eyes from packs of ten are one pack, and two when asked', () => {
    const eyes: Bill = {
      structure: 's',
      lines: [
        { ...(piecesOf('screw-eye', [1]).lines[0] as Bill['lines'][number]), of: 'joint', cutMm: null, count: 10 },
      ],
    };
    const lines = [{ stock: 'screw-eye', size: 10, price: money(310, 'EUR') }];
    const book = { ...DEMO_PLAN.priceBook, sparePercent: 10, lines };
    const { purchases, spares } = buy([eyes], book, [], CATALOGUE);
    expect([purchases[0]?.count, spares]).toEqual([1, [{ stock: 'screw-eye', wished: 1, left: 0, moreMinor: 310 }]]);
    const asked = buy([eyes], { ...book, sparesAsked: ['screw-eye'] }, [], CATALOGUE);
    expect([asked.purchases[0]?.count, asked.spares]).toEqual([2, []]);
  });

  it('covers a need with packs at the least cost, as a table of every total finds it', () => {
    const size = fc.record({ measure: fc.integer({ min: 1, max: 40 }), minor: fc.integer({ min: 1, max: 900 }) });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 160 }), fc.array(size, { minLength: 1, maxLength: 12 }), (need, offers) => {
        // Unbounded covering knapsack by dynamic programming over whole totals: exact, and another method.
        const least = [0];
        for (let total = 1; total <= need; total++)
          least[total] = Math.min(
            ...offers.map(({ measure, minor }) => minor + (least[Math.max(0, total - measure)] as number)),
          );
        const packs = packsFor(need, offers) ?? [];
        expect(packs.reduce((sum, pack) => sum + pack.count * pack.measure, 0)).toBeGreaterThanOrEqual(need);
        expect(packs.reduce((sum, pack) => sum + pack.count * pack.minor, 0)).toBe(least[need]);
      }),
    );
    // Four hundred sizes of nearly one price: an answer, not a minute.
    const many = Array.from({ length: 400 }, (_, i) => ({ measure: 100 + i * 7, minor: 1000 + i * 70 + (i % 3) }));
    expect(packsFor(123_457, many)?.length).toBeGreaterThan(0);
  });

  it('buys each size of several shops where it costs least of those one goes to, never dearer for one more shop', () => {
    const ids = ['timber-2x4-untreated', 'steel-post', 'wire-clip'];
    const own = DEMO_PLAN.priceBook.lines.filter(({ stock }) => ids.includes(stock));
    const shops = ['Quay yard', 'Mill', 'Upper town'];
    const priced = fc.array(
      fc.tuple(fc.nat(own.length - 1), fc.constantFrom(...shops), fc.integer({ min: 1, max: 4000 })),
      {
        maxLength: 20,
      },
    );
    fc.assert(
      fc.property(priced, fc.subarray(shops), (asked, shopsLeft) => {
        const theirs = [
          ...new Map(
            asked.map(([i, shop, minor]) => [`${i} ${shop}`, { ...own[i]!, shop, price: money(minor, 'EUR') }]),
          ).values(),
        ];
        const lines = [...own, ...theirs];
        const plan = { ...DEMO_PLAN, priceBook: { ...DEMO_PLAN.priceBook, lines, shopsLeft } };
        const gone = lines.filter(({ shop }: PriceLine) => shop === undefined || !shopsLeft.includes(shop));
        for (const { stock, size } of own) {
          const least = Math.min(
            ...gone.filter((one) => one.stock === stock && one.size === size).map(({ price }) => price.minor),
          );
          expect(onSale(plan).priceOf(stock, size)).toBe(least);
        }
        expect(onSale(plan).sizesOf('steel-post')).toEqual(
          own
            .filter(({ stock }) => stock === 'steel-post')
            .map(({ size }) => size)
            .toSorted((a, b) => a - b),
        );
        const bills = [piecesOf('timber-2x4-untreated', [900, 1200, 2000])];
        const cost = (left: readonly string[]) =>
          buy(bills, { ...plan.priceBook, shopsLeft: left }, [], CATALOGUE).purchases;
        for (const one of cost(shopsLeft)) {
          const line = gone.find(
            (at: PriceLine) => at.stock === one.stock && at.size === one.size && at.shop === one.shop,
          );
          expect(line?.price.minor).toBe(one.eachMinor);
        }
        const sum = (of: ReturnType<typeof cost>) => of.reduce((all, one) => all + one.costMinor, 0);
        // What the shops come to together is what all of it comes to, each named once.
        const sums = sumsByShop(cost(shopsLeft));
        expect(sums.reduce((all, [, minor]) => all + minor, 0)).toBe(sum(cost(shopsLeft)));
        expect(new Set(sums.map(([shop]) => shop)).size).toBe(sums.length);
        expect(sum(cost([]))).toBeLessThanOrEqual(sum(cost(shopsLeft)));
      }),
    );
  });

  it('takes a post, a board and clips from the shed before it buys', () => {
    const { shopping } = only(DEMO_PLAN, 'pea-wall');
    expect(shopping.fromShed).toContainEqual({ stock: 'steel-post', size: feet(6), count: 2 });
    expect(only({ ...DEMO_PLAN, shed: [] }, 'pea-wall').cost.totalMinor).toBeGreaterThan(
      only(DEMO_PLAN, 'pea-wall').cost.totalMinor,
    );
    expect(only(DEMO_PLAN, 'string-frame').shopping.cutPlans[0]?.layouts[0]).toMatchObject({ from: 'shed' });
  });

  it('says what has no price or is not sold long enough, and that the total is too low', () => {
    const without = (keep: (line: Plan['priceBook']['lines'][number]) => boolean): Plan => ({
      ...DEMO_PLAN,
      shed: [],
      priceBook: { ...DEMO_PLAN.priceBook, lines: DEMO_PLAN.priceBook.lines.filter(keep) },
    });
    const unpriced = only(
      without((line) => line.stock !== 'twine-natural' && line.stock !== 'twine-synthetic'),
      'string-frame',
    );
    expect([unpriced.cost.complete, unpriced.shopping.missing[0]?.because]).toEqual([false, 'no price']);
    const eights = without((line) => line.stock !== 'timber-2x4-untreated' || line.size <= feet(8));
    // Two feet in the ground: six of frame and two are eight.
    const frame = eights.structures.find((one) => one.id === 'string-frame') as Plan['structures'][number];
    const short = computeStructure(eights, { ...frame, knobs: { ...frame.knobs, depth: feet(2) } });
    expect(short.sized.design.parts.filter((part) => part.role === 'beam').every((beam) => beam.cutMm <= feet(8))).toBe(
      true,
    );
    expect(short.cost.complete).toBe(true);
  });

  it('spreads each thing over its life: strings every season, steel over many', () => {
    const { cost, shopping } = only({ ...DEMO_PLAN, shed: [] }, 'tomato-wall');
    const byHand = shopping.purchases.reduce(
      (sum, one) => sum + one.costMinor / CATALOGUE.stock(one.stock).life.seasons,
      0,
    );
    expect(cost.perSeasonMinor).toBe(Math.round(byHand));
  });
});
