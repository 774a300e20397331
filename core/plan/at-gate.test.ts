import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { extentOf } from '../design/extent';
import { toFrame, toPlot } from '../site/frame';
import { kindOf } from '../structures/registry';
import { atGate } from './at-gate';
import { computeAs } from './compute-as';
import type { Plan, StructurePlan } from './plan';

const gates = DEMO_PLAN.structures.filter(({ kind }) => kind === 'garden-gate');

describe('an arbor at a gate', () => {
  it.each(gates.flatMap((gate) => (['inward', 'outward'] as const).map((opens) => [gate.name, opens, gate] as const)))(
    'stands in line with %s that opens %s, wider than it, on the plot, and none of it in the fence or in the way of the leaf',
    (_name, opens, gate) => {
      const turned = { ...gate, knobs: { ...gate.knobs, opens } };
      const plan: Plan = { ...DEMO_PLAN, structures: DEMO_PLAN.structures.map((one) => (one === gate ? turned : one)) };
      const hung = computeAs(kindOf, plan, turned);
      const put = atGate(kindOf, plan, 'arbor', hung);
      if (!put) throw new Error('no place');
      const arbor: StructurePlan = { id: 'a', name: 'A', kind: 'arbor', plantings: [], ...put };
      const made = computeAs(kindOf, { ...plan, structures: [...plan.structures, arbor] }, arbor);
      expect(Number(made.sized.knobs['inside']?.value)).toBeGreaterThan(hung.sized.design.builtMm);
      const spots = made.sized.design.parts
        .flatMap(extentOf)
        .map(([x, y]) => toFrame(hung.frame, toPlot(made.frame, x, y)));
      const side = Math.sign(spots[0]?.[1] ?? 0);
      for (const [, y] of spots) expect(side * y).toBeGreaterThan(45);
      const codes = made.verdicts.map(({ told }) => told.code);
      expect(codes).toContain('plot.within');
      // What swings towards it swings between its posts.
      const turnedTo = hung.sized.design.doorway?.swings === 'front' ? -1 : 1;
      if (turnedTo === side) expect(hung.sized.design.builtMm).toBeLessThan(Number(made.sized.knobs['inside']?.value));
      for (const { level, told } of made.verdicts)
        expect([told.code, level === 'fail' || level === 'warn']).toEqual([told.code, false]);
      const across = spots.map(([x]) => x);
      expect((Math.min(...across) + Math.max(...across)) / 2).toBeCloseTo(hung.sized.design.doorway?.at[0] ?? NaN, 3);
    },
  );

  it('has no place at what has no leaf', () => {
    const other = DEMO_PLAN.structures.find(({ kind }) => kind === 'panel-wall') as StructurePlan;
    expect(atGate(kindOf, DEMO_PLAN, 'arbor', computeAs(kindOf, DEMO_PLAN, other))).toBeNull();
  });
});
