import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { isDug } from '../design/standing';
import { postNumbers } from '../design/post-numbers';
import { computeAs } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import { anyPlan } from '../structures/any-plan.fixture';
import { kindOf, KINDS } from '../structures/registry';
import { holesOf } from './holes';
import { ringOf } from './ring';
import { storyStep, asMarked } from './rod';
import { rodsOf } from './rods';

const designOf = (plan: Plan, structure = plan.structures[0] as Plan['structures'][number]) =>
  computeAs(kindOf, plan, structure).sized.design;
const demo = (id: string) =>
  designOf(
    DEMO_PLAN,
    DEMO_PLAN.structures.find((one) => one.id === id),
  );

describe('running figures', () => {
  it('of thirteen posts on 93′ 9½″: faces of the second at 7′ 9½″ and 8′ 1″, of the third at 15′ 7″ and 15′ 10½″, a rail of 188¾″ (common practice, no source)', () => {
    const bed = { ...(DEMO_PLAN.beds[0] as Plan['beds'][number]), lengthMm: feet(100), riseMm: 0 };
    const plan: Plan = {
      ...DEMO_PLAN,
      beds: [bed],
      plantings: [],
      structures: [
        {
          id: 's',
          kind: 'rail-trellis',
          name: 'S',
          stand: { on: 'bed', bed: bed.id },
          plantings: [],
          knobs: {
            rowLength: feet(93) + inches(9.5),
            bays: 'clear',
            bay: inches(90),
            section: '4x4',
            railSection: '2x4',
            startAt: 0,
          },
        },
      ],
    };
    const rods = rodsOf(designOf(plan));
    const posts = rods.find((rod) => rod.kind === 'posts');
    const at = (of: string, no: number) => posts?.marks.find((mark) => mark.of === of && mark.no === no)?.atMm;
    expect(posts?.parts).toHaveLength(13);
    expect(posts?.lengthMm).toBeCloseTo(feet(93) + inches(9.5), 6);
    expect(at('near face', 2)).toBeCloseTo(feet(7) + inches(9.5), 6);
    expect(at('far face', 2)).toBeCloseTo(feet(8) + inches(1), 6);
    expect(at('near face', 3)).toBeCloseTo(feet(15) + inches(7), 6);
    expect(at('far face', 3)).toBeCloseTo(feet(15) + inches(10.5), 6);
    // A rail from the outside of the end post to the middle of the third.
    const ends = rods.filter((rod) => rod.kind === 'run' && rod.role === 'rail').flatMap((rod) => rod.marks);
    expect(ends.some((mark) => mark.of === 'ends' && Math.abs(mark.atMm - inches(188.75)) < 0.01)).toBe(true);
  });

  it('on a slope a level line passes every post at one height, 12″ over the highest soil', () => {
    const { parts } = demo('bean-wall');
    const rods = rodsOf(demo('bean-wall')).filter((rod) => rod.kind === 'heights');
    const levels = rods.flatMap((rod) =>
      rod.parts.flatMap((id) => {
        const post = parts.find((part) => part.id === id);
        const mark = rod.marks.find((one) => one.of === 'level');
        return post?.shape === 'bar' && mark ? [{ over: mark.atMm, z: post.from[2] + post.buriedMm + mark.atMm }] : [];
      }),
    );
    expect(levels.length).toBeGreaterThan(2);
    expect(Math.min(...levels.map((one) => one.over))).toBeCloseTo(inches(12), 6);
    for (const { z } of levels) expect(z).toBeCloseTo(levels[0]?.z ?? NaN, 0);
  });

  it('on a slope are read by a tape on the soil: from post to post what lies between their feet, not its level part', () => {
    // Up 3 on 5 of tape: 4 on the level would be marked for 5.
    const steep = { ...(DEMO_PLAN.beds[0] as Plan['beds'][number]), lengthMm: 6000, riseMm: 3600 };
    for (const kind of ['rail-trellis', 'twine-frame', 'weave']) {
      const design = designOf({
        ...DEMO_PLAN,
        beds: [steep],
        plantings: [],
        structures: [{ id: 's', kind, name: 'S', stand: { on: 'bed', bed: steep.id }, plantings: [], knobs: {} }],
      });
      const rod = rodsOf(design).find((one) => one.kind === 'posts');
      const feet = (rod?.parts ?? []).map((id) => {
        const post = design.parts.find((part) => part.id === id);
        if (post?.shape !== 'bar') throw new Error(`${id} is no post`);
        return [post.from[0], post.from[2] + post.buriedMm] as const;
      });
      const middles = (rod?.marks ?? []).filter((mark) => mark.of === 'middle').map((mark) => mark.atMm);
      expect(middles.length, kind).toBeGreaterThan(1);
      middles.slice(1).forEach((at, i) => {
        const [[x0, z0], [x1, z1]] = [feet[i], feet[i + 1]] as [readonly [number, number], readonly [number, number]];
        expect(at - (middles[i] as number), kind).toBeCloseTo(Math.hypot(x1 - x0, z1 - z0), 0);
      });
    }
  });

  it('are one mark within what a pencil draws, and two beyond it, however near', () => {
    const at = (atMm: number, what = 'rail', of: 'middle' | 'fixing' = 'middle') => ({ atMm, of, what, no: 0 });
    expect(asMarked([at(100), at(100.5), at(102), at(150)]).map(({ atMm, no }) => [atMm, no])).toEqual([
      [100, 1],
      [102, 2],
      [150, 3],
    ]);
    expect(asMarked([at(100), at(100, 'brace'), at(100, 'rail', 'fixing')])).toHaveLength(3);
    expect(asMarked([at(100)])[0]?.no).toBe(0);
  });

  it('have a number for each line of posts where there are several, in their order, and none where there is one', () => {
    const numbers = DEMO_PLAN.structures.map(({ id }) =>
      rodsOf(demo(id)).flatMap((rod) => (rod.kind === 'posts' ? [rod.line] : [])),
    );
    for (const lines of numbers) expect(lines).toEqual(lines.map((_, i) => (lines.length > 1 ? i + 1 : undefined)));
    expect(numbers.some((lines) => lines.length > 1)).toBe(true);
    expect(numbers.some((lines) => lines.length === 1)).toBe(true);
  });

  it('make a story stick of what repeats: 15 slats of 1½″ with a 3½″ gauge are 5″ from each to the next (common practice, no source)', () => {
    const stile = rodsOf(demo('cucumber-fold')).find((rod) => rod.kind === 'timber' && rod.role === 'stile');
    expect(stile && storyStep(stile)).toEqual({
      what: 'slat',
      stepMm: expect.closeTo(inches(5), 6) as number,
      count: 15,
    });
  });

  it.each(KINDS.map((kind) => [kind.id, kind] as const))(
    'of %s are met in their order, inside what they are marked on, over its whole knob space',
    (_id, kind) => {
      fc.assert(
        fc.property(anyPlan(kind), (plan) => {
          const design = designOf(plan);
          const named = new Set([...design.parts, ...design.stations].map((one) => one.id));
          for (const rod of rodsOf(design)) {
            const at = rod.marks.map((mark) => mark.atMm);
            expect(at.every(Number.isFinite)).toBe(true);
            expect(at.every((mm, i) => i === 0 || mm > (at[i - 1] as number) - 0.1)).toBe(true);
            expect(rod.parts.every((id) => named.has(id))).toBe(true);
            if (rod.kind === 'timber') expect(Math.min(...at) > 0 && Math.max(...at) < rod.lengthMm + 1).toBe(true);
          }
        }),
        { numRuns: cases(15) },
      );
    },
  );
});

