import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, stockOf } from '../catalogue/catalogue';
import { meshesAcross } from '../catalogue/stock';
import { DEMO_PLAN } from '../demo/garden';
import type { Bar } from '../design/shapes/bar';
import { alongOf, type Sheet } from '../design/shapes/sheet';
import { computeStructure } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import { nearestClear, takenBy } from './rules/clash';
import { piecesOverPosts } from './rules/over-posts';
import { fixingLevels, panelRun } from './rules/panel-run';
import { equalBays } from './rules/spacing';
import { stationsAlong } from './rules/stations';

/** A plan of one structure on one bed with one planting, at the demo's prices. */
function one(
  kind: string,
  bed: Partial<Plan['beds'][number]>,
  planting: { crop: string; training: string; count?: number } | null,
  knobs: Record<string, number | string> = {},
  change: (plan: Plan) => Plan = (plan) => plan,
) {
  const plan = change({
    ...DEMO_PLAN,
    beds: [
      {
        id: 'b',
        name: 'B',
        note: '',
        lengthMm: feet(16),
        widthMm: feet(3),
        outline: { shape: 'rectangle' },
        heightMm: 0,
        standFrom: 'both sides',
        riseMm: 0,
        xMm: 0,
        yMm: 0,
        turnDeg: 90,
        grewBefore: [],
        soil: 'loam',
        wind: 'usual',
        ...bed,
      },
    ],
    plantings: planting ? [{ id: 'p', bed: 'b', count: 1, ...planting }] : [],
    structures: [{ id: 's', kind, name: 'S', stand: { on: 'bed', bed: 'b' }, plantings: planting ? ['p'] : [], knobs }],
  });
  const computed = computeStructure(plan, plan.structures[0] as Plan['structures'][number]);
  const posts = computed.sized.design.parts.filter((part): part is Bar => part.role === 'post');
  const codes = computed.verdicts.filter((verdict) => verdict.level !== 'good').map((verdict) => verdict.told.code);
  return { ...computed, design: computed.sized.design, posts, codes };
}
const tomato = { crop: 'tomato', training: 'two-leaders' };

describe('actual sizes', () => {
  // DOC PS 20-20, American Softwood Lumber Standard, table 3: dry dressed 2 → 1 1/2 in, 4 → 3 1/2 in.
  it.each([
    ['timber-2x4-untreated', 1.5, 3.5],
    ['timber-2x2-untreated', 1.5, 1.5],
  ])('%s is not what it is called', (id, thick, wide) => {
    const timber = stockOf(CATALOGUE, id, 'timber');
    expect([timber.thickMm, timber.wideMm]).toEqual([inches(thick), inches(wide)]);
  });
});

describe('plant places (common practice, no source)', () => {
  it('8′ at 12″ from end to end gives 9; 10′ at 12″, half a space in, gives 10 with the first at 6″', () => {
    expect(stationsAlong(feet(8), inches(12), 'ends')).toHaveLength(9);
    const inset = stationsAlong(feet(10), inches(12), 'inset');
    expect(inset).toHaveLength(10);
    expect(inset[0]).toBeCloseTo(inches(6), 6);
  });

  it('a 16′ panel takes about 7 tomatoes unpruned and 10 to 12 pruned', () => {
    expect(
      one('panel-wall', {}, { crop: 'tomato', training: 'unpruned' }, { school: 'ends' }).design.stations,
    ).toHaveLength(7);
    const pruned = one('panel-wall', {}, tomato, { school: 'ends' }).design.stations.length;
    expect(pruned).toBeGreaterThanOrEqual(10);
    expect(pruned).toBeLessThanOrEqual(12);
  });

  it('shares a row between two plantings by the bed each asks for', () => {
    const both = one('panel-wall', {}, tomato, {}, (plan) => ({
      ...plan,
      plantings: [
        { id: 'p', bed: 'b', crop: 'tomato', training: 'one-stem', count: 8 },
        { id: 'q', bed: 'b', crop: 'cucumber', training: 'vine', count: 8 },
      ],
      structures: plan.structures.map((structure) => ({ ...structure, plantings: ['p', 'q'] })),
    }));
    expect(both.design.stations.map((station) => station.planting)).toEqual([
      ...Array<string>(8).fill('p'),
      ...Array<string>(8).fill('q'),
    ]);
  });
});

