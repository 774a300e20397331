import { describe, expect, it } from 'vitest';
import { computeStructure } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import { one, planOnBed } from './onto-bed.fixture';

const tomato = { crop: 'tomato', training: 'two-leaders' };

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
    ['panel-wall', tomato, { widthMm: feet(5) }, { rowAt: feet(2.5) }, 'reach.far'],
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

describe('what gardeners regret, found and mended', () => {
  it.each([
    [
      'rail-trellis',
      { stagger: 'no', rowLength: feet(24), bay: feet(7) },
      { lengthMm: feet(24) },
      null,
      'rails.all-broken',
    ],
    [
      'rail-trellis',
      { bays: 'centres', bay: feet(8), railSection: '2x4', rowLength: feet(33) },
      { lengthMm: feet(33) },
      null,
      'rails.all-broken',
    ],
    [
      'rail-trellis',
      { bays: 'centres', bay: feet(8), panel: 'panel-8ft' },
      {},
      { crop: 'pea', training: 'row' },
      'bay.narrow',
    ],
    ['rail-trellis', { cutAt: 'gap', panel: 'panel-8ft' }, {}, null, 'panel.no-wire'],
    ['rail-trellis', { fixing: 'staples' }, {}, null, 'fixing.staples'],
    ['twine-frame', { slack: 0 }, {}, { crop: 'tomato', training: 'one-stem' }, 'string.tight'],
    ['twine-frame', {}, { lengthMm: feet(8) }, { crop: 'tomato', training: 'one-stem', count: 9 }, 'places.one-more'],
    ['twine-frame', { make: 'board', rowLength: feet(20) }, { lengthMm: feet(20) }, null, 'board.short'],
    ['panel-wall', { onSlope: 'follow' }, { riseMm: 480 }, null, 'panel.leans'],
    ['guyed-wall', { pull: 2500 }, {}, null, 'wire.tight'],
    ['tepee', { height: feet(12), pole: 'cane-bamboo' }, { lengthMm: feet(8), widthMm: feet(8) }, null, 'post.short'],
    ['twine-frame', { beamHeight: feet(9.5), depth: feet(4), section: '2x2' }, {}, null, 'post.short'],
    ['a-frame', { spread: feet(1.5) }, {}, null, 'tips.narrow'],
    ['a-frame', { infill: 'slats' }, {}, { crop: 'pea', training: 'row' }, 'mesh.wide'],
    ['woven-frame', { interval: 127, width: 863, height: 1800, form: 'single' }, {}, null, 'nails.off'],
    ['tepee', { radius: feet(4) }, { widthMm: 1500 }, null, 'reach.outside'],
    ['weave', { firstPass: inches(22) }, {}, { crop: 'cucumber', training: 'vine' }, 'gap.high'],
  ])('%s with %o on %o carrying %o: %s', (kind, knobs, bed, planting, code) => {
    const plan = planOnBed(kind, knobs, bed, planting);
    const structure = plan.structures[0] as Plan['structures'][number];
    const found = computeStructure(plan, structure).verdicts.find((verdict) => verdict.told.code === code);
    expect(found?.mend).toBeTruthy();
    const mended = computeStructure(plan, { ...structure, knobs: found?.mend?.settings ?? {} });
    expect(mended.verdicts.map((verdict) => verdict.told.code)).not.toContain(code);
  });

  it('a post too short for its hole is said of timber as of steel', () => {
    const plan = planOnBed('rail-trellis', { gap: inches(40), section: '4x4' });
    const short = {
      ...plan,
      priceBook: {
        ...plan.priceBook,
        lines: plan.priceBook.lines.filter((line) => !line.stock.startsWith('timber-4x4') || line.size <= feet(8)),
      },
    };
    const { sized, verdicts } = computeStructure(short, short.structures[0] as Plan['structures'][number]);
    expect(verdicts.map((verdict) => verdict.told.code)).toContain('post.short');
    const [post] = sized.design.posts;
    expect((post?.aboveMm ?? 0) + (post?.buriedMm ?? 0)).toBeLessThanOrEqual(feet(8));
  });
});
