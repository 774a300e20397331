import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { ofShape } from '../../../design/shapes/shapes';
import type { Bar } from '../../../design/shapes/bar';
import { cross, dot, minus, norm, reach, unit, type Point } from '../../../geometry/space';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { planOnBed } from '../../onto-bed.fixture';
import { kind } from './index';

/** How near the middles of two straight pieces come to each other within both: by stepping along one (brute force). */
function apart(a: Bar, b: Bar): number {
  const [axis, long] = [minus(b.to, b.from), reach(b.from, b.to)];
  const toB = (at: Point): number => {
    const t = Math.min(1, Math.max(0, dot(minus(at, b.from), axis) / long ** 2));
    return reach(at, [b.from[0] + axis[0] * t, b.from[1] + axis[1] * t, b.from[2] + axis[2] * t]);
  };
  let [low, high] = [0, 1];
  const at = (t: number): number =>
    toB(
      [0, 1, 2].map(
        (i) => (a.from[i] as number) + ((a.to[i] as number) - (a.from[i] as number)) * t,
      ) as unknown as Point,
    );
  // Convex along a line: by thirds.
  for (let i = 0; i < 60; i++) {
    const [t, u] = [low + (high - low) / 3, high - (high - low) / 3];
    if (at(t) < at(u)) high = u;
    else low = t;
  }
  return at((low + high) / 2);
}

function onBed(
  knobs: Record<string, number | string> = {},
  more: { crop?: string; training?: string; count?: number; bed?: object } = {},
) {
  const plan = planOnBed(
    'crossed-canes',
    knobs,
    { lengthMm: feet(10), widthMm: feet(3), ...more.bed },
    { crop: more.crop ?? 'runner-bean', training: more.training ?? 'single', count: more.count ?? 24 },
  );
  const computed = computeStructure(plan, plan.structures[0]!);
  const codes = computed.verdicts
    .filter(({ level }) => level === 'warn' || level === 'fail')
    .map(({ told }) => told.code);
  const bars = ofShape(computed.sized.design.parts, 'bar');
  return { ...computed, codes, bars, of: (role: string) => bars.filter((one) => one.role === role) };
}

