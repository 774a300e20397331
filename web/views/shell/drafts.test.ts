// @vitest-environment happy-dom
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { Drafts } from './drafts';

beforeEach(() => localStorage.clear());
const named = (name: string) => ({ ...DEMO_PLAN, garden: { ...DEMO_PLAN.garden, name } });

describe('drafts of two tabs and more', () => {
  it('whatever tabs keep, save, close and open in whatever order: none takes another’s, and none that was left is lost', () => {
    const step = fc.record({
      tab: fc.nat(3),
      does: fc.constantFrom('keep', 'save', 'close', 'open'),
      waits: fc.nat(90_000),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        localStorage.clear();
        let [now, count] = [1_000_000, 0];
        const tabs = new Map<number, { drafts: Drafts; holds: string | null }>();
        /** What was changed in tabs that were closed before it was saved. */
        const left = new Set<string>();
        let opened = 0;
        for (const { tab, does, waits } of steps) {
          now += waits;
          // Living tabs say so.
          for (const { drafts } of tabs.values()) drafts.alive(true);
          const here = tabs.get(tab);
          if (does === 'open' && !here) {
            const drafts = new Drafts('g', `t${++opened}`, () => now);
            const found = drafts.find()?.plan.garden.name ?? null;
            if (found !== null) expect(left.delete(found), `${found} is another's`).toBe(true);
            tabs.set(tab, { drafts, holds: found });
          }
          if (does === 'keep' && here) {
            here.holds = `work ${++count}`;
            here.drafts.keep({ base: 1, plan: named(here.holds) });
          }
          if (does === 'save' && here) {
            here.drafts.keep(null);
            here.holds = null;
          }
          if (does === 'close' && here) {
            here.drafts.alive(false);
            if (here.holds !== null) left.add(here.holds);
            tabs.delete(tab);
          }
        }
        // Each that was left is found by a tab that opens, one after the other.
        now += 61_000;
        for (const { drafts } of tabs.values()) drafts.alive(true);
        for (;;) {
          const found = new Drafts('g', `t${++opened}`, () => now).find()?.plan.garden.name;
          if (found === undefined) break;
          expect(left.delete(found)).toBe(true);
          now += 1;
        }
        expect([...left]).toEqual([]);
        for (const { drafts, holds } of tabs.values()) expect(drafts.find()?.plan.garden.name ?? null).toBe(holds);
      }),
      { numRuns: 100 },
    );
  });

  it('one that was kept before tabs had names is found; what is no draft, of another garden or of a tab that is there is not', () => {
    const now = () => 5_000_000;
    localStorage.setItem('lignum-draft-g', JSON.stringify({ base: 3, plan: named('before') }));
    localStorage.setItem('lignum-draft-g broken', '{');
    localStorage.setItem('lignum-draft-g2 a', JSON.stringify({ base: 1, plan: named('other') }));
    new Drafts('g', 'alive', now).keep({ base: 9, plan: named('there') });
    expect(new Drafts('g', 'b', now).find()?.plan.garden.name).toBe('before');
    expect(new Drafts('g', 'c', now).find()).toBeNull();
    // A tab that died without a word is gone after a minute, one that still speaks is not.
    new Drafts('g', 'alive', () => 5_060_001).alive(true);
    expect(new Drafts('g', 'c', () => 5_060_001).find()?.plan.garden.name).toBe('before');
  });
});
