import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cropIn } from '../crops/book';
import { DEMO_PLAN } from '../demo/garden';
import { yearOf } from '../growth/growth';
import { dayOfYear } from '../site/sun/season';
import { bedsFor } from '../choosing/where';
import { plantsOf } from '../design/design';
import { alongAsBuilt } from './along-bed';
import { asPlanted, growingIn, stoodIn } from './growing';
import { plantingNonsense } from './planting-nonsense';
import { computeGarden } from './compute';
import { goOnTo } from './next-season';
import type { Plan, Planting } from './plan';
import { readPlan } from '../formats/read-plan';
import { kindOf } from '../structures/registry';
import { whoIsKeptOut } from '../choosing/kept-out';
import { onPlotOf } from '../shade/on-plot';
import { shadersOf } from '../shade/shaders-of';
import { seasonAhead, seasonName } from '../site/seasons';
import { seasonOf } from './season';

const NOW = DEMO_PLAN.garden.year;
const planting = (crop: string, year: number, more: Partial<Planting> = {}): Planting => ({
  id: `${crop}-${year}`,
  bed: 'long-bed',
  crop,
  training: cropIn([], crop).trainings[0]?.id ?? '',
  count: 4,
  year,
  ...more,
});
const garden = (plantings: readonly Planting[], year = NOW): Plan => ({
  ...DEMO_PLAN,
  garden: { ...DEMO_PLAN.garden, year },
  plantings,
});
const named = (plan: Plan) => growingIn(plan).map(({ id }) => id);

describe('what grows in a season', () => {
  it('is what was planted in it, and what lives for years until it is cleared', () => {
    const all = [planting('tomato', NOW - 1), planting('strawberry', NOW - 2), planting('cucumber', NOW)];
    expect(named(garden(all))).toEqual([`strawberry-${NOW - 2}`, `cucumber-${NOW}`]);
    expect(named(garden(all, NOW - 1))).toEqual([`tomato-${NOW - 1}`, `strawberry-${NOW - 2}`]);
    const cleared = planting('strawberry', NOW - 2, { cleared: `${NOW - 1}-09-30` });
    expect(named(garden([cleared], NOW - 1))).toEqual([cleared.id]);
    expect(named(garden([cleared]))).toEqual([]);
  });

  it('goes on to the next: structures stand and carry what lives, nothing is asked of what is over', () => {
    const next = computeGarden({ ...DEMO_PLAN, garden: { ...DEMO_PLAN.garden, year: NOW + 1 } });
    const carried = next.structures.flatMap(({ setting }) => setting.planted);
    expect(next.structures.length).toBe(DEMO_PLAN.structures.length);
    expect(carried.every(({ crop }) => crop.years !== undefined)).toBe(true);
    expect(carried.length).toBeGreaterThan(0);
    expect(computeGarden(DEMO_PLAN).structures.flatMap(({ setting }) => setting.planted).length).toBeGreaterThan(
      carried.length,
    );
  });
});

describe('which season it is', () => {
  it.each([
    [2026, 8, 52, 2026],
    [2026, 9, 52, 2027],
    [2026, 12, 52, 2027],
    [2027, 1, 52, 2027],
    // In the south the summer of 2027 is planned in its autumn before, and lasts into 2028.
    [2027, 4, -37, 2026],
    [2027, 5, -37, 2027],
    [2028, 1, -37, 2027],
  ])('in month %2$d of %1$d at %3$d° it is %4$d that is planned', (year, month, latitudeDeg, season) => {
    expect(seasonAhead(year, month, latitudeDeg)).toBe(season);
  });

  it('what is cleared before it has grown has not grown in it; a season of the south is written with both its years', () => {
    const strawberry = (cleared: string) => planting('strawberry', NOW - 3, { cleared });
    const grows = (cleared: string, latitudeDeg: number) =>
      growingIn({ ...garden([strawberry(cleared)]), site: { ...DEMO_PLAN.site, latitudeDeg } }).length;
    expect([grows(`${NOW}-02-10`, 52), grows(`${NOW}-07-10`, 52)]).toEqual([0, 1]);
    expect([grows(`${NOW}-07-10`, -37), grows(`${NOW}-11-10`, -37), grows(`${NOW + 1}-03-10`, -37)]).toEqual([0, 1, 1]);
    expect([seasonName(2027, 52), seasonName(2027, -37), seasonName(2099, -37)]).toEqual([
      '2027',
      '2027–28',
      '2099–00',
    ]);
  });
});

