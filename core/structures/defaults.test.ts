import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import { computeStructure } from '../plan/compute';
import type { Plan, StructurePlan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import { SOILS, WINDS } from '../site/soil';
import { KINDS } from './registry';

/** What a new structure is, before a knob is touched: the gardener only said where, and what grows. */
const SUPPORTS = KINDS.filter((kind) => kind.stands.includes('bed') || kind.stands.includes('beds'));
const trained = CROPS.filter((crop) => crop.habit !== 'none').flatMap((crop) =>
  crop.trainings.map((training) => ({ crop, training })),
);
const bed = fc.record({
  lengthMm: fc.constantFrom(feet(4), feet(8), feet(12), feet(24), feet(48), 2400, 5000, 1800),
  widthMm: fc.constantFrom(feet(1), feet(2), feet(3), feet(4), 900, 1200),
  heightMm: fc.constantFrom(0, inches(11)),
  soil: fc.constantFrom(...SOILS),
  wind: fc.constantFrom(...WINDS),
});

function untouched(
  kind: string,
  on: 'bed' | 'beds',
  market: Plan['garden']['market'],
  at: object,
  count: number,
  what: (typeof trained)[number],
) {
  const first = {
    ...(DEMO_PLAN.beds[0] as Plan['beds'][number]),
    ...at,
    id: 'b',
    xMm: 30_000,
    yMm: 30_000,
    turnDeg: 0,
    riseMm: 0,
  };
  const plain = { ...first, outline: { shape: 'rectangle' as const }, standFrom: 'both sides' as const };
  const other = { ...plain, id: 'c', yMm: plain.yMm + plain.widthMm + 1200 };
  const structure: StructurePlan = {
    id: 's',
    kind,
    name: 'New',
    stand: on === 'bed' ? { on, bed: 'b' } : { on, beds: ['b', 'c'] },
    plantings: ['p'],
    knobs: {},
  };
  const plan: Plan = {
    ...DEMO_PLAN,
    garden: { ...DEMO_PLAN.garden, market },
    site: { ...DEMO_PLAN.site, widthMm: 60_000, depthMm: 60_000 },
    beds: [plain, other],
    features: [],
    shed: [],
    plantings: [{ id: 'p', bed: 'b', crop: what.crop.id, training: what.training.id, count }],
    structures: [structure],
  };
  return computeStructure(plan, structure);
}

describe.each(
  SUPPORTS.map((kind) => [kind.id, kind.stands.includes('beds') ? ('beds' as const) : ('bed' as const)] as const),
)('%s, as it is suggested', (kind, on) => {
  it('fails no check, warns only of what one tap mends, and can all be bought: any crop that suits, any bed, either market', () => {
    let suited = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...trained),
        fc.constantFrom('imperial' as const, 'metric' as const),
        bed,
        (what, market, at) => {
          // As many plants as there is room for: that nobody can have more is no fault of the suggestion.
          const room = untouched(kind, on, market, at, 1, what).sized.design.stations.length;
          const count = Math.max(1, Math.min(room, Math.floor(at.lengthMm / what.training.spacingMm)));
          const { verdicts, cost } = untouched(kind, on, market, at, count, what);
          if (verdicts.some((verdict) => verdict.unfit)) return;
          suited++;
          for (const { level, told, mend } of verdicts) {
            expect([level, told.code]).not.toEqual(['fail', told.code]);
            if (level === 'warn') expect([told.code, mend !== null]).toEqual([told.code, true]);
          }
          expect(cost.complete).toBe(true);
        },
      ),
      { numRuns: 48 },
    );
    expect(suited).toBeGreaterThan(5);
  });
});
