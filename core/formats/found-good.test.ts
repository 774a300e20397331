import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { keepSame } from '../plan/keep-same';
import type { Plan } from '../plan/plan';
import { lookingOnce } from './found-good';
import { PLAN_SCHEMA } from './plan-schema';

const LISTS = [['beds'], ['plantings'], ['structures'], ['priceBook', 'lines'], ['shed']];

/** One entry of one list changed, taken out, said twice or made wrong in a field. */
const change = fc.record({
  list: fc.constantFrom('beds', 'plantings', 'structures', 'shed', 'lines' as const),
  at: fc.nat(1000),
  how: fc.constantFrom('out' as const, 'twice' as const, 'other' as const, 'wrong' as const, 'bare' as const),
});
type Change = typeof change extends fc.Arbitrary<infer One> ? One : never;

function changed(plan: Plan, { list, at, how }: Change): unknown {
  const entries: readonly object[] = list === 'lines' ? plan.priceBook.lines : plan[list];
  const n = at % Math.max(1, entries.length);
  const one = entries[n] ?? {};
  const now: unknown[] = [...entries];
  if (how === 'out') now.splice(n, 1);
  else if (how === 'twice') now.splice(n, 0, structuredClone(one));
  else if (how === 'other') now[n] = { ...one, ...('note' in one ? { note: `said at ${at}` } : {}) };
  else if (how === 'wrong') now[n] = { ...one, id: 7, odd: at };
  else now[n] = at % 2 === 0 ? null : 'a bed';
  return list === 'lines' ? { ...plan, priceBook: { ...plan.priceBook, lines: now } } : { ...plan, [list]: now };
}

describe('documents that come again', () => {
  it('are judged as if they came for the first time, fault by fault, whatever has changed in them', () => {
    const once = lookingOnce<Plan>(PLAN_SCHEMA, LISTS);
    const first = once(DEMO_PLAN);
    expect(first).toEqual({ ok: true, value: DEMO_PLAN });
    let wrong = 0;
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 3 }), (changes) => {
        const document = changes.reduce<unknown>((plan, one) => changed(plan as Plan, one), DEMO_PLAN);
        // As it comes from a browser, with what is the same as the very objects that were found good.
        const comes = keepSame<unknown>(DEMO_PLAN, JSON.parse(JSON.stringify(document)));
        const [again, afresh] = [once(comes), lookingOnce<Plan>(PLAN_SCHEMA, [])(comes)];
        expect(again).toEqual(afresh);
        if (!again.ok) wrong++;
        else
          for (const bed of again.value.beds)
            expect(comes).toMatchObject({ beds: expect.arrayContaining([bed]) as unknown });
      }),
      { numRuns: cases(60) },
    );
    expect(wrong).toBeGreaterThan(5);
  });

  it('come out as the very objects they were, so that what was worked out of them still counts', () => {
    const once = lookingOnce<Plan>(PLAN_SCHEMA, LISTS);
    const read = once(DEMO_PLAN);
    expect(read.ok && read.value).toBe(DEMO_PLAN);
    const [bed, ...beds] = DEMO_PLAN.beds;
    const moved = once({ ...DEMO_PLAN, beds: [{ ...bed, name: 'Moved' }, ...beds] });
    expect(moved.ok && moved.value.beds.slice(1).every((one, i) => one === beds[i])).toBe(true);
    expect(moved.ok && moved.value.structures).toBe(DEMO_PLAN.structures);
  });
});
