import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { ofShape } from '../../../design/shapes/shapes';
import { templatesOf } from '../../../design/templates';
import { add, minus, norm, reach, scale, unit, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed } from '../../onto-bed.fixture';
import { curveIn, grainShare, sawnRafter, sawnRound, swingAt } from './curve';
import { kind } from './index';

describe('the curve of a rafter', () => {
  const anyCurve = fc.record({
    wideMm: fc.double({ min: 90, max: 200, noNaN: true }),
    swingMm: fc.double({ min: 0, max: 80, noNaN: true }),
    longMm: fc.double({ min: 800, max: 2500, noNaN: true }),
    riseRad: fc.double({ min: 0.35, max: 1.2, noNaN: true }),
  });

  it('stays in its board, is as deep all along, swings as far as it says to both sides, and comes back to straight at both ends', () => {
    fc.assert(
      fc.property(anyCurve, ({ wideMm, swingMm, longMm, riseRad }) => {
        const curve = curveIn(wideMm, swingMm);
        const { edges } = sawnRafter(curve, { longMm, riseRad });
        for (const { lowMm, highMm } of edges.slice(1, -1)) {
          expect(Math.max(-lowMm, highMm)).toBeLessThanOrEqual(wideMm / 2 + 1e-6);
          expect(highMm - lowMm).toBeCloseTo(curve.deepMm, 6);
        }
        const off = Array.from({ length: 2001 }, (_, i) => swingAt(curve, i / 2000));
        expect(Math.max(...off)).toBeCloseTo(curve.swingMm, 2);
        expect(Math.min(...off)).toBeCloseTo(-curve.swingMm, 2);
        expect([off[0], off.at(-1)].map((mm) => Math.abs(mm ?? 1))).toEqual([
          expect.closeTo(0, 9),
          expect.closeTo(0, 9),
        ]);
        // Full below, hollow above: the same the other way round.
        expect(swingAt(curve, 0.3)).toBeCloseTo(-swingAt(curve, 0.7), 9);
      }),
    );
  });

  it('its grain runs through where a straight strip fits between both edges, and nowhere where the swing takes half of it', () => {
    expect(grainShare({ deepMm: 100, swingMm: 0 })).toBe(1);
    expect(grainShare({ deepMm: 100, swingMm: 25 })).toBeCloseTo(0.5, 9);
    expect(grainShare({ deepMm: 100, swingMm: 50 })).toBe(0);
    const curve = curveIn(140, 25);
    const { edges } = sawnRafter(curve, { longMm: 1200, riseRad: 0.6 });
    const inner = edges.slice(1, -1);
    const strip = Math.min(...inner.map(({ highMm }) => highMm)) - Math.max(...inner.map(({ lowMm }) => lowMm));
    expect(strip / curve.deepMm).toBeCloseTo(grainShare(curve), 1);
  });

  it('a boss is round, and where it is longer its ends are: every point of its edge as far from a middle', () => {
    for (const long of [184, 300])
      for (const { atMm, lowMm, highMm } of sawnRound(184, long).edges.slice(1, -1))
        for (const out of [lowMm, highMm])
          expect(Math.hypot(Math.max(0, atMm < 92 ? 92 - atMm : atMm - (long - 92)), out)).toBeCloseTo(92, 6);
    expect(sawnRound(184, 300).edges.at(-1)?.atMm).toBe(300);
  });
});

describe('a canopy on a bed', () => {
  it('8′ × 5′: four posts, four rafters of about 4′ to one template, one boss (common practice, no source)', () => {
    const canopy = onBed(
      'bed-canopy',
      {},
      { lengthMm: feet(8), widthMm: feet(5) },
      { crop: 'clematis', training: 'vine', count: 4 },
    );
    expect([canopy.count('post'), canopy.count('rafter'), canopy.count('boss')]).toEqual([4, 4, 1]);
    const [rafter] = ofShape(canopy.design.parts, 'bar').filter(({ role }) => role === 'rafter');
    expect((rafter?.cutMm ?? 0) / feet(1)).toBeGreaterThan(3.5);
    expect((rafter?.cutMm ?? 0) / feet(1)).toBeLessThan(5);
    expect(templatesOf(canopy.design).map(({ name, parts }) => [name, parts.length])).toEqual([
      ['rafter', 4],
      ['boss', 1],
    ]);
  });

  it('whatever its knobs: every rafter stands level on the middle of its post and bears level under the boss, and no two meet', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const bars = ofShape(design.parts, 'bar');
        const rafters = bars.filter(({ role }) => role === 'rafter');
        const boss = bars.find(({ role }) => role === 'boss')!;
        const under = boss.from[2] - boss.thickMm / 2;
        const tips = rafters.map((bar): Point => {
          const axis = unit(minus(bar.to, bar.from));
          const [start, foot, ...rest] = bar.sawn!.edges;
          const at = (along: number, up: number): Point => add(bar.from, add(scale(axis, along), scale(bar.wide, up)));
          const [outer, inner] = [at(0, start!.highMm), at(foot!.atMm, foot!.lowMm)];
          const post = bars.find((one) =>
            design.joints.some(
              ({ kind: made, parts }) => made === 'rafter on post' && parts[0] === bar.id && parts[1] === one.id,
            ),
          )!;
          const middle = scale(add(outer, inner), 0.5);
          expect(Math.abs(outer[2] - inner[2])).toBeLessThan(1e-6);
          expect(norm(minus(middle, [post.to[0], post.to[1], middle[2]]))).toBeLessThan(1e-6);
          const head = [rest.at(-2)!, rest.at(-1)!];
          const [upper, tip] = [at(head[0]!.atMm, head[0]!.highMm), at(head[1]!.atMm, head[1]!.lowMm)];
          expect(upper[2]).toBeCloseTo(under, 4);
          expect(tip[2]).toBeCloseTo(under, 4);
          expect(reach(bar.from, bar.to)).toBeCloseTo(bar.cutMm, 6);
          return tip;
        });
        for (const [i, one] of tips.entries())
          for (const other of tips.slice(i + 1)) expect(norm(minus(one, other))).toBeGreaterThan(rafters[0]!.thickMm);
      }),
      { numRuns: cases(40) },
    );
  });

  it('says where a curve leaves no grain, and swings less where it is mended', () => {
    const sharp = onBed('bed-canopy', { swing: inches(1.75) });
    const { mend } = sharp.verdicts.find(({ told }) => told.code === 'grain.short')!;
    expect(onBed('bed-canopy', mend!.settings as Record<string, number>).codes).toContain('grain.runs');
    expect(onBed('bed-canopy').codes).toContain('grain.runs');
  });
});
