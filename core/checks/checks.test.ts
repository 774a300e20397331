import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import type { Design, Standing, Support } from '../design/design';
import { computeStructure } from '../plan/compute';
import type { StructurePlan } from '../plan/plan';
import { inches } from '../quantity/length';
import { leanOffPost } from '../structures/rules/panel-run';
import { KINDS } from '../structures/registry';
import type { Planted, Setting } from '../structures/setting';
import { say } from '../wording/say';
import { bayFits } from './bay-fits';
import { judge } from './checks';
import { cropClimbs } from './crop-climbs';
import { cropGap } from './crop-gap';
import { cropHeight } from './crop-height';
import { cropLoad } from './crop-load';
import { holeClash } from './hole-clash';
import { keepClear } from './keep-clear';
import { meshOpening } from './mesh-opening';
import { nailInterval } from './nail-interval';
import { MEND_PHRASES, VERDICT_PHRASES } from './phrases';
import { panelLean } from './panel-lean';
import { postDepth } from './post-depth';
import { railsBroken } from './rails-broken';
import { reachAcross } from './reach-across';
import { reachUp } from './reach-up';
import { rowInBed } from './row-in-bed';
import { tipping } from './tipping';
import type { Check } from './verdict';
import { wireTension } from './wire-tension';

const wall = computeStructure(DEMO_PLAN, DEMO_PLAN.structures[0] as StructurePlan);
const ask = (
  check: Check,
  support: Partial<Support>,
  o: { design?: Partial<Design>; setting?: Partial<Setting> } = {},
) =>
  check({
    design: { ...wall.sized.design, ...o.design, support: { ...wall.sized.design.support, ...support } },
    setting: { ...wall.setting, ...o.setting },
  });
