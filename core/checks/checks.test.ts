import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CROPS } from '../crops/table';
import type { Planted } from '../crops/planted';
import { DEMO_PLAN } from '../demo/garden';
import type { Hold } from '../design/design';
import type { Standing } from '../design/standing';
import { computeStructure } from '../plan/compute';
import type { StructurePlan } from '../plan/plan';
import { inches } from '../quantity/length';
import type { PlaceOn } from '../site/stands/stands';
import { leanOffPost } from '../structures/rules/panel-run';
import { KINDS } from '../structures/registry';
import { say } from '../wording/say';
import { bayFits } from './bay-fits';
import { clash } from './clash';
import { cropClimbs } from './crop-climbs';
import { cropGap } from './crop-gap';
import { cropHeight } from './crop-height';
import { cropLoad } from './crop-load';
import { holeClash } from './hole-clash';
import { keepsClear } from './keep-clear';
import { meshOpening } from './mesh-opening';
import { nailInterval } from './nail-interval';
import { panelLean } from './panel-lean';
import { depthThrough, NO_FILL, type BedFill } from '../statics/embedment';
import { postDepth } from './post-depth';
import { railsBroken } from './rails-broken';
import { reachAcross } from './reach-across';
import { reachUp } from './reach-up';
import { rowInBed } from './row-in-bed';
import { tipping } from './tipping';
import { wireTension } from './wire-tension';

const wall = computeStructure(DEMO_PLAN, DEMO_PLAN.structures[0] as StructurePlan);
const hold = wall.sized.design.hold as Hold;
const { bed } = wall.setting.place as PlaceOn<'bed'>;
const armMm = wall.setting.armMm;
const planted = (id: string): Planted[] =>
  CROPS.filter((crop) => crop.id === id).map((crop) => ({
    id,
    bed: 'b',
    crop,
    training: crop.trainings[0] as Planted['training'],
    count: 4,
  }));
