import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { standsIn } from '../plan/stands';
import { openIn, openPoints } from './open-points';
import { beside, wholeOf } from './whole';

/** Without one structure: the figures that it makes go with it. */
const without = (plan: Plan, id: string): Plan => ({
  ...plan,
  structures: plan.structures.filter((one) => one.id !== id),
});
const few: Plan = {
  ...DEMO_PLAN,
  structures: DEMO_PLAN.structures.filter(({ id }) => ['tomato-wall', 'bean-wall', 'pea-wall'].includes(id)),
};

describe('a layout beside another', () => {
  it('is the same as itself: nothing to do', () => {
    const { here, there, changes } = beside(few, few, 10);
    expect([here, changes]).toEqual([there, []]);
  });

  it('is bought together, costs more the longer it stands, and is what the garden is worked out to be', () => {
    const whole = wholeOf(few, 10);
    expect(whole.startMinor).toBe(computeGarden(few).cost.totalMinor);
    expect(wholeOf(few, 30).afterMinor).toBeGreaterThan(whole.afterMinor);
    expect(whole.afterMinor).toBeGreaterThanOrEqual(wholeOf(few, 1).afterMinor);
    // What fails and what has to be looked at is what the garden has open.
    const { length } = openPoints(openIn(few, computeGarden(few), standsIn(few)));
    expect([whole.fails + whole.warns, length > 0]).toEqual([length, true]);
    expect(whole.outlines.length).toBeGreaterThanOrEqual(few.structures.length);
  });

  it('tells what goes when a wall does: its money, its work, its shade, and that it went', () => {
    const { here, there, changes } = beside(few, without(few, 'tomato-wall'), 10);
    expect(there.startMinor).toBeLessThan(here.startMinor);
    expect(there.hoursAYear).toBeLessThan(here.hoursAYear);
    expect(there.sunHours ?? 0).toBeGreaterThan(here.sunHours ?? Infinity);
    expect(changes).toEqual([{ is: 'removed', what: 'structure', id: 'tomato-wall', name: 'Tomato wall' }]);
    // Fourteen plants, tied a minute and a half a week for fourteen weeks (by hand).
    expect(here.hoursAYear - there.hoursAYear).toBeCloseTo((14 * 1.5 * 14) / 60, 6);
  });

  it('of an empty garden is nothing at all', () => {
    const empty = { ...DEMO_PLAN, structures: [], plantings: [], beds: [], features: [] };
    expect(wholeOf(empty, 10)).toEqual({
      startMinor: 0,
      afterMinor: 0,
      complete: true,
      hoursAYear: 0,
      sunHours: null,
      fails: 0,
      warns: 0,
      unprotected: 0,
      outlines: [],
    });
  });
});
