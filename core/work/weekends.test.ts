import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import type { Plan, Work } from '../plan/plan';
import { withReadings } from '../plan/readings';
import { clearBefore } from '../structures/rules/as-stood';
import { stepsOf } from '../plan/steps';
import { asShape } from '../design/shapes/shapes';
import { isDug } from '../design/standing';
import { addDays, daysBetween, weekdayOf, weekOf } from '../site/calendar-days';
import { countedBySteps, minutesOf } from './counted';
import { clockOf, meanOf, workDays } from './days';
import { needsOf } from './needs';
import { onDay, stretchesOf } from './on-day';
import { buildingSteps, tasksOf } from './order';
import { RATES } from './rates';
import { usualWork } from './usual-work';
import { paceOf, type Built } from './left';
import { onWeeks, weeksIn } from './on-weeks';
import { weekendsOf, type Weekends } from './weekends';

const garden = computeGarden(DEMO_PLAN).structures;
const WORK = DEMO_PLAN.work as Work;
const all: Plan = { ...DEMO_PLAN, work: { ...WORK, later: [] } };
const named = (id: string) => garden.find(({ structure }) => structure.id === id) as (typeof garden)[number];
const weekends = (change: Partial<Work> = {}, built: Built = {}, today = '2026-12-02'): Weekends =>
  weekendsOf({ ...DEMO_PLAN, work: { ...WORK, ...change } }, garden, built, today);
/** So many things of structures ticked off on a day, as "tomato-wall post-1". */
const onDayOf = (whats: readonly string[], day = '2027-02-20'): Built => {
  const built: Record<string, Record<string, string>> = {};
  for (const what of whats) {
    const [structure = '', ...rest] = what.split(' ');
    (built[structure] ??= {})[rest.join(' ')] = day;
  }
  return built;
};
const onOf = ({ schedule }: Weekends) => new Map(schedule.placed.map((one) => [one.task, one]));

describe('work is counted from parts and joints', () => {
  it('of the cucumber frame, by hand: three holes for loam, three posts set and tamped, four braces, twelve strings', () => {
    const { sized, setting } = named('cucumber-frame');
    const steps = stepsOf(named('cucumber-frame'));
    const counted = countedBySteps(steps, sized.design, setting.soil);
    const sums = new Map<string, number>();
    for (const { rate, count } of counted.flat()) sums.set(rate, (sums.get(rate) ?? 0) + count);
    const holes = sized.design.posts.reduce((sum, { buriedMm }) => sum + buriedMm / (27 * 25.4), 0);
    expect(setting.soil).toBe('loam');
    expect(sums.get('hole')).toBeCloseTo(holes, 6);
    expect([sums.get('set and tamped'), sums.get('brace'), sums.get('string')]).toEqual([3, 4, 12]);
    // Its holes where the digger is out, its cuts where the saw is.
    const at = (code: string) => counted[steps.findIndex(({ what }) => what.code === code)]?.map(({ rate }) => rate);
    expect(at('step.dig')).toContain('hole');
    expect(at('step.cut')).toContain('cut');
  });

  it('every hole, driven post and joint of everything in the demo is counted once, and nothing takes less than no time', () => {
    for (const { structure, sized, setting, kind } of garden) {
      const steps = stepsOf({ kind, sized, setting });
      const counted = countedBySteps(steps, sized.design, setting.soil);
      const of = (rate: string) => counted.flat().reduce((sum, one) => sum + (one.rate === rate ? one.count : 0), 0);
      const added = new Set(steps.flatMap((step) => step.adds ?? []));
      const bars = sized.design.parts.flatMap((part) => (added.has(part.id) ? (asShape(part, 'bar') ?? []) : []));
      expect(of('driven'), structure.id).toBe(bars.filter(({ stands }) => stands?.set === 'driven').length);
      expect(of('hole') > 0, structure.id).toBe(bars.some(({ stands }) => stands !== undefined && isDug(stands)));
      for (const { count } of counted.flat()) expect(count).toBeGreaterThan(0);
    }
  });

  it('a hole in clay takes twice as long as in loam, in sand six tenths (rates of the trade: 12, 20, 40 minutes)', () => {
    const { sized } = named('cucumber-frame');
    const holes = (soil: 'sand' | 'loam' | 'clay') =>
      minutesOf(
        countedBySteps(stepsOf(named('cucumber-frame')), sized.design, soil)
          .flat()
          .filter(({ rate }) => rate === 'hole'),
      );
    expect(holes('clay') / holes('loam')).toBeCloseTo(2, 9);
    expect(holes('sand') / holes('loam')).toBeCloseTo(0.6, 9);
    expect(RATES.hole.minutes).toBe(20);
  });
});

