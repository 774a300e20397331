import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../../../demo/garden';
import { computeStructure } from '../../../plan/compute';
import { SOIL } from '../../../site/underfoot';
import { feet, inches } from '../../../quantity/length';
import type { PathSpot } from '../../../site/stand';
import { layRun, legsOf } from './run';

const spot = (xMm: number, yMm: number, groundMm = 0): PathSpot => ({ xMm, yMm, groundMm });
const fence = (spots: readonly PathSpot[], knobs: Record<string, number | string> = {}, closed = false) => {
  const computed = computeStructure(
    { ...DEMO_PLAN, structures: [], features: [], site: { ...DEMO_PLAN.site, visitors: ['deer', 'rabbits'] } },
    {
      id: 'f',
      kind: 'garden-fence',
      name: 'F',
      stand: { on: 'path', spots, closed, inside: 'left', underfoot: SOIL },
      plantings: [],
      knobs,
    },
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
          const { design } = fence(spots);
          expect(design.builtMm).toBeCloseTo(a + b, 6);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('shares every run out in equal bays no wider than asked, and its list adds up to the run', () => {
    // By hand: 20′ in bays of 8′ at most are three of 6′ 8″; 9′ are two of 4′ 6″.
    const { design } = fence([spot(0, 0), spot(feet(20), 0), spot(feet(20), feet(9))], { bay: feet(8) });
    expect(design.bays?.map((bay) => Math.round(bay.centresMm))).toEqual(
      [80, 80, 80, 54, 54].map((long) => Math.round(inches(long))),
    );
    expect(design.posts).toHaveLength(6);
    const panels = layRun([spot(0, 0), spot(feet(20), 0)], false, {
      bayMm: feet(6),
      bays: 'panel',
      postMm: 90,
      guests: [],
    });
    // Three whole panels and what is left.
    expect(panels.bays.map((bay) => Math.round(Math.hypot(bay.to.at[0] - bay.from.at[0], 0) / 304.8))).toEqual([
      6, 6, 6, 2,
    ]);
  });

  it('leaves every guest its gap, posts on either side and none within, wherever they come to stand', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ atMm: fc.integer({ min: 0, max: 9000 }), wideMm: fc.integer({ min: 460, max: 1800 }) }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.boolean(),
        (asked, closed) => {
          const spots = [spot(0, 0), spot(5000, 0), spot(5000, 3000, 400)];
          const guests = asked.map((one, i) => ({ ...one, id: `g${i}` }));
          const run = layRun(spots, closed, { bayMm: 2400, bays: 'equal', postMm: 90, guests });
          expect(run.gaps.map((gap) => gap.guest.id).sort()).toEqual(guests.map((one) => one.id).sort());
          for (const { guest, bay, leg, middleMm } of run.gaps) {
            if (!bay) continue;
            const [from, to] = [bay.from, bay.to].map((post) =>
              Math.hypot(post.at[0] - leg.from[0], post.at[1] - leg.from[1]),
            ) as [number, number];
            expect([to - from, (from + to) / 2]).toEqual([
              expect.closeTo(guest.wideMm + 90, 2),
              expect.closeTo(middleMm, 2),
            ]);
            expect([bay.from.kind, bay.to.kind]).toEqual(['gate', 'gate']);
          }
          // The bays of every leg add up to it, in order and without a hole.
          for (const leg of run.legs) {
            const bays = run.bays.filter((bay) => bay.leg === leg);
            const long = bays.reduce(
              (sum, { from, to }) => sum + Math.hypot(to.at[0] - from.at[0], to.at[1] - from.at[1]),
              0,
            );
            expect(long).toBeCloseTo(leg.longMm, 2);
            bays.slice(1).forEach((bay, i) => expect(bay.from.id).toBe(bays[i]?.to.id));
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it.each([
    ['crosses itself', [spot(0, 0), spot(4000, 0), spot(4000, 3000), spot(2000, -2000)], {}, 'path.crosses'],
    ['is too low for deer', [spot(0, 0), spot(8000, 0)], { height: 900 }, 'keeps.low'],
  ] as const)('a fence that %s is drawn and said', (_what, spots, knobs, code) => {
    const { codes, design } = fence(spots, knobs);
    expect(codes).toContain(code);
    expect(design.parts.length).toBeGreaterThan(0);
  });
});
