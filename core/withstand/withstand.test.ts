import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import { meshOpacity } from '../catalogue/stock';
import { DEMO_PLAN } from '../demo/garden';
import { placed, type Design } from '../design/design';
import { barOf } from '../design/shapes/bar';
import { sheetOf, flatBase } from '../design/shapes/sheet';
import { densely } from '../frame/frame.fixture';
import { NO_LOADS, type Frame, type Loads, type Spread } from '../frame/frame';
import { solveFrame } from '../frame/solve';
import { add, ALONG, cross, reach, scale, UP, type Point } from '../geometry/space';
import { computeAs } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { anyPlan } from '../structures/any-plan.fixture';
import { KINDS, kindOf } from '../structures/registry';
import { leafDrag, DRAG, ROOF_LIFTS } from '../statics/drag';
import { bromsPush, SOIL_OVER } from '../statics/pile';
import { adjustedValues } from '../statics/timber';
import { windPressure } from '../statics/wind';
import { loadable, weightOf, windOn, type Blows, type Grown, type Loadable, type Share } from './loads';
import { modelOf } from './model';
import { usesOf } from './uses';
import { gustOn } from '../structures/rules/gust';
import { standOf } from './stand-of';
import { askable, under, type Asked } from './asked';
import { withstand } from './withstand';

const FULL: Grown = () => ({ height: 1, leaf: 1 });
const ACROSS: Point = [0, 1, 0];

const computed = (plan: Plan) => computeAs(kindOf, plan, plan.structures[0] as Plan['structures'][number]);
const demo = (id: string) =>
  computeAs(kindOf, DEMO_PLAN, DEMO_PLAN.structures.find((one) => one.id === id) as Plan['structures'][number]);
const asked = (id: string): Asked => {
  const { sized, setting } = demo(id);
  const one = askable(sized.design, setting, CATALOGUE);
  if ('not' in one) throw new Error(`${id}: ${one.not}`);
  return one;
};

/** Shares of cases as the loads they come to. */
function together({ model }: Loadable, shares: readonly Share[]): { loads: Loads; spread: Spread[] } {
  const loads = NO_LOADS(model.frame);
  const spread = shares.flatMap(({ of, times }) => {
    of.loads.forEach((n, i) => (loads[i] = (loads[i] as number) + times * n));
    return of.spread.map(({ beam, by }) => ({ beam, by: scale(by, times) }));
  });
  return { loads, spread };
}
/** All that it weighs and all that the wind does to it. */
const blownPut = (able: Loadable, grown: Grown, wind: Blows): { loads: Loads; spread: Spread[] } =>
  together(able, [...weightOf(able, grown), ...windOn(able, grown, wind)]);

/** The force and the moment about the middle of the row of all that acts: what is put on it, and what the ground gives. */
function unbalanced(
  { model: { frame, grounds } }: Loadable,
  put: { loads: Float64Array; spread: readonly Spread[] },
): number {
  let [force, moment, size]: [Point, Point, number] = [[0, 0, 0], [0, 0, 0], 1];
  const acts = (at: Point, f: Point, m: Point = [0, 0, 0]): void => {
    force = add(force, f);
    moment = add(moment, add(m, cross(at, f)));
    size += Math.hypot(...f);
  };
  frame.nodes.forEach((at, i) => {
    acts(
      at,
      [...put.loads.slice(i * 6, i * 6 + 3)] as unknown as Point,
      [...put.loads.slice(i * 6 + 3, i * 6 + 6)] as unknown as Point,
    );
  });
  for (const { beam, by } of put.spread) {
    const { a, b } = frame.beams[beam] as Frame['beams'][number];
    const [from, to] = [frame.nodes[a] as Point, frame.nodes[b] as Point];
    acts(scale(add(from, to), 0.5), scale(by, reach(from, to)));
  }
  const solved = solveFrame(frame);
  const response = solved.under(put);
  for (const { link } of grounds) {
    const on = response.onGround(link);
    acts((frame.links[link] as { at: Point }).at, scale(on.force, -1), scale(on.moment, -1));
  }
  return Math.max(Math.hypot(...force), Math.hypot(...moment) / 1000) / size;
}