describe('the order of work of the whole garden', () => {
  const tasks = tasksOf(all, garden);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  /** Whether one has to be done before another, over however many others. */
  const isBefore = (first: string, then: string, seen = new Set<string>()): boolean =>
    (byId.get(then)?.after ?? []).some((id) => {
      if (id === first) return true;
      if (seen.has(id)) return false;
      seen.add(id);
      return isBefore(first, id, seen);
    });
  const idsOf = (structure: string) => tasks.filter((task) => task.structure === structure).map(({ id }) => id);

  it('has every step of building of everything once, those of planting nowhere, and no round', () => {
    expect(byId.size).toBe(tasks.length);
    for (const one of garden) {
      const own = tasks.filter((task) => task.structure === one.structure.id);
      if (one.kind.isThere) expect(own).toEqual([]);
      else if (own.length > 0)
        expect(
          own.flatMap(({ steps }) => steps).toSorted((a, b) => a - b),
          one.structure.id,
        ).toEqual(buildingSteps(stepsOf(one)));
      expect(own.flatMap(({ steps }) => steps.map((i) => stepsOf(one)[i]?.what.code))).not.toContain('step.plant');
    }
    for (const { id, after } of tasks)
      for (const before of after) {
        expect(byId.has(before)).toBe(true);
        expect(isBefore(id, before)).toBe(false);
      }
  });

  it('a gate waits for the posts of its fence; sides of a bed come before what stands in it, but holes under its boards before those', () => {
    const posts = idsOf('river-fence').filter((id) => /step\.(footing|ends|posts|stand|set|gate-posts)/.test(id));
    expect(posts.length).toBeGreaterThan(0);
    expect(posts.some((id) => isBefore(id, idsOf('river-gate')[0] ?? ''))).toBe(true);
    for (const side of ['keyhole-sides', 'block-sides']) {
      const bed = named(side).structure.stand;
      const on = garden.filter(
        ({ structure, kind }) =>
          kind.purpose !== 'bed' && 'bed' in structure.stand && 'bed' in bed && structure.stand.bed === bed.bed,
      );
      for (const { structure } of on) {
        const own = idsOf(structure.id);
        if (own.length > 0) expect(isBefore(idsOf(side).at(-1) ?? '', own.at(-1) ?? ''), structure.id).toBe(true);
      }
    }
  });

  it('what is left for later, with what hangs on it, is not asked for', () => {
    const fewer = tasksOf({ ...all, work: { ...WORK, later: ['river-fence'] } }, garden);
    expect(fewer.some(({ structure }) => structure === 'river-fence')).toBe(false);
    for (const { after } of fewer) for (const id of after) expect(id.startsWith('river-fence ')).toBe(false);
  });
});

