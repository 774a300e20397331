import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../../demo/garden';
import { computeGarden, computeStructure } from '../../plan/compute';
import type { Plan } from '../../plan/plan';
import { bedSuns, standingOf } from '../../shade/study';
import { onBed, planOnBed } from '../../structures/onto-bed.fixture';
import { bedOutline, outOfReach, type Bed } from '../bed';
import { areaOf } from '../../geometry/polygon';
import { toFrame, toPlot } from '../frame';
import { shortLeg } from '../path';
import { frameOf } from '../stands/stands';
import { goesAlong, wayBetween, waysAmong } from '../way';

const bed = (over: Partial<Bed>): Bed => ({ ...(DEMO_PLAN.beds[0] as Bed), riseMm: 0, ...over });
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('where a structure stands', () => {
  it('its frame goes to the plot and back; the zero of a row is where a tape from the near end puts it', () => {
    fc.assert(
      fc.property(
        mm(0, 9000),
        mm(0, 9000),
        mm(-180, 180),
        mm(-3000, 3000),
        mm(-3000, 3000),
        (xMm, yMm, turnDeg, x, y) => {
          const one = bed({ xMm, yMm, turnDeg, lengthMm: 6000, heightMm: 280 });
          const frame = frameOf({ on: 'bed', bed: one }, 500);
          const [bx, by] = toFrame(frame, toPlot(frame, x, y));
          expect(Math.hypot(bx - x, by - y)).toBeLessThan(1e-6);
          const turn = (turnDeg * Math.PI) / 180;
          expect(frame.xMm).toBeCloseTo(xMm - 2500 * Math.cos(turn), 6);
          expect(frame.baseMm).toBe(280);
        },
      ),
    );
  });

  it('starts along a slope where a tape on the soil puts it: up 3 on 5 of tape is 4 on the level', () => {
    const steep = bed({ xMm: 9000, yMm: 9000, turnDeg: 0, lengthMm: 5000, riseMm: 3000 });
    const at = [0, 1000, 5000].map((startMm) => frameOf({ on: 'bed', bed: steep }, startMm));
    expect(at.map(({ xMm }) => Math.round(xMm))).toEqual([7000, 7800, 11_000]);
    expect(at.map(({ yMm }) => yMm)).toEqual([9000, 9000, 9000]);
  });

  it.each([
    [609, 'walker'],
    [608, 'nobody'],
    [914, 'barrow'],
    [913, 'walker'],
    [1523, 'wheelchair'],
    [1522, 'barrow'],
  ] as const)('along a way of %i mm goes a %s', (wide, who) => expect(goesAlong(wide)).toBe(who));

  it('the way between two beds is what a tape would read, whichever bed is named first', () => {
    fc.assert(
      fc.property(mm(-180, 180), mm(300, 3000), mm(-2000, 2000), (turnDeg, wide, along) => {
        const turn = (turnDeg * Math.PI) / 180;
        const a = bed({ id: 'a', xMm: 9000, yMm: 9000, turnDeg, lengthMm: 5000, widthMm: 900 });
        const off = 450 + wide + 300;
        const b = bed({
          ...a,
          id: 'b',
          widthMm: 600,
          xMm: 9000 + along * Math.cos(turn) - off * Math.sin(turn),
          yMm: 9000 + along * Math.sin(turn) + off * Math.cos(turn),
        });
        for (const way of [wayBetween(a, b), wayBetween(b, a)]) {
          expect(way.wideMm).toBeCloseTo(wide, 6);
          expect(way.lengthMm).toBeCloseTo(5000 - Math.abs(along), 6);
          expect(way.skewDeg).toBeCloseTo(0, 6);
        }
        expect(waysAmong([a, b])).toHaveLength(1);
        // A bed in between leaves no way.
        const between = { ...a, id: 'c', widthMm: 100, xMm: (a.xMm + b.xMm) / 2, yMm: (a.yMm + b.yMm) / 2 };
        expect(waysAmong([a, b, between]).some(({ beds }) => beds.includes(a) && beds.includes(b))).toBe(false);
      }),
    );
    expect(
      shortLeg(
        [
          { xMm: 0, yMm: 0 },
          { xMm: 60, yMm: 0 },
        ],
        false,
      ),
    ).toEqual({ corner: 0, mm: 60 });
    expect(
      shortLeg(
        [
          { xMm: 0, yMm: 0 },
          { xMm: 900, yMm: 0 },
          { xMm: 0, yMm: 60 },
        ],
        true,
      )?.corner,
    ).toBe(2);
  });

  it('a keyhole has less soil by its notch, a round bed by the corners: π/4 of its rectangle', () => {
    const box = { lengthMm: 3000, widthMm: 2000 };
    expect(
      areaOf(bedOutline({ ...box, outline: { shape: 'keyhole', notchLongMm: 500, notchDeepMm: 800 } })),
    ).toBeCloseTo(5.6e6, 3);
    // By hand, 32 corners: 16 sin(π/16) of π.
    expect(areaOf(bedOutline({ ...box, outline: { shape: 'round' } })) / (6e6 * (Math.PI / 4))).toBeCloseTo(
      (16 * Math.sin(Math.PI / 16)) / Math.PI,
      9,
    );
    expect(outOfReach({ widthMm: 1200, standFrom: 'both sides', outline: { shape: 'rectangle' } }, 450)?.wideMm).toBe(
      300,
    );
  });
});

