import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import { computeStructure } from '../plan/compute';
import type { Plan, StructurePlan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import { SOILS, WINDS } from '../site/soil';
import { FILLS } from '../site/bed';
import { VISITORS, type Visitor } from '../site/plot';
import { cases } from './any-plan.fixture';
import { kindOf, KINDS } from './registry';

/** What a new structure is, before a knob is touched: the gardener only said where, and what grows. */
const SUPPORTS = KINDS.filter((kind) => kind.stands.includes('bed') || kind.stands.includes('beds'));
/** What climbs, for what holds it; anything, for what covers it. */
const trained = (kind: string) =>
  CROPS.filter((crop) => kindOf(kind).purpose === 'cover' || crop.habit !== 'none').flatMap((crop) =>
    crop.trainings.map((training) => ({ crop, training })),
  );
const bed = fc.record({
  lengthMm: fc.constantFrom(feet(4), feet(8), feet(12), feet(24), feet(48), 2400, 5000, 1800),
  widthMm: fc.constantFrom(feet(1), feet(2), feet(3), feet(4), 900, 1200),
  heightMm: fc.constantFrom(0, inches(11), inches(20)),
  fill: fc.constantFrom(...FILLS),
  soil: fc.constantFrom(...SOILS),
  wind: fc.constantFrom(...WINDS),
});

function untouched(
  kind: string,
  on: 'bed' | 'beds',
  market: Plan['garden']['market'],
  at: object,
  count: number,
  what: ReturnType<typeof trained>[number],
  visitors: readonly Visitor[],
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
    site: { ...DEMO_PLAN.site, widthMm: 60_000, depthMm: 60_000, visitors },
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
  it('passes or carries its mend, fails nothing in open ground, and can all be bought: any crop that suits, any bed, either market', () => {
    let suited = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...trained(kind)),
        fc.constantFrom('imperial' as const, 'metric' as const),
        bed,
        fc.subarray([...VISITORS], { maxLength: 3 }),
        (what, market, at, visitors) => {
          // As many plants as there is room for: that nobody can have more is no fault of the suggestion.
          const room = untouched(kind, on, market, at, 1, what, visitors).sized.design.stations.length;
          const count = Math.max(1, Math.min(room, Math.floor(at.lengthMm / what.training.spacingMm)));
          const { verdicts, cost } = untouched(kind, on, market, at, count, what, visitors);
          if (verdicts.some((verdict) => verdict.unfit)) return;
          suited++;
          const where = [what.crop.id, what.training.id, count, market, visitors.join(), JSON.stringify(at)].join(' ');
          for (const { level, told, mend } of verdicts) {
            if (level === 'warn' || level === 'fail') expect(mend, `${told.code} ${where}`).not.toBeNull();
            // In open ground nothing fails; in a high bed of loose fill no post on sale may be long enough.
            if (at.heightMm === 0) expect(level, `${told.code} ${where}`).not.toBe('fail');
          }
          expect(cost.complete).toBe(true);
        },
      ),
      { numRuns: cases(48) },
    );
    expect(suited).toBeGreaterThan(5);
  });
});
