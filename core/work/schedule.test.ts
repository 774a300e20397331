import fc from 'fast-check';
import highs from 'highs';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { addDays, daysBetween } from '../site/calendar-days';
import { leastDaysOf } from './bound';
import type { WorkDay } from './days';
import { SET_UP_MIN, TOOL_MIN } from './rates';
import { ALL_ORDERS, scheduleOf } from './schedule';
import { begunFirstMin, LARGE_TOOLS, type Task } from './task';

const task = (id: string, more: Partial<Task> = {}): Task => ({
  id,
  structure: id.split(' ')[0] as string,
  step: id,
  notBefore: null,
  onlyOn: null,
  shared: false,
  steps: [0],
  counted: [],
  minutes: 60,
  people: 1,
  waitHours: 0,
  after: [],
  tools: [],
  pours: false,
  digs: false,
  due: null,
  ...more,
});
/** Saturdays and Sundays from 6 March 2027. */
const weekends = (many: number, there: (i: number) => readonly number[]): WorkDay[] =>
  Array.from({ length: many }, (_, i) => ({
    date: addDays('2027-03-06', Math.floor(i / 2) * 7 + (i % 2)),
    there: there(i).map((minutes, k) => ({ name: `p${k}`, minutes })),
    poursWell: true,
    open: true,
  }));

/** Gardens of any shape: tasks of a few structures that wait for some before them, and people of any hours. */
const anyGarden = fc
  .record({
    tasks: fc.array(
      fc.record({
        structure: fc.integer({ min: 0, max: 4 }),
        minutes: fc.integer({ min: 5, max: 200 }),
        people: fc.constantFrom(1 as const, 1 as const, 2 as const),
        waitHours: fc.constantFrom(0, 0, 0, 24, 72),
        before: fc.array(fc.integer({ min: 1, max: 6 }), { maxLength: 2 }),
        tools: fc.subarray(['saw', 'hole digger', 'tape'] as const),
        pours: fc.boolean(),
        digs: fc.boolean(),
        due: fc.constantFrom(null, '2027-03-14', '2027-04-01'),
        notBefore: fc.constantFrom(null, null, '2027-03-15'),
        onlyOn: fc.constantFrom(null, null, null, ['2027-03-07', '2027-03-20', '2027-04-03']),
        shared: fc.boolean(),
        fixed: fc.option(fc.integer({ min: 0, max: 30 })),
      }),
      { minLength: 1, maxLength: 24 },
    ),
    days: fc.array(
      fc.record({
        hours: fc.array(fc.integer({ min: 60, max: 480 }), { minLength: 1, maxLength: 3 }),
        poursWell: fc.boolean(),
        open: fc.boolean(),
      }),
      { minLength: 1, maxLength: 30 },
    ),
  })
  .map(({ tasks, days }) => ({
    tasks: tasks.map(({ structure, before, fixed: _, ...rest }, i): Task =>
      task(`s${structure} t${i}`, {
        ...rest,
        shared: rest.shared && rest.people === 1,
        after: [...new Set(before.filter((back) => back <= i))].map(
          (back) => `s${tasks[i - back]?.structure} t${i - back}`,
        ),
      }),
    ),
    fixed: new Map<string, string>(
      tasks.flatMap(({ structure, fixed }, i) =>
        fixed === null ? [] : [[`s${structure} t${i}`, addDays('2027-03-06', fixed)] as const],
      ),
    ),
    days: weekends(days.length, (i) => days[i]?.hours ?? []).map((day, i) => ({
      ...day,
      ...days[i],
      there: day.there,
    })),
  }));

