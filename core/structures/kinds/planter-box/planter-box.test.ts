import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { momentsAbout } from '../../../checks/planter-stands';
import type { Fill } from '../../../design/shapes/fill';
import { ofShape } from '../../../design/shapes/shapes';
import { computeStructure } from '../../../plan/compute';
import type { Plan } from '../../../plan/plan';
import { feet, inches } from '../../../quantity/length';
import { SOIL, type Underfoot } from '../../../site/underfoot';
import { anyPlan, first } from '../../any-plan.fixture';
import { kind } from './index';

/** One box alone on a wide plot. */
function box(
  knobs: Record<string, number | string> = {},
  o: { count?: number; crop?: string; training?: string; underfoot?: Underfoot; gustMs?: number } = {},
) {
  const plan: Plan = {
    ...DEMO_PLAN,
    site: { ...DEMO_PLAN.site, gustMs: o.gustMs ?? DEMO_PLAN.site.gustMs },
    features: [],
    beds: [],
    plantings:
      o.count === undefined
        ? []
        : [
            {
              id: 'p',
              bed: 's',
              crop: o.crop ?? 'lettuce',
              training: o.training ?? 'head',
              count: o.count,
              year: DEMO_PLAN.garden.year,
            },
          ],
    structures: [
      {
        id: 's',
        kind: 'planter-box',
        name: 'S',
        stand: { on: 'spot', at: { xMm: 9000, yMm: 9000, turnDeg: 0 }, underfoot: o.underfoot ?? SOIL },
        plantings: o.count === undefined ? [] : ['p'],
        knobs,
      },
    ],
  };
  const computed = computeStructure(plan, plan.structures[0]!);
  const { parts } = computed.sized.design;
  return {
    ...computed,
    bars: ofShape(parts, 'bar'),
    fill: ofShape(parts, 'fill')[0] as Fill,
    codes: computed.verdicts.map(({ told }) => told.code),
    mendOf: (code: string) =>
      computed.verdicts.find(({ told }) => told.code === code)?.mend?.settings as Record<string, number | string>,
  };
}
const PLAIN = {
  long: inches(48),
  width: inches(24),
  board: '1x6',
  courses: 2,
  legs: '2x2',
  bearer: '2x2',
  slat: '1x4',
};

