import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { anyPlan, first } from '../structures/any-plan.fixture';
import { kindOf, KINDS } from '../structures/registry';
import { carrier, dataOf, unpacker, writeCarried } from './carried';
import { computeGarden, type ComputedGarden } from './compute';
import { keepSame } from './keep-same';
import type { Plan } from './plan';
import { seasonOf } from './season';
import { stepsOf } from './steps';

/** As JSON has it: less than nothing is nothing. */
const plain = (value: unknown): unknown =>
  typeof value === 'number'
    ? value + 0
    : Array.isArray(value)
      ? value.map(plain)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(Object.entries(value).map(([name, one]) => [name, plain(one)]))
        : value;

/** What is read of a garden: everything but what its kinds and its price book answer. */
const read = ({ structures, ...rest }: ComputedGarden) => ({
  ...rest,
  structures: structures.map((one) => ({ ...one, setting: dataOf(one.setting) })),
});

describe('a garden sent to another thread', () => {
  it.each(KINDS)('is data alone: nothing of $id is a function', (kind) => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { sized, around, setting } = first(plan);
        const carried = { sized, around, setting: dataOf(setting) };
        expect(structuredClone(carried)).toEqual(carried);
      }),
      { numRuns: 8 },
    );
  });

  it.each(KINDS)('says the same of $id as JSON, endless depths and all', (kind) => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const carried = carrier()(computeGarden(plan));
        expect(JSON.parse(writeCarried(carried))).toEqual(plain(carried));
      }),
      { numRuns: 3 },
    );
  });

  it('is there what it was, and goes on saying so after any edits, though only what changed is sent', () => {
    const send = carrier();
    const unpack = unpacker(kindOf);
    let there = DEMO_PLAN;
    const steps: readonly ((plan: Plan) => Plan)[] = [
      (plan) => plan,
      (plan) => ({ ...plan, beds: plan.beds.map((bed, i) => (i === 0 ? { ...bed, xMm: bed.xMm + 300 } : bed)) }),
      (plan) => ({ ...plan, structures: plan.structures.slice(2) }),
      (plan) => ({ ...plan, structures: plan.structures.toReversed() }),
      (plan) => ({ ...plan, site: { ...plan.site, visitors: [] } }),
    ];
    let here = DEMO_PLAN;
    const sizes: number[] = [];
    for (const step of steps) {
      here = step(here);
      there = keepSame(there, structuredClone(here));
      const sent = structuredClone(send(computeGarden(there)));
      sizes.push(sent.structures.filter((one) => typeof one !== 'string').length);
      const garden = unpack(here, sent);
      expect(read(garden)).toEqual(read(computeGarden(here)));
      for (const one of garden.structures) {
        expect(stepsOf(one).map(({ what }) => what)).toEqual(
          stepsOf(computeGarden(here).structures.find(({ structure }) => structure.id === one.structure.id)!).map(
            ({ what }) => what,
          ),
        );
        expect(seasonOf(one).length).toBeGreaterThan(0);
        for (const { stock, size, price } of here.priceBook.lines.slice(0, 5))
          expect(one.setting.priceOf(stock, size)).toBe(price.minor);
      }
    }
    const [all = 0, dragged = 0] = sizes;
    expect(all).toBe(DEMO_PLAN.structures.length);
    // A dragged bed takes what stands on it along, and those in its way.
    expect(dragged).toBeLessThan(all / 3);
  });
});

describe('a document brought up to a newer one', () => {
  const json = fc.jsonValue({ maxDepth: 3 });
  it('says what the newer one says, and is the old one wherever that said so', () => {
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom('a', 'b', 'c'), json),
        fc.dictionary(fc.constantFrom('a', 'b', 'c'), json),
        (before, now) => {
          const kept = keepSame(before, now);
          expect(kept).toEqual(now);
          for (const [field, value] of Object.entries(before))
            if (field in now && typeof value === 'object' && JSON.stringify(value) === JSON.stringify(now[field]))
              expect(kept[field]).toBe(value);
          expect(keepSame(before, structuredClone(before))).toBe(before);
        },
      ),
    );
  });

  it('tells a missing field from one that is empty, and a list from what only looks like one', () => {
    expect(keepSame<object>({ a: undefined }, {})).toEqual({});
    expect('a' in keepSame<object>({ a: undefined }, {})).toBe(false);
    expect(Array.isArray(keepSame<unknown>({ 0: 'x' }, ['x']))).toBe(true);
  });
});
