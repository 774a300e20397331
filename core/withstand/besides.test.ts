import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import { computeAs } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { kindOf } from '../structures/registry';
import { askable, bears, grownOn, type Asked } from './asked';
import { besidesOf } from './besides';
import { liesOn } from '../statics/snow';
import { snowOn, weightOf } from './loads';
import { oneOfEach } from './one-of-each';
import { withstand, worstWeek } from './withstand';

const demo = (id: string, site: Partial<Plan['site']> = {}) => {
  const plan = { ...DEMO_PLAN, site: { ...DEMO_PLAN.site, ...site } };
  return computeAs(kindOf, plan, plan.structures.find((one) => one.id === id) as Plan['structures'][number]);
};
const asked = (id: string, site: Partial<Plan['site']> = {}): Asked => {
  const { sized, setting } = demo(id, site);
  const one = askable(sized.design, setting, CATALOGUE);
  if ('not' in one) throw new Error(`${id}: ${one.not}`);
  return one;
};
/** Winters in which it freezes at night. */
const COLD = { monthlyC: { ...DEMO_PLAN.site.monthlyC, min: DEMO_PLAN.site.monthlyC.min.map((c) => c - 10) } };

describe('besides the wind', () => {
  it('a gate is swung on where it has a latch, a rail is leant on, a ladder is set against what is high; a stake is left alone', () => {
    const by = (id: string): string[] => besidesOf(asked(id), 200, true).map((one) => one.by);
    expect(by('river-gate')).toEqual(['swung on']);
    expect(by('berry-cage')).toEqual(['leant on', 'swung on', 'ladder']);
    expect(by('pepper-stakes')).toEqual([]);
    expect(by('tomato-wall')).toEqual([]);
  });

  it('a child on a gate pulls at its hinges by hand: 350 N and the gate’s weight, with the lever of its width over the way between them', () => {
    const one = askable(demo('river-gate').sized.design, demo('river-gate').setting, CATALOGUE, { open: true });
    if ('not' in one) throw new Error(one.not);
    const { model } = one;
    const stile = model.bars.find(({ part }) => part.id === 'latch-stile');
    const hinge = model.bars.find(({ part }) => part.id === 'hinge-stile');
    if (!stile || !hinge) throw new Error('no stiles');
    const node = stile.nodes.reduce((high, n) =>
      (model.frame.nodes[n]?.[2] ?? 0) > (model.frame.nodes[high]?.[2] ?? 0) ? n : high,
    );
    const loads = new Float64Array(model.frame.nodes.length * 6);
    loads[node * 6 + 2] = -350;
    const { response } = bears(one, [{ of: { loads, spread: [] }, times: 1 }], { duration: 'week', carefully: false });
    const on = model.grounds.map(({ link, at }) => ({ at, force: response.onGround(link).force }));
    expect(on.reduce((sum, { force }) => sum + force[2], 0)).toBeCloseTo(-350, 3);
    // Moments about the foot of the hinge stile, in the plane of the gate.
    const arm = Math.abs((model.frame.nodes[node]?.[0] ?? 0) - hinge.part.from[0]);
    const foot = Math.min(...on.map(({ at }) => at[2]));
    const turned = on.reduce(
      (sum, { at, force }) => sum + force[0] * (at[2] - foot) - force[2] * (at[0] - hinge.part.from[0]),
      0,
    );
    expect(Math.abs(turned) / (350 * arm)).toBeGreaterThan(0.85);
    expect(Math.abs(turned) / (350 * arm)).toBeLessThan(1.15);
  });

  it('snow lies on what catches it where winters freeze: 400 N/m² by 0.8 on a flat roof, none on one at 60° (EN 1991-1-3, table 5.2)', () => {
    expect([0, 30, 45, 60, 80].map((deg) => Math.round(liesOn((deg * Math.PI) / 180) * 1000) / 1000)).toEqual([
      0.8, 0.8, 0.4, 0, 0,
    ]);
    expect(besidesOf(asked('tally-roof'), 200, true).some(({ by }) => by === 'snow')).toBe(false);
    const roof = asked('tally-roof', COLD);
    const found = besidesOf(roof, 200, true).find(({ by }) => by === 'snow');
    expect(found?.share).toBeGreaterThan(0);
    const total = snowOn(roof.able, 400).reduce(
      (sum, { of, times }) => sum + times * of.loads.reduce((all, n, i) => (i % 6 === 2 ? all + n : all), 0),
      0,
    );
    const level = roof.able.cells.reduce((sum, { mm2, faces, catches }) => {
      const up = Math.min(1, Math.abs(faces[2]));
      return catches ? sum + mm2 * up * liesOn(Math.acos(up)) : sum;
    }, 0);
    expect(level).toBeGreaterThan(1e6);
    expect(-total / (400e-6 * level)).toBeCloseTo(1, 6);
    // What is taken in for winter is not snowed on.
    expect(besidesOf(roof, 200, false).some(({ by }) => by === 'snow')).toBe(false);
  });
});