describe('the number of a post', () => {
  it('is one on the ground, on every timber, in the holes and in the table of bays, whatever stands, and that which its id says along a path', () => {
    for (const kind of KINDS)
      for (const plan of fc.sample(anyPlan(kind), { numRuns: cases(6), seed: 3 })) {
        const design = designOf(plan);
        const numbers = postNumbers(design);
        if (numbers.size === 0) continue;
        expect([...numbers.values()].toSorted((a, b) => a - b)).toEqual(
          Array.from({ length: numbers.size }, (_, i) => i + 1),
        );
        for (const rod of rodsOf(design))
          for (const { part, no } of rod.marks)
            if (part !== undefined && numbers.has(part))
              expect(rod.alike > 1 ? [0, numbers.get(part)] : [numbers.get(part)]).toContain(no);
        const dug = holesOf(design).flatMap(({ posts }) => posts);
        expect(dug.toSorted((a, b) => a - b)).toEqual(
          design.posts
            .filter(isDug)
            .map(({ id }) => numbers.get(id))
            .toSorted((a, b) => Number(a) - Number(b)),
        );
        if (kind.id === 'garden-fence')
          expect((design.bays ?? []).map(({ posts }) => numbers.get(posts[0]))).toEqual(
            (design.bays ?? []).map((_bay, i) => i + 1),
          );
      }
  });

  it('of a fence on a slope: the figures of its ground rod and those of its drawing are the same tape on the soil', () => {
    const fence = DEMO_PLAN.structures.find((one) => one.kind === 'garden-fence') as Plan['structures'][number];
    const spots = [0, 1].map((n) => ({ xMm: 6000 * n, yMm: 0, groundMm: 1500 * n }));
    const stand = { ...fence.stand, spots, closed: false } as typeof fence.stand;
    const design = designOf({ ...DEMO_PLAN, structures: [] }, { ...fence, stand });
    const [rod] = rodsOf(design).filter(({ kind }) => kind === 'posts');
    const middles = rod?.marks.filter(({ of }) => of === 'middle').map(({ atMm }) => atMm) ?? [];
    expect(middles.at(-1)).toBeCloseTo(Math.hypot(6000, 1500), 3);
    const chain = design.marks.find(({ label }) => label === 'posts');
    expect(chain?.tapedMm).toEqual(middles.map((at) => expect.closeTo(at, 3) as number));
  });
});

