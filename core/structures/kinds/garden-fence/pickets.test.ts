import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { templatesOf } from '../../../design/templates';
import { sawnOutline, type Bar } from '../../../design/shapes/bar';
import { ofShape } from '../../../design/shapes/shapes';
import { areaOf } from '../../../geometry/polygon';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import type { Visitor } from '../../../site/plot';
import { SOIL } from '../../../site/underfoot';

/** A straight fence of pickets, so long, over soil that rises so far from one end to the other. */
function pickets(
  longMm: number,
  knobs: Record<string, number | string> = {},
  o: { riseMm?: number; visitors?: Visitor[] } = {},
) {
  const spots = [0, 1].map((end) => ({ xMm: 2000 + end * longMm, yMm: 4000, groundMm: end * (o.riseMm ?? 0) }));
  const computed = computeStructure(
    {
      ...DEMO_PLAN,
      structures: [],
      features: [],
      site: { ...DEMO_PLAN.site, widthMm: 60_000, visitors: o.visitors ?? [] },
    },
    {
      id: 'f',
      kind: 'garden-fence',
      name: 'F',
      stand: { on: 'path', spots, closed: false, inside: 'left', underfoot: SOIL },
      plantings: [],
      knobs: { infill: 'pickets', ...knobs },
    },
  );
  const bars = ofShape(computed.sized.design.parts, 'bar');
  const of = (role: string): Bar[] => bars.filter((one) => one.role === role);
  return { ...computed, design: computed.sized.design, of };
}
const along = ({ from }: Bar): number => from[0];

