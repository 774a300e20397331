import { extentOf } from '../../../design/extent';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { computeStructure } from '../../../plan/compute';
import { SOIL } from '../../../site/underfoot';
import { feet, inches } from '../../../quantity/length';
import { heightAt } from '../../../site/ground';
import { toPlot } from '../../../site/frame';
import { levelLength, type PathSpot } from '../../../site/path';
import type { Stand } from '../../../site/stands/stands';
import type { Bar } from '../../../design/shapes/bar';
import { ofShape, shapeOf } from '../../../design/shapes/shapes';
import { lengthOf, pointAt } from '../../../geometry/curve';
import type { Point } from '../../../geometry/space';
import { outlineOf } from '../../../geometry/outline';
import { overlap, type Pair } from '../../../geometry/polygon';
import { computeAs } from '../../../plan/compute-as';
import type { StructurePlan } from '../../../plan/plan';
import { stepsOf } from '../../../plan/steps';
import { getsPast } from '../../../site/visitors';
import { kindOf } from '../../registry';
import { layRun, legsOf } from '../../rules/run';

const spot = (xMm: number, yMm: number, groundMm = 0): PathSpot => ({ xMm, yMm, groundMm });
const fence = (
  spots: readonly PathSpot[],
  knobs: Record<string, number | string> = {},
  closed = false,
  inside: 'left' | 'right' = 'left',
) => {
  const computed = computeStructure(
    { ...DEMO_PLAN, structures: [], features: [], site: { ...DEMO_PLAN.site, visitors: ['deer', 'rabbits'] } },
    {
      id: 'f',
      kind: 'garden-fence',
      name: 'F',
      stand: { on: 'path', spots, closed, inside, underfoot: SOIL },
      plantings: [],
      knobs,
    },
  );
  return { ...computed, design: computed.sized.design, codes: computed.verdicts.map((verdict) => verdict.told.code) };
};

/** A closed fence of 8 m a side and another so far outside all of it, with a gate in the inner one, where deer visit. */
function two(apartMm: number, outerKnobs: StructurePlan['knobs'] = {}, innerKnobs: StructurePlan['knobs'] = {}) {
  const square = (by: number) => [
    spot(4000 - by, 4000 - by),
    spot(12_000 + by, 4000 - by),
    spot(12_000 + by, 12_000 + by),
    spot(4000 - by, 12_000 + by),
  ];
  const one = (id: string, by: number, knobs: StructurePlan['knobs']): StructurePlan => ({
    id,
    kind: 'garden-fence',
    name: id,
    stand: { on: 'path', spots: square(by), closed: true, inside: 'left', underfoot: SOIL },
    plantings: [],
    knobs,
  });
  const gate: StructurePlan = {
    id: 'gate',
    kind: 'garden-gate',
    name: 'gate',
    stand: { on: 'run', of: 'inner', atMm: 4000 },
    plantings: [],
    knobs: {},
  };
  const structures = [one('inner', 0, innerKnobs), one('outer', apartMm, outerKnobs), gate];
  const plan = { ...DEMO_PLAN, structures, features: [], site: { ...DEMO_PLAN.site, visitors: ['deer' as const] } };
  return structures.map((structure) => {
    const { sized, setting, kind } = computeAs(kindOf, plan, structure);
    const guard = kind.guards(sized, setting);
    return { past: guard && getsPast('deer', guard), heightMm: Number(sized.knobs.height?.value) };
  });
}

it('asks for no kind but those of what runs along it and stands in it: a page has fetched no others', () => {
  const fetched = (id: string) => {
    if (!id.startsWith('garden-')) throw new Error(`${id} was not fetched`);
    return kindOf(id);
  };
  for (const one of DEMO_PLAN.structures.filter(({ kind }) => kind.startsWith('garden-')))
    expect(computeAs(fetched, DEMO_PLAN, one).sized.design.parts.length).toBeGreaterThan(3);
});

