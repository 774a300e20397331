import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import type { Plan } from '@lignum/core/plan/plan';
import { packed, unpacked } from './undo-kept';

/** Plans as one edit after another leaves them, each sharing with the last what it did not change. */
const edited = fc.array(fc.nat(DEMO_PLAN.beds.length - 1), { maxLength: 30 }).map((edits) =>
  edits.reduce<Plan[]>(
    (plans, bed, i) => {
      const last = plans.at(-1) as Plan;
      return [...plans, { ...last, beds: last.beds.map((one, n) => (n === bed ? { ...one, xMm: i } : one)) }];
    },
    [DEMO_PLAN],
  ),
);

it('steps come back as they were, share again what they shared, and forty edits of the demo take little more than the demo', () => {
  fc.assert(
    fc.property(edited, fc.nat(30), (plans, pick) => {
      const at = pick % plans.length;
      const steps = { past: plans.slice(0, at), present: plans[at] as Plan, future: plans.slice(at + 1) };
      const text = packed(steps);
      const back = unpacked(text);
      expect(back?.present).toEqual(steps.present);
      expect(back?.past).toEqual(steps.past);
      expect(back?.future).toEqual(steps.future.slice(0, 15));
      for (const past of back?.past ?? []) expect(past.priceBook).toBe(back?.present.priceBook);
      expect(text.length).toBeLessThan(JSON.stringify(DEMO_PLAN).length + plans.length * 6000);
    }),
  );
});

it('what cannot be read is no step', () => {
  for (const text of ['', '{}', '{"pool":[],"plans":[],"at":0}', 'null']) expect(unpacked(text)).toBeNull();
});
