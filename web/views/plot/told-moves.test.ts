import fc from 'fast-check';
import { expect, it } from 'vitest';
import { openIn, openPoints } from '@lignum/core/ahead/open-points';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { inches } from '@lignum/core/quantity/length';
import { fewerBeds } from '../../e2e/garden';
import { toldMoves, type PlotThen } from './told-moves';

const METRIC = { units: 'metric', locale: 'en-IE' } as const;
const START: Plan = fewerBeds(DEMO_PLAN);
const then = (plan: Plan): PlotThen => {
  const garden = computeGarden(plan);
  return { plan, garden, points: openPoints(openIn(plan, garden)) };
};
const FIRST = then(START);
const GARDEN = computeGarden(START);
const withBed = (change: Partial<Plan['beds'][number]>): Plan => ({
  ...START,
  beds: START.beds.map((bed) => (bed.id === 'long-bed' ? { ...bed, ...change } : bed)),
});

it('a bed that is moved is told by where its edges lie now, wherever on the plot that is', () => {
  const bed = START.beds.find(({ id }) => id === 'long-bed')!;
  // It lies upright: its length goes up the page.
  const [halfX, halfY] = [bed.widthMm / 2, bed.lengthMm / 2];
  expect(bed.turnDeg % 180).toBe(90);
  fc.assert(
    fc.property(fc.integer({ min: -2000, max: 26000 }), fc.integer({ min: -2000, max: 17000 }), (left, bottom) => {
      const plan = withBed({ xMm: left + halfX, yMm: bottom + halfY });
      // Of many only the first are told one by one.
      const points = openPoints(openIn(plan, GARDEN)).filter(({ told }) => told.code === 'open.bed-past');
      const said = toldMoves(FIRST, { ...FIRST, plan, points }, METRIC);
      expect(said).toContain(
        `Long bed: ${left} mm from the left, ${bottom} mm from the bottom edge`.replaceAll('-', '−'),
      );
      const past = Math.max(
        -left,
        -bottom,
        left + 2 * halfX - START.site.widthMm,
        bottom + 2 * halfY - START.site.depthMm,
      );
      // Once, by what is open then.
      expect(said.split('over the edge of the plot').length - 1).toBe(past > 60 ? 1 : 0);
    }),
  );
});

it('tells what a move leaves open, and that it is settled again; nothing where nothing moves', () => {
  const yard = START.beds.find(({ id }) => id === 'yard-bed')!;
  const onIt = then(withBed({ xMm: yard.xMm, yMm: yard.yMm }));
  const fresh = onIt.points.filter(({ id }) => FIRST.points.every((one) => one.id !== id));
  expect(fresh.length).toBeGreaterThan(0);
  expect(toldMoves(FIRST, onIt, METRIC)).toContain('Now open, ');
  expect(toldMoves(onIt, FIRST, METRIC)).toContain(`${fresh.length} settled.`);
  expect(toldMoves(FIRST, { ...FIRST, plan: { ...START } }, METRIC)).toBe('');
  expect(toldMoves(FIRST, then(withBed({ turnDeg: 0 })), METRIC)).toContain('turned 0°');
  expect(toldMoves(FIRST, then({ ...START, beds: [], plantings: [], structures: [] }), METRIC)).toMatch(
    /\d+ things removed\./,
  );
  expect(toldMoves(FIRST, then(withBed({ note: 'clay', heightMm: inches(6) })), METRIC)).not.toContain('Long bed:');
});