const level = (...args: Parameters<typeof ask>) => ask(...args)?.level ?? null;
const planted = (id: string): Planted[] =>
  CROPS.filter((crop) => crop.id === id).map((crop) => ({
    id,
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
        expect(level(cropLoad, { carries }, { setting: { planted: planted(crop.id) } })).toBe(
          order.indexOf(crop.load) > order.indexOf(carries) ? 'warn' : 'good',
        );
      }),
    );
  });

  it('height and gap: a hand’s breadth short is forgiven, no more; a net low down mends any gap', () => {
    fc.assert(
      fc.property(anyCrop, mm(300, 3000), mm(0, 900), (crop, top, starts) => {
        fc.pre(crop.habit !== 'none' && crop.supportToMm > 0);
        const setting = { planted: planted(crop.id) };
        if (Math.abs(top + inches(4) - crop.supportToMm) > 1)
          expect(level(cropHeight, { topMm: { least: top, most: top } }, { setting })).toBe(
            top + inches(4) < crop.supportToMm ? 'warn' : 'good',
          );
        if (Math.abs(starts - crop.supportFromMm - inches(1)) > 1)
          expect(level(cropGap, { startsMm: starts, gapMm: starts }, { setting })).toBe(
            starts > crop.supportFromMm + inches(1) ? 'warn' : 'good',
          );
        expect(level(cropGap, { startsMm: starts, gapMm: starts, fineToMm: 600 }, { setting })).toBe('good');
        expect(level(cropGap, { startsMm: starts, holds: 'string' }, { setting })).toBeNull();
      }),
    );
  });

  it('climbing: what has no hold needs a net; bushes are not hung on one string, and are held between passes', () => {
    fc.assert(
      fc.property(
        anyCrop,
        fc.constantFrom('mesh' as const, 'string' as const, 'poles' as const, 'passes' as const),
        fc.constantFrom(3, 12, 38, 60),
        (crop, holds, memberMm) => {
          const found = ask(cropClimbs, { holds, memberMm }, { setting: { planted: planted(crop.id) } });
          if (crop.habit === 'none') expect(found).toMatchObject({ level: 'fail', told: { code: 'climb.needs-net' } });
          else if (crop.habit === 'bush' && holds === 'string') expect(found?.told.code).toBe('climb.bush-string');
          else if (crop.grips && memberMm > crop.grips.memberMm) expect(found?.told.code).toBe('climb.thick');
          else expect(found?.level).toBe('good');
        },
      ),
    );
  });

  it('mesh: close enough to hold, open enough for a hand; flat between slats', () => {
    const peas = { setting: { planted: planted('pea') } };
    const fruit = { setting: { planted: planted('cucumber') } };
    expect(level(meshOpening, { meshMm: { wide: 200, high: 200 }, stepMm: 200 }, peas)).toBe('warn');
    expect(level(meshOpening, { meshMm: { wide: 75, high: 75 }, stepMm: 75 }, peas)).toBe('good');
    expect(ask(meshOpening, { meshMm: { wide: 50, high: 200 }, stepMm: 50 }, fruit)?.told.code).toBe('mesh.narrow');
    expect(level(meshOpening, { meshMm: { wide: 1000, high: inches(3.5) }, stepMm: 130 }, fruit)).toBe('good');
    // Poles with no string between them are too far apart for thin tendrils, mesh or no mesh.
    expect(level(meshOpening, { meshMm: null, stepMm: 400, holds: 'poles' }, peas)).toBe('warn');
  });

  it('depth: by how a post is set; what is screwed to a bed is held by the bed', () => {
    const one = (set: Standing['set'], buriedMm: number): Standing => ({
      id: 'post-1',
      aboveMm: buriedMm * 2,
      buriedMm,
      wantedMm: buriedMm,
      shortMm: 0,
      set,
    });
    const least = { driven: inches(18), 'let in': inches(24), concrete: inches(24), pushed: inches(4) } as const;
    fc.assert(
      fc.property(fc.constantFrom(...(Object.keys(least) as (keyof typeof least)[])), mm(20, 1200), (set, buried) => {
        fc.pre(Math.abs(buried - least[set]) > 12);
        const found = level(postDepth, { posts: [one(set, buried)] });
        expect(found === 'good').toBe(buried > least[set]);
        if (buried < least[set] * 0.45) expect(found).toBe('fail');
        expect(level(postDepth, { posts: [one('screwed', buried)] })).toBeNull();
      }),
    );
    expect(level(postDepth, { posts: [] })).toBeNull();
  });

  it('reach and place: from both sides or the front only, up to an arm; nothing past the bed', () => {
    fc.assert(
      fc.property(
        mm(400, 2400),
        mm(-1400, 1400),
        fc.constantFrom('both sides' as const, 'front only' as const),
        (widthMm, y, standFrom) => {
          const far = standFrom === 'both sides' ? widthMm / 2 - Math.abs(y) : widthMm / 2 + y;
          fc.pre(Math.abs(far - wall.setting.armMm) > 1 && Math.abs(far) > 1);
          const found = level(
            reachAcross,
            { rowsAtMm: [y] },
            { setting: { bed: { ...wall.setting.bed, widthMm, standFrom } } },
          );
          expect(found).toBe(far < 0 ? 'fail' : far > wall.setting.armMm ? 'warn' : 'good');
        },
      ),
    );
    fc.assert(
      fc.property(mm(1000, 9000), mm(1000, 9000), (builtMm, lengthMm) => {
        fc.pre(Math.abs(builtMm - lengthMm) > 1 && Math.abs(builtMm - lengthMm - inches(1)) > 1);
        expect(level(rowInBed, {}, { design: { builtMm }, setting: { bed: { ...wall.setting.bed, lengthMm } } })).toBe(
          builtMm > lengthMm ? 'warn' : 'good',
        );
        expect(level(reachUp, { topMm: { least: builtMm, most: builtMm } }, { setting: { reachMm: lengthMm } })).toBe(
          builtMm > lengthMm + inches(1) ? 'warn' : 'good',
        );
      }),
    );
  });

  it('keeping clear: the worst by its own distance, and worse of what is buried', () => {
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
    expect(ask(keepClear, {}, { setting: { features: [cable] } })).toMatchObject({
      level: 'fail',
      told: { values: { what: 'Cable' } },
    });
    expect(level(keepClear, {}, { setting: { features: [{ ...cable, kind: 'wall' }] } })).toBe('note');
    expect(level(keepClear, {}, { setting: { features: [{ ...cable, xMm: 12_000 }] } })).toBe('good');
    expect(level(keepClear, {}, { setting: { features: [] } })).toBeNull();
  });

  it('what only some kinds can go wrong in: silent where it does not apply, never kinder to what is worse', () => {
    for (const check of [bayFits, railsBroken, holeClash, wireTension, nailInterval, tipping])
      expect(level(check, {})).toBeNull();
    fc.assert(
      fc.property(mm(100, 1500), mm(500, 2500), mm(1, 1.5), (halfBaseMm, heightMm, more) => {
        if (level(tipping, { tips: { halfBaseMm, heightMm } }) === 'good')
          expect(level(tipping, { tips: { halfBaseMm: halfBaseMm * more, heightMm } })).toBe('good');
        else expect(level(tipping, { tips: { halfBaseMm, heightMm: heightMm * more } })).toBe('warn');
        // By the slope of the line from the foot to the middle: tan 22° is 0.404.
        if (Math.abs(halfBaseMm / (heightMm / 2) - 0.404) > 0.002)
          expect(level(tipping, { tips: { halfBaseMm, heightMm } })).toBe(
            halfBaseMm / (heightMm / 2) < 0.404 ? 'warn' : 'good',
          );
      }),
    );
    // Silent up to 2″; then by height × sin(slope), which for a right triangle is height × rise ÷ length.
    fc.assert(
      fc.property(mm(600, 1800), mm(-900, 900), (heightMm, riseMm) => {
        const off = (heightMm * Math.abs(riseMm)) / 6000;
        fc.pre(Math.abs(off - inches(2)) > 0.01);
        expect(level(panelLean, { leansMm: leanOffPost(heightMm, { lengthMm: 6000, riseMm }) })).toBe(
          off > inches(2) ? 'note' : null,
        );
      }),
    );
    expect(level(railsBroken, { splices: { broken: 4, rails: 4 } })).toBe('warn');
    expect(level(railsBroken, { splices: { broken: 2, rails: 4 } })).toBe('good');
    expect(level(holeClash, { holes: { moved: 3, mostMm: 40, clashing: 0 } })).toBe('good');
    expect(level(holeClash, { holes: { moved: 3, mostMm: 40, clashing: 1 } })).toBe('warn');
    expect(level(bayFits, { bay: { panelMm: 2438, clearMm: 2349, nominalClearMm: 2336, posts: 3 } })).toBe('warn');
    expect(level(nailInterval, { nails: { askedMm: 127, setMm: 137.5 } })).toBe('note');
    expect(level(wireTension, { guys: { tensionN: 400, stretchMm: 1, yieldShare: 0.2 } })).toBe('good');
  });
});