describe('two low fences', () => {
  it('between two gates alone has no post to drive, and tells nobody to', () => {
    const line: StructurePlan = {
      id: 'f',
      kind: 'garden-fence',
      name: 'F',
      stand: { on: 'path', spots: [spot(0, 4000), spot(1241, 4000)], closed: false, inside: 'left', underfoot: SOIL },
      plantings: [],
      knobs: {},
    };
    const gates = [0, 969].map((atMm): StructurePlan => ({
      id: `g${atMm}`,
      kind: 'garden-gate',
      name: 'G',
      stand: { on: 'run', of: 'f', atMm },
      plantings: [],
      knobs: { width: 457 },
    }));
    const told = (structures: readonly StructurePlan[]) =>
      stepsOf(computeAs(kindOf, { ...DEMO_PLAN, structures: [line, ...structures] }, line)).map(
        ({ what }) => what.code,
      );
    expect(told([])).toContain('step.drive');
    expect(told(gates)).toContain('step.gate-posts');
    expect(told(gates)).not.toContain('step.drive');
  });

  it('4 to 5′ apart all round are not jumped by deer, of 4′ each as suggested, with the gate in them; nearer, farther or lower they are jumped (from memory)', () => {
    for (const apartMm of [feet(4), feet(4.5), feet(5)])
      for (const { past, heightMm } of two(apartMm)) {
        expect(past).toBeNull();
        expect(heightMm).toBeLessThanOrEqual(feet(4) + 1);
        expect(heightMm).toBeGreaterThan(feet(4) - 40);
      }
    for (const apartMm of [feet(3), feet(6)])
      for (const { heightMm } of two(apartMm)) expect(heightMm).toBeGreaterThan(feet(7));
    expect(two(feet(4.5), { height: feet(3) }, { height: feet(4) })[0]?.past).toBe('low');
    expect(two(feet(4.5), { height: feet(4) }, { height: feet(3) })[0]?.past).toBe('low');
    expect(two(feet(6), { height: feet(4) }, { height: feet(4) })[0]?.past).toBe('low');
    expect(two(feet(4.5), { height: feet(4) }, { height: feet(4) }).map(({ past }) => past)).toEqual([
      null,
      null,
      null,
    ]);
  });
});

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
      { numRuns: cases(20) },
    );
  });

  it('its mesh goes to the far edges of its end posts, so that 25 m of fence are more than a roll of 25 m: two meet on one post, over its whole face', () => {
    for (const posts of ['steel', 'timber']) {
      const { design } = fence([spot(0, 0), spot(25_000, 0)], { posts, mesh: 'mesh-2x4-60', low: 'none', dig: 'none' });
      const lengths = ofShape(design.parts, 'sheet').map(({ base }) =>
        [0, lengthOf(base)].map((at) => pointAt(base, at)[0]),
      );
      const faces = ofShape(design.parts, 'bar')
        .filter(({ role }) => role === 'post')
        .map(({ from, wideMm }) => [from[0] - wideMm / 2, from[0] + wideMm / 2]);
      expect(lengths).toHaveLength(2);
      const [[start, end], [next, last]] = lengths as [[number, number], [number, number]];
      expect([start, last]).toEqual(
        [faces[0]?.[0], faces.at(-1)?.[1]].map((at) => expect.closeTo(at as number, 3) as number),
      );
      // A 4×4 is 3½″; a studded post about 1⅜″.
      expect(end - next).toBeCloseTo(inches(posts === 'steel' ? 1.375 : 3.5), 0);
      expect(faces.some(([from = 0, to = 0]) => Math.abs(from - next) < 1 && Math.abs(to - end) < 1)).toBe(true);
      for (const [from, to] of [
        [start, end],
        [next, last],
      ] as const)
        expect(to - from).toBeLessThanOrEqual(25_000);
    }
  });

  it('its apron has no way to dig outside a corner: every place within its width of the line is covered, whatever the corner', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -2.2, max: 2.2, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.05, max: 0.98, noNaN: true }),
        (turn, share, far) => {
          fc.pre(Math.abs(turn - Math.PI / 18) > 1e-6);
          const below = 300;
          const spots = [spot(0, 0), spot(5000, 0), spot(5000 + 5000 * Math.cos(turn), 5000 * Math.sin(turn))];
          const { design } = fence(spots, { infill: 'mesh', dig: 'apron', below, posts: 'steel' });
          const lain = ofShape(design.parts, 'sheet').filter(({ role }) => role === 'apron');
          // From the corner outward, between the ways square to both runs; the garden is on the left.
          const [a, b] = [-Math.PI / 2, turn - Math.PI / 2];
          const way = a + (b - a) * share;
          const at: Point = [5000 + (17.5 + below * far) * Math.cos(way), (17.5 + below * far) * Math.sin(way), 3];
          if (turn > Math.PI / 18)
            expect(Math.min(...lain.map((one) => shapeOf(one).distanceTo(one, at)))).toBeLessThan(20);
          else expect(lain).toHaveLength(2);
        },
      ),
      { numRuns: cases(60) },
    );
  });

  it('its apron lies on the soil on a slope, whether its mesh is raked or stepped', () => {
    for (const onSlope of ['racked', 'stepped']) {
      const spots = [spot(0, 0), spot(9000, 0, 900), spot(9000, 6000, 900)];
      const { design } = fence(spots, { infill: 'mesh', dig: 'apron', below: 300, posts: 'steel', onSlope });
      const lain = ofShape(design.parts, 'sheet').filter(({ role }) => role === 'apron');
      expect(lain.length).toBeGreaterThan(2);
      for (const { base } of lain)
        for (const at of [0, lengthOf(base)].map((along) => pointAt(base, along)))
          expect(Math.abs(at[2] - heightAt(design.ground, at[0], at[1]))).toBeLessThan(40);
    }
  });

  it('no two braces share a bay, and no frame runs into a post, whatever the corner: what is not square stands out farther along a run', () => {
    const turned = fc.record({
      turn: fc.double({ min: -1.9, max: 1.9, noNaN: true }),
      first: fc.integer({ min: 900, max: 6000 }),
      then: fc.integer({ min: 900, max: 6000 }),
    });
    fc.assert(
      fc.property(turned, fc.constantFrom('steel', 'timber'), ({ turn, first, then }, posts) => {
        const spots = [spot(0, 0), spot(first, 0), spot(first + then * Math.cos(turn), then * Math.sin(turn))];
        const braced = fence(spots, { infill: 'mesh', braces: 'braced', posts }).design;
        const bays = (braced.bays ?? []).map(({ posts: ends }) => ends.toSorted().join());
        const held = braced.joints
          .filter(({ kind }) => kind === 'brace to post')
          .map(({ parts }) => parts.slice(1).toSorted().join());
        expect(new Set(held).size).toBe(held.length);
        for (const one of held) expect(bays).toContain(one);
        // A corner of a frame is nowhere inside a post: told in the post's own directions.
        const framed = fence(spots, { infill: 'framed', posts: 'timber' }).design;
        const bars = ofShape(framed.parts, 'bar');
        for (const side of bars.filter(({ role }) => role === 'frame side'))
          for (const [x, y] of extentOf(side))
            for (const { from, wide, wideMm, thickMm } of bars.filter(({ role }) => role === 'post')) {
              const [dx, dy] = [x - from[0], y - from[1]];
              const along = wideMm / 2 - Math.abs(dx * wide[0] + dy * wide[1]);
              const across = thickMm / 2 - Math.abs(dy * wide[0] - dx * wide[1]);
              expect(Math.min(along, across)).toBeLessThan(0.5);
            }
      }),
      { numRuns: cases(40) },
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
      { numRuns: cases(60) },
    );
  });

  it.each([
    ['crosses itself', [spot(0, 0), spot(4000, 0), spot(4000, 3000), spot(2000, -2000)], {}, 'path.crosses'],
    ['is too low for deer', [spot(0, 0), spot(8000, 0)], { height: 900 }, 'keeps.low-two'],
  ] as const)('a fence that %s is drawn and said', (_what, spots, knobs, code) => {
    const { codes, design } = fence(spots, knobs);
    expect(codes).toContain(code);
    expect(design.parts.length).toBeGreaterThan(0);
  });

  it('of hurdles has a post at each end of each, none wider than it is woven, tied there, and gates of boards; what they leave open is counted', () => {
    const corner = fc.tuple(fc.integer({ min: 900, max: 9000 }), fc.integer({ min: 900, max: 9000 }));
    fc.assert(
      fc.property(
        corner,
        fc.constantFrom(-400, -120, 0, 120, 400),
        fc.integer({ min: 700, max: 2000 }),
        ([x, y], rise, high) => {
          const { design, codes, kind, sized, setting } = fence([spot(0, 0), spot(x, 0, rise), spot(x, y, rise)], {
            infill: 'hurdles',
            height: high,
          });
          const hurdles = ofShape(design.parts, 'sheet').filter(({ role }) => role === 'hurdle');
          expect(hurdles.length).toBe(design.bays?.length);
          for (const { id, cutMm } of hurdles) {
            expect(cutMm).toBeLessThanOrEqual(inches(72) + 1);
            expect(design.joints.filter(({ parts }) => parts[0] === id).length).toBe(2);
          }
          // Level, each on its own.
          for (const { base } of hurdles) expect(pointAt(base, 0)[2]).toBeCloseTo(pointAt(base, lengthOf(base))[2], 6);
          const guard = kind.guards(sized, setting);
          const top = inches(2) + (hurdles[0]?.heightMm ?? 0);
          expect(guard?.barrier.heightMm).toBeCloseTo(Math.min(high, top), 6);
          expect(codes.filter((code) => code.startsWith('hurdle.')).length).toBe(1);
          // As suggested a hurdle stands over its posts only where none is woven so low.
          if (codes.includes('hurdle.over')) expect(hurdles[0]?.heightMm).toBeCloseTo(inches(36), 6);
        },
      ),
      { numRuns: cases(40) },
    );
  });

  it('is the same fence whichever way it was drawn: its corners the other way round, the garden on the other side', () => {
    const any = fc.array(
      fc.record({
        turn: fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        long: fc.integer({ min: 900, max: 6000 }),
        rise: fc.integer({ min: -150, max: 150 }),
      }),
      { minLength: 2, maxLength: 4 },
    );
    fc.assert(
      fc.property(
        any,
        fc.constantFrom('mesh', 'framed', 'boards'),
        fc.boolean(),
        fc.integer({ min: 0, max: 9000 }),
        (legs, infill, asApron, atMm) => {
          let [at, way] = [spot(9000, 9000), 0];
          const spots = [at];
          for (const { turn, long, rise } of legs) {
            way += turn;
            at = spot(at.xMm + long * Math.cos(way), at.yMm + long * Math.sin(way), at.groundMm + rise);
            spots.push(at);
          }
          const whole = levelLength(spots, false);
          const built = (corners: readonly PathSpot[], inside: 'left' | 'right', gateMm: number) => {
            const zero = corners[0]?.groundMm ?? 0;
            const stand: Stand = {
              on: 'path',
              spots: corners.map((one) => ({ ...one, groundMm: one.groundMm - zero })),
              closed: false,
              inside,
              underfoot: SOIL,
            };
            const fenced: StructurePlan = {
              id: 'f',
              kind: 'garden-fence',
              name: 'F',
              stand,
              plantings: [],
              knobs: { infill, dig: asApron ? 'apron' : 'buried' },
            };
            const gate: StructurePlan = {
              id: 'g',
              kind: 'garden-gate',
              name: 'G',
              stand: { on: 'run', of: 'f', atMm: gateMm },
              plantings: [],
              knobs: {},
            };
            const plan = { ...DEMO_PLAN, structures: [fenced, gate] };
            return [fenced, gate]
              .map((one) => computeAs(kindOf, plan, one))
              .map(({ sized, frame }) => ({ design: sized.design, frame }));
          };
          const [there, back] = [
            built(spots, 'left', Math.min(atMm, whole)),
            built(spots.toReversed(), 'right', whole - Math.min(atMm, whole)),
          ];
          there.forEach(({ design, frame }, i) => {
            expect(back[i]?.frame.xMm).toBeCloseTo(frame.xMm, 6);
            expect(back[i]?.design.parts.map((part) => [part.id, part.cutMm.toFixed(3)])).toEqual(
              design.parts.map((part) => [part.id, part.cutMm.toFixed(3)]),
            );
          });
        },
      ),
      { numRuns: cases(60) },
    );
  });

  it('turned round, its mesh, apron and boards come on the other side of the line', () => {
    for (const infill of ['mesh', 'boards']) {
      const across = (inside: 'left' | 'right') => {
        const { sized, frame } = fence([spot(0, 0), spot(6000, 0)], { infill, dig: 'apron' }, false, inside);
        return sized.design.parts
          .filter((part) => ['mesh', 'apron', 'board'].includes(part.role))
          .map((part) => Math.min(...extentOf(part).map(([x, y]) => toPlot(frame, x, y)[1]), 0) < -1);
      };
      // Going along x the left is up the page: what keeps out stands below the line.
      expect(new Set(across('left'))).toEqual(new Set([true]));
      expect(across('right').filter((below) => below)).toEqual([]);
    }
  });

  it('its boards pass through each other at no corner, whichever way it turns', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.constantFrom(90, -90), fc.double({ min: 8, max: 130, noNaN: true })),
        fc.double({ min: -130, max: 130, noNaN: true }),
        fc.constantFrom('left' as const, 'right' as const),
        fc.integer({ min: 1500, max: 3000 }),
        (first, second, inside, middleMm) => {
          const [a, b] = [first, first + second].map((deg) => (deg * Math.PI) / 180) as [number, number];
          const at = (from: PathSpot, by: number, longMm: number) =>
            spot(from.xMm + longMm * Math.cos(by), from.yMm + longMm * Math.sin(by));
          const corner = at(spot(4000, 0), a, middleMm);
          const spots = [spot(0, 0), spot(4000, 0), corner, at(corner, b, 900)];
          const { design, codes, ...computed } = fence(spots, { infill: 'boards' }, false, inside);
          if (codes.some((code) => code === 'path.sharp' || code === 'path.crosses')) return;
          const boards = design.parts.filter((part): part is Bar => part.role === 'board' && part.id.endsWith('-1'));
          const posts = design.parts.filter((part): part is Bar => part.role === 'post');
          const outline = (bar: Bar) => outlineOf(extentOf(bar).map(([x, y]): Pair => [x, y]));
          boards.forEach((one, i) =>
            boards.slice(i + 1).forEach((other) => expect(overlap(outline(one), outline(other), 1)).toBe(false)),
          );
          // What of a post is in a board's place is what is pared off it, and is said to be.
          const deepest = (slack: number) =>
            boards.some((one) => posts.some((post) => overlap(outline(one), outline(post), slack)));
          const pared = stepsOf(computed).find(({ what }) => what.code === 'step.pare')?.what.values.off as
            { mm: number } | undefined;
          expect(deepest((pared?.mm ?? 1) + 0.01)).toBe(false);
          if (pared) expect(deepest(0)).toBe(true);
        },
      ),
      { numRuns: cases(120) },
    );
  });

  it('says of a corner of 45° how much of its post is pared, and nothing of a square one', () => {
    const at = (x: number, y: number) =>
      stepsOf(fence([spot(0, 0), spot(4000, 0), spot(4000 + x, y)], { infill: 'boards', section: '4x4' })).find(
        ({ what }) => what.code === 'step.pare',
      )?.what.values;
    // A square of 89 mm turned by 45° stands out half its diagonal: 89 (√2 − 1) / 2 = 18.4, at its arris.
    expect(at(0, 3000)).toBeUndefined();
    expect(at(3000, 3000)).toEqual({ posts: 1, off: { mm: expect.closeTo(18.4, 1) as number } });
  });
});

