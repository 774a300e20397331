import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { readPlan } from '../formats/read-plan';
import { computeAs } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { MM_PER_FOOT } from '../quantity/length';
import { REGIONS, regionNear } from '../site/regions';
import { siteNonsense } from '../site/site-nonsense';
import { planOnBed } from '../structures/onto-bed.fixture';
import { kindOf } from '../structures/registry';
import { examplePrices } from './example-prices';

/** A garden as a new one begins in a region, with a wall of tomatoes on a raised bed. */
function begun(region: (typeof REGIONS)[number]): Plan {
  const plan = planOnBed('panel-wall', {}, { heightMm: 280 }, { crop: 'tomato', training: 'two-leaders', count: 8 });
  const book = examplePrices(region, region.market);
  return {
    ...plan,
    garden: { ...plan.garden, market: region.market, locale: region.locale, currency: region.currency },
    site: { ...plan.site, ...region.site, region: region.id },
    shed: [],
    priceBook: {
      ...book,
      lines: book.lines.map((line) => ({ ...line, price: { ...line.price, currency: region.currency } })),
    },
  };
}

describe.each(REGIONS.map((region) => [region.id, region] as const))('a garden in %s', (_id, region) => {
  it('has a year that makes sense, is taken at the door, and is the region nearest to its own middle', () => {
    const { site } = region;
    expect(siteNonsense(begun(region).site)).toEqual([]);
    expect(site.monthlyC.max.every((max, i) => max > (site.monthlyC.min[i] ?? Infinity))).toBe(true);
    // The warmest month is in its own summer.
    const warmest = site.monthlyC.max.indexOf(Math.max(...site.monthlyC.max));
    expect(site.latitudeDeg > 0 ? [5, 6, 7] : [11, 0, 1]).toContain(warmest);
    expect(readPlan(JSON.parse(JSON.stringify(begun(region))))).toMatchObject({ ok: true });
    expect(regionNear(site.latitudeDeg, site.longitudeDeg).id).toBe(region.id);
  });

  it('can buy a wall, a frame, a tunnel and a fence from what is sold there: by its foot or its metre, in its bags', () => {
    const plan = begun(region);
    const [wall] = plan.structures as [Plan['structures'][number]];
    for (const kind of ['panel-wall', 'twine-frame', 'rail-trellis', 'hoop-tunnel', 'mesh-cage']) {
      const { cost, verdicts } = computeAs(kindOf, plan, { ...wall, kind });
      expect(cost.complete, kind).toBe(true);
      expect(
        verdicts.filter(({ level }) => level === 'fail').map(({ told }) => told.code),
        kind,
      ).toEqual([]);
    }
    for (const { stock, size } of plan.priceBook.lines) {
      const { sold, form } = CATALOGUE.stock(stock);
      if (region.market === 'imperial' && (sold === 'lengths' || sold === 'rolls' || sold === 'reels'))
        expect(Math.abs(size / MM_PER_FOOT - Math.round(size / MM_PER_FOOT)), `${stock} ${size}`).toBeLessThan(1e-6);
      if (region.market === 'metric' && form === 'timber') expect(size % 100, `${stock} ${size}`).toBe(0);
      if (stock === 'concrete-mix') expect(region.concreteBagsKg).toContain(size);
    }
  });
});