describe('gone on to the next season', () => {
  const next = goOnTo(kindOf, DEMO_PLAN, NOW + 1);

  it('who helps goes on, the days of the last season do not', () => {
    const { work } = DEMO_PLAN;
    const fixed = [{ task: 'tomato-wall step.ends 1', date: `${NOW}-03-06` }];
    const plan: Plan = { ...DEMO_PLAN, ...(work ? { work: { ...work, off: [`${NOW}-03-07`], fixed } } : {}) };
    expect(goOnTo(kindOf, plan, NOW + 1).work).toEqual({ ...work, from: `${NOW + 1}-03-01`, off: [], fixed: [] });
  });

  it('a plan passes the door, and everything that stood stands there still, in the sizes it was built in', () => {
    const read = readPlan(structuredClone(next));
    expect(read.ok ? [] : read.faults).toEqual([]);
    const [before, after] = [computeGarden(DEMO_PLAN), computeGarden(next)];
    const frame = ({ sized: { design } }: (typeof before.structures)[number]) =>
      design.parts
        .filter(({ role }) => design.traits[role]?.as === 'body')
        .map(({ role, stock, cutMm }) => `${role} ${stock} ${Math.round(cutMm)}`)
        .sort();
    for (const [i, one] of before.structures.entries()) {
      // A stake a plant goes with its plant.
      if (one.kind.id === 'stake') continue;
      const then = after.structures[i] as typeof one;
      expect(frame(then), one.structure.id).toEqual(frame(one));
      expect(then.sized.design.startMm, one.structure.id).toBeCloseTo(one.sized.design.startMm, 6);
    }
  });

  it('what lives for years goes on following its plants, and going back changes nothing but the season', () => {
    const same = (plan: Plan) =>
      plan.structures.filter((one) => DEMO_PLAN.structures.includes(one)).map(({ id }) => id);
    expect(same(next)).toContain('berry-cage');
    expect(same(next)).not.toContain('tomato-wall');
    expect(goOnTo(kindOf, next, NOW)).toEqual({ ...next, garden: DEMO_PLAN.garden });
    expect(goOnTo(kindOf, next, NOW + 2).structures).toEqual(next.structures);
  });
});

describe('what stood in a bed', () => {
  const bed = {
    id: 'long-bed',
    grew: [
      { year: NOW - 1, family: 'pea' },
      { year: NOW - 3, family: 'gourd' },
      { year: NOW - 4, family: 'daisy' },
    ],
  };
  it('is what was planted there, and where nothing was what was said of it, for three seasons', () => {
    const told = stoodIn(garden([planting('tomato', NOW - 1), planting('tomato', NOW - 2, { bed: 'elsewhere' })]), bed);
    expect(told.map(({ yearsAgo, family, crop }) => [yearsAgo, family, crop])).toEqual([
      [1, cropIn([], 'tomato').family, cropIn([], 'tomato').name],
      [1, 'pea', null],
      [3, 'gourd', null],
    ]);
  });

  it('is not what still grows there: a strawberry does not follow itself', () => {
    expect(stoodIn(garden([planting('strawberry', NOW - 1)]), { ...bed, grew: [] })).toEqual([]);
    expect(
      stoodIn(garden([planting('strawberry', NOW - 2, { cleared: `${NOW - 1}-10-01` })]), { ...bed, grew: [] }).map(
        ({ yearsAgo }) => yearsAgo,
      ),
    ).toEqual([1, 2]);
  });

  it('is said of a crop that comes again too soon, and no longer after three seasons, whichever way it is known', () => {
    const told = (plantings: readonly Planting[], grew: readonly { year: number; family: string }[]) => {
      const beds = DEMO_PLAN.beds.map((one) => (one.id === 'long-bed' ? { ...one, grew } : one));
      const { structures } = computeGarden({
        ...garden([planting('tomato', NOW, { id: 'now' }), ...plantings]),
        beds,
        structures: DEMO_PLAN.structures.flatMap((one) =>
          one.id === 'tomato-wall' ? [{ ...one, plantings: ['now'] }] : [],
        ),
      });
      return structures[0]?.verdicts.find(({ check }) => check === 'family-rests')?.told.values.years ?? null;
    };
    const { family } = cropIn([], 'tomato');
    for (let ago = 1; ago <= 4; ago++) {
      expect(told([planting('tomato', NOW - ago)], [])).toBe(ago > 3 ? null : ago);
      expect(told([], [{ year: NOW - ago, family }])).toBe(ago > 3 ? null : ago);
    }
  });
});

