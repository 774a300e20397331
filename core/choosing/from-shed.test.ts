import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { computeAs } from '../plan/compute-as';
import { planOnBed } from '../structures/onto-bed.fixture';
import { kindOf } from '../structures/registry';
import { savedByShed } from './from-shed';

const wall = planOnBed('panel-wall', {}, {}, { crop: 'tomato', training: 'two-leaders', count: 6 });
const saved = (shed: typeof wall.shed): number => {
  const plan = { ...wall, shed };
  const [structure] = plan.structures as [(typeof plan.structures)[number]];
  return savedByShed(plan, computeAs(kindOf, plan, structure));
};

it('saves nothing without a shed, never more than all costs, and no less with one more piece in it', () => {
  const [structure] = wall.structures as [(typeof wall.structures)[number]];
  const bare = computeAs(kindOf, { ...wall, shed: [] }, structure);
  const post = bare.shopping.purchases.find(({ stock }) => stock === 'steel-post');
  expect(post).toBeDefined();
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 12 }), (count) => {
      const posts = (some: number) =>
        some === 0 ? [] : [{ stock: 'steel-post', size: post?.size ?? 0, count: some, note: '' }];
      const now = saved(posts(count));
      expect(now).toBeGreaterThanOrEqual(0);
      expect(now).toBeLessThanOrEqual(bare.cost.totalMinor);
      expect(saved(posts(count + 1))).toBeGreaterThanOrEqual(now);
      // By hand: as many as are wanted, each at its price (tax is in these prices).
      expect(now).toBe(Math.min(count, post?.count ?? 0) * (post?.eachMinor ?? 0));
    }),
    { numRuns: cases(15) },
  );
});
