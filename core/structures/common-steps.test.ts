import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Crop } from '../crops/crop';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import type { StructurePlan } from '../plan/plan';
import { computeAs } from '../plan/compute-as';
import { seasonOf } from '../plan/season';
import { stepsOf } from '../plan/steps';
import { inches } from '../quantity/length';
import { ringOf } from '../setting-out/ring';
import { NEEDS } from '../site/visitors';
import { anyPlan } from './any-plan.fixture';
import { onBed, one } from './onto-bed.fixture';
import { kindOf, KINDS } from './registry';

it.each(KINDS.map((kind) => [kind.id, kind] as const))(
  'a %s has services found before anything deep, its ground timber rated, its zero and its levels said, its tops capped',
  (_id, kind) => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const computed = computeAs(kindOf, plan, plan.structures[0] as (typeof plan.structures)[number]);
        const { sized, setting } = computed;
        const steps = stepsOf(computed);
        const codes = steps.map(({ what }) => what.code);
        const bars = sized.design.parts.flatMap((part) => (part.shape === 'bar' ? [part] : []));
        const raisedMm = setting.place.on === 'bed' ? setting.place.bed.heightMm : 0;
        // What goes deeper than a spade's blade is dug or driven when the marks are there: three working days on.
        const deep = bars.some(({ buriedMm }) => buriedMm - raisedMm > inches(10));
        expect(codes.indexOf('step.locate')).toBe(deep ? 0 : -1);
        if (deep) expect(steps[0]?.waitHours).toBe(72);
        const treated = bars.some(({ buriedMm, stock }) => buriedMm > 0 && /-treated$/.test(stock));
        expect(codes.includes('step.ground')).toBe(treated);
        const steel = bars.some(
          ({ buriedMm, stock, to }) =>
            buriedMm > 0 && CATALOGUE.stock(stock).form === 'steel post' && to[2] < inches(72),
        );
        if (steel) expect(codes.at(-1)).toBe('step.tops');
        const tape = codes.findIndex((code) => code.startsWith('step.tape'));
        expect(tape).toBeGreaterThanOrEqual(0);
        const marks = codes.findIndex((code) => code === 'step.line' || code === 'step.mark');
        if (marks >= 0) expect(tape).toBeLessThan(marks);
        expect(codes.filter((code) => code === 'step.locate').length).toBeLessThan(2);
      }),
      { numRuns: cases(8) },
    );
  },
);

it('a long panel is fetched some other way than on the roof of a car; short ones need no word', () => {
  const codes = (panel: string) =>
    stepsOf(onBed('panel-wall', { panel }, {}, { crop: 'cucumber', training: 'vine' })).map(({ what }) => what.code);
  expect(codes('panel-16ft')).toContain('step.fetch');
  expect(codes('panel-8ft')).not.toContain('step.fetch');
});

it('what lives for years is neither cleared nor pulled out, and is cut back on its own day; what is sown is cleared after the frost', () => {
  const notesOf = (crop: string, training: string) =>
    seasonOf(onBed('panel-wall', {}, {}, { crop, training, count: 3 })).map(({ what, on }) => [what.code, on]);
  const canes = notesOf('raspberry', 'canes').map(([code]) => code);
  expect(canes).not.toContain('season.clear');
  expect(canes).toContain('season.prune.fruited-canes');
  expect(canes).toContain('season.renew');
  const beans = notesOf('pole-bean', 'single');
  expect(beans).toContainEqual(['season.clear', '10-28']);
  expect(beans.map(([code]) => code).filter((code) => code?.startsWith('season.prune'))).toEqual([]);
});

it('what is cut back after its picking has a day where it never ripens, too', () => {
  const cold = (c: readonly number[]) => c.map((one) => one - 12);
  const season = seasonOf(
    one('panel-wall', {}, { crop: 'raspberry', training: 'canes' }, {}, (plan) => ({
      ...plan,
      site: { ...plan.site, monthlyC: { max: cold(plan.site.monthlyC.max), min: cold(plan.site.monthlyC.min) } },
    })),
  );
  expect(season.map(({ what }) => what.code)).toContain('season.cold');
  expect(season.find(({ what }) => what.code === 'season.prune.fruited-canes')?.on).toBe('11-11');
});

it('holes that reach under the boards of a raised bed are dug before those are set: a 4×4 has a hole of 10½″, 5¼″ to each side', () => {
  const asked = (startAt: number, heightMm: number) =>
    stepsOf(
      onBed('rail-trellis', { section: '4x4', rowLength: 3000, startAt }, { lengthMm: 6000, widthMm: 1200, heightMm }),
    ).find(({ what }) => what.code === 'step.boards-last')?.what.values;
  // Its end posts stand half a face, 1¾″, in from where it begins: 44 mm and 135 mm from the board.
  expect(asked(0, 280)).toEqual({ posts: 1 });
  expect([asked(0, 0), asked(100, 280)]).toEqual([undefined, undefined]);
  // A quarter across, the slanting rim of an oval lies 3000 · (1 − √¾) = 402 mm in from its end; the row's other end is far off it.
  const oval = (startAt: number) =>
    stepsOf(
      onBed(
        'rail-trellis',
        { section: '4x4', rowLength: 3000, rowAt: 300, startAt },
        { lengthMm: 6000, widthMm: 1200, heightMm: 280, outline: { shape: 'round' } },
      ),
    ).find(({ what }) => what.code === 'step.boards-last')?.what.values;
  expect([oval(0), oval(358), oval(1100)]).toEqual([undefined, { posts: 1 }, undefined]);
});

it('a fence asks what is allowed at the boundary before anything is bought', () => {
  const fence = DEMO_PLAN.structures.find(({ kind }) => kind === 'garden-fence') as StructurePlan;
  const codes = stepsOf(computeAs(kindOf, DEMO_PLAN, fence)).map(({ what }) => what.code);
  expect(codes.indexOf('step.allowed')).toBeGreaterThanOrEqual(0);
  expect(codes.indexOf('step.allowed')).toBeLessThan(codes.indexOf('step.line'));
});

it('plants of a ring are told from its middle: as far as each stands from it, by the circle through its poles', () => {
  const { design } = onBed(
    'tepee',
    {},
    { lengthMm: 2000, widthMm: 2000 },
    { crop: 'pole-bean', training: 'single', count: 12 },
  );
  const ring = ringOf(design);
  const round = design.stations.filter(({ side }) => side === 'round');
  expect(ring?.plants?.count).toBe(round.length);
  // A bed that is square and two metres wide has its middle a metre in.
  const middle = [1000 - design.startMm, 0] as const;
  for (const { at } of round)
    expect(Math.hypot(at[0] - middle[0], at[1] - middle[1])).toBeCloseTo(ring?.plants?.radiusMm ?? 0, 3);
});

it('a crop’s barrier names the mesh by which its pest is judged', () => {
  const told = (crops: readonly Crop[]) => crops.flatMap(({ pests }) => pests);
  for (const { pest, barrier } of told(CROPS)) {
    const need = NEEDS[pest];
    if (need?.by === 'net') expect(barrier, pest).toContain(`(${need.openingMm} mm)`);
  }
});
