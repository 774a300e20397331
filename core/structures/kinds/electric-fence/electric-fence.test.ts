import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { ofShape } from '../../../design/shapes/shapes';
import { dot, minus, reach, unit } from '../../../geometry/space';
import { computeStructure } from '../../../plan/compute';
import type { Plan } from '../../../plan/plan';
import { feet, inches } from '../../../quantity/length';
import type { Visitor } from '../../../site/plot';
import { SOIL } from '../../../site/underfoot';
import { getsPast, LIVE_NEEDS, liveStops } from '../../../site/visitors';
import { anyPlan, first } from '../../any-plan.fixture';
import { kind } from './index';
import { heightsFor } from './knobs';

/** Wires round a square of 20′. */
function round(knobs: Record<string, number | string> = {}, visitors: readonly Visitor[] = []) {
  const plan: Plan = {
    ...DEMO_PLAN,
    site: { ...DEMO_PLAN.site, visitors: [...visitors], widthMm: 60_000, depthMm: 60_000 },
    features: [],
    beds: [],
    plantings: [],
    structures: [
      {
        id: 's',
        kind: 'electric-fence',
        name: 'S',
        stand: {
          on: 'path',
          spots: [
            [0, 0],
            [20, 0],
            [20, 20],
            [0, 20],
          ].map(([x = 0, y = 0]) => ({ xMm: feet(x) + 5000, yMm: feet(y) + 5000, groundMm: 0 })),
          closed: true,
          inside: 'left',
          underfoot: SOIL,
        },
        plantings: [],
        knobs,
      },
    ],
  };
  const computed = computeStructure(plan, plan.structures[0]!);
  const { parts } = computed.sized.design;
  const count = (use: string) =>
    computed.bill.filter((line) => line.use === use).reduce((sum, line) => sum + line.count, 0);
  return { ...computed, parts, count, codes: computed.verdicts.map(({ told }) => told.code) };
}