describe('the height of a bed counts', () => {
  const tomato = { crop: 'tomato', training: 'two-leaders' };
  it('in how deep a post stands in the ground, how high one reaches, and what its sides shade', () => {
    const flat = onBed('panel-wall', {}, { heightMm: 0 }, tomato);
    const high = onBed('panel-wall', {}, { heightMm: 500 }, tomato);
    const buried = (one: typeof flat) =>
      Math.max(...one.design.parts.map((part) => (part.shape === 'bar' ? part.buriedMm : 0)));
    // Through half a metre of loose soil and as far into the ground as before.
    expect(buried(high)).toBeGreaterThan(buried(flat));
    expect(onBed('panel-wall', { depth: 450 }, { heightMm: 500 }, tomato).codes).toContain('depth.bed');
    const beam = (heightMm: number) =>
      Number(onBed('twine-frame', {}, { heightMm }, tomato).sized.knobs.beamHeight?.value);
    expect(beam(0) - beam(900)).toBeGreaterThan(400);
    const beside = (heightMm: number): Plan => {
      const plan = planOnBed('panel-wall', {}, { heightMm, xMm: 6000, yMm: 6000 });
      const [own] = plan.beds as [Bed];
      return {
        ...plan,
        structures: [],
        beds: [own, { ...own, id: 'north', heightMm: 0, yMm: 6000 + own.widthMm + 300 }],
      };
    };
    const hours = (heightMm: number) => {
      const plan = beside(heightMm);
      return bedSuns(plan, standingOf(plan), plan.beds.slice(1, 2), 4)[0]?.hours ?? NaN;
    };
    expect(hours(900)).toBeLessThan(hours(0) - 0.05);
  });

  it('two in one place clash, whichever is asked; side by side in one bed they do not', () => {
    const plan = planOnBed('panel-wall', { rowAt: 0 }, { widthMm: 1500 }, tomato);
    const [one] = plan.structures as [Plan['structures'][number]];
    const two = (knobs: Record<string, number>): Plan => ({
      ...plan,
      structures: [one, { ...one, id: 't', name: 'T', plantings: [], knobs: { ...one.knobs, ...knobs } }],
    });
    const clashes = (of: Plan) =>
      computeGarden(of).structures.map((each) => each.verdicts.some((verdict) => verdict.told.code === 'clash.other'));
    expect(clashes(two({}))).toEqual([true, true]);
    expect(clashes(two({ rowAt: 500 }))).toEqual([false, false]);
    // Alone, nothing is said of neighbours.
    expect(computeStructure(plan, one).verdicts.some((verdict) => verdict.told.code === 'clash.other')).toBe(false);
  });
});