describe('what a piece is called', () => {
  const anyRun = fc.record({
    sides: fc.array(fc.integer({ min: 3000, max: 9000 }), { minLength: 2, maxLength: 4 }),
    bayMm: fc.integer({ min: 1200, max: 3000 }),
  });
  /** Corners of stretches so long, each turned a right angle from the one before. */
  const cornersBy = (sides: readonly number[]): PathSpot[] =>
    sides.reduce<PathSpot[]>(
      (all, long, i) => {
        const last = all.at(-1) as PathSpot;
        return [...all, spot(last.xMm + (i % 2 === 0 ? long : 0), last.yMm + (i % 2 === 1 ? long : 0))];
      },
      [spot(0, 0)],
    );
  const guest = { id: 'g', atMm: 0, wideMm: 900 };
  const lay = (sides: readonly number[], bayMm: number, guests: readonly (typeof guest)[] = []) =>
    layRun(cornersBy(sides), false, { bayMm, bays: 'equal', postMm: 90, guests });

  it('outlives a gate let into another stretch, and another stretch that grows longer', () => {
    fc.assert(
      fc.property(anyRun, fc.nat(), ({ sides, bayMm }, n) => {
        const which = n % sides.length;
        const before = lay(sides, bayMm);
        expect(new Set(before.posts.map(({ id }) => id)).size).toBe(before.posts.length);
        const elsewhere = before.posts.filter(({ legs }) => !legs.includes(which));
        const startsMm = sides.slice(0, which).reduce((sum, long) => sum + long, 0);
        const gated = lay(sides, bayMm, [{ ...guest, atMm: startsMm + (sides[which] as number) / 2 }]);
        expect(gated.posts.filter(({ id }) => id === 'post-g-a' || id === 'post-g-b').length).toBe(2);
        const longer = lay(sides.with(which, (sides[which] as number) + 2 * bayMm), bayMm);
        for (const after of [gated, longer])
          for (const post of elsewhere) {
            const same = after.posts.find(({ id }) => id === post.id);
            // Pushed along by what grew before it, it is still as far from its corner.
            const corner = (run: typeof after, leg: number) => run.legs[leg]?.startsMm ?? Infinity;
            const leg = post.legs[0] as number;
            expect((same?.atMm ?? NaN) - corner(after, leg), post.id).toBeCloseTo(post.atMm - corner(before, leg), 6);
          }
        for (const bay of before.bays.filter(({ leg }) => leg.index !== which))
          expect(
            gated.bays.some(({ key, from, to }) => key === bay.key && from.id === bay.from.id && to.id === bay.to.id),
          ).toBe(true);
      }),
    );
  });

  it('in a stretch with a gate goes on up to it as before, and begins anew behind it', () => {
    const { posts, bays } = lay([9000], 2000, [{ ...guest, atMm: 5000 }]);
    expect(posts.map(({ id }) => id)).toEqual([
      'post-corner-1',
      'post-r1-1',
      'post-r1-2',
      'post-g-a',
      'post-g-b',
      'post-r1-g-1',
      'post-corner-2',
    ]);
    expect(bays.map(({ key }) => key)).toEqual(['r1-1', 'r1-2', 'r1-3', 'g', 'r1-g-1', 'r1-g-2']);
  });
});