describe('days of work', () => {
  it('are those on which somebody is there, as long as it is light, none that is called off', () => {
    fc.assert(
      fc.property(
        fc.subarray([0, 1, 2, 3, 4, 5, 6], { minLength: 1 }),
        fc.integer({ min: 1, max: 14 }),
        fc.integer({ min: 0, max: 364 }),
        (weekdays, hours, start) => {
          const from = addDays('2027-01-01', start);
          const off = [addDays(from, 2), addDays(from, 3)];
          const days = workDays(
            DEMO_PLAN,
            { ...usualWork(DEMO_PLAN), from, off, people: [{ name: 'a', weekdays, hours }] },
            12,
          );
          expect(days.length).toBe(12);
          days.forEach(({ date, there }, i) => {
            expect(weekdays).toContain(weekdayOf(date));
            expect(off).not.toContain(date);
            expect(date >= from).toBe(true);
            if (i > 0) expect(date > (days[i - 1]?.date ?? '')).toBe(true);
            expect(there[0]?.minutes).toBeGreaterThan(0);
            expect(there[0]?.minutes).toBeLessThanOrEqual(hours * 60);
          });
        },
      ),
      { numRuns: cases(60) },
    );
  });

  it('are short in December: at 52° north some seven and a half hours from sunrise to sunset, a half less at either end, in midsummer as long as anybody likes', () => {
    const of = (from: string) =>
      workDays(DEMO_PLAN, { ...usualWork(DEMO_PLAN), from, people: [{ name: 'a', weekdays: [6], hours: 12 }] }, 1)[0]
        ?.there[0]?.minutes ?? 0;
    expect(of('2027-12-18') / 60).toBeGreaterThan(5);
    expect(of('2027-12-18') / 60).toBeLessThan(7);
    expect(of('2027-06-19') / 60).toBeGreaterThan(9.5);
  });

  it('concrete is not poured where a day’s mean is below 40 °F, and the mean lies between those of the months', () => {
    const cold = {
      ...DEMO_PLAN.site,
      monthlyC: {
        max: DEMO_PLAN.site.monthlyC.max.map((c) => c - 6),
        min: DEMO_PLAN.site.monthlyC.min.map((c) => c - 6),
      },
    };
    const in2 = (site: Plan['site'], from: string) => workDays({ site }, { ...usualWork(DEMO_PLAN), from }, 1)[0];
    expect(in2(DEMO_PLAN.site, '2027-02-06')?.poursWell).toBe(true);
    expect(in2(cold, '2027-02-06')?.poursWell).toBe(false);
    expect(in2(cold, '2027-02-06')?.open).toBe(true);
    expect(meanOf(DEMO_PLAN.site.monthlyC, '2027-07-15')).toBeCloseTo(15.75, 6);
    expect(meanOf(DEMO_PLAN.site.monthlyC, '2027-06-30')).toBeCloseTo((13.75 + 15.75) / 2, 6);
  });

  it('a long day has its rest in the middle, a short one none', () => {
    expect([clockOf(0, 360), clockOf(210, 360), clockOf(240, 360), clockOf(240, 240)]).toEqual([540, 750, 840, 780]);
  });
});

