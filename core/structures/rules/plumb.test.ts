import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../../demo/garden';
import { computeGarden } from '../../plan/compute';
import { asideOf, isOut, leanOf, uprightsOf } from './plumb';

const { structures } = computeGarden(DEMO_PLAN);
const trellis = structures.find(({ structure }) => structure.id === 'melon-trellis')!;

it('of the melon trellis, by hand: a two-hundredth of the height out of plumb, a three-hundredth of two bays out of line; ends are in no line', () => {
  const { design } = trellis.sized;
  const all = uprightsOf(design, { measured: {} });
  const [first, second] = all;
  const [post] = design.posts;
  expect(first?.lean.mayMm).toBeCloseTo((post?.aboveMm ?? 0) / 200, 9);
  expect(first?.aside).toBeNull();
  expect(all.at(-1)?.aside).toBeNull();
  const [a, b] = design.bays ?? [];
  expect(second?.aside?.mayMm).toBeCloseTo(((a?.centresMm ?? 0) + (b?.centresMm ?? 0)) / 300, 6);
});

it('what is read is worth mending from where it is more than it may be, of whichever kind; what nobody reads counts for nothing', () => {
  let inLine = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...structures.filter(({ sized }) => sized.design.posts.length > 0)),
      fc.integer({ min: 0, max: 3000 }),
      (one, thousandths) => {
        const { design } = one.sized;
        for (const { id, lean, aside } of uprightsOf(design, { measured: {} })) {
          const share = thousandths / 1000;
          const read = (measured: Record<string, number>) => {
            const again = uprightsOf(design, { measured }).find((post) => post.id === id);
            if (!again) throw new Error(id);
            return again;
          };
          expect(lean.mayMm).toBeLessThan(lean.mostMm);
          expect(isOut(read({ [leanOf(id)]: lean.mayMm * share }))).toBe(thousandths > 1000);
          expect(read({ [leanOf(id)]: lean.mostMm + 1 }).lean.mm).toBeNull();
          expect(read({ [leanOf(id)]: -1 }).lean.mm).toBeNull();
          if (!aside) {
            expect(isOut(read({ [asideOf(id)]: 500 }))).toBe(false);
            continue;
          }
          inLine++;
          expect(isOut(read({ [asideOf(id)]: aside.mayMm * share }))).toBe(thousandths > 1000);
        }
      },
    ),
  );
  expect(inLine).toBeGreaterThan(20);
});