describe('electric wires', () => {
  it('hang where each who is meant is met, in the fewest heights that do for all of them together', () => {
    const known = Object.keys(LIVE_NEEDS);
    // Heights as they are handed down for raccoons and badgers (from memory).
    expect(heightsFor(['raccoons'], 'imperial')).toEqual([inches(6), inches(12)]);
    expect(heightsFor(['badgers'], 'metric')).toEqual([100, 150, 200, 300]);
    expect(heightsFor(['badgers'], 'imperial')).toEqual([4, 6, 8, 12].map(inches));
    fc.assert(
      fc.property(fc.subarray(known, { minLength: 1 }), fc.constantFrom('imperial', 'metric'), (who, market) => {
        const heights = heightsFor(who, market);
        for (const one of who) expect(liveStops(one, heights), one).toBe(true);
        expect(heights).toEqual([...new Set(heights)].sort((a, b) => a - b));
        expect(heights.length).toBeLessThanOrEqual(8);
        // Every one of them is wanted by somebody: without it somebody comes in.
        for (const left of heights) {
          const fewer = heights.filter((at) => at !== left);
          expect(who.every((one) => liveStops(one, fewer))).toBe(false);
        }
      }),
      { numRuns: cases(60) },
    );
  });

  it('20′ each way against raccoons: two wires, twelve stakes, an insulator at each for each, four stretches in one ring', () => {
    const { parts, count, codes, bill, sized } = round({ bay: feet(7) }, ['raccoons']);
    expect(codes).toContain('live.stops');
    expect(parts.filter(({ role }) => role === 'stake')).toHaveLength(12);
    expect([count('wire'), count('gate wire'), count('link wire')]).toEqual([8, 0, 1]);
    expect(bill.filter(({ stock }) => stock === 'ring-insulator').map((line) => line.count)).toEqual([24]);
    // Every stretch has its sign; the unit stands as high as nothing else.
    expect(bill.find(({ stock }) => stock === 'warning-sign')?.count).toBe(4);
    expect(sized.design.posts.filter(({ aboveMm }) => aboveMm > inches(15))).toHaveLength(1);
    // The sides of the square, and at both ends of every piece what is wound and twisted on.
    const wire = bill
      .filter(({ use }) => use === 'wire')
      .reduce((sum, line) => sum + line.count * (line.cutMm ?? 0), 0);
    expect(wire).toBeGreaterThan(2 * 4 * feet(20) + 16 * inches(9));
    expect(wire).toBeLessThan(2 * 4 * (feet(20) + 200) + 16 * inches(11));
  });

  it('a sign hangs no farther than 33′ from the next, round every corner and over the bay that unhooks', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1500, max: 9000 }), fc.constantFrom('over', 'handles'), (bay, gate) => {
        const { joints } = round({ bay, gate }).sized.design;
        const signs = joints.filter(({ kind: joint }) => joint === 'sign on a wire').map(({ places }) => places[0]!);
        signs.forEach((at, i) => expect(reach(at, signs[(i + 1) % signs.length]!)).toBeLessThanOrEqual(10_000));
        // Each of the four sides has one.
        for (const [axis, far] of [
          [0, 0],
          [0, feet(20)],
          [1, 0],
          [1, feet(20)],
        ] as const)
          expect(signs.some((at) => Math.abs(at[axis] - far) < 100)).toBe(true);
      }),
      { numRuns: cases(20) },
    );
  });

  it('past deer one does not step: a bay unhooks, each wire by a handle of its own', () => {
    const { count, bill, codes } = round({}, ['deer', 'raccoons']);
    expect(codes).not.toContain('live.past');
    expect(count('gate wire')).toBe(heightsFor(['deer', 'raccoons'], 'imperial').length);
    expect(bill.find(({ stock }) => stock === 'gate-handle')?.count).toBe(count('gate wire'));
    expect(round({ against: 'raccoons' }).count('gate wire')).toBe(0);
  });

  it('whoever is not met is told, and mended; rabbits and birds are never said to be kept out', () => {
    const {
      verdicts,
      codes,
      kind: built,
      sized,
      setting,
    } = round({ wires: 1, wire1: inches(40) }, ['badgers', 'rabbits']);
    expect(codes).toContain('live.past');
    const mend = verdicts.find(({ told }) => told.code === 'live.past')?.mend?.settings;
    const after = round({ ...mend } as Record<string, number>, ['badgers', 'rabbits']);
    expect(after.codes).toContain('live.stops');
    const guard = built.guards(sized, setting)!;
    expect(getsPast('rabbits', guard)).toBe('wires');
    expect(getsPast('birds', after.kind.guards(after.sized, after.setting)!)).toBe('wires');
    expect(getsPast('badgers', after.kind.guards(after.sized, after.setting)!)).toBeNull();
  });

  it('every wire keeps its height over the soil at every stake, outside of it, and all of them hang together with the unit', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const stakes = new Map(ofShape(design.parts, 'bar').map((one) => [one.id, one]));
        const wires = ofShape(design.parts, 'line').filter(({ role }) => role === 'wire' || role === 'gate wire');
        for (const { kind: joint, parts, places, fixings } of design.joints) {
          if (joint !== 'wire in its insulator') continue;
          const stake = stakes.get(parts[0] as string)!;
          const [face, ring] = places as [typeof stake.from, typeof stake.from];
          const way = fixings[0]?.drive?.way as typeof face;
          // Turned in square, into wood; the ring stands out of the face.
          expect(dot(unit(minus(face, ring)), way)).toBeCloseTo(1, 6);
          expect(Math.abs(dot(minus(face, stake.from), way))).toBeCloseTo(stake.thickMm / 2, 6);
          for (const id of parts.slice(1)) {
            const { path } = wires.find((one) => one.id === id)!;
            expect(Math.min(...path.map((at) => reach(at, ring)))).toBeLessThan(1e-6);
          }
        }
        // Every stake holds as many rings as there are wires, and each leg runs the whole way at every height.
        const heights = new Set(
          design.joints.flatMap(({ id }) => (id.startsWith('ring-') ? [id.split('-').at(-1)] : [])),
        );
        expect(design.joints.filter(({ id }) => id.startsWith('ring-'))).toHaveLength(
          heights.size * design.posts.length,
        );
        // One ring of live metal: whatever is joined by a ring, a clamp or a lead reaches the unit.
        const live = new Set(['lead-live']);
        for (let grew = true; grew;) {
          grew = false;
          for (const { parts } of design.joints) {
            const own = parts.filter((id) => /^(wire|link|lead-live)/.test(id));
            if (own.some((id) => live.has(id)) && own.some((id) => !live.has(id))) {
              own.forEach((id) => live.add(id));
              grew = true;
            }
          }
        }
        for (const { id } of wires) expect(live.has(id), id).toBe(true);
      }),
      { numRuns: cases(30) },
    );
  });
});