/** A post of a test's own with a board across its head, screwed to it: no kind knows it. */
function signpost(deepMm: number, highMm: number): Design {
  const timber = { id: 'timber-4x4-treated', wideMm: 89, thickMm: 89 };
  const board = { id: 'timber-2x8-treated', wideMm: 184, thickMm: 38 };
  return {
    ...placed({
      parts: [
        barOf({
          id: 'post',
          role: 'post',
          of: timber,
          from: [0, 0, -deepMm],
          to: [0, 0, highMm],
          buriedMm: deepMm,
          stands: { aboveMm: highMm, buriedMm: deepMm, wantedMm: deepMm, shortMm: 0, set: 'let in' },
        }),
        barOf({
          id: 'board',
          role: 'board',
          of: board,
          from: [-600, -63.5, highMm - 92],
          to: [600, -63.5, highMm - 92],
          wide: UP,
        }),
      ],
      joints: [
        {
          id: 'board-post',
          kind: 'board to post',
          places: [[0, -44.5, highMm - 92]],
          parts: ['board', 'post'],
          fixings: [{ stock: 'screw-75', count: 4, drive: { through: 'board', into: 'post', way: [0, 1, 0] } }],
        },
      ],
      ground: { lengthMm: 1200, riseMm: 0 },
      builtMm: 1200,
      views: [],
      reasons: {},
      marks: [],
      handles: [],
    }),
    kind: 'signpost',
    traits: {},
    posts: [],
    bodies: 1,
    stations: [],
    startMm: 0,
    hold: null,
    views: [],
    marks: [],
    handles: [],
  };
}

describe('a structure of nothing but new parts', () => {
  const ground = { soil: 'loam', fill: { mm: 0, is: 'settled' } } as const;
  const blown = (deepMm: number, highMm: number, speedMs: number) => {
    const design = signpost(deepMm, highMm);
    const model = modelOf(design, ground, CATALOGUE);
    const able = loadable(model, design, [], CATALOGUE);
    const put = blownPut(able, FULL, { speedMs, way: ACROSS });
    const response = solveFrame(model.frame).under(put, true);
    return { model, able, put, uses: usesOf(model, response, { ground, catalogue: CATALOGUE, duration: 'wind' }) };
  };

  it('is judged without a line of code: the post by its moment at the soil (w l²/2 and P h by hand, over S and F_b′), the soil by Broms', () => {
    const [deep, high, v] = [610, 1800, 20];
    const { uses } = blown(deep, high, v);
    const q = (windPressure(v) / 1e6) * DRAG.edged;
    const [onPost, onBoard] = [q * 89 * high, q * 184 * 1200];
    const moment = (onPost * high) / 2 + onBoard * (high - 92);
    const section = 89 ** 3 / 6;
    const may = adjustedValues({
      wideMm: 89,
      thickMm: 89,
      grade: 'No. 2',
      duration: 'wind',
      wet: true,
      repetitive: false,
    });
    const post = uses.find(({ part, what }) => part === 'post' && what === 'part');
    expect((post?.has ?? 0) / (moment / section)).toBeCloseTo(1, 1);
    expect(post?.may).toBeCloseTo(may.bending.mpa, 6);
    const soil = uses.find(({ what }) => what === 'ground');
    expect((soil?.has ?? 0) / (onPost + onBoard)).toBeCloseTo(1, 1);
    expect(
      (soil?.may ?? 0) /
        (bromsPush({ acrossMm: 89, deepMm: deep, upMm: moment / (onPost + onBoard), soil: 'loam' }) / SOIL_OVER),
    ).toBeCloseTo(1, 1);
    const screws = uses.find(({ what }) => what === 'joint');
    expect(screws?.share).toBeGreaterThan(0);
    expect(screws?.share).toBeLessThan(1);
  });

  it('deeper and lower uses less of the soil, twice the wind four times as much of all', () => {
    const soil = (deep: number, high: number, v: number): number =>
      blown(deep, high, v).uses.find(({ what }) => what === 'ground')?.share ?? NaN;
    expect(soil(760, 1800, 20)).toBeLessThan(soil(610, 1800, 20));
    expect(soil(610, 1500, 20)).toBeLessThan(soil(610, 1800, 20));
    expect(soil(610, 1800, 20) / soil(610, 1800, 10)).toBeCloseTo(4, 0);
  });

  it('a sheet between two posts hands each the half of what the wind does to it', () => {
    const one = signpost(610, 1800);
    const [post] = one.parts;
    const second = { ...(post as { id: string }), id: 'post-2' } as never as Extract<
      (typeof one.parts)[number],
      { shape: 'bar' }
    >;
    const other = { ...second, from: [2000, 0, -610] as Point, to: [2000, 0, 1800] as Point };
    const roll = CATALOGUE.all.flatMap((stock) =>
      stock.form === 'mesh roll' && !stock.stiff && stock.openingMm > 0 ? [stock] : [],
    )[0];
    if (!roll) throw new Error('no net on sale');
    const mesh = sheetOf({
      id: 'mesh',
      role: 'mesh',
      of: roll,
      base: flatBase([0, -45, 200], ALONG, 2000),
      heightMm: 1500,
    });
    const design: Design = {
      ...one,
      parts: [post as never, other, mesh],
      joints: ['post', 'post-2'].map((id, i) => ({
        id: `mesh-${id}`,
        kind: 'mesh to post',
        by: 'clipped' as const,
        places: [300, 900, 1500].map((z): Point => [i * 2000, -45, z]),
        parts: ['mesh', id],
        fixings: [],
      })),
    };
    const model = modelOf(design, ground, CATALOGUE);
    const able = loadable(model, design, [], CATALOGUE);
    const response = solveFrame(model.frame).under(blownPut(able, FULL, { speedMs: 20, way: ACROSS }));
    const open = meshOpacity(roll.wireMm, roll.openingMm, roll.stepMm || roll.openingMm);
    const [left, right] = model.grounds.map(({ link }) => response.onGround(link).force[1]);
    const whole = (windPressure(20) / 1e6) * (DRAG.sheet * open * 2000 * 1500 + 2 * DRAG.edged * 89 * 1800);
    expect((left ?? 0) / (whole / 2)).toBeCloseTo(1, 2);
    expect((right ?? 0) / (whole / 2)).toBeCloseTo(1, 2);
  });
});

