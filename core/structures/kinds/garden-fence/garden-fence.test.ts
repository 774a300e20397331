import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../../../demo/garden';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import type { PathSpot } from '../../../site/stand';
import { layRun, legsOf } from './run';

const spot = (xMm: number, yMm: number, groundMm = 0): PathSpot => ({ xMm, yMm, groundMm });
const fence = (spots: readonly PathSpot[], knobs: Record<string, number | string> = {}, closed = false) => {
  const computed = computeStructure(
    { ...DEMO_PLAN, structures: [], features: [], site: { ...DEMO_PLAN.site, visitors: ['deer', 'rabbits'] } },
    { id: 'f', kind: 'garden-fence', name: 'F', stand: { on: 'path', spots, closed }, plantings: [], knobs },
  );
  return { ...computed, design: computed.sized.design, codes: computed.verdicts.map((verdict) => verdict.told.code) };
};

describe('garden fence', () => {
  it('is as long as the law of cosines has it, whatever the corner', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 9000, noNaN: true }),
        fc.double({ min: 500, max: 9000, noNaN: true }),
        fc.double({ min: 0.5, max: 2.6, noNaN: true }),
        (a, b, corner) => {
          const spots = [spot(a, 0), spot(0, 0), spot(b * Math.cos(corner), b * Math.sin(corner))];
          const third = Math.sqrt(a * a + b * b - 2 * a * b * Math.cos(corner));
          expect(legsOf(spots, true).reduce((sum, leg) => sum + leg.longMm, 0)).toBeCloseTo(a + b + third, 6);
          const { design } = fence(spots, { gate: 'none' });
          expect(design.builtMm).toBeCloseTo(a + b, 6);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('shares every run out in equal bays no wider than asked, and its list adds up to the run', () => {
    // By hand: 20′ in bays of 8′ at most are three of 6′ 8″; 9′ are two of 4′ 6″.
    const { design } = fence([spot(0, 0), spot(feet(20), 0), spot(feet(20), feet(9))], { gate: 'none', bay: feet(8) });
    expect(design.bays?.map((bay) => Math.round(bay.centresMm))).toEqual(
      [80, 80, 80, 54, 54].map((long) => Math.round(inches(long))),
    );
    expect(design.posts).toHaveLength(6);
    const panels = layRun([spot(0, 0), spot(feet(20), 0)], false, {
      bayMm: feet(6),
      bays: 'panel',
      postMm: 90,
      gate: null,
    });
    // Three whole panels and what is left.
    expect(panels.bays.map((bay) => Math.round(Math.hypot(bay.to.at[0] - bay.from.at[0], 0) / 304.8))).toEqual([
      6, 6, 6, 2,
    ]);
  });

  it('hangs a gate with half an inch clear on each side and one brace, the diagonal of its leaf by Pythagoras', () => {
    const { design, bill } = fence([spot(0, 0), spot(feet(30), 0)], {
      gate: 'one',
      gateAt: feet(15),
      gateWidth: inches(36),
      infill: 'mesh',
      height: feet(4),
    });
    const bars = design.parts.flatMap((part) => (part.shape === 'bar' ? [part] : []));
    const of = (role: string) => bars.filter((bar) => bar.role === role);
    const [left, right] = of('gate stile');
    if (!left || !right) throw new Error('the leaf has two stiles');
    const outer = right.from[0] - left.from[0] + left.wideMm;
    expect(outer).toBeCloseTo(inches(36) - 2 * inches(0.5), 6);
    expect(of('gate brace')).toHaveLength(1);
    const [brace] = of('gate brace');
    const run = outer - 2 * left.wideMm;
    const rise = left.to[2] - left.from[2] - 2 * left.wideMm;
    if (!brace) throw new Error('no brace');
    expect(Math.hypot(brace.to[0] - brace.from[0], brace.to[2] - brace.from[2])).toBeCloseTo(Math.hypot(run, rise), 6);
    // Up from the side of the hinges.
    const hinges = design.joints.find((joint) => joint.kind === 'gate hung');
    expect(Math.abs(brace.from[0] - (hinges?.places[0]?.[0] ?? 0))).toBeLessThan(200);
    expect(brace.to[2]).toBeGreaterThan(brace.from[2]);
    expect(bill.filter((line) => line.stock === 'gate-latch').reduce((sum, line) => sum + line.count, 0)).toBe(1);
  });

  it.each([
    ['crosses itself', [spot(0, 0), spot(4000, 0), spot(4000, 3000), spot(2000, -2000)], {}, 'path.crosses'],
    [
      'has a gate wider than its run',
      [spot(0, 0), spot(1500, 0), spot(1500, 1200)],
      { gate: 'one', gateWidth: 1800 },
      'gate.wide',
    ],
    ['is too low for deer', [spot(0, 0), spot(8000, 0)], { height: 900 }, 'keeps.low'],
  ] as const)('a fence that %s is drawn and said', (_what, spots, knobs, code) => {
    const { codes, design } = fence(spots, knobs);
    expect(codes).toContain(code);
    expect(design.parts.length).toBeGreaterThan(0);
  });
});
