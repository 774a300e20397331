import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { computeStructure } from '../plan/compute';
import { withReadings } from '../plan/readings';
import { clearBefore } from '../structures/rules/as-stood';
import { withMeant } from './as-meant';
import { drawViews } from './views';

const structure = DEMO_PLAN.structures.find(({ id }) => id === 'melon-trellis')!;
const alone = { ...DEMO_PLAN, structures: [structure] };
const meant = computeStructure(alone, structure).sized.design;
const clear = meant.bays?.[0]?.clearMm ?? 0;

it('what stands lies over what was meant: dotted is what came to stand elsewhere, and nothing where it stands as it was meant', () => {
  fc.assert(
    fc.property(fc.integer({ min: -400, max: 400 }), fc.integer({ min: 2, max: 4 }), (byMm, post) => {
      const over = withReadings(alone, [
        { structure: structure.id, kind: structure.kind, knob: clearBefore(`post-${post}`), mm: clear + byMm },
      ]);
      const built = computeStructure(over, over.structures[0]!);
      const views = drawViews(built.sized.design, built.around);
      const [front] = views;
      for (const view of views) {
        const both = withMeant(view, built.sized.design, meant);
        const dotted = both.primitives.filter(({ ink }) => ink === 'planned');
        // Everything that stands is drawn as it was.
        expect(both.primitives.slice(dotted.length)).toEqual(view.primitives);
        if (Math.abs(byMm) < 5) expect(both).toBe(view);
        if (view !== front || Math.abs(byMm) <= 5) continue;
        const parts = new Set(dotted.map((one) => ('part' in one ? one.part : '')));
        for (const id of [1, 2, 3, 4]) expect(parts.has(`post-${id}`)).toBe(id >= post);
        expect(both.box.right).toBeGreaterThanOrEqual(view.box.right);
      }
    }),
    { numRuns: 40 },
  );
});