describe('the stretch of a bed that a planting takes', () => {
  const wall = DEMO_PLAN.structures.find(({ id }) => id === 'tomato-wall') as Plan['structures'][number];
  const bed = DEMO_PLAN.beds.find(({ id }) => id === 'long-bed') as Plan['beds'][number];
  const alone = (plantings: readonly Planting[]): Plan => ({
    ...garden(plantings),
    structures: [{ ...wall, knobs: {}, plantings: ['now'] }],
  });
  const years = (plan: Plan) =>
    computeGarden(plan).structures[0]?.verdicts.find(({ check }) => check === 'family-rests')?.told.values.years ??
    null;

  it('is where its plants stand with half of their room on either side, wherever the bed lies and however it is turned', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 300, max: 3000 }),
        (turnDeg, count, startAt) => {
          const plan = {
            ...alone([planting('tomato', NOW, { id: 'now', count })]),
            beds: DEMO_PLAN.beds.map((one) => (one.id === bed.id ? { ...one, turnDeg } : one)),
          };
          const structures = [{ ...plan.structures[0]!, knobs: { startAt } }];
          const [one] = computeGarden({ ...plan, structures }).structures;
          const { design } = one!.sized;
          const along = alongAsBuilt(design, one!.frame, { ...bed, turnDeg }, 'now');
          const stood = plantsOf(design).map(({ at }) => at[0] + design.startMm);
          const half = plantsOf(design)[0]!.spacingMm / 2;
          expect(along?.fromMm).toBeCloseTo(Math.max(0, Math.min(...stood) - half), 3);
          expect(along?.toMm).toBeCloseTo(Math.min(bed.lengthMm, Math.max(...stood) + half), 3);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('is written down when the season is over, and what comes again elsewhere in the bed does not come again', () => {
    const plan = alone([planting('tomato', NOW, { id: 'now', count: 4 })]);
    const next = goOnTo(kindOf, plan, NOW + 1);
    const [stood] = next.plantings;
    expect(stood?.toMm).toBeGreaterThan(stood?.fromMm ?? Infinity);
    expect(readPlan(next).ok).toBe(true);
    const again = { ...planting('tomato', NOW + 1, { id: 'now', count: 4 }) };
    const at = (fromMm: number, toMm: number) =>
      years({ ...next, plantings: [{ ...(stood as Planting), id: 'then', fromMm, toMm }, again] });
    const now = alongAsBuilt(
      computeGarden({ ...next, plantings: [again] }).structures[0]!.sized.design,
      computeGarden({ ...next, plantings: [again] }).structures[0]!.frame,
      bed,
      'now',
    )!;
    expect(at(stood!.fromMm!, stood!.toMm!)).toBe(1);
    expect(at(now.toMm, bed.lengthMm)).toBeNull();
    expect(at(now.toMm - 100, bed.lengthMm)).toBe(1);
    // Of what nobody said where, it may have been anywhere.
    expect(years({ ...next, plantings: [planting('tomato', NOW, { id: 'then' }), again] })).toBe(1);
    // What is said by hand stays.
    const said = goOnTo(kindOf, { ...plan, plantings: [{ ...plan.plantings[0]!, fromMm: 10, toMm: 90 }] }, NOW + 1);
    expect(said.plantings[0]).toMatchObject({ fromMm: 10, toMm: 90 });
  });

  it('leaves the rest of the bed free for others', () => {
    const free = (fromMm?: number, toMm?: number) => {
      const taken = planting('tomato', NOW, {
        count: 1,
        ...(toMm === undefined ? {} : { fromMm, toMm }),
      } as Partial<Planting>);
      const choice = bedsFor(garden([taken]), planting('tomato', NOW, { id: 'new' })).find(
        (one) => one.bed.id === bed.id,
      );
      return choice?.places.ends ?? 0;
    };
    expect(free(0, bed.lengthMm)).toBe(0);
    expect(free(0, bed.lengthMm / 2)).toBeLessThan(free());
    expect(free(0, bed.lengthMm / 2)).toBeGreaterThan(0);
  });

  it('has both its ends, the far one beyond the near one', () => {
    const faults = (more: Partial<Planting>) =>
      plantingNonsense(planting('tomato', NOW, more)).map(({ field }) => field);
    expect(faults({ fromMm: 100, toMm: 900 })).toEqual([]);
    expect(faults({ fromMm: 900, toMm: 900 })).toEqual(['toMm']);
    expect(faults({ fromMm: 900 })).toEqual(['toMm']);
    expect(faults({ toMm: 900 })).toEqual(['fromMm']);
  });
});

