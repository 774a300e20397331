import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coverOf } from '../design/on-plot';
import { distanceToOutline } from '../geometry/polygon';
import { bedsNamed, bedsOf, footholdOf, hostNamed, pathOf } from '../site/stands/stands';
import { anyPlan, first } from '../structures/any-plan.fixture';
import { KINDS } from '../structures/registry';
import { whereaboutsIn } from './clashes';

describe.each(KINDS)('where $id is', (kind) => {
  it('is told by its stand: the beds and the run it names are those it is sized for', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { setting, structure } = first(plan);
        const { beds, own, gap, underfoot } = footholdOf(setting.place);
        expect(bedsOf(setting.place).map(({ id }) => id)).toEqual(bedsNamed(structure.stand));
        if (own) expect(beds).toEqual([own]);
        expect(gap?.host ?? null).toBe(
          plan.structures.find(({ id }) => id === hostNamed(structure.stand))?.name ?? null,
        );
        // Soil, paving or a deck is said of exactly what no bed and no other structure is under.
        expect(underfoot !== null).toBe(beds.length === 0 && gap === null);
        if (pathOf(structure.stand)) expect(underfoot).not.toBeNull();
      }),
      { numRuns: 15 },
    );
  });
});

// A row that leaves its bed or its way, and a cage that is walked round in, are found from their own side alone.
describe.each(KINDS.filter(({ stands }) => stands.some((on) => on === 'path' || on === 'spot')))('$id', (kind) => {
  it('is where it is looked for before it is sized, so that nothing it could meet is passed over', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { sized, frame, structure } = first(plan);
        fc.pre(bedsNamed(structure.stand).length === 0);
        const pieces = whereaboutsIn(plan)(structure);
        for (const spot of coverOf(sized.design, frame).flat())
          expect(Math.min(...pieces.map((piece) => distanceToOutline(spot, piece))), kind.id).toBeLessThan(1);
      }),
      { numRuns: 25 },
    );
  });
});