const anyCrop = fc.constantFrom(...CROPS);
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('what each check compares', () => {
  it('load: a class may carry its own and lighter, never a heavier one', () => {
    const order = ['light', 'medium', 'heavy'] as const;
    fc.assert(
      fc.property(anyCrop, fc.constantFrom(...order), (crop, carries) => {
        expect(cropLoad({ planted: planted(crop.id), hold: { ...hold, carries } })?.level).toBe(
          order.indexOf(crop.load) > order.indexOf(carries) ? 'warn' : 'good',
        );
      }),
    );
  });

  it('height and gap: a hand’s breadth short is forgiven, no more; a net low down mends any gap', () => {
    fc.assert(
      fc.property(anyCrop, mm(300, 3000), mm(0, 900), (crop, top, starts) => {
        fc.pre(crop.habit !== 'none' && crop.supportToMm > 0);
        const at = { planted: planted(crop.id) };
        if (Math.abs(top + inches(4) - crop.supportToMm) > 1)
          expect(
            cropHeight({
              ...at,
              hold: { ...hold, topMm: { least: top, most: top }, could: { ...hold.could, topMm: 9000 } },
            })?.level,
          ).toBe(top + inches(4) < crop.supportToMm ? 'warn' : 'good');
        const low = { ...hold, startsMm: starts, gapMm: starts };
        if (Math.abs(starts - crop.supportFromMm - inches(1)) > 1)
          expect(cropGap({ ...at, hold: low })?.level).toBe(starts > crop.supportFromMm + inches(1) ? 'warn' : 'good');
        expect(cropGap({ ...at, hold: { ...low, fineToMm: 600 } })?.level).toBe('good');
        expect(cropGap({ ...at, hold: { ...low, by: 'string' } })).toBeNull();
      }),
    );
  });

  it('climbing: what has no hold needs a net; bushes are not hung on one string, and are held between passes', () => {
    fc.assert(
      fc.property(
        anyCrop,
        fc.constantFrom('mesh' as const, 'string' as const, 'poles' as const, 'passes' as const, 'cage' as const),
        fc.constantFrom(3, 12, 38, 60),
        (crop, by, memberMm) => {
          const found = cropClimbs({ planted: planted(crop.id), hold: { by, memberMm } });
          if (crop.habit === 'none') expect(found).toMatchObject({ level: 'fail', told: { code: 'climb.needs-net' } });
          else if (crop.trainings[0]?.onWires)
            expect(found).toMatchObject({ level: 'fail', told: { code: 'climb.wires' } });
          else if (crop.habit === 'bush' && by === 'string') expect(found?.told.code).toBe('climb.bush-string');
          else if (crop.grips && memberMm > crop.grips.memberMm) expect(found?.told.code).toBe('climb.thick');
          else expect(found?.level).toBe('good');
        },
      ),
    );
  });

  it('mesh: close enough to hold, open enough for a hand; flat between slats', () => {
    const of = (crop: string, change: Partial<Hold>) =>
      meshOpening({ planted: planted(crop), hold: { ...hold, ...change } });
    expect(of('pea', { meshMm: { wide: 200, high: 200 }, stepMm: 200 })?.level).toBe('warn');
    expect(of('pea', { meshMm: { wide: 75, high: 75 }, stepMm: 75 })?.level).toBe('good');
    expect(of('cucumber', { meshMm: { wide: 50, high: 200 }, stepMm: 50 })?.told.code).toBe('mesh.narrow');
    expect(of('cucumber', { meshMm: { wide: 1000, high: inches(3.5) }, stepMm: 130 })?.level).toBe('good');
    // Poles with no string between them are too far apart for thin tendrils, mesh or no mesh.
    expect(of('pea', { meshMm: null, stepMm: 400, by: 'poles' })?.level).toBe('warn');
  });

  it('depth: by how a post is set, and of a raised bed by what is below it; what is screwed to a bed is held by the bed', () => {
    const one = (set: Standing['set'], buriedMm: number): Standing => ({
      id: 'post-1',
      aboveMm: buriedMm * 2,
      buriedMm,
      wantedMm: buriedMm,
      shortMm: 0,
      set,
    });
    const least = { driven: inches(18), 'let in': inches(24), concrete: inches(24), pushed: inches(4) } as const;
    const asked = (set: Standing['set'], buriedMm: number, fill: BedFill = NO_FILL) =>
      postDepth({ posts: [one(set, buriedMm)], soil: 'loam', wind: 'usual', fill });
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(least) as (keyof typeof least)[])),
        mm(20, 1900),
        mm(0, 900),
        fc.constantFrom('loose' as const, 'settled' as const),
        (set, buried, high, is) => {
          // By hand: loose fill holds nothing and all of the least depth is below it; settled fill counts half, and half of the least is below it.
          const needs = is === 'loose' ? high + least[set] : Math.max(high + least[set] / 2, least[set] + high / 2);
          fc.pre(Math.abs(buried - least[set]) > 12 && Math.abs(buried - needs) > 12);
          const found = asked(set, buried)?.level;
          expect(found === 'good').toBe(buried > least[set]);
          if (buried < least[set] * 0.45) expect(found).toBe('fail');
          expect(asked('screwed', buried)).toBeNull();
          if (set === 'pushed' || found !== 'good' || high === 0) return;
          const raised = asked(set, buried, { mm: high, is });
          expect(raised?.told.code === 'depth.bed').toBe(buried < needs);
          if (buried <= high) expect(raised?.level).toBe('fail');
          // What is suggested is never told to be too little.
          expect(
            asked(set, depthThrough(least[set], least[set], { mm: high, is }), { mm: high, is })?.told.code,
          ).not.toBe('depth.bed');
        },
      ),
    );
    expect(postDepth({ posts: [], soil: 'loam', wind: 'usual', fill: NO_FILL })).toBeNull();
    // 30″ down in a 20″ bed of loose fill has 10″ of ground.
    expect(asked('driven', inches(30), { mm: inches(20), is: 'loose' })).toMatchObject({
      level: 'warn',
      told: { code: 'depth.bed', values: { grown: { mm: inches(10) } } },
    });
    // 18″ in a 20″ bed reach no ground.
    expect(asked('driven', inches(18), { mm: inches(20), is: 'loose' })).toMatchObject({
      level: 'fail',
      told: { code: 'depth.bed' },
    });
  });

  it('reach and place: from both sides or the front only, up to an arm; a bed counts in the height; nothing past the bed', () => {
    fc.assert(
      fc.property(
        mm(400, 2400),
        mm(-1400, 1400),
        fc.constantFrom('both sides', 'front only'),
        (widthMm, y, standFrom) => {
          const edge = widthMm / 2 - Math.abs(y);
          const far = standFrom === 'both sides' || edge < 0 ? edge : widthMm / 2 + y;
          fc.pre(Math.abs(far - armMm) > 1 && Math.abs(far) > 1);
          const under = { ...bed, widthMm, standFrom };
          expect(reachAcross({ rowsAtMm: [y], bed: under, armMm })?.level).toBe(
            far < 0 ? 'fail' : far > armMm ? 'warn' : 'good',
          );
        },
      ),
    );
    fc.assert(
      fc.property(mm(1000, 9000), mm(1000, 9000), mm(-500, 900), (builtMm, lengthMm, by) => {
        const startMm = Math.max(0, by);
        fc.pre(Math.abs(startMm + builtMm - lengthMm) > 1 && Math.abs(builtMm + by - lengthMm - inches(1)) > 1);
        expect(rowInBed({ builtMm, startMm, bed: { ...bed, lengthMm } })?.level).toBe(
          startMm + builtMm > lengthMm ? 'warn' : 'good',
        );
        expect(reachUp({ topMm: builtMm, bedMm: by, reachMm: lengthMm })?.level).toBe(
          builtMm + by > lengthMm + inches(1) ? 'warn' : 'good',
        );
      }),
    );
  });

  it('keeping clear: the worst by its own distance, and worse of what is buried; two in one place clash, neighbours do not', () => {
    const cable = {
      id: 'c',
      kind: 'buried line' as const,
      name: 'Cable',
      xMm: 6000,
      yMm: 9000,
      turnDeg: 90,
      lengthMm: 9000,
      widthMm: 100,
      heightMm: 0,
      keepClearMm: 600,
    };
    const feet = [[6200, 9000] as const];
    const wall = { ...cable, kind: 'wall' as const };
    // Each thing that something stands too near to is named, not the worst alone.
    expect(keepsClear({ feet, features: [cable, wall] }).map(({ level, told }) => [level, told.values.what])).toEqual([
      ['fail', 'Cable'],
      ['note', 'Cable'],
    ]);
    expect(keepsClear({ feet, features: [{ ...cable, xMm: 12_000 }] }).map((one) => one.level)).toEqual(['good']);
    expect(keepsClear({ feet, features: [] })).toEqual([]);
    const square = (x: number) => [[x, 0] as const, [x + 100, 0] as const, [x + 100, 100] as const, [x, 100] as const];
    fc.assert(
      fc.property(mm(-300, 300), (x) => {
        fc.pre(Math.abs(Math.abs(x) - 80) > 1);
        const met = clash({ covers: [square(0)], neighbours: [{ name: 'Other', covers: [square(x)] }] });
        expect(met?.level ?? null).toBe(Math.abs(x) < 80 ? 'fail' : null);
      }),
    );
  });

  it('what only some kinds can go wrong in is never kinder to what is worse', () => {
    fc.assert(
      fc.property(mm(100, 1500), mm(500, 2500), mm(1, 1.5), (halfBaseMm, heightMm, more) => {
        const level = tipping({ halfBaseMm, heightMm })?.level;
        if (level === 'good') expect(tipping({ halfBaseMm: halfBaseMm * more, heightMm })?.level).toBe('good');
        else expect(tipping({ halfBaseMm, heightMm: heightMm * more })?.level).toBe('warn');
        // By the slope of the line from the foot to the middle: tan 22° is 0.404.
        if (Math.abs(halfBaseMm / (heightMm / 2) - 0.404) > 0.002)
          expect(level).toBe(halfBaseMm / (heightMm / 2) < 0.404 ? 'warn' : 'good');
      }),
    );
    // Silent up to 2″; then by height × sin(slope), which for a right triangle is height × rise ÷ length.
    fc.assert(
      fc.property(mm(600, 1800), mm(-900, 900), (heightMm, riseMm) => {
        const off = (heightMm * Math.abs(riseMm)) / 6000;
        fc.pre(Math.abs(off - inches(2)) > 0.01);
        const found = panelLean({ leansMm: leanOffPost(heightMm, { lengthMm: 6000, riseMm }) });
        expect(found?.level ?? null).toBe(off > inches(2) ? 'note' : null);
      }),
    );
    expect(railsBroken({ broken: 4, rails: 4 })?.level).toBe('warn');
    expect(railsBroken({ broken: 2, rails: 4 })?.level).toBe('good');
    expect(holeClash({ moved: 3, mostMm: 40, clashing: 0 })?.level).toBe('good');
    expect(holeClash({ moved: 3, mostMm: 40, clashing: 1 })?.level).toBe('warn');
    expect(
      bayFits({ panelMm: 2438, clearMm: 2349, nominalClearMm: 2336, posts: 3, openMm: 0, meshMm: 203 })?.level,
    ).toBe('warn');
    expect(nailInterval({ askedMm: 127, setMm: 137.5 })?.level).toBe('note');
    expect(wireTension({ tensionN: 400, stretchMm: 1, yieldShare: 0.2 })?.level).toBe('good');
  });
});

it('judges every kind of every demo bed in words, the urgent first, one finding a check (of what is near, each thing), and every mend has a name', () => {
  const urgency = ['fail', 'warn', 'note', 'good'];
  for (const kind of KINDS.filter((one) => one.stands.includes('bed')))
    for (const one of DEMO_PLAN.beds) {
      const plantings = DEMO_PLAN.plantings.filter((planting) => planting.bed === one.id).map(({ id }) => id);
      const { verdicts } = computeStructure(DEMO_PLAN, {
        id: 's',
        kind: kind.id,
        name: 'S',
        stand: { on: 'bed', bed: one.id },
        plantings,
        knobs: {},
      });
      const levels = verdicts.map((found) => urgency.indexOf(found.level));
      expect(levels).toEqual([...levels].sort((a, b) => a - b));
      const once = verdicts.map((found) => found.check).filter((check) => check !== 'keep-clear');
      expect(once).toEqual([...new Set(once)]);
      for (const found of verdicts) {
        expect(say(found.told, {}, { units: 'imperial', locale: 'en' })).not.toMatch(/undefined|NaN|[{}]/);
        if (found.mend) expect(found.mends, found.told.code).toBeTruthy();
      }
    }
});