describe('a fence of pickets', () => {
  it('8′ of 1×4 with 2″ between: 19 of them in equal gaps, on two rails, 40″ from 2″ over the soil', () => {
    const { of, design, bill, verdicts } = pickets(feet(8), { height: inches(42) });
    expect(verdicts.filter(({ level }) => level === 'fail' || level === 'warn')).toEqual([]);
    // 96″ and the half posts at both ends: 99.5 / 5.5 is 18.09, so nineteen share it out at 5.24″.
    expect(of('picket')).toHaveLength(19);
    expect(of('rail')).toHaveLength(2);
    expect(new Set(of('picket').map(({ cutMm }) => Math.round(cutMm / inches(1))))).toEqual(new Set([40]));
    // Two screws a crossing, and two from each rail into each of two posts.
    const screws = design.joints
      .filter(({ kind }) => kind === 'picket to rail')
      .reduce((sum, { fixings }) => sum + (fixings[0]?.count ?? 0), 0);
    expect(screws).toBe(2 * 2 * 19);
    expect(bill.some(({ stock }) => stock.startsWith('mesh'))).toBe(false);
  });

  it('gaps are equal in every bay, no wider than asked; every picket crosses every rail of its bay, plumb, its foot off the soil', () => {
    fc.assert(
      fc.property(
        fc.record({
          longMm: fc.integer({ min: 1000, max: 20_000 }),
          riseMm: fc.integer({ min: -900, max: 900 }),
          picketGap: fc.integer({ min: 0, max: 150 }),
          height: fc.integer({ min: 305, max: 2400 }),
          topLine: fc.constantFrom('straight', 'hollow', 'arched'),
          topDepth: fc.integer({ min: 26, max: 450 }),
          picketTop: fc.constantFrom('pointed', 'round', 'square'),
          onSlope: fc.constantFrom('racked', 'stepped'),
        }),
        ({ longMm, riseMm, ...knobs }) => {
          const { of, design } = pickets(longMm, knobs, { riseMm });
          const rails = of('rail');
          const bayOf = ({ id }: Bar): string => id.slice(0, id.lastIndexOf('-'));
          const byBay = new Map<string, Bar[]>();
          for (const one of of('picket')) byBay.set(bayOf(one), [...(byBay.get(bayOf(one)) ?? []), one]);
          expect(byBay.size).toBe(design.bays?.length);
          for (const bay of byBay.values()) {
            const steps = bay.slice(1).map((one, i) => along(one) - along(bay[i] as Bar));
            for (const step of steps) {
              expect(step - (bay[0] as Bar).wideMm).toBeLessThan(knobs.picketGap + 0.01);
              expect(step).toBeCloseTo(steps[0] as number, 6);
            }
          }
          for (const picket of of('picket')) {
            expect([picket.to[0] - picket.from[0], picket.to[1] - picket.from[1]]).toEqual([0, 0]);
            const soil = ((picket.from[0] - along(of('post')[0] as Bar)) * riseMm) / longMm;
            if (knobs.onSlope === 'racked') expect(picket.from[2] - soil).toBeCloseTo(inches(2), 3);
            const held = design.joints.filter(({ kind, parts }) => kind === 'picket to rail' && parts[0] === picket.id);
            // One only where two of them, three tenths apart, have no room between the feet and the lowest top, an eighth and a sixth of the height left free.
            const lowest = knobs.height - (knobs.topLine === 'straight' ? 0 : knobs.topDepth);
            const wanted = 2.3 * (rails[0] as Bar).wideMm + knobs.height * (1 / 8 + 1 / 6);
            expect(held.length).toBeGreaterThanOrEqual(lowest - inches(2) > wanted ? 2 : 1);
            for (const { parts, places } of held) {
              const rail = rails.find(({ id }) => id === parts[1]) as Bar;
              const [x, , z] = places[0] as readonly [number, number, number];
              expect(x).toBeGreaterThan(Math.min(rail.from[0], rail.to[0]) - 1);
              expect(x).toBeLessThan(Math.max(rail.from[0], rail.to[0]) + 1);
              expect(z).toBeLessThan(picket.to[2]);
              expect(z).toBeGreaterThan(picket.from[2]);
            }
          }
        },
      ),
      { numRuns: cases(30) },
    );
  });

  it('a hollow top line sinks and an arched one rises by its depth in the middle of a bay, and meets its height there or at the posts', () => {
    const at = { height: inches(48), topDepth: inches(6), picketGap: 0 };
    const lengths = (topLine: string): number[] =>
      pickets(feet(8), { ...at, topLine })
        .of('picket')
        .map(({ cutMm }) => cutMm + inches(2));
    const straight = lengths('straight');
    expect(new Set(straight.map(Math.round)).size).toBe(1);
    for (const [topLine, middle, ends] of [
      ['hollow', 42, 48],
      ['arched', 48, 42],
    ] as const) {
      const all = lengths(topLine);
      // A parabola: a quarter of the way in, a quarter of its depth is left from the middle.
      const count = all.length;
      const half = (all[Math.floor(count / 2)] as number) / inches(1);
      expect(Math.abs(half - middle)).toBeLessThan(0.1);
      expect(Math.abs((all[0] as number) / inches(1) - ends)).toBeLessThan(0.5);
      const quarter = (all[Math.floor(count / 4)] as number) / inches(1);
      expect(Math.abs(quarter - (middle + (ends - middle) / 4))).toBeLessThan(0.5);
      all.forEach((one, i) => expect(one).toBeCloseTo(all[count - 1 - i] as number, 6));
    }
  });

  it('a point takes a triangle off two corners, a round one what a half disc leaves; one template serves all of them', () => {
    const wide = inches(3.5);
    const taken = (picketTop: string): number => {
      const { of } = pickets(feet(8), { picketTop, picketOf: '1x4', topLine: 'hollow', topDepth: inches(6) });
      const [picket] = of('picket') as [Bar];
      return picket.sawn ? picket.cutMm * wide - areaOf(sawnOutline(picket.sawn)) : 0;
    };
    expect(taken('square')).toBe(0);
    expect(taken('pointed') / ((wide * 0.6 * wide) / 2)).toBeCloseTo(1, 1);
    expect(taken('round') / (wide ** 2 / 2 - (Math.PI * (wide / 2) ** 2) / 2)).toBeCloseTo(1, 1);
    expect(templatesOf(pickets(feet(20), { picketTop: 'round', topLine: 'arched' }).design)).toHaveLength(1);
  });

  it('stands against who visits by its gap and its lowest top', () => {
    const codes = (knobs: Record<string, number | string>, visitors: Visitor[]) =>
      pickets(feet(16), knobs, { visitors }).verdicts.map(({ told }) => told.code);
    expect(codes({ height: feet(4) }, ['dogs'])).toContain('keeps.out');
    expect(codes({ height: feet(4), picketGap: inches(6) }, ['dogs'])).toContain('keeps.open');
    expect(codes({ height: feet(4), topLine: 'hollow', topDepth: inches(9) }, ['dogs'])).toContain('keeps.low');
    expect(pickets(feet(8), {}, { visitors: ['rabbits'] }).sized.knobs.picketGap?.value).toBeLessThanOrEqual(31);
  });
});