describe.each(KINDS.filter(({ isThere }) => !isThere).map((kind) => [kind.id, kind] as const))(
  '%s as a frame, over its whole knob space',
  (_id, kind) => {
    it('is made of finite numbers, and the ground gets all that it is loaded with', () => {
      fc.assert(
        fc.property(anyPlan(kind), fc.constantFrom<Point>([1, 0, 0], [0, 1, 0], [0, -1, 0]), (plan, way) => {
          const { sized, setting } = computed(plan);
          const one = askable(sized.design, setting, CATALOGUE);
          if ('not' in one) {
            expect(one.not).toBeTruthy();
            return;
          }
          const put = blownPut(one.able, FULL, { speedMs: 20, way });
          expect(unbalanced(one.able, put)).toBeLessThan(0.01);
          const uses = usesOf(one.model, one.solved.under(put), { ...one, duration: 'wind' });
          for (const { share, has, may } of uses)
            expect([share >= 0, Number.isFinite(has), may > 0 || share > 1]).toEqual([true, true, true]);
        }),
        { numRuns: cases(3) },
      );
    });
  },
);

describe('the demo garden', () => {
  it('moves as a general library of linear algebra says, to a millionth (ml-matrix, LU of the whole matrix)', () => {
    // The smaller ones: whole matrices take the cube of their size.
    const small = DEMO_PLAN.structures.flatMap(({ id }) => {
      const { sized, setting, kind } = demo(id);
      const one = kind.isThere ? { not: 'there' } : askable(sized.design, setting, CATALOGUE);
      return 'not' in one || one.model.frame.nodes.length > 60 ? [] : [one];
    });
    expect(small.length).toBeGreaterThan(8);
    for (const { able, solved, model } of small) {
      const put = blownPut(able, FULL, { speedMs: 15, way: ACROSS });
      const { moved } = solved.under({ loads: put.loads });
      if (model.frame.lines.some(({ pullN }) => pullN > 0)) continue;
      const by = densely(model.frame, put.loads);
      const far = Math.max(...by.map(Math.abs));
      by.forEach((mm, i) => expect(Math.abs((moved[i] as number) - mm)).toBeLessThan(1e-6 * far + 1e-9));
    }
  });

  it('a frame of posts and a beam with nothing on it leans to either side alike', () => {
    const { sized, setting } = demo('string-frame');
    const one = askable({ ...sized.design, stations: [] }, setting, CATALOGUE) as Asked;
    const shares = [1, -1].map(
      (sign) =>
        under(one, { day: 15, gustMs: 30, way: [0, sign, 0], carefully: true }).uses.toSorted(
          (a, b) => b.share - a.share,
        )[0]?.share ?? NaN,
    );
    expect((shares[0] as number) / (shares[1] as number)).toBeCloseTo(1, 1);
  });

  it('a wall of tomatoes stands in May and works hardest when it is in full leaf; a harder gust, a softer soil and a heavier crop are no kinder', () => {
    const { sized, setting } = demo('tomato-wall');
    const found = withstand(sized.design, setting, CATALOGUE, false);
    if (typeof found === 'string') throw new Error(found);
    const share = (week: number): number => found.weeks.find((one) => one.week === week)?.share ?? NaN;
    expect(standOf(share(20))).toBe('holds');
    expect(found.worst.day).toBeGreaterThan(200);
    expect(share(33)).toBeGreaterThan(2 * share(20));
    for (const { share: worse } of found.band) expect(worse).toBeGreaterThan(found.worst.share * 0.98);
    expect(found.goes.gustMs < gustOn(setting, found.worst.day)).toBe(found.worst.share > 1);
    // At the gust at which it goes it has just nothing left.
    const one = askable(sized.design, setting, CATALOGUE) as Asked;
    const last = under(one, { ...found.worst, gustMs: found.goes.gustMs, carefully: true });
    expect(Math.max(...last.uses.map((use) => use.share))).toBeCloseTo(1, 1);
  });

  it('knee braces stiffen a frame along its row, whose posts are let in and hold most of it themselves', () => {
    const leans = (knobs: Record<string, unknown>): number => {
      const structure = DEMO_PLAN.structures.find(({ id }) => id === 'string-frame') as Plan['structures'][number];
      const plan = {
        ...DEMO_PLAN,
        structures: DEMO_PLAN.structures.map((other) =>
          other === structure ? { ...other, knobs: { ...other.knobs, ...knobs } } : other,
        ),
      } as Plan;
      const { sized, setting } = computeAs(
        kindOf,
        plan,
        plan.structures.find(({ id }) => id === 'string-frame') as Plan['structures'][number],
      );
      const one = askable(sized.design, setting, CATALOGUE) as Asked;
      const { response } = under(one, { day: 15, gustMs: 30, way: ALONG, carefully: true });
      return Math.max(...one.model.frame.nodes.map((_, i) => Math.abs(response.moved[i * 6] as number)));
    };
    expect(leans({ braces: 'none' }) / leans({ braces: 'ends' })).toBeGreaterThan(1.03);
  });
});

