import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { carrier, unpacker, type CarriedGarden } from '@lignum/core/plan/carried';
import { computeGarden } from '@lignum/core/plan/compute';
import { keepSame } from '@lignum/core/plan/keep-same';
import type { Plan } from '@lignum/core/plan/plan';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { kindOf } from '@lignum/core/structures/registry';
import { GardenResults } from './results';

const few: Plan = { ...DEMO_PLAN, structures: DEMO_PLAN.structures.slice(0, 3) };
/** The same garden with one bed so far along. */
const moved = (mm: number): Plan => ({
  ...few,
  beds: few.beds.map((bed, i) => (i === 0 ? { ...bed, xMm: bed.xMm + mm } : bed)),
});

/** Somebody elsewhere who answers when told to, and a plan that can be changed. */
function stage() {
  const carry = carrier();
  let last: Plan | null = null;
  const asked: (() => void)[] = [];
  const followers = new Set<() => void>();
  let plan = few;
  let isThere = true;
  const seen: Plan[] = [];
  const results = new GardenResults({
    ask: (one) =>
      new Promise<CarriedGarden>((answer, fail) => {
        asked.push(() => {
          if (!isThere) return fail(new Error('gone'));
          last = last ? keepSame(last, structuredClone(one)) : structuredClone(one);
          answer(structuredClone(carry(computeGarden(last))));
        });
      }),
    unpack: unpacker(kindOf),
    here: (one) => {
      seen.push(one);
      return Promise.resolve(computeGarden(one));
    },
    plan: () => plan,
    follow: (changed) => {
      followers.add(changed);
      return () => followers.delete(changed);
    },
  });
  return {
    results,
    asked,
    seen,
    followers,
    change: (next: Plan) => {
      plan = next;
      for (const one of [...followers]) one();
    },
    answer: async () => {
      asked.shift()?.();
      await new Promise((settled) => setTimeout(settled, 0));
    },
    leave: () => (isThere = false),
  };
}

describe('what follows from the garden of a tab', () => {
  it('whatever is changed and answered in whatever order, ends with what follows from the last plan, and never shows one with another’s', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.oneof(fc.constant('answer' as const), fc.integer({ min: 1, max: 5 })), { maxLength: 12 }),
        fc.option(fc.nat(8)),
        async (script, leavesAt) => {
          const on = stage();
          let now = few;
          const check = () => {
            const shown = on.results.get();
            if (shown)
              expect(shown.garden.structures[0]?.frame).toEqual(computeGarden(shown.plan).structures[0]?.frame);
          };
          on.results.subscribe(check);
          for (const [i, step] of script.entries()) {
            if (i === leavesAt) on.leave();
            if (step === 'answer') await on.answer();
            else on.change((now = moved(step * 100)));
            // One question at a time: what is overtaken while it waits is never asked.
            expect(on.asked.length).toBeLessThanOrEqual(1);
          }
          // What is worked out here takes its turn without being answered.
          do await on.answer();
          while (on.asked.length > 0);
          expect(on.results.get()?.plan).toBe(now);
          expect(on.results.get()?.garden.cost).toEqual(computeGarden(now).cost);
          check();
        },
      ),
      { numRuns: 25 },
    );
  });

  it('asks nothing before somebody looks, nor after the last has gone', async () => {
    const on = stage();
    on.change(moved(100));
    expect(on.asked).toEqual([]);
    const leave = on.results.subscribe(() => undefined);
    await on.answer();
    leave();
    expect(on.followers.size).toBe(0);
    on.change(moved(200));
    expect(on.asked).toEqual([]);
  });

  it('is promised to who has to wait for it, once; where nobody answers it is worked out here', async () => {
    const on = stage();
    const first = on.results.first();
    expect(on.results.first()).toBe(first);
    on.leave();
    await on.answer();
    expect((await first).plan).toBe(few);
    expect(on.seen).toEqual([few]);
  });
});
