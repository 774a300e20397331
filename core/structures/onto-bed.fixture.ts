import { DEMO_PLAN } from '../demo/garden';
import type { Bar } from '../design/shapes/bar';
import type { Part } from '../design/shapes/shapes';
import { computeStructure } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { feet } from '../quantity/length';

type Knobs = Record<string, number | string>;
type BedChange = Partial<Plan['beds'][number]>;

/** A plan of one support on one bed of 16′ × 4′ in the middle of a wide plot, at the demo's prices. */
export function planOnBed(
  kind: string,
  knobs: Knobs = {},
  bed: BedChange = {},
  planting: { crop: string; training: string; count?: number } | null = null,
): Plan {
  return {
    ...DEMO_PLAN,
    features: [],
    site: { ...DEMO_PLAN.site, widthMm: 60_000, depthMm: 60_000 },
    beds: [
      {
        id: 'b',
        name: 'B',
        note: '',
        lengthMm: feet(16),
        widthMm: feet(4),
        heightMm: 0,
        fill: 'loose',
        outline: { shape: 'rectangle' },
        standFrom: 'both sides',
        riseMm: 0,
        xMm: 30_000,
        yMm: 30_000,
        turnDeg: 0,
        grew: [],
        soil: 'loam',
        wind: 'usual',
        ...bed,
      },
    ],
    plantings: planting ? [{ id: 'p', bed: 'b', count: 8, year: DEMO_PLAN.garden.year, ...planting }] : [],
    structures: [{ id: 's', kind, name: 'S', stand: { on: 'bed', bed: 'b' }, plantings: planting ? ['p'] : [], knobs }],
  };
}

export function onBed(...args: Parameters<typeof planOnBed>) {
  const plan = planOnBed(...args);
  const computed = computeStructure(plan, plan.structures[0] as Plan['structures'][number]);
  const { design } = computed.sized;
  const ofRole = <P extends Part>(role: string): P[] => design.parts.filter((part) => part.role === role) as P[];
  const count = (use: string): number =>
    computed.bill.filter((line) => line.use === use).reduce((sum, line) => sum + line.count, 0);
  return { ...computed, design, ofRole, count, codes: computed.verdicts.map((verdict) => verdict.told.code) };
}

/** The same on a bed a foot narrower that runs north, with one plant unless said otherwise; a change to the plan last. Codes are those with something to say. */
export function one(
  kind: string,
  bed: BedChange,
  planting: { crop: string; training: string; count?: number } | null,
  knobs: Knobs = {},
  change: (plan: Plan) => Plan = (plan) => plan,
) {
  const plan = change(
    planOnBed(kind, knobs, { widthMm: feet(3), turnDeg: 90, ...bed }, planting && { count: 1, ...planting }),
  );
  const computed = computeStructure(plan, plan.structures[0] as Plan['structures'][number]);
  const posts = computed.sized.design.parts.filter((part): part is Bar => part.role === 'post');
  const codes = computed.verdicts.filter((verdict) => verdict.level !== 'good').map((verdict) => verdict.told.code);
  return { ...computed, design: computed.sized.design, posts, codes };
}
