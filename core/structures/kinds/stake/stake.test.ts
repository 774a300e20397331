import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { plantsOf } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import { inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { kind } from './index';

it('whatever its knobs: a stake for every so many planned plants, each plant tied from 8″ (from memory) up to its top', () => {
  fc.assert(
    fc.property(anyPlan(kind), (plan) => {
      const { design, knobs } = first(plan).sized;
      const plants = plantsOf(design).length;
      if (plants === 0) return;
      const each = Number(knobs.each?.value);
      const stakes = new Map(ofShape(design.parts, 'bar').map((stake) => [stake.id, stake]));
      expect(stakes.size).toBe(Math.ceil(plants / each));
      let ties = 0;
      for (const { places, parts, fixings } of design.joints) {
        const stake = stakes.get(parts[0] as string);
        const high = stake?.stands?.aboveMm ?? 0;
        const ups = places.map(([, , up]) => up - (stake?.to[2] ?? 0) + high);
        expect(Math.min(...ups)).toBeCloseTo(Math.min(inches(8), high), 6);
        expect(Math.max(...ups)).toBeLessThanOrEqual(high + 1e-6);
        expect(fixings.map(({ count }) => count % ups.length)).toEqual([0]);
        ties += (fixings[0]?.count ?? 0) / ups.length;
      }
      expect(ties).toBe(plants);
    }),
    { numRuns: cases(60) },
  );
});
