import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { packsFor } from '../costing/packs';
import { cut } from './cut';
import { layoutName, type Offer } from './cut-plan';
import { tightOf } from './tight';

const wanted = (...measures: number[]) => measures.map((measure, i) => ({ part: `p${i}`, structure: 's', measure }));

/** The least any plan can cost, by trying every way of putting pieces on bars (independent of the method under test). */
function best(pieces: readonly number[], offers: readonly Offer[], lost: number): number {
  const bars: number[] = [];
  let least = Infinity;
  const price = (used: number): number =>
    Math.min(Infinity, ...offers.filter((offer) => offer.measure >= used - 1e-6).map((offer) => offer.minor));
  const place = (index: number): void => {
    const piece = pieces[index];
    if (piece === undefined) {
      least = Math.min(
        least,
        bars.reduce((sum, used) => sum + price(used), 0),
      );
      return;
    }
    for (let i = 0; i < bars.length; i++) {
      const before = bars[i] as number;
      if (price(before + lost + piece) === Infinity) continue;
      bars[i] = before + lost + piece;
      place(index + 1);
      bars[i] = before;
    }
    bars.push(piece);
    place(index + 1);
    bars.pop();
  };
  place(0);
  return least;
}

describe('cutting', () => {
  it('names bars A to Z, then AA to ZZ, then AAA, none twice (by hand)', () => {
    expect([0, 25, 26, 51, 52, 701, 702].map(layoutName)).toEqual(['A', 'Z', 'AA', 'AZ', 'BA', 'ZZ', 'AAA']);
    expect(new Set(Array.from({ length: 2000 }, (_, i) => layoutName(i))).size).toBe(2000);
  });

  it('opens the fewer bars where two ways cost the same; buys a piece as long as a bar, and none for one that is longer', () => {
    const offers: Offer[] = [
      { measure: 2000, minor: 200 },
      { measure: 4000, minor: 400 },
    ];
    const same = cut(wanted(1990, 1990), offers, [], 3);
    expect([same.costMinor, same.layouts.length]).toEqual([400, 1]);
    const whole = cut(wanted(4000, 4001), offers, [], 3);
    expect([whole.costMinor, whole.unplaced.map(({ measure }) => measure)]).toEqual([400, [4001]]);
    expect(cut(wanted(4001), offers, [], 3)).toMatchObject({ costMinor: 0, boundMinor: 0, layouts: [] });
  });

  it('places every piece once, inside its bar, a saw cut apart; never claims more than exhaustive search allows', () => {
    const anyCase = fc.record({
      pieces: fc.array(fc.integer({ min: 100, max: 2400 }), { minLength: 1, maxLength: 6 }),
      offers: fc.uniqueArray(
        fc.record({ measure: fc.constantFrom(2400, 3000, 3600, 4800), minor: fc.integer({ min: 300, max: 2000 }) }),
        { minLength: 1, maxLength: 3, selector: (offer) => offer.measure },
      ),
      shed: fc.array(fc.integer({ min: 200, max: 2000 }), { maxLength: 2 }),
    });
    fc.assert(
      fc.property(anyCase, ({ pieces, offers, shed }) => {
        const plan = cut(wanted(...pieces), offers, shed, 3);
        expect(
          plan.layouts
            .flatMap((layout) => layout.cuts.map((one) => one.part))
            .concat(plan.unplaced.map((one) => one.part))
            .sort(),
        ).toEqual(pieces.map((_piece, i) => `p${i}`).sort());
        for (const layout of plan.layouts) {
          layout.cuts.forEach((one, i) =>
            expect(one.at).toBeCloseTo(
              i === 0 ? 0 : (layout.cuts[i - 1]?.at ?? 0) + (layout.cuts[i - 1]?.measure ?? 0) + 3,
              6,
            ),
          );
          const end = Math.max(...layout.cuts.map((one) => one.at + one.measure));
          expect(end).toBeLessThanOrEqual(layout.measure);
          expect(layout.offcut).toBeCloseTo(
            Math.max(0, layout.measure - end - 3) > 1e-6 ? layout.measure - end - 3 : 0,
            6,
          );
        }
        if (shed.length === 0) {
          const least = best(pieces, offers, 3);
          expect(plan.costMinor).toBeGreaterThanOrEqual(least);
          expect(plan.boundMinor).toBeLessThanOrEqual(least);
        }
      }),
      { numRuns: cases(400) },
    );
  });

  it('opens no more bars of one size than first fit, longest first, ever needs: 11/9 of the best and 6/9 (Dósa 2007)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 100, max: 1000 }), { minLength: 1, maxLength: 8 }), (pieces) => {
        const bars = cut(wanted(...pieces), [{ measure: 1000, minor: 1 }], [], 0).layouts.length;
        expect(bars).toBeLessThanOrEqual(Math.floor((11 / 9) * best(pieces, [{ measure: 1000, minor: 1 }], 0) + 6 / 9));
      }),
    );
    // In the order they came these would take three: 600 with 200, 200 with 400, 600.
    expect(cut(wanted(200, 200, 400, 400, 800), [{ measure: 1000, minor: 1 }], [], 0).layouts).toHaveLength(2);
    // Of pieces of one length the order is that of their names, on every machine.
    const same = cut([...wanted(300, 300, 300)].reverse(), [{ measure: 1000, minor: 1 }], [], 0);
    expect(same.layouts[0]?.cuts.map(({ part }) => part)).toEqual(['p0', 'p1', 'p2']);
  });

  it('uses the shed first, names what is too long, loses no cut where the last piece is flush', () => {
    const plan = cut(wanted(1000, 1000, 9000), [{ measure: 2003, minor: 500 }], [1000], 3);
    expect(plan.layouts.map((layout) => [layout.name, layout.from, layout.offcut])).toEqual([
      ['A', 'shed', 0],
      ['B', 'shop', 1000],
    ]);
    expect(plan.unplaced.map((piece) => piece.measure)).toEqual([9000]);
    expect(cut(wanted(1000, 1000), [{ measure: 2003, minor: 500 }], [], 3)).toMatchObject({
      costMinor: 500,
      boundMinor: 500,
    });
  });

  it('takes the shortest leftover that serves: a long one is not begun for what a short one holds', () => {
    expect(cut(wanted(500), [{ measure: 2400, minor: 900 }], [2000, 600, 1000], 3).layouts).toMatchObject([
      { from: 'shed', measure: 600, offcut: 97 },
    ]);
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 100, max: 2400 }), { minLength: 1, maxLength: 8 }),
        fc.array(fc.integer({ min: 200, max: 2600 }), { minLength: 1, maxLength: 4 }),
        (pieces, shed) => {
          const { layouts } = cut(wanted(...pieces), [{ measure: 2600, minor: 900 }], shed, 3);
          const taken = layouts.filter(({ from }) => from === 'shed');
          const spare = shed.toSorted((a, b) => a - b);
          for (const { measure } of taken) spare.splice(spare.indexOf(measure), 1);
          for (const { measure, cuts } of layouts)
            for (const { measure: piece } of cuts) {
              // Neither an untouched leftover that is shorter, nor room left in a shorter one that was begun.
              expect(spare.filter((one) => one < measure && one >= piece)).toEqual([]);
              for (const other of taken)
                if (other.measure < measure) {
                  const end = Math.max(...other.cuts.map((one) => one.at + one.measure));
                  expect(other.measure - end - 3).toBeLessThan(piece);
                }
            }
        },
      ),
    );
  });

  it('a panel piece loses the mesh that is cut through', () => {
    // 24 meshes: 13 and 10 fit with one lost between them; 13 and 11 do not.
    expect(cut(wanted(13, 10), [{ measure: 24, minor: 1 }], [], 1).layouts).toHaveLength(1);
    expect(cut(wanted(13, 11), [{ measure: 24, minor: 1 }], [], 1).layouts).toHaveLength(2);
  });

  it('covers a need with packs at the least cost, against exhaustive counting', () => {
    const offers = fc.uniqueArray(
      fc.record({ measure: fc.constantFrom(1, 10, 25, 50, 100), minor: fc.integer({ min: 1, max: 3000 }) }),
      { minLength: 1, maxLength: 2, selector: (offer) => offer.measure },
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 240 }), offers, (need, list) => {
        const packs = packsFor(need, list) ?? [];
        expect(packs.reduce((sum, pack) => sum + pack.count * pack.measure, 0)).toBeGreaterThanOrEqual(need);
        const [a, b] = list as [Offer, Offer | undefined];
        let least = Infinity;
        for (let n = 0; n <= Math.ceil(need / a.measure); n++) {
          const left = Math.max(0, need - n * a.measure);
          least = Math.min(least, n * a.minor + (b ? Math.ceil(left / b.measure) * b.minor : left > 0 ? Infinity : 0));
        }
        expect(packs.reduce((sum, pack) => sum + pack.count * pack.minor, 0)).toBe(least);
      }),
    );
    expect(packsFor(5, [])).toBeNull();
  });
});

it('two saw cuts in a quarter inch of spare are warned of, one piece or more spare is not', () => {
  const layout = (measure: number, ...cuts: number[]) => ({
    name: 'A',
    from: 'shop' as const,
    measure,
    offcut: 0,
    cuts: cuts.map((cut, i) => ({
      part: `p${i}`,
      structure: 's',
      measure: cut,
      at: cuts.slice(0, i).reduce((sum, one) => sum + one + 3, 0),
    })),
  });
  expect(tightOf(layout(1008, 500, 500))).toBe(5);
  expect(tightOf(layout(1020, 500, 500))).toBeNull();
  expect(tightOf(layout(505, 500))).toBeNull();
  expect(tightOf(layout(1003, 500, 500))).toBeNull();
});