describe('holes', () => {
  it('of 4×4 posts in dry-poured concrete are three posts wide, 4″ of gravel deeper than the post, and say what goes into each (common practice; 3 from memory)', () => {
    const [hole, ...others] = holesOf(demo('melon-trellis'));
    expect(others).toEqual([]);
    // Two feet held firmly: settled fill of 200 mm counts half, so 100 mm more, to the next inch 28″; and the gravel.
    expect(hole?.posts).toEqual([1, 2, 3, 4]);
    expect(hole?.deepMm).toBeCloseTo(inches(32), 6);
    expect(hole?.acrossMm).toBeCloseTo(inches(10.5), 6);
    // π/4 × 10.5² × 4 cubic inches of gravel.
    expect(hole?.gravel?.litres).toBeCloseTo(((Math.PI / 4) * 10.5 ** 2 * 4 * 25.4 ** 3) / 1e6, 6);
  });

  it('are told for posts in tamped soil too, and for none that is driven', () => {
    expect(holesOf(demo('string-frame'))).toMatchObject([{ posts: [1, 2, 3], concrete: null }]);
    expect(holesOf(demo('tomato-wall'))).toEqual([]);
  });
});

describe('a ring', () => {
  it('has chords of 2 R sin(½ turn), counted clockwise from the door', () => {
    const ring = ringOf(demo('bean-tepee'));
    expect(ring?.poles).toHaveLength(12);
    expect(ring?.doorMm).toBeGreaterThan(0);
    for (const pole of ring?.poles.slice(1) ?? []) {
      const before = ring?.poles[pole.no - 2];
      const turn = ((pole.turnDeg - (before?.turnDeg ?? 0)) * Math.PI) / 180;
      expect(turn).toBeGreaterThan(0);
      expect(pole.chordMm).toBeCloseTo(2 * pole.radiusMm * Math.sin(turn / 2), 3);
      expect(pole.fromFirstMm).toBeCloseTo(2 * pole.radiusMm * Math.sin((pole.turnDeg * Math.PI) / 360), 3);
    }
    // All round: the turns and the door make a whole circle.
    const last = ring?.poles.at(-1);
    expect(ring?.doorMm).toBeCloseTo(
      2 * (last?.radiusMm ?? 0) * Math.sin(((360 - (last?.turnDeg ?? 0)) * Math.PI) / 360),
      3,
    );
  });

  it('is only of what stands in one', () => {
    for (const { id } of DEMO_PLAN.structures.filter((one) => one.kind !== 'tepee'))
      expect(ringOf(demo(id)), id).toBeNull();
  });
});
