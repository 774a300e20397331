import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { stillToPay } from '../costing/still-to-pay';
import { KERF_MM } from '../cutting/saw';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden, computeStructure } from '../plan/compute';
import { withReadings } from '../plan/readings';
import type { StructurePlan } from '../plan/plan';
import type { StockCuts } from '../costing/buy';
import { clearBefore } from '../structures/rules/as-stood';
import { cutLengths, recutOf, type Recut } from './recut';

const planned = computeGarden(DEMO_PLAN).shopping;
const plan = (id: string): StructurePlan => DEMO_PLAN.structures.find((one) => one.id === id) as StructurePlan;
const RAILED = ['melon-trellis', 'goat-fence'].filter((id) => DEMO_PLAN.structures.some((one) => one.id === id));
const baysOf = (id: string) => computeStructure(DEMO_PLAN, plan(id)).sized.design.bays ?? [];
/** The structure with some bays as they came out, each so much of what was meant. */
function stood(id: string, shares: readonly number[]) {
  const readings = baysOf(id).flatMap(({ posts, asStood, clearMm }, i) => {
    const share = shares[i % Math.max(1, shares.length)];
    return asStood && share !== undefined
      ? [{ structure: id, kind: plan(id).kind, knob: clearBefore(posts[1]), mm: clearMm * share }]
      : [];
  });
  const now = withReadings(DEMO_PLAN, readings);
  return computeStructure(now, now.structures.find((one) => one.id === id) as StructurePlan).shopping;
}
const anyStood = fc.constantFrom(...RAILED).chain((id) =>
  fc.record({
    id: fc.constant(id),
    shares: fc.array(fc.double({ min: 0.8, max: 1.2, noNaN: true }), { maxLength: 5 }),
    cuts: fc.infiniteStream(fc.boolean()),
    built: fc.infiniteStream(fc.boolean()),
    bought: fc.boolean(),
  }),
);
const book = DEMO_PLAN.priceBook;
const options = (isCut: (of: string, part: string) => boolean, bought: boolean) => ({
  isCut,
  isBought: () => bought,
  book,
});
const told = (all: readonly Recut[]) => ({
  cost: stillToPay({ purchases: all.flatMap(({ buy }) => buy) }, book, () => false),
  lacking: all.flatMap(({ lacking }) => lacking),
});