describe('crossed canes', () => {
  it('10′ of runner beans: a cane to a plant, 2′ apart, crossing as high as 8′ canes do by Pythagoras', () => {
    const { codes, of, sized, design } = { ...onBed(), design: onBed().sized.design };
    expect(codes).toEqual([]);
    expect(of('cane')).toHaveLength(2 * 15);
    expect(design.stations.filter(({ spare }) => !spare)).toHaveLength(24);
    // 8′ less 12″ pushed in and 8″ over: 76″ aslant on a foot of half 24″.
    const most = Math.sqrt(inches(76) ** 2 - inches(12) ** 2);
    const height = sized.knobs.height?.value as number;
    expect(height).toBeLessThanOrEqual(most);
    expect(height).toBeGreaterThan(most - inches(1));
    // A plant stands 2″ outside each cane.
    const feetAt = of('cane').map(({ from, to }) => {
      const t = from[2] / (from[2] - to[2]);
      return [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t] as const;
    });
    for (const { at } of design.stations)
      expect(Math.min(...feetAt.map(([x, y]) => Math.hypot(x - at[0], y - at[1])))).toBeLessThan(inches(2) + 7);
  });

  it('nothing lies in anything else, whatever is turned: canes of a pair and their ridge touch, all others stand clear', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const bars = ofShape(design.parts, 'bar');
        // Canes too short to cross at all are told, and stand for nothing.
        if (design.posts.some(({ buriedMm }) => buriedMm === 0)) return;
        const [{ wideMm: d } = { wideMm: 0 }] = bars;
        const ridge = bars.filter(({ role }) => role === 'ridge');
        for (const joint of design.joints.filter(({ kind: of }) => of === 'canes lashed')) {
          const [front, back, ...on] = joint.parts.map((id) => bars.find((one) => one.id === id)) as Bar[];
          expect(Math.abs(apart(front as Bar, back as Bar) - d)).toBeLessThan(d / 20);
          expect(on.length).toBeGreaterThan(0);
          for (const piece of on)
            for (const cane of [front, back] as Bar[]) expect(apart(cane, piece)).toBeGreaterThan(d - 0.5);
          // One of the pieces bears in the fork, unless it is lifted by a lap on either side.
          if (ridge.length === 1)
            expect(Math.min(...[front, back].map((cane) => apart(cane as Bar, on[0] as Bar)))).toBeLessThan(d + 0.5);
        }
        const stays = bars.filter(({ role }) => role === 'stay');
        for (const stay of stays)
          for (const other of bars.filter(({ id }) => id !== stay.id))
            expect(apart(other, stay), other.id).toBeGreaterThan(d - 0.5);
        // A stay lies on each cane that it is tied to.
        for (const { parts } of design.joints.filter(({ kind: of }) => of === 'stay to cane')) {
          const [stay, cane] = parts.map((id) => bars.find((one) => one.id === id)) as [Bar, Bar];
          expect(Math.abs(apart(cane, stay) - d)).toBeLessThan(d / 20);
        }
      }),
      { numRuns: cases(10) },
    );
  });

  it('the ridge reaches past both ends of the row in canes that lap, whatever its length; stays rise opposite ways', () => {
    for (const rowLength of [feet(3), feet(10), feet(25)]) {
      const { of } = onBed({ rowLength }, { bed: { lengthMm: feet(26) } });
      const ridge = of('ridge');
      const canes = of('cane').map(({ from }) => from[0]);
      expect(Math.min(...ridge.map(({ from }) => from[0]))).toBeLessThan(Math.min(...canes) - inches(4) + 10);
      expect(Math.max(...ridge.map(({ to }) => to[0]))).toBeGreaterThan(Math.max(...canes) + inches(4) - 10);
      // Whole canes, as they are sold: nothing of them has no price.
      const sold = [2, 3, 4, 6, 8].map(feet);
      for (const { cutMm } of [...ridge, ...of('stay')]) expect(sold).toContain(cutMm);
      ridge
        .slice(1)
        .forEach((piece, i) => expect((ridge[i] as Bar).to[0] - piece.from[0]).toBeGreaterThan(inches(12) - 1e-6));
      const rises = of('stay').map(({ from, to }) => Math.sign((to[0] - from[0]) * (to[2] - from[2])));
      expect(rises.reduce((sum, one) => sum + one, 0)).toBe(0);
    }
  });

  it('what does not wind round a cane is given strings; a finding has a mend that mends it', () => {
    const peas = onBed({}, { crop: 'pea', training: 'row', count: 20 });
    expect(peas.codes).not.toContain('climb.thick');
    expect(peas.codes).not.toContain('mesh.wide');
    expect(ofShape(peas.sized.design.parts, 'line').length).toBeGreaterThan(3);
    for (const [knobs, code] of [
      [{ apart: inches(12), height: feet(6) }, 'tips.narrow'],
      [{ height: feet(9) }, 'post.short'],
    ] as const) {
      const { verdicts, codes } = onBed(knobs);
      expect(codes).toContain(code);
      const mend = verdicts.find(({ told }) => told.code === code)?.mend;
      expect(mend, code).toBeTruthy();
      expect(onBed(mend?.settings as Record<string, number>).codes).not.toContain(code);
    }
    // Both rows lean to the middle, square to it.
    const { of } = onBed();
    const up = ({ from, to }: Bar): Point => unit(minus(to, from));
    const [front, back] = [of('cane')[0] as Bar, of('cane')[1] as Bar];
    expect(norm(cross(up(front), up(back)))).toBeGreaterThan(0.1);
    expect(up(front)[1]).toBeCloseTo(-up(back)[1], 9);
  });
});
