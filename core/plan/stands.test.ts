import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { timesFor } from '../withstand/bent';
import type { Plan, StructurePlan } from './plan';
import { blown, standsOf } from './stands';

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
