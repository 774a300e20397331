import { describe, expect, it } from 'vitest';
import { CATALOGUE, stockOf } from '../../../catalogue/catalogue';
import { meshesAcross } from '../../../catalogue/stock';
import type { Bar } from '../../../design/shapes/bar';
import { alongOf, type Sheet } from '../../../design/shapes/sheet';
import { feet, inches } from '../../../quantity/length';
import { one } from '../../onto-bed.fixture';
import { fixingLevels, panelRun } from '../../rules/panel-run';

const tomato = { crop: 'tomato', training: 'two-leaders' };
/** As far apart as the trade sets its posts, whatever the wind. */
const usual = { postSpacing: feet(8) };

describe('panel wall (common practice, no source)', () => {
  it('a 16′ panel stands on three posts, an 8′ panel on two, and posts are never over 8′ apart', () => {
    expect(one('panel-wall', { lengthMm: feet(16) }, tomato, usual).posts).toHaveLength(3);
    expect(one('panel-wall', { lengthMm: feet(16) }, tomato).posts.length).toBeGreaterThanOrEqual(3);
    expect(one('panel-wall', { lengthMm: feet(8) }, tomato, usual).posts).toHaveLength(2);
    for (const length of [20, 24, 31.5, 47, 120]) {
      const { posts, design } = one('panel-wall', { lengthMm: feet(length) }, tomato);
      expect(
        Math.max(...posts.slice(1).map((post, i) => post.from[0] - (posts[i] as Bar).from[0])),
      ).toBeLessThanOrEqual(feet(8) + 0.5);
      expect(design.builtMm).toBeLessThanOrEqual(feet(length));
      expect(feet(length) - design.builtMm).toBeLessThan(inches(8));
    }
  });

  it('48′ of bed is three whole panels, 46′ 8″ on seven posts; 15′ by hand are 14′ 8″ and it says why; two panels when asked', () => {
    const long = one('panel-wall', { lengthMm: feet(48) }, tomato, usual);
    expect([long.design.builtMm, long.posts.length]).toEqual([inches(560), 7]);
    expect(long.sized.knobs.rowLength?.suggestion.why.code).toBe('row.whole-panels');
    const wished = one('panel-wall', { lengthMm: feet(16) }, tomato, { rowLength: feet(15) });
    expect([Math.round(wished.design.builtMm), wished.codes]).toEqual([Math.round(inches(176)), ['row.steps']]);
    const two = one('panel-wall', { lengthMm: feet(48) }, tomato, { panels: 2 });
    expect([Math.round(two.design.builtMm), two.codes]).toEqual([Math.round(inches(47 * 8)), []]);
    // An 8′ bed takes the 8′ panel, which costs less than a 16′ one and its cut.
    expect(one('panel-wall', { lengthMm: feet(8) }, tomato).sized.knobs.panel?.value).toBe('panel-8ft');
    // Seven plants left to bush, ten to twelve pruned, on 16′: one at each end allowed.
    const places = (training: string) => one('panel-wall', {}, { crop: 'tomato', training }).design.stations.length;
    expect([places('unpruned'), places('two-leaders')]).toEqual([7, 10]);
  });

  it('a gap two inches lower is suggested where that makes nine posts a foot shorter', () => {
    // 10″ for tools + 50″ − 4″ + 18″ would be 6′ 2″, and 7′ posts.
    const bed = { lengthMm: feet(64) };
    const wall = one('panel-wall', bed, null);
    expect([wall.sized.knobs.gap?.suggestion.why.code, wall.sized.knobs.gap?.value]).toEqual(['gap.saves', inches(8)]);
    const higher = one('panel-wall', bed, null, { gap: inches(10) });
    expect([wall, higher].map(({ posts }) => posts[0]?.cutMm)).toEqual([feet(6), feet(7)]);
  });

  it('24′ is one whole panel and thirteen meshes of another, lapped by one, on four posts', () => {
    const panel = stockOf(CATALOGUE, 'panel-16ft', 'panel');
    expect(meshesAcross(panel)).toBe(24);
    expect(panelRun(feet(24), panel, 1).map((piece) => piece.meshes)).toEqual([24, 13]);
    const wall = one('panel-wall', { lengthMm: feet(24) }, tomato, usual);
    expect([wall.posts.length, wall.design.builtMm]).toEqual([4, feet(24)]);
  });

  it('a 20″ gap under a 50″ panel makes nearly 6′, on 7′ posts: the next stock length up', () => {
    const wall = one('panel-wall', {}, tomato, usual);
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
    const short = one('panel-wall', {}, tomato, { gap: inches(20) }, (plan) => ({
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
      one('panel-wall', {}, tomato, { ...usual, ...knobs }).bill.find((line) => line.use === 'panel to post');
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