describe('a planter box', () => {
  it('48″ × 24″, two boards: litres by hand, an inch under the rim, and what it weighs watered', () => {
    const { fill, bill, cost, verdicts } = box(PLAIN, {
      underfoot: { is: 'balcony', bearsKgM2: 400, answeredBy: 'the engineer' },
    });
    // 11″ of boards less 1½″ of bearer, ¾″ of slat and an inch of rim; 46½ × 22½″ inside, less four legs of 1½″.
    expect(fill.cutMm).toBeCloseTo(inches(11 - 1.5 - 0.75 - 1), 6);
    expect(fill.litres).toBeCloseTo((46.5 * 22.5 - 4 * 1.5 ** 2) * 7.75 * 0.016387064, 1);
    expect(bill.find(({ stock }) => stock === 'potting-mix')?.litres).toBeCloseTo(fill.litres, 6);
    expect(cost.complete).toBe(true);
    // A litre of wet mix is a kilogram; the box of some 25 kg beside it, over 8 ft².
    const told = verdicts.find(({ check }) => check === 'floor-bears')!.told;
    const { kg } = told.values.wet as { kg: number };
    expect(kg).toBeGreaterThan(fill.litres + 15);
    expect(kg).toBeLessThan(fill.litres + 40);
    expect((told.values.load as { kgM2: number }).kgM2).toBeCloseTo(kg / ((feet(4) * feet(2)) / 1e6), 6);
  });

  it('stands on its legs at the height that is asked, its slats a finger apart on both bearers from end to end, over every knob', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, knobs } = first(plan).sized;
        const bars = ofShape(design.parts, 'bar');
        const of = (role: string) => bars.filter((bar) => bar.role === role);
        const [rim, courses] = [Number(knobs.rim?.value), Number(knobs.courses?.value)];
        const high = courses * (of('board')[0]?.wideMm ?? 0);
        for (const leg of of('post')) {
          expect(leg.from[2]).toBeCloseTo(0, 6);
          expect(leg.to[2]).toBeCloseTo(Math.max(rim, high), 6);
        }
        const slats = of('slat').toSorted((a, b) => a.from[0] - b.from[0]);
        const [bearer] = of('bearer');
        slats.forEach((slat, i) => {
          expect(slat.from[2] - slat.thickMm / 2).toBeCloseTo((bearer?.from[2] ?? 0) + (bearer?.thickMm ?? 0) / 2, 6);
          const next = slats[i + 1];
          if (!next) return;
          const gap = next.from[0] - slat.from[0] - slat.wideMm;
          expect(gap).toBeGreaterThanOrEqual(8 - 1e-6);
          expect(gap).toBeLessThan(8 + (slat.wideMm + 8) / (slats.length - 1) + 1e-6);
        });
        // None runs into a leg.
        for (const slat of slats)
          for (const leg of of('post')) {
            const beside = Math.abs(leg.from[0] - slat.from[0]) >= (leg.wideMm + slat.wideMm) / 2 - 1e-6;
            expect(beside || Math.abs(slat.to[1]) <= Math.abs(leg.from[1]) - leg.thickMm / 2 + 1e-6).toBe(true);
          }
      }),
      { numRuns: cases(30) },
    );
  });

  it('is as high and as shallow as whoever works at it wants: knees find 27″, one who sits beside it a rim of 24″ and no row farther than that', () => {
    const knees = box({ use: 'knees' }, { count: 6 });
    const [board] = knees.bars.filter(({ role }) => role === 'board').map(({ from, wideMm }) => from[2] - wideMm / 2);
    expect(board).toBeGreaterThanOrEqual(inches(27) - 1e-6);
    const beside = box({ use: 'beside' }, { count: 6 });
    expect(Math.max(...beside.bars.map(({ to }) => to[2]))).toBeCloseTo(inches(24), 6);
    for (const { codes } of [knees, beside]) expect(codes).toContain('planter.reached');
    const low = box({ use: 'knees', rim: inches(24) }, { count: 6 });
    expect(low.codes).toContain('planter.knees');
    expect(box(low.mendOf('planter.knees'), { count: 6 }).codes).not.toContain('planter.knees');
    // Rows that nobody reaches stay empty; a box with nothing in it yet is told that its back is out of reach.
    const wide = box({ use: 'beside', width: feet(4) }, { count: 40 });
    expect(Math.max(...wide.sized.design.stations.map(({ at }) => at[1] + feet(2)))).toBeLessThanOrEqual(
      inches(24) + 1,
    );
    const empty = box({ use: 'beside', width: feet(4) });
    expect(empty.codes).toContain('planter.far');
    expect(box(empty.mendOf('planter.far')).codes).not.toContain('planter.far');
  });

  it('stands in the gust by moments about its lower edge, as a balance by hand has them; held at a wall it cannot go', () => {
    const blown = {
      gustMs: 30,
      wind: 'exposed',
      longMm: 1200,
      wideMm: 600,
      boxMm: 280,
      underMm: 580,
      growsMm: 300,
      dryKg: 100,
      held: false,
    } as const;
    // q = ½ · 1.25 · 30² · c_e(2 m) / c_e(10 m) in open country (EN 1991-1-4, by hand 1.42 / 2.35), on 0.336 m² at 0.72 m and 0.36 m² at 1.01 m.
    const q = (562.5 * 1.42) / 2.35;
    expect(momentsAbout(blown).wind / (q * (1.3 * 0.336 * 0.72 + 0.6 * 0.36 * 1.01))).toBeCloseTo(1, 1);
    expect(momentsAbout(blown).weight).toBeCloseTo(100 * 9.80665 * 0.3, 6);
    const narrow = { ...PLAIN, use: 'standing', from: 'both sides', width: inches(18), courses: 1, rim: inches(40) };
    const blows = box(narrow, { count: 4, gustMs: 40 });
    expect(blows.codes).toContain('planter.blows');
    const held = box({ ...narrow, from: 'front only', held: 'brackets' }, { count: 4, gustMs: 40 });
    expect(held.codes).toContain('planter.held');
    expect(held.bill.find(({ stock }) => stock === 'l-bracket')?.count).toBe(2);
  });

  it('a balcony that nobody answers for is never good; more plants than places are mended by a longer box', () => {
    expect(box({}, { underfoot: { is: 'balcony', bearsKgM2: null, answeredBy: '' } }).codes).toContain('floor.ask');
    expect(box({}, { underfoot: { is: 'balcony', bearsKgM2: 40, answeredBy: 'the house' } }).codes).toContain(
      'floor.over',
    );
    const many = box({ long: feet(3), width: inches(22) }, { count: 12 });
    expect(many.codes).toContain('pots.few');
    expect(box({ width: inches(22), ...many.mendOf('pots.few') }, { count: 12 }).codes).not.toContain('pots.few');
  });

  it('has a trellis of its own for what climbs, none for salads: laths no farther apart than is said, uprights no farther than 30″, as high over the rim as is asked', () => {
    expect(box({}, { count: 4 }).bars.some(({ role }) => role === 'lath')).toBe(false);
    // Lettuces before a trellis are asked for no hold of theirs.
    expect(box({ trellis: 'laths' }, { count: 4 }).codes).not.toContain('climb.needs-net');
    // Tendrils as thin as a pea’s have strings over the laths.
    const peas = box({}, { count: 4, crop: 'pea', training: 'row' });
    expect(peas.codes).toContain('climb.climbs');
    expect(box({ strings: 0 }, { count: 4, crop: 'pea', training: 'row' }).mendOf('climb.thick')).toHaveProperty(
      'strings',
    );
    fc.assert(
      fc.property(
        fc.record({
          long: fc.integer({ min: 500, max: 2400 }),
          trellisHigh: fc.integer({ min: 400, max: 1400 }),
          lathEvery: fc.integer({ min: 80, max: 400 }),
        }),
        (knobs) => {
          const { bars, sized } = box({ ...knobs, rim: 860 }, { count: 2, crop: 'pea', training: 'row' });
          const of = (role: string) => bars.filter((one) => one.role === role);
          const along = of('upright').map(({ from }) => from[0]);
          for (const [i, x] of along.slice(1).entries()) expect(x - (along[i] as number)).toBeLessThanOrEqual(762.5);
          for (const { to } of of('upright')) expect(to[2]).toBeCloseTo(860 + knobs.trellisHigh, 6);
          const ups = of('lath').map(({ from }) => from[2]);
          expect(ups[0]).toBeGreaterThan(860);
          // Half a millimetre over all of them is no other lath.
          for (const [i, up] of ups.slice(1).entries())
            expect(up - (ups[i] as number)).toBeLessThanOrEqual(knobs.lathEvery + 0.5 / (ups.length - 1) + 1e-6);
          // Told from the mix, an inch and what it sinks under the rim.
          const soil = sized.design.stations[0]?.at[2] ?? NaN;
          expect(sized.design.hold?.topMm.most).toBeCloseTo(860 + knobs.trellisHigh - 25.4 - soil, 6);
        },
      ),
      { numRuns: cases(20) },
    );
  });

  it('its trellis is a sail: loose and tall it goes over sooner than without, and is held at the wall', () => {
    const peas = { count: 4, crop: 'pea', training: 'row', gustMs: 30 };
    const tall = box({ held: 'loose', trellisHigh: 1500 }, peas);
    expect(tall.codes).toContain('planter.blows');
    expect(tall.mendOf('planter.blows')).toMatchObject({ held: 'brackets' });
    expect(box({ held: 'loose', trellis: 'none' }, { count: 4, gustMs: 30 }).codes).not.toContain('planter.blows');
  });
});