describe('days that are said', () => {
  it('two plantings of one crop have each its own day in the season of what carries both', () => {
    const wall = DEMO_PLAN.structures.find(({ id }) => id === 'tomato-wall') as Plan['structures'][number];
    const [early, late] = [
      planting('tomato', NOW, { id: 'early', count: 3, planted: `${NOW}-05-10` }),
      planting('tomato', NOW, { id: 'late', count: 3, planted: `${NOW}-06-20` }),
    ];
    const { structures } = computeGarden({
      ...garden([early, late]),
      structures: [{ ...wall, knobs: {}, plantings: ['early', 'late'] }],
    });
    const sown = seasonOf(structures[0]!).filter(({ what }) => what.code === 'season.sow');
    expect(sown.map(({ on }) => on)).toEqual(['05-10', '06-20']);
  });

  it('move what follows from them: planted so much later it starts so much later, and is never picked sooner', () => {
    const tomato = cropIn([], 'tomato');
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 200 }), fc.integer({ min: 1, max: 60 }), (first, later) => {
        const on = (day: number) => {
          const date = new Date(Date.UTC(2027, 0, 1 + day)).toISOString().slice(0, 10);
          return yearOf(asPlanted(tomato, { sown: '2027-03-01', planted: date }), DEMO_PLAN.site);
        };
        const [early, late] = [on(first), on(first + later)];
        expect(late.starts - early.starts).toBeCloseTo(later, 6);
        expect(early.starts).toBeCloseTo(first, 6);
        if (late.pickedFrom !== null) expect(late.pickedFrom).toBeGreaterThanOrEqual(early.pickedFrom ?? Infinity);
      }),
    );
  });

  it('count from the sowing where it was not planted out; not for what lives for years; not where none is said', () => {
    const bean = cropIn([], 'tomato');
    expect(yearOf(asPlanted(bean, { sown: '2027-06-01' }), DEMO_PLAN.site).starts).toBeCloseTo(dayOfYear('06-01'), 6);
    expect(asPlanted(bean, {})).toBe(bean);
    const berry = cropIn([], 'strawberry');
    expect(asPlanted(berry, { planted: '2027-06-01' })).toBe(berry);
    // Sown in the autumn before, it waits for the spring after.
    const garlic = asPlanted(bean, { sown: '2026-11-10' });
    expect(yearOf(garlic, DEMO_PLAN.site).starts).toBeLessThan(0);
  });

  it('are those by which its leaves shade, its visitors come and its notes are dated: every screen asks the same crop', () => {
    const wall = DEMO_PLAN.structures.find(({ id }) => id === 'tomato-wall') as Plan['structures'][number];
    const late = {
      ...DEMO_PLAN,
      structures: [wall],
      plantings: DEMO_PLAN.plantings.map((one) =>
        wall.plantings.includes(one.id) ? { ...one, planted: `${NOW}-07-20` } : one,
      ),
    };
    const onTime = { ...late, plantings: DEMO_PLAN.plantings };
    const leaves = (plan: Plan) =>
      shadersOf(plan, computeGarden(plan).structures.map(onPlotOf), dayOfYear('07-10')).length;
    expect(leaves(late)).toBeLessThan(leaves(onTime));
    const comes = (plan: Plan) =>
      whoIsKeptOut(plan, computeGarden(plan).structures)
        .find(({ bed }) => bed.id === 'long-bed')
        ?.threats.map(({ from }) => from);
    expect(comes(onTime)?.length).toBeGreaterThan(0);
    expect(comes(late)).toEqual(comes(onTime)?.map(() => '07-20'));
    const dated = (plan: Plan) =>
      computeGarden(plan).structures.flatMap((one) => seasonOf(one).map(({ on }) => on ?? ''));
    expect(dated(late)).not.toEqual(dated(onTime));
  });

  it.each([
    [{ sown: '2027-02-30' }, 'sown', '28'],
    [{ sown: '2027-05-02', planted: '2027-05-01' }, 'planted', 'before it was sown'],
    [{ planted: '2027-05-02', cleared: '2027-05-01' }, 'cleared', 'before it was planted'],
    [{ sown: '2024-05-02' }, 'sown', 'its season is 2027'],
    [{ planted: '2029-05-02' }, 'planted', 'its season is 2027'],
  ])('%o makes no sense, and it is said which and why', (days, field, why) => {
    const said = plantingNonsense(planting('tomato', 2027, days));
    expect(said.map((one) => one.field)).toEqual([field]);
    expect(said[0]?.message).toContain(why);
  });

  it('make sense in the autumn before, in a leap year, and when what lives for years is cleared long after', () => {
    for (const days of [
      { sown: '2026-10-20' },
      { sown: '2028-02-29' },
      { planted: '2027-04-01', cleared: '2041-10-01' },
    ])
      expect(plantingNonsense(planting('strawberry', 2027, days))).toEqual([]);
  });
});