it('leaves are pushed as their drag says: all of a row’s wind comes to its ground', () => {
  const one = asked('cucumber-frame');
  const v = 12;
  const with_ = blownPut(one.able, FULL, { speedMs: v, way: ACROSS });
  const without = blownPut(one.able, () => ({ height: 0, leaf: 0 }), { speedMs: v, way: ACROSS });
  const total = ({ loads }: { loads: Float64Array }): number =>
    loads.reduce((sum, n, i) => (i % 6 === 1 ? sum + n : sum), 0);
  const leaves = one.able.levels.flatMap(({ slices }) => slices).reduce((sum, { mm2 }) => sum + mm2(ACROSS), 0);
  const push = (windPressure(v) / 1e6) * leafDrag(v) * leaves;
  // What hangs low on a string goes into the soil at its foot.
  expect((total(with_) - total(without)) / push).toBeGreaterThan(0.4);
  expect((total(with_) - total(without)) / push).toBeLessThanOrEqual(1.001);
});

it('a closed roof is lifted by 1.2 times the pressure on its level area, whichever way it blows, and its posts are pulled at where that is more than it weighs', () => {
  const one = asked('tally-roof');
  const bare: Grown = () => ({ height: 0, leaf: 0 });
  const weight = together(one.able, weightOf(one.able, bare));
  const up = ({ loads }: { loads: Float64Array }): number =>
    loads.reduce((sum, n, i) => (i % 6 === 2 ? sum + n : sum), 0);
  const v = 35;
  const level = one.able.cells.reduce(
    (sum, { mm2, faces, lifts }) => (lifts ? sum + mm2 * Math.abs(faces[2]) : sum),
    0,
  );
  expect(level).toBeGreaterThan(1e6);
  // Along its ridge nothing else of it goes up or down.
  const blown = blownPut(one.able, bare, { speedMs: v, way: ALONG });
  expect((up(blown) - up(weight)) / ((windPressure(v) / 1e6) * ROOF_LIFTS * level)).toBeCloseTo(1, 2);
  const uses = usesOf(one.model, one.solved.under(blown, true), { ...one, duration: 'wind' });
  expect(uses.some(({ by }) => by === 'lifted out')).toBe(true);
});