describe('the weekends of the demo garden', () => {
  const plain = weekends();

  it('are five, Odile at both ends of each and Bram on Saturdays; nothing comes too late; nobody is asked for on another day', () => {
    const weeks = new Set(plain.days.map(({ date }) => weekOf(date)));
    expect(weeks.size).toBe(5);
    expect(plain.schedule.lateDays).toBe(0);
    expect(plain.schedule.homeless).toEqual([]);
    for (const { date, people } of plain.schedule.placed) {
      expect([0, 6]).toContain(weekdayOf(date));
      if (weekdayOf(date) === 0) expect(people).toEqual(['Odile']);
    }
    for (const { doneOn, due, slackDays } of plain.structures)
      if (due && doneOn) expect(slackDays).toBe(daysBetween(doneOn, due));
  });

  it('its days by structure and by person hold all that is done on them, and nobody’s stretches overlap', () => {
    let minutes = 0;
    for (const { date, there } of plain.days) {
      const work = onDay(plain, date);
      minutes += work.reduce((sum, one) => sum + one.minutes, 0);
      for (const { name } of there)
        stretchesOf(work, name).forEach(({ from, to }, i, stretches) => {
          expect(to).toBeGreaterThan(from);
          if (i > 0) expect(from).toBeGreaterThanOrEqual((stretches[i - 1]?.to ?? 0) - 1);
        });
    }
    expect(minutes).toBeCloseTo(plain.minutes, 6);
  });

  it('services are asked for three working days before holes, and again when the marks have faded', () => {
    const services = plain.before.flatMap((one) => (one.what === 'services' ? [one] : []));
    const digs = plain.tasks.filter(({ digs }) => digs).map(({ id }) => onOf(plain).get(id)?.date ?? '');
    expect(services.length).toBeGreaterThan(1);
    for (const { by, digs: days } of services) {
      expect([1, 2, 3, 4, 5]).toContain(weekdayOf(by));
      expect(daysBetween(by, days[0] ?? '')).toBeGreaterThanOrEqual(3);
      expect(daysBetween(days[0] ?? '', days.at(-1) ?? '')).toBeLessThanOrEqual(14);
    }
    expect(services.flatMap((one) => one.digs).every((date) => digs.includes(date))).toBe(true);
  });

  it('a rainy day pushes the rest on: nothing is done on it, and as much is done in the end', () => {
    const [first] = plain.days;
    const wet = weekends({ off: [first?.date ?? ''] });
    expect(wet.days.some(({ date }) => date === first?.date)).toBe(false);
    expect(wet.minutes).toBe(plain.minutes);
    expect((wet.schedule.lastDay ?? '') >= (plain.schedule.lastDay ?? '')).toBe(true);
  });

  it('what is ticked off, by its parts or by itself, is planned no more, and what waited for it waits no longer', () => {
    const parts = named('tomato-wall').sized.design.parts.map(({ id }) => `tomato-wall ${id}`);
    const some = weekends({}, onDayOf(parts));
    const left = (of: Weekends) => of.tasks.filter(({ structure }) => structure === 'tomato-wall').map(({ id }) => id);
    expect(left(some).length).toBeLessThan(left(plain).length);
    expect(left(some)).not.toContain('tomato-wall step.ends 1');
    const none = weekends({}, onDayOf(plain.tasks.map(({ id }) => id)));
    expect([none.tasks, none.schedule.placed, none.minutes]).toEqual([[], [], 0]);
    expect(some.tasks.every(({ after }) => after.every((id) => some.tasks.some((one) => one.id === id)))).toBe(true);
  });

  it('by a pace of its own everything takes as much longer, and no work is planned before today', () => {
    const took = [{ date: '2027-02-20', tookMin: 900, reckonedMin: 600 }];
    expect(paceOf({ took })).toBe(1.5);
    expect(paceOf({ took: [] })).toBe(1);
    expect(weekends({ took }).minutes / plain.minutes).toBeCloseTo(1.5, 6);
    const later = weekends({}, {}, '2027-04-01');
    expect(later.schedule.placed.every(({ date }) => date >= '2027-04-01')).toBe(true);
    expect(later.structures.some(({ slackDays }) => slackDays !== null && slackDays < 0)).toBe(true);
    expect(later.latestFrom).toBeNull();
  });

  it('what is ticked off is waited for from that day: concrete poured on a Saturday carries nothing before the next', () => {
    const pour = plain.tasks.find(({ id }) => id.startsWith('melon-trellis step.footing'));
    expect(pour?.waitHours).toBe(24);
    const parts = (id: string) => named('melon-trellis').sized.design.parts.filter(({ role }) => role === id);
    const poured = onDayOf(
      parts('concrete').map(({ id }) => `melon-trellis ${id}`),
      '2027-02-27',
    );
    const then = weekends({ from: '2027-02-27' }, poured, '2027-02-27');
    const next = then.tasks.find(({ id }) => id === 'melon-trellis step.unbrace 1');
    expect(next?.notBefore).toBe('2027-02-28');
    expect((onOf(then).get('melon-trellis step.unbrace 1')?.date ?? '') >= '2027-02-28').toBe(true);
    // What adds nothing and comes before what stands has been done; what stands but is not ticked has not.
    expect(then.tasks.some(({ id }) => id === 'melon-trellis step.line 1')).toBe(false);
    expect(then.tasks.some(({ id }) => id === 'melon-trellis step.ends 1')).toBe(true);
  });

  it('why something finds no day is told: nobody for what takes two, too cold for what is poured', () => {
    const [odile] = WORK.people as [Work['people'][number]];
    const why = (of: Weekends) => new Set(of.stuck.map((one) => one.why));
    expect(plain.stuck).toEqual([]);
    expect(why(weekends({ people: [odile] }))).toEqual(new Set(['two']));
    // There together, but the second not for long enough to lift a thing.
    const short = weekends({ people: [odile, { ...odile, name: 'Bram', hours: 0.5 }] });
    expect(why(short)).toEqual(new Set(['two']));
    expect(short.schedule.placed.length).toBeGreaterThan(10);
    const cold = { ...DEMO_PLAN.site, monthlyC: { max: Array<number>(12).fill(3), min: Array<number>(12).fill(0) } };
    const frozen = weekendsOf({ ...DEMO_PLAN, site: cold }, garden, {}, '2026-12-02');
    expect(why(frozen)).toEqual(new Set(['cold']));
  });

  it('a tool that is lent is used on its days alone and asked for a week before; there on too few days of work it is told', () => {
    const days = ['2027-02-27', '2027-03-06', '2027-03-07', '2027-03-13'];
    const lent = weekends({ lent: [{ tool: 'hole digger', days }] });
    const dug = lent.tasks
      .filter(({ tools }) => tools.includes('hole digger'))
      .map(({ id }) => onOf(lent).get(id)?.date);
    expect(dug.length).toBeGreaterThan(3);
    for (const day of dug) expect(days).toContain(day);
    const asked = lent.before.flatMap((one) => (one.what === 'tool' ? [one] : []));
    expect(asked).toEqual([
      {
        what: 'tool',
        tool: 'hole digger',
        by: addDays(dug.toSorted()[0] ?? '', -7),
        days: [...new Set(dug)].toSorted(),
      },
    ]);
    // On a Wednesday nobody works.
    const never = weekends({ lent: [{ tool: 'hole digger', days: ['2027-03-03'] }] });
    expect(new Set(never.stuck.map(({ why }) => why))).toEqual(new Set(['tool']));
    expect(never.before.some(({ what }) => what === 'tool')).toBe(false);
    // Nor is there enough of it on one Sunday: it is the tool that lacks, not days.
    const few = weekends({ lent: [{ tool: 'hole digger', days: ['2027-02-28'] }] });
    expect(new Set(few.stuck.map(({ why }) => why))).toEqual(new Set(['tool']));
    expect(few.schedule.placed.some(({ date }) => date === '2027-02-28')).toBe(true);
    // A later beginning that misses it is no beginning.
    const { latestFrom } = lent;
    if (latestFrom) expect(weekends({ lent: [{ tool: 'hole digger', days }], from: latestFrom }).stuck).toEqual([]);
  });

  it('what is brought is used on its day or after, what is not goes on; treated timber that is painted dries for two weeks first', () => {
    const date = '2027-03-13';
    const later = garden.flatMap(({ structure, kind }) => (kind.id === 'arbor' ? [structure.id] : []));
    expect(later.length).toBeGreaterThan(0);
    const change = {
      later: WORK.later.filter((id) => !later.includes(id)),
      brought: [{ cargo: 'timber' as const, date }],
    };
    const brought = weekends(change);
    const of = (id: string) => named(id.split(' ')[0] ?? '');
    const timber = (task: Weekends['tasks'][number]): boolean => {
      const { sized } = of(task.id);
      const steps = stepsOf(of(task.id));
      const added = new Set(task.steps.flatMap((i) => steps[i]?.adds ?? []));
      // What is sawn now is put up in a later step.
      const isSawn =
        task.counted.some(({ rate }) => rate === 'cut') &&
        sized.design.parts.some((part) => part.shape === 'bar' && part.stock.startsWith('timber'));
      return (
        isSawn || sized.design.parts.some(({ id, stock }) => added.has(id) && CATALOGUE.stock(stock).look === 'timber')
      );
    };
    const [with_, without] = [brought.tasks.filter(timber), brought.tasks.filter((task) => !timber(task))];
    const on = (task: { id: string }): string => onOf(brought).get(task.id)?.date ?? '9999';
    expect(with_.length).toBeGreaterThan(5);
    expect(with_.filter((task) => on(task) < date)).toEqual([]);
    expect(without.some((task) => on(task) < date)).toBe(true);
    expect(brought.before).toContainEqual({ what: 'brought', cargo: 'timber', by: date });
    const finishes = (of: Weekends) => of.tasks.filter(({ step }) => step === 'step.finish 1');
    expect(finishes(brought).length).toBeGreaterThan(0);
    for (const task of finishes(brought)) expect(daysBetween(date, on(task))).toBeGreaterThanOrEqual(14);
    // Where nobody says when it comes, it is told by when it has to lie there.
    const open = weekends({ later: change.later });
    const drying = open.before.flatMap((one) => (one.what === 'drying' ? [one] : []));
    const first =
      finishes(open)
        .map(({ id }) => onOf(open).get(id)?.date ?? '')
        .toSorted()[0] ?? '';
    expect(drying.map(({ by, day }) => [by, day])).toEqual([[addDays(first, -14), first]]);
    expect(brought.before.some(({ what }) => what === 'drying')).toBe(false);
  });

  it('of some weeks alone: what is done in them and what has to be seen to for that; week by week it is all of it', () => {
    const lent = weekends({ lent: [{ tool: 'hole digger', days: ['2027-02-27', '2027-03-06', '2027-03-13'] }] });
    const weeks = weeksIn(lent);
    expect(weeks.length).toBeGreaterThan(3);
    expect(onWeeks(lent, new Set())).toBe(lent);
    const each = weeks.map(({ week, days }) => ({ week, days, alone: onWeeks(lent, new Set([week])) }));
    for (const { week, days, alone } of each) {
      expect(alone.days).toEqual(days);
      expect(alone.schedule.placed.every(({ date }) => weekOf(date) === week)).toBe(true);
      const own = new Set(alone.schedule.placed.map(({ task }) => task));
      expect(alone.tasks.every(({ id }) => own.has(id))).toBe(true);
      expect(new Set(alone.structures.map(({ structure }) => structure))).toEqual(
        new Set(alone.tasks.map(({ structure }) => structure)),
      );
      for (const one of alone.before)
        if (one.what === 'services' || one.what === 'tool')
          expect((one.what === 'tool' ? one.days : one.digs).every((day) => weekOf(day) === week)).toBe(true);
    }
    expect(each.flatMap(({ alone }) => alone.tasks.map(({ id }) => id)).toSorted()).toEqual(
      lent.schedule.placed.map(({ task }) => task).toSorted(),
    );
    expect(each.reduce((sum, { alone }) => sum + alone.minutes, 0)).toBeCloseTo(lent.minutes, 6);
    const digs = (of: Weekends) => of.before.flatMap((one) => (one.what === 'services' ? one.digs : []));
    expect(each.flatMap(({ alone }) => digs(alone)).toSorted()).toEqual(digs(lent).toSorted());
    // Plants go in once, after the weekend on which what they climb is done.
    expect(each.flatMap(({ alone }) => alone.withPlants.flatMap((one) => one.structures)).toSorted()).toEqual(
      lent.withPlants.flatMap((one) => one.structures).toSorted(),
    );
  });

  it('begun on the latest day that is told nothing is late; where something is late already none is told', () => {
    const from = plain.latestFrom ?? '';
    expect(daysBetween(WORK.from, from)).toBeGreaterThanOrEqual(0);
    expect(weekends({ from }).schedule.lateDays).toBe(0);
    // Without what is wanted first there is time.
    const later = [...WORK.later, 'raspberry-wires', 'keyhole-sides', 'pea-wall'];
    const relaxed = weekends({ later });
    expect(daysBetween(WORK.from, relaxed.latestFrom ?? '')).toBeGreaterThan(20);
    expect(weekends({ later, from: relaxed.latestFrom ?? '' }).schedule.lateDays).toBe(0);
  });

  it('a day needs what its steps add and are fixed with, and the tools they are done with', () => {
    const byId = new Map(garden.map((one) => [one.structure.id, one]));
    const stocks = new Map<string, number>();
    for (const { date } of plain.days)
      for (const [stock, n] of needsOf(onDay(plain, date), byId).stocks)
        stocks.set(stock, (stocks.get(stock) ?? 0) + n);
    const built = garden.filter(({ structure }) => plain.structures.some((one) => one.structure === structure.id));
    const posts = built.flatMap(({ sized }) => sized.design.parts).filter(({ stock }) => stock === 'steel-post').length;
    expect(stocks.get('steel-post')).toBe(posts);
    const driven = plain.tasks.find(({ id }) => id === 'tomato-wall step.ends 1');
    const day = onOf(plain).get(driven?.id ?? '')?.date ?? '';
    expect(needsOf(onDay(plain, day), byId).tools).toContain('driver');
    expect(needsOf([], byId).stocks.size).toBe(0);
  });
});

it('a trellis whose bays came out wider: its work is counted anew, and what comes after it on its days moves by itself', () => {
  const trellis = named('melon-trellis');
  const readings = (trellis.sized.design.bays ?? []).map(({ posts, clearMm }) => ({
    structure: 'melon-trellis',
    kind: trellis.kind.id,
    knob: clearBefore(posts[1]),
    mm: clearMm * 1.45,
  }));
  const over = withReadings(DEMO_PLAN, readings);
  const stood = weekendsOf(over, computeGarden(over).structures, {}, '2026-12-02');
  const minutes = ({ structures }: Weekends) =>
    structures.find(({ structure }) => structure === 'melon-trellis')?.minutes ?? 0;
  const meant = weekends();
  expect(minutes(stood)).toBeGreaterThan(minutes(meant));
  const before = onOf(meant);
  const when = (one: { date: string; from: number } | undefined) => `${one?.date} ${one?.from}`;
  const moved = stood.schedule.placed.filter(
    (one) => !one.task.startsWith('melon-trellis ') && when(one) !== when(before.get(one.task)),
  );
  expect(moved.length).toBeGreaterThan(0);
});
