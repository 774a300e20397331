import { stepsOf } from '../../../plan/steps';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../../../demo/garden';
import { computeStructure } from '../../../plan/compute';
import { SOIL, type Underfoot } from '../../../site/underfoot';
import type { StructurePlan } from '../../../plan/plan';
import { roundYieldMoment, windPressure } from '../../../statics/wind';
import { RODS } from '../../../catalogue/rods';
import { CUP_MM, goesOver, holeMm, tierLitres, TOWER_RODS } from './knobs';

const tower = (
  knobs: StructurePlan['knobs'],
  gustMs = 30,
  count = 18,
  crop = 'strawberry',
  underfoot: Underfoot = SOIL,
) => {
  const structure: StructurePlan = {
    id: 't',
    kind: 'tower',
    name: 'T',
    stand: { on: 'spot', at: { xMm: 0, yMm: 0, turnDeg: 0 }, underfoot },
    plantings: ['p'],
    knobs,
  };
  const plantings = [{ id: 'p', bed: 't', crop, training: 'row', count, year: DEMO_PLAN.garden.year }];
  return computeStructure(
    { ...DEMO_PLAN, plantings, site: { ...DEMO_PLAN.site, gustMs }, structures: [structure] },
    structure,
  );
};

it('of six tiers holds eighteen plants out of a bundle of 25, on a rod of about 4′ with 18″ in the ground, one pot to spare (common practice, no source)', () => {
  const { bill, shopping } = tower({});
  const of = (stock: string) => bill.filter((line) => line.stock === stock).reduce((sum, line) => sum + line.count, 0);
  expect(of('plant-strawberry')).toBe(18);
  expect(
    shopping.purchases.filter((one) => one.stock === 'plant-strawberry').map((one) => [one.count, one.size]),
  ).toEqual([[1, 25]]);
  expect(of('tower-tier')).toBe(7);
  expect(
    shopping.purchases.filter((one) => one.stock === 'tower-tier').reduce((sum, one) => sum + one.count * one.size, 0),
  ).toBe(7);
  const rod = bill.find((line) => line.use === 'rod');
  expect((rod?.cutMm ?? 0) / 25.4).toBeCloseTo(34 + 18, 6);
  // Three cylinders of 6″ by 6″: 3 × π × 3² × 6 in³ (by hand 508.94 in³ = 8.34 L).
  expect(tierLitres()).toBeCloseTo(508.938 * 0.016387064, 3);
});

it('is blown over where the wind’s moment is the greater, by hand', () => {
  // EN 1991-1-4, 4.10: ½ × 1.25 × 30² = 562.5 N/m². 12″ by 36″ at 1.2, half way up: 86 N m in the open at 10 m.
  expect(windPressure(30)).toBeCloseTo(562.5, 9);
  const told = tower({ tiers: 6 }).verdicts.find((one) => one.told.code === 'tower.stands')?.told.values;
  // Terrain III at its least height, 5 m: c_e = 1.281; II at 10 m: 2.352 (figure 4.2 reads 1.28 and 2.35).
  expect(told?.wind).toBe(Math.round(562.5 * (1.281 / 2.352) * 1.2 * 0.9144 * 0.3048 * 0.4572));
  // 50 L of wet mix on half of 12″: 74.8 N m.
  expect(told?.weight).toBe(Math.round(6 * 8.34 * 9.80665 * 0.1524));
  // The soil holds next to nothing of so thin a rod, though it would bear 41 N m before it bends.
  expect(roundYieldMoment(10, 420)).toBeCloseTo(41.23, 2);
  expect(told?.rod).toBeLessThan(3);
  expect(tower({ tiers: 12 }).verdicts.map((one) => one.told.code)).toContain('tower.blows');
});

it('on a balcony no rod is driven, its load is asked for with who answers for it, and without both nothing is good', () => {
  const on = (bearsKgM2: number | null, answeredBy: string) =>
    tower({}, 20, 18, 'strawberry', { is: 'balcony', bearsKgM2, answeredBy });
  const [rod] = on(null, '').sized.design.parts.filter((part) => part.role === 'rod');
  expect(rod).toMatchObject({ buriedMm: 0, from: [expect.anything(), 0, -0] });
  const code = (...at: Parameters<typeof on>) =>
    on(...at).verdicts.find(({ check }) => check === 'floor-bears')?.told.code;
  expect([code(null, ''), code(null, 'Us'), code(2000, ''), code(100, 'Us'), code(2000, 'Us')]).toEqual([
    'floor.ask',
    'floor.ask',
    'floor.who',
    'floor.over',
    'floor.bears',
  ]);
  expect(JSON.stringify(stepsOf(on(2000, 'Us')).map(({ what }) => what.code))).not.toContain('"step.rod"');
});

it('is as many towers as its plants want, buys young plants for those that are planned, and no tomato', () => {
  const of = (count: number, crop = 'strawberry') => {
    const { sized, bill, verdicts } = tower({}, 30, count, crop);
    return [
      sized.design.bodies,
      sized.design.stations.length,
      bill.filter((line) => line.stock === 'plant-strawberry').reduce((sum, line) => sum + line.count, 0),
      verdicts.find((one) => one.check === 'pot-room')?.told.code,
    ];
  };
  expect([of(17), of(19), of(36)]).toEqual([
    [1, 17, 17, 'pots.empty'],
    [2, 19, 19, 'pots.empty'],
    [2, 36, 36, 'pots.full'],
  ]);
  expect(of(30, 'lettuce')).toEqual([2, 30, 0, 'pots.empty']);
  expect(of(1, 'tomato')).toEqual([1, 1, 0, 'pots.deep']);
});

it('goes over the rods that are offered for it: their holes are clear of all three cups, and of what is not offered they are not', () => {
  // Middles of three cups that touch stand at the corners of an equal-sided triangle, d/√3 from its own.
  const clearMm = (rod: (typeof RODS)[number]) => CUP_MM / Math.sqrt(3) - CUP_MM / 2 - holeMm(rod) / 2;
  for (const rod of RODS) expect([rod.id, goesOver(rod)]).toEqual([rod.id, clearMm(rod) > 0]);
  expect(TOWER_RODS.map(({ id }) => id)).toEqual(['rod-10', 'pipe-steel-21']);
});