describe('asked once, told often', () => {
  it('so many times one load and so many times another do what both do together', () => {
    const one = asked('string-frame');
    const day = 230;
    const weight = weightOf(one.able, grownOn(one, day));
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (a, b) => {
          const [first, second] = [weight.slice(0, 1), weight.slice(1)];
          const mixed = [
            ...first.map((s) => ({ ...s, times: s.times * a })),
            ...second.map((s) => ({ ...s, times: s.times * b })),
          ];
          const { moved } = bears(one, mixed, { duration: 'wind', carefully: false }).response;
          const loads = new Float64Array(moved.length);
          const spread = mixed.flatMap(({ of, times }) => {
            of.loads.forEach((n, i) => (loads[i] = (loads[i] as number) + times * n));
            return of.spread.map(({ beam, by }) => ({
              beam,
              by: [by[0] * times, by[1] * times, by[2] * times] as const,
            }));
          });
          const straight = one.solved.under({
            loads,
            spread: spread.map(({ beam, by }) => ({ beam, by: [by[0], by[1], by[2]] })),
          });
          const far = Math.max(...straight.moved.map(Math.abs));
          moved.forEach((mm, i) =>
            expect(Math.abs(mm - (straight.moved[i] as number))).toBeLessThan(1e-9 * far + 1e-12),
          );
        },
      ),
      { numRuns: cases(10) },
    );
  });

  it('the short answer is the long one’s, for every structure of the demo; no week of the strip is worse than the worst', () => {
    for (const { id } of DEMO_PLAN.structures) {
      const { sized, setting, kind } = demo(id);
      if (kind.isThere || kind.purpose === 'bed') continue;
      const short = worstWeek(sized.design, setting, CATALOGUE, false);
      const long = withstand(sized.design, setting, CATALOGUE, false);
      if (typeof short === 'string' || typeof long === 'string') {
        expect(short).toBe(long);
        continue;
      }
      expect([id, short.worst.share]).toEqual([id, long.worst.share]);
      expect(short.besides.map(({ by, share }) => [by, share])).toEqual(
        long.besides.map(({ by, share }) => [by, share]),
      );
      for (const { share } of long.weeks) expect(share).toBeLessThanOrEqual(long.worst.share * 1.02 + 1e-9);
    }
  });

  it('of bodies that are alike one is asked, and says what all would', () => {
    for (const id of ['cucumber-fold', 'door-cages', 'pepper-stakes']) {
      const { sized, setting } = demo(id);
      const one = oneOfEach(sized.design);
      expect(one.parts.length).toBeLessThan(sized.design.parts.length);
      const whole = askable(sized.design, setting, CATALOGUE, { whole: true });
      const few = askable(sized.design, setting, CATALOGUE);
      if ('not' in whole || 'not' in few) throw new Error(id);
      const share = (of: Asked): number =>
        bears(of, weightOf(of.able, grownOn(of, 230)), { duration: 'wind', carefully: false }).share;
      expect(share(few) / share(whole)).toBeCloseTo(1, 1);
    }
    // Wires over each other carry the same plants: they are asked together.
    const { sized } = demo('apple-espalier');
    expect(oneOfEach(sized.design)).toBe(sized.design);
  });
});