it('judges every kind of every demo bed in words, the urgent first, and every mend has a name', () => {
  const urgency = ['fail', 'warn', 'note', 'good'];
  for (const kind of KINDS)
    for (const bed of DEMO_PLAN.beds) {
      const plantings = DEMO_PLAN.plantings.filter((one) => one.bed === bed.id).map((one) => one.id);
      const { sized, setting, verdicts } = computeStructure(DEMO_PLAN, {
        id: 's',
        kind: kind.id,
        name: 'S',
        bed: bed.id,
        plantings,
        knobs: {},
      });
      const found = judge({ design: sized.design, setting });
      expect(found.map((one) => urgency.indexOf(one.level))).toEqual(
        found.map((one) => urgency.indexOf(one.level)).sort((a, b) => a - b),
      );
      expect(new Set(found.map((one) => one.check)).size).toBe(found.length);
      for (const one of found)
        expect(say(one.told, VERDICT_PHRASES, { units: 'imperial', locale: 'en' })).not.toMatch(/undefined|NaN|[{}]/);
      for (const one of verdicts) if (one.mend) expect(MEND_PHRASES[one.told.code], one.told.code).toBeTruthy();
    }
  for (const kind of KINDS)
    for (const code of Object.keys(MEND_PHRASES)) expect(VERDICT_PHRASES[code], `${kind.id} ${code}`).toBeTruthy();
});
