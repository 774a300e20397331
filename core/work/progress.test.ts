import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { stillToPay } from '../costing/still-to-pay';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import { stepsOf } from '../plan/steps';
import { weekendsOf } from './weekends';
import { workLeft } from './left';
import { stagesOf } from './progress';
import type { SaidOfPart } from './stage';

const garden = computeGarden(DEMO_PLAN);
const anyStructure = fc.constantFrom(...garden.structures);
const TODAY = '2027-03-06';
/** Nobody has said who works and when, and nothing is left for later. */
const { work: _work, ...UNPLANNED } = DEMO_PLAN;
const nothing = (): SaidOfPart => ({});
const whole = (got: (line: { stock: string; size: number }) => boolean) => ({ shopping: garden.shopping, got });

describe('how far parts are', () => {
  it('nothing was said: no part is more than planned but what comes out of the shed', () => {
    const shed = new Set(garden.shopping.fromShed.map(({ stock }) => stock));
    for (const one of garden.structures)
      for (const [part, stage] of stagesOf(one, [whole(() => false)], nothing, TODAY)) {
        const { stock = '' } = one.sized.design.parts.find(({ id }) => id === part) ?? {};
        if (stage !== 'planned')
          expect([stage, shed.has(stock)], `${one.structure.id} ${part}`).toEqual(['bought', true]);
      }
    expect(garden.structures.flatMap((one) => [...stagesOf(one, [], nothing, TODAY).values()])).not.toContain('bought');
  });

  it('everything on the list is bought: so is every part that is sold and has a price', () => {
    const missing = new Set(garden.shopping.missing.map(({ stock }) => stock));
    for (const one of garden.structures) {
      const stages = stagesOf(one, [whole(() => true)], nothing, TODAY);
      for (const { id, stock } of one.sized.design.parts)
        if (CATALOGUE.stock(stock).sold !== 'own' && !missing.has(stock) && !inKit(one, id))
          expect([id, stages.get(id)], one.structure.id).toEqual([id, 'bought']);
    }
  });

  it('one line of the list is not bought: what is cut from it, and nothing else, waits for it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...garden.shopping.purchases), (left) => {
        const list = whole(({ stock, size }) => stock !== left.stock || size !== left.size);
        for (const one of garden.structures) {
          const stages = stagesOf(one, [list], nothing, TODAY);
          const all = stagesOf(one, [whole(() => true)], nothing, TODAY);
          for (const { id, stock } of one.sized.design.parts) {
            const line = one.bill.find(({ of, parts }) => of === 'part' && parts.includes(id));
            const piece = line?.board ?? id;
            const from = garden.shopping.cutPlans
              .find((cuts) => cuts.stock === left.stock)
              ?.layouts.filter(({ cuts }) =>
                cuts.some((cut) => cut.structure === one.structure.id && cut.part === piece),
              );
            if (stock !== left.stock) expect(stages.get(id)).toBe(all.get(id));
            else if (from && from.length > 0 && CATALOGUE.stock(stock).sold === 'lengths')
              expect(stages.get(id)).toBe(
                from.some((layout) => layout.from === 'shop' && layout.measure === left.size) ? 'planned' : 'bought',
              );
          }
        }
      }),
    );
  });

  it('a part is as far as the furthest that was said of it, word of the part itself before that of the list', () => {
    fc.assert(
      fc.property(
        anyStructure,
        fc.record(
          { bought: fc.boolean(), cut: fc.boolean(), stood: fc.boolean(), builtOn: fc.constant('2026-01-01') },
          { requiredKeys: [] },
        ),
        fc.boolean(),
        (one, said, ticked) => {
          const furthest = said.builtOn
            ? 'fixed'
            : said.stood
              ? 'stood'
              : said.cut
                ? 'cut'
                : said.bought === true
                  ? 'bought'
                  : null;
          const [part] = one.sized.design.parts;
          if (!part) return;
          const list = [whole(() => ticked)];
          const stage = stagesOf(one, list, () => said, TODAY).get(part.id);
          if (furthest) expect(stage).toBe(furthest);
          else if (said.bought === false) expect(stage).toBe('planned');
          else expect(stage).toBe(stagesOf(one, list, nothing, TODAY).get(part.id));
        },
      ),
    );
  });

  it('what has to set stands until its wait is over, and is fixed from that day on', () => {
    let waited = 0;
    for (const one of garden.structures)
      for (const { adds = [], waitHours = 0 } of stepsOf(one)) {
        if (adds.length === 0) continue;
        const days = Math.ceil(waitHours / 24);
        const on = (day: number): string => `2027-03-${String(6 + day).padStart(2, '0')}`;
        const at = (day: string) => stagesOf(one, [], () => ({ builtOn: on(0) }), day).get(adds[0] as string);
        expect(at(on(days))).toBe('fixed');
        if (days > 0) expect(at(on(days - 1))).toBe('stood');
        waited += Math.min(1, days);
      }
    expect(waited).toBeGreaterThan(2);
  });
});

/** Parts that come in a kit are bought with it. */
const inKit = ({ sized: { design } }: (typeof garden.structures)[number], part: string): boolean =>
  (design.kits ?? []).length > 0 && design.parts.some(({ id }) => id === part);

describe('what is left', () => {
  it('of work: all of it at first, less with every step, none when all is done; by as much as the weekends say', () => {
    const { structures } = weekendsOf(UNPLANNED, garden.structures, {}, TODAY);
    for (const one of garden.structures) {
      const { id } = one.structure;
      const [start, told] = [workLeft(UNPLANNED, one, {}), structures.find(({ structure }) => structure === id)];
      expect(start.minutes).toBe(start.ofMinutes);
      expect(start.ofMinutes).toBeCloseTo(told?.minutes ?? 0, 6);
      const built: Record<string, string> = {};
      let last = start.minutes;
      for (const { adds = [] } of stepsOf(one)) {
        for (const part of adds) built[part] = TODAY;
        const { minutes, ofMinutes } = workLeft(UNPLANNED, one, { [id]: built });
        expect(ofMinutes).toBe(start.ofMinutes);
        expect(minutes).toBeLessThanOrEqual(last);
        last = minutes;
      }
      if (start.ofMinutes > 0) expect(last).toBeLessThan(start.ofMinutes);
    }
  });

  it('of money: all of it, none of it, and what is ticked and what is not make up the whole but for a rounded unit', () => {
    const { shopping, cost } = garden;
    const { priceBook } = DEMO_PLAN;
    expect(stillToPay(shopping, priceBook, () => false)).toBe(cost.totalMinor);
    expect(stillToPay(shopping, priceBook, () => true)).toBe(0);
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(shopping.purchases.length - 1)), (some) => {
        const got = new Set(some.map((i) => shopping.purchases[i]));
        const [left, had] = [
          stillToPay(shopping, priceBook, (line) => got.has(line)),
          stillToPay(shopping, priceBook, (line) => !got.has(line)),
        ];
        expect(Math.abs(left + had - cost.totalMinor)).toBeLessThanOrEqual(1);
      }),
    );
  });
});