describe('panel wall (common practice, no source)', () => {
  it('a 16′ panel stands on three posts, an 8′ panel on two, and posts are never over 8′ apart', () => {
    expect(one('panel-wall', { lengthMm: feet(16) }, tomato).posts).toHaveLength(3);
    expect(one('panel-wall', { lengthMm: feet(8) }, tomato).posts).toHaveLength(2);
    for (const length of [20, 24, 31.5, 47, 120]) {
      const { posts, design } = one('panel-wall', { lengthMm: feet(length) }, tomato);
      expect(
        Math.max(...posts.slice(1).map((post, i) => post.from[0] - (posts[i] as Bar).from[0])),
      ).toBeLessThanOrEqual(feet(8) + 0.5);
      expect(design.builtMm).toBeLessThanOrEqual(feet(length));
      expect(feet(length) - design.builtMm).toBeLessThan(inches(8));
    }
  });

  it('24′ is one whole panel and thirteen meshes of another, lapped by one, on four posts', () => {
    const panel = stockOf(CATALOGUE, 'panel-16ft', 'panel');
    expect(meshesAcross(panel)).toBe(24);
    expect(panelRun(feet(24), panel, 1).map((piece) => piece.meshes)).toEqual([24, 13]);
    const wall = one('panel-wall', { lengthMm: feet(24) }, tomato);
    expect([wall.posts.length, wall.design.builtMm]).toEqual([4, feet(24)]);
  });

  it('a 20″ gap under a 50″ panel makes nearly 6′, on 7′ posts: the next stock length up', () => {
    const wall = one('panel-wall', {}, tomato);
    expect(wall.design.hold?.topMm.least).toBe(inches(70));
    expect(wall.posts.map((post) => [post.cutMm, Math.round(post.buriedMm * 10) / 10])).toEqual(
      Array(3).fill([feet(7), inches(18)]),
    );
    // Without 7′ in the price book the 8′ is bought, and the rest goes into the ground.
    const dearer = one('panel-wall', {}, tomato, {}, (plan) => ({
      ...plan,
      priceBook: {
        ...plan.priceBook,
        lines: plan.priceBook.lines.filter((line) => line.stock !== 'steel-post' || line.size !== feet(7)),
      },
    }));
    expect(dearer.posts[0]).toMatchObject({ cutMm: feet(8), buriedMm: inches(30) });
    // With nothing longer than 6′ it says so, and names the mend.
    const short = one('panel-wall', {}, tomato, {}, (plan) => ({
      ...plan,
      priceBook: {
        ...plan.priceBook,
        lines: plan.priceBook.lines.filter((line) => line.stock !== 'steel-post' || line.size <= feet(6)),
      },
    }));
    expect(short.codes).toContain('post.short');
  });

  it('three clips a post; two are warned of; ties, wire and clips change the life', () => {
    const clips = (knobs: Record<string, string | number>) =>
      one('panel-wall', {}, tomato, knobs).bill.find((line) => line.use === 'panel to post');
    expect(clips({})).toMatchObject({ stock: 'post-clip', count: 9 });
    expect(clips({ fixing: 'wire' })).toMatchObject({ stock: 'tie-wire', count: 9, cutMm: inches(10) });
    expect(one('panel-wall', {}, tomato, { perPost: 2 }).codes).toContain('fixing.two');
    expect(fixingLevels([0, 4, 8, 12, 18, 24, 30, 36, 42, 50], 46, 3)).toEqual([0, 18, 42]);
  });

  it('adds a wire under a gap of more than 24″, and a net for peas', () => {
    const roles = (knobs: Record<string, number>, crop: string) =>
      one('panel-wall', {}, { crop, training: crop === 'pea' ? 'row' : 'two-leaders' }, knobs).design.parts.map(
        (part) => part.role,
      );
    expect(roles({ gap: inches(24) }, 'tomato')).not.toContain('line wire');
    expect(roles({ gap: inches(28) }, 'tomato')).toContain('line wire');
    expect(roles({}, 'pea')).toContain('fine mesh');
  });

  it('follows a slope with an even gap, or steps with level wires and longer posts at the low end', () => {
    const bed = { lengthMm: 9150, riseMm: -480 };
    const follow = one('panel-wall', bed, tomato, { onSlope: 'follow', panel: 'panel-3m' });
    const last = follow.posts.at(-1) as Bar;
    // Right triangle: 480 down over 9150 along the soil is 9137.4 on the level.
    expect(last.from[0]).toBeCloseTo(Math.sqrt(9150 ** 2 - 480 ** 2) * (follow.design.builtMm / 9150), 3);
    const step = one('panel-wall', bed, tomato, { onSlope: 'level', panel: 'panel-3m' });
    const above = step.posts.map((post) => post.cutMm - post.buriedMm);
    expect(
      step.design.parts
        .filter((part): part is Sheet => part.shape === 'sheet')
        .every((sheet) => alongOf(sheet)[2] === 0),
    ).toBe(true);
    expect(Math.max(...above) - Math.min(...above)).toBeGreaterThan(100);
  });
});

