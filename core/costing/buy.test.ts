import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import { money } from '../quantity/money';
import { fact } from '../wording/say';
import { buy, type Bill } from './buy';
import { computeGarden, computeStructure } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { feet } from '../quantity/length';

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
            const got = [...shopping.purchases, ...shopping.fromShed].filter((one) => one.stock === id);
            const measured = got.reduce((sum, one) => sum + one.size * one.count, 0);
            // Hardware that is not lost by the handful is bought without spares.
            if (stock.form === 'piece')
              expect(measured).toBeGreaterThanOrEqual(
                Math.ceil(need * (1 + (stock.exact ? 0 : sparePercent) / 100) - 1e-9),
              );
            if (stock.form === 'steel post' || stock.form === 'pole')
              expect(got.reduce((sum, one) => sum + one.count, 0)).toBe(need);
            if (stock.form === 'bagged') expect(measured * stock.litresPerKg).toBeGreaterThanOrEqual(need - 1e-6);
          }
          expect(cost.totalMinor).toBe(shopping.purchases.reduce((sum, one) => sum + one.costMinor, 0));
          for (const one of shopping.purchases) expect(one.costMinor).toBe(one.count * one.eachMinor);
        },
      ),
      { numRuns: 40 },
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
    const short = only(
      without((line) => line.stock !== 'timber-2x4-untreated' || line.size <= feet(8)),
      'string-frame',
    );
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
