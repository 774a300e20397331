import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import { ofShape } from '../../../design/shapes/shapes';
import { cross, dot, minus, norm, reach, unit, type Point } from '../../../geometry/space';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { planOnBed } from '../../onto-bed.fixture';
import { kind } from './index';

function onBed(
  knobs: Record<string, number | string> = {},
  more: { crop?: string; training?: string; bed?: object } = {},
) {
  const plan = planOnBed(
    'sloping-frame',
    knobs,
    { lengthMm: feet(8), widthMm: feet(3), ...more.bed },
    { crop: more.crop ?? 'cucumber', training: more.training ?? 'vine', count: 8 },
  );
  const computed = computeStructure(plan, plan.structures[0]!);
  const codes = computed.verdicts.flatMap(({ level, told }) =>
    level === 'warn' || level === 'fail' ? [told.code] : [],
  );
  const bars = ofShape(computed.sized.design.parts, 'bar');
  return { ...computed, codes, of: (role: string) => bars.filter((one) => one.role === role) };
}
const way = ({ from, to }: Bar): Point => unit(minus(to, from));
/** How far the middles of two straight pieces that go on for ever pass each other. */
const passing = (a: Bar, b: Bar): number => {
  const square = cross(way(a), way(b));
  return Math.abs(dot(minus(b.from, a.from), square)) / norm(square);
};

describe('a sloping frame', () => {
  it('8′ of cucumbers: three pairs of stakes, a rafter to each, the mesh up the slope as Pythagoras says', () => {
    expect(onBed().codes).toEqual([]);
    const { of, sized, bill } = onBed({
      deep: inches(30),
      front: inches(10),
      back: inches(50),
      mesh: 'mesh-4-welded',
    });
    expect([of('stake').length, of('rafter').length]).toEqual([6, 3]);
    // 30″ over, 40″ up: 50″ between the stakes, and 3″ past both.
    for (const rafter of of('rafter')) expect(reach(rafter.from, rafter.to)).toBeCloseTo(inches(56), 6);
    // A roll of 4′ ends before that; the upper lath is where it ends.
    const [mesh] = ofShape(sized.design.parts, 'sheet');
    expect(mesh?.heightMm).toBeCloseTo(feet(4), 6);
    expect(bill.find(({ stock }) => stock === 'mesh-4-welded')?.cutMm).toBeCloseTo(feet(8), 6);
    expect(sized.design.hold?.topMm.least).toBeCloseTo(inches(10) + feet(4), 6);
  });

  it('every rafter lies along both its stakes, every lath on the rafters it crosses, the mesh on the laths, on any slope', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const bars = new Map(ofShape(design.parts, 'bar').map((one) => [one.id, one]));
        const [mesh] = ofShape(design.parts, 'sheet');
        for (const { kind: joint, parts } of design.joints) {
          const [a, b] = parts.map((id) => bars.get(id)) as [Bar, Bar];
          if (joint === 'rafter to stake')
            expect(Math.abs(passing(a, b) - (a.thickMm + b.wideMm) / 2)).toBeLessThan(b.wideMm / 8);
          if (joint === 'lath to rafter') expect(passing(a, b)).toBeCloseTo((a.thickMm + b.wideMm) / 2, 6);
          if (joint === 'mesh to lath') {
            const lath = bars.get(parts[1] as string) as Bar;
            const out = unit(cross(way(lath), mesh?.up ?? [0, 0, 1]));
            const over = dot(minus((mesh?.base as { from: Point }).from ?? lath.from, lath.from), out);
            expect(over).toBeGreaterThan(lath.thickMm / 2 - 1e-6);
          }
        }
        // From one end of the row to the other; what follows lies beside what went before, over a rafter that both hold on to.
        const laths = [...bars.values()].filter(({ role }) => role === 'lath');
        const onto = (id: string) =>
          design.joints.flatMap(({ kind: joint, parts }) =>
            joint === 'lath to rafter' && parts[0] === id ? parts[1] : [],
          );
        for (const row of new Set(laths.map(({ id }) => id.split('-')[1]))) {
          const pieces = laths.filter(({ id }) => id.split('-')[1] === row);
          const [start, end] = [pieces[0] as Bar, pieces.at(-1) as Bar];
          expect((end.to[0] - start.from[0]) / way(start)[0]).toBeCloseTo(design.builtMm, 3);
          pieces.slice(1).forEach((piece, i) => {
            const before = pieces[i] as Bar;
            expect(onto(piece.id).some((rafter) => onto(before.id).includes(rafter))).toBe(true);
            expect(norm(cross(minus(piece.from, before.from), way(before))) / piece.wideMm).toBeCloseTo(1, 1);
          });
        }
      }),
      { numRuns: cases(30) },
    );
  });

  it('a finding has a mend that mends it: too high a first hold, too low a back, light mesh under heavy fruit', () => {
    for (const [knobs, code, crop, training] of [
      [{ front: feet(2) }, 'gap.high', 'cucumber', 'vine'],
      [{ mesh: 'mesh-4-welded' }, 'load.heavy', 'squash', 'vine'],
      [{ depth: inches(12) }, 'depth.shallow', 'cucumber', 'vine'],
    ] as const) {
      const { verdicts, codes } = onBed(knobs, { crop, training });
      expect(codes).toContain(code);
      const mend = verdicts.find(({ told }) => told.code === code)?.mend;
      expect(mend, code).toBeTruthy();
      expect(onBed(mend?.settings as Record<string, number>, { crop, training }).codes).not.toContain(code);
    }
  });
});