describe('what was cut for what was meant', () => {
  it('nothing moved: whatever was cut fits, the rest is cut from what was bought, and nothing is bought again', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DEMO_PLAN.structures), fc.infiniteStream(fc.boolean()), (one, cuts) => {
        const meant = cutLengths(planned, one.id);
        const cutMm = new Map([...meant].filter(() => cuts.next().value === true));
        const isCut = (of: string, part: string): boolean => of === one.id && cutMm.has(part);
        const all = recutOf(
          one.id,
          { cutPlans: planned.cutPlans },
          planned,
          { cutMm, isBuilt: () => false },
          options(isCut, true),
        );
        expect(told(all)).toEqual({ cost: 0, lacking: [] });
        expect(all.flatMap(({ spare }) => spare)).toEqual([]);
        for (const { fits, becomes } of all)
          for (const { part, into } of becomes) {
            expect(part).toBeNull();
            expect(into.some((piece) => fits.includes(piece.part))).toBe(false);
          }
      }),
      { numRuns: 60 },
    );
  });

  it('whatever came out otherwise: every piece is had once, none is longer than what it is cut from, what is built is left alone', () => {
    fc.assert(
      fc.property(anyStood, ({ id, shares, cuts, built, bought }) => {
        const now = stood(id, shares);
        const meant = cutLengths(planned, id);
        const [wants, builtOf] = [cutLengths(now, id), new Map<string, boolean>()];
        const isBuilt = (part: string): boolean => {
          if (!builtOf.has(part)) builtOf.set(part, built.next().value === true && meant.has(part));
          return builtOf.get(part) === true;
        };
        const cutMm = new Map([...meant].filter(([part]) => cuts.next().value === true || isBuilt(part)));
        const isCut = (of: string, part: string): boolean => of === id && cutMm.has(part);
        const all = recutOf(id, now, planned, { cutMm, isBuilt }, options(isCut, bought));
        for (const { stock, fits, becomes, spare, lacking, buy } of all) {
          const cuttings = now.cutPlans.find((one) => one.stock === stock);
          const pieces = cuttings ? [...cuttings.layouts.flatMap((layout) => layout.cuts), ...cuttings.unplaced] : [];
          const wanted = pieces.filter(({ part }) => !isBuilt(part)).map(({ part }) => part);
          const made = becomes.flatMap(({ into }) => into.map(({ part }) => part));
          // Had once at most, and nothing is made of what stands.
          const had = [...fits, ...made, ...lacking.map(({ part }) => part)];
          expect(new Set(had).size).toBe(had.length);
          expect(wanted).toEqual(expect.arrayContaining(had));
          if (buy.length === 0 && cuttings) {
            const stays = stayed(stock, id, isCut, bought, wants, meant);
            expect(wanted.every((part) => had.includes(part) || stays.has(part))).toBe(true);
          }
          for (const part of fits)
            expect(Math.abs((wants.get(part) ?? 0) - (cutMm.get(part) ?? 0))).toBeLessThanOrEqual(2);
          for (const { part, mm, into, leftMm } of becomes) {
            if (part !== null) expect(mm).toBeCloseTo(cutMm.get(part) ?? 0, 6);
            const used = into.reduce((sum, piece) => sum + piece.mm, 0);
            expect(used).toBeLessThanOrEqual(mm + 1e-6);
            expect(leftMm).toBeGreaterThanOrEqual(-1e-6);
            if (cuttings?.measuredIn === 'mm')
              expect(used + leftMm + KERF_MM * into.length).toBeGreaterThanOrEqual(mm - 1e-6);
            for (const piece of into) expect(piece.mm).toBeCloseTo(wants.get(piece.part) ?? 0, 6);
          }
          for (const { part } of spare) expect([fits.includes(part), isBuilt(part)]).toEqual([false, false]);
        }
        // What is bought serves no worse than what is not.
        if (bought) {
          const not = told(recutOf(id, now, planned, { cutMm, isBuilt }, options(isCut, false)));
          expect(told(all).cost).toBeLessThanOrEqual(not.cost);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('by hand: a rail half an inch too short becomes the shelf, the long one is trimmed, and one length is bought, no more', () => {
    const rails = (...long: number[]): StockCuts => ({
      stock: '2x4-treated',
      measuredIn: 'mm',
      layouts: [
        {
          name: 'A',
          from: 'shop',
          measure: 4876.8,
          offcut: 0,
          cuts: long.map((measure, i) => ({ part: `rail-${i + 1}`, structure: 's', measure, at: 0 })),
        },
      ],
      unplaced: [],
      costMinor: 0,
      boundMinor: 0,
      method: 'first fit, longest first',
    });
    const stock =
      planned.cutPlans.find(
        (one) => CATALOGUE.stock(one.stock).sold === 'lengths' && one.layouts.some(({ from }) => from === 'shop'),
      )?.stock ?? '';
    const of = (cuts: StockCuts) => ({ cutPlans: [{ ...cuts, stock }] });
    const cutMm = new Map([
      ['rail-1', 1500],
      ['rail-2', 1500],
      ['rail-3', 900],
    ]);
    const [one] = recutOf(
      's',
      of(rails(1512.7, 1480, 1400)),
      of(rails(1500, 1500, 900)),
      { cutMm, isBuilt: () => false },
      options((_, part) => cutMm.has(part), false),
    );
    expect(one?.fits).toEqual([]);
    expect(one?.becomes).toEqual([
      { part: 'rail-2', mm: 1500, into: [{ part: 'rail-2', mm: 1480 }], leftMm: 20 - KERF_MM },
      { part: 'rail-1', mm: 1500, into: [{ part: 'rail-3', mm: 1400 }], leftMm: 100 - KERF_MM },
    ]);
    expect(one?.spare).toEqual([{ part: 'rail-3', mm: 900 }]);
    expect(one?.buy.map(({ count }) => count)).toEqual([1]);
  });
});

/** Pieces that are cut where they were meant to be, from a length that is there. */
function stayed(
  stock: string,
  structure: string,
  isCut: (of: string, part: string) => boolean,
  bought: boolean,
  wants: ReadonlyMap<string, number>,
  meant: ReadonlyMap<string, number>,
): Set<string> {
  const layouts = planned.cutPlans.find((one) => one.stock === stock)?.layouts ?? [];
  return new Set(
    layouts
      .filter(({ from }) => bought || from === 'shed')
      .flatMap(({ cuts }) => cuts)
      .filter((piece) => piece.structure === structure && !isCut(structure, piece.part))
      .flatMap(({ part }) => (Math.abs((wants.get(part) ?? 0) - (meant.get(part) ?? 0)) < 1e-6 ? [part] : [])),
  );
}
