import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import type { Soil, Wind } from '../site/soil';
import { kindOf } from '../structures/registry';
import { rowInWind, steelPostsApart } from '../structures/rules/in-wind';
import { timesFor } from '../withstand/bent';
import { computeAs } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { blown, standsIn, standsOf } from './stands';

const named = (plan: Plan, id: string): StructurePlan => plan.structures.find((one) => one.id === id) as StructurePlan;
const withKnobs = (id: string, knobs: StructurePlan['knobs']): Plan => ({
  ...DEMO_PLAN,
  structures: DEMO_PLAN.structures.map((one) => (one.id === id ? { ...one, knobs: { ...one.knobs, ...knobs } } : one)),
});

it('what does not hold is told what would help: each, taken, uses as much of it as was said, and less than before', () => {
  const { stood, helps } = standsOf(DEMO_PLAN, named(DEMO_PLAN, 'tomato-wall'), true);
  if (typeof stood === 'string') throw new Error(stood);
  expect(stood.worst.share).toBeGreaterThan(1);
  expect(helps.length).toBeGreaterThan(1);
  expect(helps[0]?.share).toBeLessThan(1);
  for (const { settings, share, turns } of helps) {
    for (const { knob, to } of turns) expect(settings[knob]).toBe(to);
    const then = withKnobs('tomato-wall', settings);
    const again = standsOf(then, named(then, 'tomato-wall'), false);
    if (typeof again.stood === 'string') throw new Error(again.stood);
    expect(again.stood.worst.share).toBeCloseTo(share, 6);
    expect(share).toBeLessThan(stood.worst.share);
  }
});

it('nothing is looked for where it holds, nor where nothing is reckoned; sides of a bed and what stands already are not asked', () => {
  expect(standsOf(DEMO_PLAN, named(DEMO_PLAN, 'rose-arbor'), true).helps).toEqual([]);
  for (const id of ['keyhole-sides', 'slip-mesh'])
    expect(standsOf(DEMO_PLAN, named(DEMO_PLAN, id), true)).toEqual({ stood: 'nothing stands', helps: [] });
  expect(standsOf(DEMO_PLAN, named(DEMO_PLAN, 'mast'), true).stood).toBe('stacked');
});

it('a gust is asked again and again: no wind hardly moves it, more moves it more, drawn a round number of times as far', () => {
  const wall = named(DEMO_PLAN, 'tomato-wall');
  const far = (gustMs: number): { mm: number; share: number; times: number } => {
    const answer = blown(DEMO_PLAN, wall, { day: 248, gustMs, way: [0, 1, 0] });
    if (!answer) throw new Error('not reckoned');
    const { bars, times } = answer.bent;
    const most = Math.max(
      ...bars.flatMap(({ rest, bent }) =>
        rest.map((at, i) => Math.hypot(...at.map((n, k) => n - (bent[i]?.[k] as number)))),
      ),
    );
    return { mm: most / times, share: answer.week.share, times };
  };
  const [still, some, much] = [far(0), far(10), far(20)];
  expect(still.mm).toBeLessThan(some.mm);
  expect(some.mm).toBeLessThan(much.mm);
  expect(some.share).toBeLessThan(much.share);
  expect([1, 2, 5, 10, 20, 50, 100, 200, 500, 1000]).toContain(some.times);
  expect([timesFor(100, 1000), timesFor(10, 1000), timesFor(0.5, 1000)]).toEqual([1, 10, 200]);
  expect(blown(DEMO_PLAN, named(DEMO_PLAN, 'mast'), { day: 248, gustMs: 10, way: [0, 1, 0] })).toBeNull();
});

/** The demo with all of it lying in one wind, on one soil; the wall with a size of its own as it is suggested. */
const lying = (wind: Wind, soil: Soil): Plan => ({
  ...DEMO_PLAN,
  site: { ...DEMO_PLAN.site, wind, soil },
  beds: DEMO_PLAN.beds.map((bed) => ({ ...bed, wind, soil })),
  structures: DEMO_PLAN.structures.map((one) => (one.kind === 'panel-wall' ? { ...one, knobs: {} } : one)),
});

it.each([
  ['usual', 'loam', ['step-cages']],
  ['exposed', 'clay', ['runner-canes', 'step-cages', 'string-frame']],
] as const)(
  'as it is suggested everything stands in %s wind on %s in the gust of ten years, but for what is named; nobody need fear to lean on it',
  (wind, soil, falls) => {
    const stands = Object.entries(standsIn(lying(wind, soil)));
    expect(stands.length).toBeGreaterThan(30);
    expect(stands.flatMap(([id, { stand }]) => (stand === 'fails' ? [id] : [])).toSorted()).toEqual(falls);
    expect(stands.flatMap(([, { notBorne }]) => notBorne)).toEqual([]);
  },
);

it('posts are suggested the closer the harder it blows and farther without leaves', () => {
  const { setting } = computeAs(kindOf, DEMO_PLAN, named(DEMO_PLAN, 'tomato-wall'));
  fc.assert(
    fc.property(
      fc.integer({ min: 20, max: 45 }),
      fc.integer({ min: 0, max: 600 }),
      fc.integer({ min: 400, max: 900 }),
      fc.constantFrom<Wind>('sheltered', 'usual', 'exposed'),
      (gustMs, fromMm, deepMm, wind) => {
        const apart = (o: { gustMs: number; planted: boolean }): number => {
          const there = {
            ...setting,
            wind,
            site: { ...setting.site, gustMs: o.gustMs },
            planted: o.planted ? setting.planted : [],
          };
          return steelPostsApart(
            there,
            rowInWind(there, { fromMm, toMm: fromMm + 1270, opacity: 0.06, softMm: 0 }),
            deepMm,
          );
        };
        const here = apart({ gustMs, planted: true });
        expect(apart({ gustMs: gustMs + 3, planted: true })).toBeLessThan(here);
        expect(apart({ gustMs, planted: false })).toBeGreaterThan(here);
        expect(here).toBeGreaterThan(0);
      },
    ),
    { numRuns: cases(30) },
  );
});