describe('a schedule', () => {
  it('of any garden: nothing before what it needs or with a wait cut short, nobody in two places or longer than they are there, no pour in frost', () => {
    fc.assert(
      fc.property(anyGarden, ({ tasks, days, fixed }) => {
        const { placed, homeless, days: took, leastDays, lastDay } = scheduleOf(tasks, days, fixed);
        const byId = new Map(tasks.map((one) => [one.id, one]));
        const on = new Map(placed.map((one) => [one.task, one]));
        expect([...placed.map((one) => one.task), ...homeless].toSorted()).toEqual(
          tasks.map(({ id }) => id).toSorted(),
        );
        const at = (date: string, minute: number): number => daysBetween('2027-03-06', date) * 1440 + minute;
        for (const one of placed) {
          const its = byId.get(one.task) as Task;
          const day = days.find(({ date }) => date === one.date) as WorkDay;
          // Shared, it is two at once, each for a little more than half of it.
          const halved = one.people.length === 2 && its.people === 1;
          if (halved) expect(its.shared).toBe(true);
          expect(one.to - one.from).toBeCloseTo(its.minutes * (halved ? 0.55 : 1), -0.5);
          expect(new Set(one.people).size).toBe(halved ? 2 : its.people);
          const longest = Math.max(...day.there.map(({ minutes }) => minutes));
          for (const name of one.people) {
            const until = day.there.find((person) => person.name === name)?.minutes ?? 0;
            // What no day is long enough for has one to itself.
            if (begunFirstMin(its) <= longest) expect(one.to).toBeLessThanOrEqual(until + 1);
          }
          if (its.pours) expect(day.poursWell).toBe(true);
          if (its.digs) expect(day.open).toBe(true);
          if (its.notBefore !== null) expect(one.date >= its.notBefore).toBe(true);
          if (its.onlyOn !== null) expect(its.onlyOn).toContain(one.date);
          const stays = fixed.get(one.task);
          if (stays !== undefined) expect(one.date >= stays).toBe(true);
          for (const before of its.after) {
            const then = on.get(before);
            expect(then, `${one.task} before ${before}`).toBeDefined();
            if (then)
              expect(at(one.date, one.from) + 1).toBeGreaterThanOrEqual(
                at(then.date, then.to) + (byId.get(before)?.waitHours ?? 0) * 60,
              );
          }
        }
        for (const { date, there } of days)
          for (const { name } of there) {
            const own = placed
              .filter((one) => one.date === date && one.people.includes(name))
              .toSorted((a, b) => a.from - b.from);
            own.slice(1).forEach((next, i) => expect(next.from).toBeGreaterThanOrEqual((own[i]?.to ?? 0) - 1));
            // Setting up comes before the first of them.
            if (own[0]) expect(own[0].from).toBeGreaterThanOrEqual(SET_UP_MIN);
          }
        if (homeless.length === 0) expect(took).toBeGreaterThanOrEqual(leastDays);
        expect(lastDay).toBe(
          placed
            .map(({ date }) => date)
            .toSorted()
            .at(-1) ?? null,
        );
        expect(scheduleOf(tasks, days, fixed).placed).toEqual(placed);
      }),
      { numRuns: cases(150) },
    );
  });

  it('of few tasks takes as few days as a mixed integer program finds (HiGHS, an open solver of linear programs)', async () => {
    const solver = await highs();
    /** Fewest days for one person whose day's work is what is left of it after setting up: each task on one day, none before what it needs, the morning after a wait. */
    const fewest = (tasks: readonly Task[], roomMin: number, many: number): number => {
      const x = (i: number, d: number): string => `x${i}_${d}`;
      const days = Array.from({ length: many }, (_, d) => d);
      const sum = (terms: readonly string[]): string => terms.join(' + ').replaceAll('+ -', '- ');
      const rows = [
        ...tasks.map((_, i) => `one${i}: ${sum(days.map((d) => x(i, d)))} = 1`),
        ...days.map((d) => `room${d}: ${sum(tasks.map(({ minutes }, i) => `${minutes} ${x(i, d)}`))} <= ${roomMin}`),
        ...tasks.map((_, i) => `end${i}: ${sum([...days.map((d) => `${d + 1} ${x(i, d)}`), '-1 last'])} <= 0`),
        ...tasks.flatMap(({ after }, i) =>
          after.map((id, k) => {
            const j = tasks.findIndex((one) => one.id === id);
            const lag = (tasks[j]?.waitHours ?? 0) > 0 ? 1 : 0;
            return `after${i}_${k}: ${sum([...days.map((d) => `${d + 1} ${x(i, d)}`), ...days.map((d) => `-${d + 1} ${x(j, d)}`)])} >= ${lag}`;
          }),
        ),
      ];
      const all = tasks.flatMap((_, i) => days.map((d) => x(i, d)));
      const found = solver.solve(
        `Minimize\n obj: last\nSubject To\n ${rows.join('\n ')}\nBounds\n 1 <= last <= ${many}\nBinary\n ${all.join(' ')}\nEnd`,
      );
      return Math.round(found.ObjectiveValue);
    };
    const anyFew = fc
      .array(
        fc.record({
          minutes: fc.integer({ min: 20, max: 200 }),
          wait: fc.constantFrom(0, 0, 18),
          before: fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 2 }),
        }),
        { minLength: 1, maxLength: ALL_ORDERS },
      )
      .map((all) =>
        all.map(({ minutes, wait, before }, i): Task =>
          task(`s t${i}`, {
            minutes,
            waitHours: wait,
            after: [...new Set(before.filter((back) => back <= i))].map((back) => `s t${i - back}`),
          }),
        ),
      );
    fc.assert(
      fc.property(anyFew, (tasks) => {
        // Saturday and Sunday alike, so that a wait of 18 hours is over the next morning: days in a row.
        const days = weekends(8, () => [300]).map((day, i) => ({ ...day, date: addDays('2027-03-06', i) }));
        const { days: took, homeless } = scheduleOf(tasks, days, new Map());
        expect(homeless).toEqual([]);
        expect(took).toBe(fewest(tasks, 300 - SET_UP_MIN, 8));
      }),
      { numRuns: cases(40) },
    );
  }, 60_000);

  it('the fewest days that are told are no more than any order takes, however many help and however long a task is', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            minutes: fc.integer({ min: 10, max: 700 }),
            people: fc.constantFrom(1 as const, 2 as const, 2 as const),
          }),
          { minLength: 1, maxLength: 12 },
        ),
        fc.array(fc.integer({ min: 40, max: 400 }), { minLength: 2, maxLength: 4 }),
        (all, hours) => {
          const tasks = all.map((one, i) => task(`s t${i}`, one));
          const { days, leastDays, homeless } = scheduleOf(
            tasks,
            weekends(40, () => hours),
            new Map(),
          );
          if (homeless.length === 0) expect(days).toBeGreaterThanOrEqual(leastDays);
        },
      ),
      { numRuns: cases(150) },
    );
    // Three who are there 320 minutes do three hours in twos each, one and a half times two of them.
    const pairs = Array.from({ length: 3 }, (_, i) => task(`s t${i}`, { minutes: 150, people: 2 }));
    expect(
      leastDaysOf(
        pairs,
        weekends(4, () => [320, 320, 320]),
      ),
    ).toBe(1);
  });

  it('holes of two structures are dug on one day: the digger is set up once', () => {
    const tasks = ['a', 'b'].flatMap((structure) => [
      task(`${structure} dig`, { minutes: 90, tools: ['hole digger'] }),
      task(`${structure} saw`, { minutes: 90, tools: ['saw'] }),
    ]);
    expect([...LARGE_TOOLS]).toContain('hole digger');
    const { placed } = scheduleOf(
      tasks,
      weekends(4, () => [SET_UP_MIN + 2 * TOOL_MIN + 200]),
      new Map(),
    );
    const on = (id: string) => placed.find((one) => one.task === id)?.date;
    expect(on('a dig')).toBe(on('b dig'));
    expect(on('a saw')).toBe(on('b saw'));
    expect(on('a dig')).not.toBe(on('a saw'));
  });

  it('two halve what is many small things where one of them would stand about, and not where there is other work', () => {
    const many = task('a staples', { minutes: 300, shared: true });
    const days = weekends(4, () => [SET_UP_MIN + 200, SET_UP_MIN + 200]);
    const [alone] = scheduleOf([many], days, new Map()).placed;
    expect(alone?.people).toEqual(['p0', 'p1']);
    expect((alone?.to ?? 0) - (alone?.from ?? 0)).toBe(165);
    const tools = scheduleOf([{ ...many, shared: false }], days, new Map()).placed;
    expect(tools[0]?.people.length).toBe(1);
    // Seven at two hours each: six of them fit into three days of two hands only one by one.
    const more = Array.from({ length: 7 }, (_, i) => task(`s${i} clips`, { minutes: 200, shared: true }));
    const both = scheduleOf(more.slice(0, 6), days, new Map());
    expect(both.days).toBe(3);
    expect(both.placed.every(({ people }) => people.length === 1)).toBe(true);
    expect(scheduleOf(more, days, new Map()).homeless).toEqual([]);
  });

  it('a task is put on a day: it stays there, and what comes after follows', () => {
    const tasks = [task('a 1'), task('a 2', { after: ['a 1'] }), task('b 1')];
    const days = weekends(4, () => [300]);
    const later = scheduleOf(tasks, days, new Map([['a 1', '2027-03-13']]));
    const on = (id: string) => later.placed.find((one) => one.task === id)?.date;
    expect([on('a 1'), on('a 2'), on('b 1')]).toEqual(['2027-03-13', '2027-03-13', '2027-03-06']);
    expect(later.days).toBe(3);
  });

  it('what two have to lift finds no day where two are never there; what takes longer than any day has one to itself', () => {
    const tasks = [task('a 1', { people: 2 }), task('b 1', { minutes: 900 })];
    const one = scheduleOf(
      tasks,
      weekends(3, () => [300]),
      new Map(),
    );
    expect(one.homeless).toEqual(['a 1']);
    expect(one.placed.map(({ task: id, date }) => [id, date])).toEqual([['b 1', '2027-03-06']]);
  });
});
