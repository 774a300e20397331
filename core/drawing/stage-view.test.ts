import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import { STAGES, type Stage } from '../work/stage';
import { stageView } from './stage-view';

const { structures } = computeGarden(DEMO_PLAN);

it('every part is drawn in the ink of how far it is, what is pointed at once more in another', () => {
  fc.assert(
    fc.property(fc.constantFrom(...structures), fc.infiniteStream(fc.constantFrom(...STAGES)), ({ sized }, some) => {
      const { parts } = sized.design;
      const stages = new Map<string, Stage>(parts.map(({ id }) => [id, some.next().value as Stage]));
      const chosen = parts.at(-1)?.id ?? '';
      const { primitives, box } = stageView(sized.design, stages, new Set([chosen]));
      const drawn = new Set<string>();
      for (const one of primitives) {
        if (!('part' in one) || one.part === undefined) continue;
        drawn.add(one.part);
        if (one.ink === 'driven') expect(one.part).toBe(chosen);
        else expect(one.ink).toBe(stages.get(one.part));
        const spots = one.draw === 'shape' ? one.points : one.draw === 'lines' ? one.lines.flat() : [];
        for (const [x, y] of spots) {
          expect(x).toBeGreaterThanOrEqual(box.left);
          expect(y).toBeLessThanOrEqual(box.top);
        }
      }
      expect(drawn.size).toBe(parts.length);
      expect(primitives.at(-2)?.ink).toBe('driven');
    }),
    { numRuns: 40 },
  );
});
