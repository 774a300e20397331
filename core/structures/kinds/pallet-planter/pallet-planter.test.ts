import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import type { Sheet } from '../../../design/shapes/sheet';
import { computeStructure } from '../../../plan/compute';
import { SOIL, type Underfoot } from '../../../site/underfoot';
import type { StructurePlan } from '../../../plan/plan';
import { PALLETS } from '../../../catalogue/pallets';
import { insideLitres } from './pallet';

const planter = (knobs: StructurePlan['knobs'], strawberries = 0, underfoot: Underfoot = SOIL) => {
  const structure: StructurePlan = {
    id: 'p',
    kind: 'pallet-planter',
    name: 'P',
    stand: { on: 'spot', at: { xMm: 0, yMm: 0, turnDeg: 0 }, underfoot },
    plantings: strawberries > 0 ? ['s'] : [],
    knobs,
  };
  const plantings = [
    {
      id: 's',
      bed: 'p',
      crop: 'strawberry',
      training: 'row',
      count: Math.max(1, strawberries),
      year: DEMO_PLAN.garden.year,
    },
  ];
  return computeStructure({ ...DEMO_PLAN, plantings, structures: [structure] }, structure);
};
const DECK: Underfoot = { is: 'decking', bearsKgM2: null, answeredBy: '' };
const told = (knobs: StructurePlan['knobs'], code: string, underfoot = DECK) =>
  planter(knobs, 0, underfoot).verdicts.find((one) => one.told.code === code)?.told.values as Record<
    string,
    { kg: number }
  >;

describe('pallet planter', () => {
  it('of 48″ × 40″ holds 97.7 L between its bearers and weighs some 110 kg watered, by hand', () => {
    // 2 cells of (40 − 4½)/2″ by 3½″ by 48″: 5964 in³ of 16.387 cm³.
    expect(insideLitres(PALLETS['pallet-48x40'])).toBeCloseTo(5964 * 0.016387064, 3);
    // Three bearers of 48 × 3½ × 1½″ and nine boards of 40 × 3½ × ⅝″ (four in front, five behind) at 450 kg/m³.
    const wood = ((3 * 48 * 3.5 * 1.5 + 9 * 40 * 3.5 * 0.625) * 25.4 ** 3 * 450) / 1e9;
    const values = told({ pallet: 'pallet-48x40' }, 'floor.ask');
    expect(values.wet?.kg).toBeCloseTo(wood + 97.73, 1);
    // Dry mix at 0.4 kg a litre.
    expect(values.dry?.kg).toBeCloseTo(wood + 97.73 * 0.4, 1);
  });

  it('tips about its foot as moments say: 8″ from the wall its middle stands 1.66″ behind its foot, by hand', () => {
    // sin θ = 8/48, cos θ = 0.98601: 24 × 0.16667 − 2.375 × 0.98601 = 1.6582″; the head is 47.33″ high.
    const dry = told({ pallet: 'pallet-48x40' }, 'floor.ask').dry?.kg ?? 0;
    const pull = told({ pallet: 'pallet-48x40', foot: 8 * 25.4, head: 'leaned' }, 'leans.pulled').pull?.kg ?? 0;
    expect(pull).toBeCloseTo((dry * 1.6582) / 47.328, 2);
    expect(planter({ foot: 0, head: 'leaned' }).verdicts.map((one) => one.told.code)).toContain('leans.tips');
  });

  it('whatever its knobs: mix fills it whole, cloth covers every row between its slats, doubled, and as many are bought as stand there', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(PALLETS) as (keyof typeof PALLETS)[])),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 0, max: 24 }),
        fc.integer({ min: 1, max: 3 }),
        (id, rows, foot, pallets) => {
          const { sized, bill, shopping } = planter({ pallet: id, rows, foot: foot * 25.4, pallets });
          const pallet = PALLETS[id];
          const litres = sized.design.parts.reduce((sum, part) => sum + (part.shape === 'fill' ? part.litres : 0), 0);
          expect(litres).toBeCloseTo(pallets * insideLitres(pallet), 6);
          const slats = sized.design.parts.filter((part) => part.role === 'slat').length / pallets;
          const pockets = sized.design.parts.filter((part): part is Sheet => part.role === 'pocket cloth');
          expect(pockets).toHaveLength(pallets * 2 * (slats - 1));
          // What is open and what the slats cover make up the height; each cloth laps both slats.
          const open = pockets.reduce((sum, one) => sum + one.heightMm - 2 * 38.1, 0) / 2 / pallets;
          expect(open + slats * pallet.boardWideMm).toBeCloseTo(pallet.tallMm, 6);
          for (const one of pockets) expect(one.cutMm).toBeGreaterThan(pallet.wideMm);
          expect(bill.filter((line) => line.stock === id && line.board === null).map((line) => line.count)).toEqual([
            pallets,
          ]);
          expect(shopping.purchases.filter((one) => one.stock === id).map((one) => one.count * one.size)).toEqual([
            pallets,
          ]);
        },
      ),
      { numRuns: cases(30) },
    );
  });

  it('is as many pallets as its plants want, each made as the first is', () => {
    const [one, two] = [planter({}, 16), planter({}, 30)];
    expect([one, two].map(({ sized }) => [sized.design.bodies, sized.design.stations.length])).toEqual([
      [1, 16],
      [2, 30],
    ]);
    const of = ({ bill }: typeof one, stock: string) =>
      bill.filter((line) => line.stock === stock).reduce((sum, line) => sum + line.count, 0);
    for (const stock of ['planter-cloth', 'staple-tacker', 'l-bracket'])
      expect(of(two, stock), stock).toBe(2 * of(one, stock));
    expect(of(two, 'plant-strawberry')).toBe(30);
  });
});