describe('twine frame (common practice, no source)', () => {
  it('8′ posts: 2′ in the ground and 6′ to the top of the beam', () => {
    const frame = one('twine-frame', { lengthMm: feet(8) }, { crop: 'tomato', training: 'one-stem' });
    expect(frame.posts.map((post) => [post.buriedMm, Math.round((post.cutMm + inches(3.5)) * 100) / 100])).toEqual([
      [feet(2), feet(8)],
      [feet(2), feet(8)],
    ]);
  });

  it('string = drop + 20 % + knots + slack, and braces are 45° both ends by Pythagoras', () => {
    const frame = one('twine-frame', { lengthMm: feet(10) }, { crop: 'tomato', training: 'one-stem' });
    const strings = frame.design.parts.filter((part) => part.shape === 'line');
    const string = strings.find(({ path: [top, foot] }) => top && foot && Math.abs(top[0] - foot[0]) < 1e-6);
    const drop = feet(6) - inches(3.5) - inches(2);
    expect(string?.cutMm).toBeCloseTo(drop * 1.2 + inches(12) + inches(4), 6);
    const braces = frame.design.parts.filter((part): part is Bar => part.role === 'brace');
    expect(braces).toHaveLength(4);
    for (const brace of braces) {
      expect(brace.cutMm).toBeCloseTo(inches(18) * Math.SQRT2 + inches(3.5), 6);
      expect(brace.ends.every((end) => end.cut === 'mitre' && Math.abs(end.angleRad - Math.PI / 4) < 1e-9)).toBe(true);
    }
    expect(one('twine-frame', {}, tomato, { braces: 'none' }).codes).toContain('brace.none');
  });

  it('divides long rows equally, joins beams over posts, keeps eyes out of post tops', () => {
    expect(equalBays([0, feet(20)], feet(8))).toHaveLength(4);
    expect(piecesOverPosts([50, 2450, 4850, 7250], 100, 4900)).toEqual([
      { fromMm: 0, toMm: 4850 },
      { fromMm: 4850, toMm: 7300 },
    ]);
    expect(piecesOverPosts([50, 2450, 4850, 7250], 100, 4800)).toHaveLength(3);
    const taken = [44.45, 1524, 3003.55].map((at) => takenBy(at, 44.45));
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3048, noNaN: true }), (wanted) => {
        const { atMm, clear } = nearestClear(wanted, taken, 102, 2946);
        expect(clear).toBe(true);
        expect(Math.min(...[44.45, 1524, 3003.55].map((at) => Math.abs(at - atMm)))).toBeGreaterThanOrEqual(
          44.45 + 12.69,
        );
      }),
    );
  });
});

describe('judgement', () => {
  it.each([
    ['panel-wall', { crop: 'lettuce', training: 'head' }, {}, {}, 'climb.needs-net'],
    ['twine-frame', { crop: 'pepper', training: 'bush' }, {}, {}, 'climb.bush-string'],
    ['panel-wall', tomato, {}, { panel: 'panel-light' }, 'load.heavy'],
    ['panel-wall', { crop: 'cucumber', training: 'vine' }, {}, { gap: inches(20) }, 'gap.high'],
    ['panel-wall', { crop: 'pea', training: 'row' }, {}, { fineMesh: 'none' }, 'mesh.wide'],
    ['panel-wall', tomato, {}, { panel: 'panel-2m5-narrow' }, 'mesh.narrow'],
    ['panel-wall', tomato, {}, { postSpacing: feet(10), panel: 'panel-3m' }, 'spacing.wide'],
    ['panel-wall', tomato, {}, { depth: inches(12), gap: inches(26) }, 'depth.shallow'],
    ['panel-wall', tomato, {}, { sides: 'both' }, 'sides.both'],
    ['panel-wall', { crop: 'tomato', training: 'unpruned' }, { widthMm: feet(4) }, { walls: 2 }, 'walls.close'],
    ['panel-wall', tomato, { widthMm: feet(5) }, {}, 'reach.far'],
    ['panel-wall', tomato, { widthMm: 900, standFrom: 'front only' as const }, { rowAt: 800 }, 'reach.far'],
    ['twine-frame', tomato, {}, { beamHeight: feet(9) }, 'reach.tall'],
    ['twine-frame', tomato, {}, { beamHeight: feet(4) }, 'height.low'],
    ['panel-wall', tomato, {}, { rowLength: feet(20) }, 'row.past-bed'],
    ['panel-wall', { ...tomato, count: 40 }, {}, {}, 'plants.too-many'],
    ['twine-frame', tomato, { soil: 'sand' as const }, { depth: inches(24) }, 'depth.share'],
  ])('%s under %o on %o with %o: %s', (kind, planting, bed, knobs, code) =>
    expect(one(kind, bed, planting, knobs).codes).toContain(code),
  );

  it('has nothing to say against the plain cases', () => {
    expect(one('panel-wall', { lengthMm: feet(24) }, { ...tomato, count: 14 }).codes).toEqual([]);
    expect(
      one('twine-frame', { lengthMm: feet(10) }, { crop: 'tomato', training: 'one-stem', count: 10 }).codes,
    ).toEqual([]);
  });
});
