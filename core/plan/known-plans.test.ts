import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { kindOf } from '../structures/registry';
import { knownPlans } from './known-plans';
import type { Plan } from './plan';
import { computeRemembered, remembering } from './remembered';

describe('gardens that come again', () => {
  it('work nothing out twice that did not change, whatever did, and never answer for what was before', () => {
    let worked = 0;
    const verdicts = remembering((kinds, plan, structure) => {
      worked++;
      return computeRemembered(kinds, plan, structure).verdicts.length;
    });
    const all = (plan: Plan) => plan.structures.map((one) => verdicts(kindOf, plan, one));
    const few = { ...DEMO_PLAN, structures: DEMO_PLAN.structures.slice(0, 6) };
    const known = knownPlans(0);
    let plan = known.remember('g', structuredClone(few));
    all(plan);
    fc.assert(
      fc.property(fc.nat(5), fc.string({ minLength: 1 }), (nth, name) => {
        worked = 0;
        const now = known.like('g', structuredClone(plan));
        expect(now).toBe(plan);
        all(now);
        expect(worked).toBe(0);
        const changed = structuredClone(plan);
        changed.structures = changed.structures.map((one, i) => (i === nth ? { ...one, name: `${name}'` } : one));
        plan = known.remember('g', changed);
        expect(plan).toEqual(changed);
        all(plan);
        // The one, unless it was called so before.
        expect(worked).toBeLessThanOrEqual(1);
      }),
      { numRuns: 5 },
    );
    // Prices are the whole garden's.
    worked = 0;
    all(known.like('g', { ...structuredClone(plan), priceBook: { ...plan.priceBook, lines: [] } }));
    expect(worked).toBe(6);
  });

  it('those seen longest ago are let go, with as many structures as are too many, the last never', () => {
    const plan = { ...DEMO_PLAN, structures: DEMO_PLAN.structures.slice(0, 3) };
    const known = knownPlans(7);
    const first = known.remember('a', plan);
    known.remember('b', structuredClone(plan));
    expect(known.like('a', structuredClone(plan))).toBe(first);
    // Asked for again it is the newest.
    known.remember('a', structuredClone(plan));
    known.remember('c', structuredClone(plan));
    expect(known.like('a', structuredClone(plan))).toBe(first);
    const clone = structuredClone(plan);
    expect(known.like('b', clone)).toBe(clone);
    const whole = structuredClone(DEMO_PLAN);
    known.remember('d', whole);
    expect(known.like('d', structuredClone(whole))).toBe(whole);
    expect(known.like('a', clone)).toBe(clone);
  });
});
