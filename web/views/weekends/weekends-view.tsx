'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { CalendarDays, Printer } from 'lucide-react';
import { workDays } from '@lignum/core/work/days';
import { weeksIn } from '@lignum/core/work/on-weeks';
import { usualWork } from '@lignum/core/work/usual-work';
import type { Weekends } from '@lignum/core/work/weekends';
import { Fold } from '../../ui/fold';
import { Button, buttonLook } from '../../ui/button';
import { part } from '../../ui/part';
import { dateWords, hoursWords, namesIn, STUCK_WORDS, weekWord } from '../../words/work-words';
import { changeWork } from './change-work';
import { useGarden, useSaving } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { BeforeList } from './before-list';
import { DayCard } from './day-card';
import type { Moved } from './move-sheet';
import { useWeekends } from './use-weekends';
import { WhatIsBuilt } from './what-is-built';
import { WhoAndWhen } from './who-and-when';

const CalendarSheet = part(() => import('./calendar-sheet'));
const MoveSheet = part(() => import('./move-sheet'));
// What it costs follows from the whole garden, and comes behind the days.
const StillToBuy = part(() => import('./still-to-buy'), <p className="mt-1 min-h-8" />);

/** All the work of the garden: which weekends it takes, what on which day, by whom, and what has to be seen to before. */
export function WeekendsView() {
  const { id, plan, store, tongue } = useGarden();
  const isSaved = useSaving(({ save }) => save.state === 'saved');
  const { weekends, isOld } = useWeekends();
  const [calendar, setCalendar] = useState(false);
  const [moving, setMoving] = useState<Moved | null>(null);
  const weeks = useMemo(() => (weekends ? weeksIn(weekends) : []), [weekends]);
  if (plan.structures.length === 0)
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">Nothing to build yet</h1>
        <p className="mt-2 text-soft">Plan a row first; here it is told which weekends that takes.</p>
        <p className="mt-4">
          <Link className={buttonLook('main')} href={`/g/${id}/new`}>
            Plan a row
          </Link>
        </p>
      </main>
    );
  const move = ({ tasks, name }: Moved, to: string): void => {
    const moved = new Set(tasks);
    store.edit(
      changeWork(({ fixed }) => ({
        fixed: [...fixed.filter(({ task }) => !moved.has(task)), ...tasks.map((task) => ({ task, date: to }))],
      })),
    );
    const now = store.getState().plan;
    const [day] = workDays(now, { ...(now.work ?? usualWork(now)), from: to }, 1);
    notice.say(
      day?.date === to
        ? `${name} is put on ${dateWords(to, tongue.locale)}; what comes after it follows.`
        : `Nobody works on ${dateWords(to, tongue.locale)}: ${name} comes on the next day that somebody does.`,
      now,
    );
  };
  return (
    <main className="mx-auto max-w-[84rem] px-4 pt-6 pb-20">
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <div>
          <h1 className="text-3xl">Weekends</h1>
          {weekends ? (
            <Summary weekends={weekends} many={weeks.length} />
          ) : (
            <p className="text-soft">Putting the work in order…</p>
          )}
        </div>
        {isSaved && weekends && weekends.days.length > 0 && (
          <div className="no-print flex flex-wrap gap-2">
            <Button onClick={() => setCalendar(true)}>
              <CalendarDays size={17} aria-hidden />
              For your calendar
            </Button>
            <Link href={`/g/${id}/weekends/sheet`} className={buttonLook('main')}>
              <Printer size={17} aria-hidden />
              Days to print
            </Link>
          </div>
        )}
      </div>
      <div className="mt-5 grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div aria-busy={isOld} className={`min-w-0 ${isOld && weekends ? 'opacity-60' : ''}`}>
          {weeks.map(({ week, days }, i) => (
            <section key={week} aria-labelledby={`week-${i}`} className="mb-7">
              <div className="flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 border-ink pb-1">
                <h2 id={`week-${i}`} className="text-lg">
                  {weekends && weekWord(weekends.days) === 'week' ? 'Week' : 'Weekend'} {i + 1}
                </h2>
                <div className="flex items-center gap-x-1">
                  {weekends && <Done structures={weekends.structures} days={days} />}
                  {isSaved && weeks.length > 1 && (
                    <Link
                      href={`/g/${id}/weekends/sheet?weeks=${week}`}
                      aria-label={`Print ${weekends ? weekWord(weekends.days) : 'week'} ${i + 1} alone`}
                      className="no-print grid size-11 place-items-center text-soft hover:text-ink"
                    >
                      <Printer size={17} aria-hidden />
                    </Link>
                  )}
                </div>
              </div>
              <div className="mt-3 grid gap-x-7 gap-y-5 md:grid-cols-2">
                {weekends &&
                  days.map((day) => (
                    <DayCard key={day.date} day={day} weekends={weekends} onMove={setMoving} onDropped={move} />
                  ))}
              </div>
            </section>
          ))}
          {weekends && weekends.withPlants.length > 0 && <WithPlants of={weekends.withPlants} />}
        </div>
        <aside className="min-w-0 max-lg:order-first lg:sticky lg:top-16 lg:max-h-[calc(100vh-5rem)] lg:self-start lg:overflow-y-auto">
          {weekends && <BeforeList before={weekends.before} />}
          <Fold
            className="border-t border-rule"
            look="font-display text-lg font-semibold"
            title="Who and when"
            startsOpen={false}
          >
            <WhoAndWhen pace={weekends?.pace ?? 1} />
          </Fold>
          <Fold className="border-t border-rule" look="font-display text-lg font-semibold" title="What is built">
            <WhatIsBuilt weekends={weekends} />
          </Fold>
          <p className="mt-3 text-[0.85rem] text-soft">
            Hours by ordinary gardeners’ rates, from memory; your own pace is learned from what days took.
          </p>
        </aside>
      </div>
      {calendar && <CalendarSheet onClose={() => setCalendar(false)} />}
      {moving && weekends && (
        <MoveSheet
          moved={moving}
          weekends={weekends}
          onFree={
            moving.tasks.some((task) => plan.work?.fixed.some((one) => one.task === task))
              ? () => {
                  const moved = new Set(moving.tasks);
                  store.edit(changeWork(({ fixed }) => ({ fixed: fixed.filter(({ task }) => !moved.has(task)) })));
                  setMoving(null);
                }
              : null
          }
          onClose={() => setMoving(null)}
          onMove={(to) => {
            move(moving, to);
            setMoving(null);
          }}
        />
      )}
    </main>
  );
}

/** What waits for the plants. */
function WithPlants({ of }: { of: Weekends['withPlants'] }) {
  const { plan, tongue } = useGarden();
  return (
    <section aria-labelledby="with-plants">
      <h2 id="with-plants" className="border-b-2 border-ink pb-1 text-lg">
        Then, when the plants go in
      </h2>
      <ul>
        {of.map(({ on, structures }) => (
          <li key={on} className="grid grid-cols-[10.5rem_minmax(0,1fr)] gap-3 border-b border-rule py-1.5">
            <span className="font-semibold">about {dateWords(on, tongue.locale, false)}</span>
            <span>{structures.map(namesIn(plan)).join(', ')}: plant, tie and close</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What stands at the end of these days. */
function Done({ structures, days }: { structures: Weekends['structures']; days: Weekends['days'] }) {
  const { plan } = useGarden();
  const done = structures.filter(({ doneOn }) => days.some(({ date }) => date === doneOn));
  if (done.length === 0) return null;
  const names = done.map(({ structure }) => namesIn(plan)(structure));
  return <p className="text-[0.9rem] text-soft">Done then: {names.join(', ')}</p>;
}

/** How much it is, until when, and what is at risk. */
function Summary({ weekends, many }: { weekends: Weekends; many: number }) {
  const { plan, tongue } = useGarden();
  const { schedule, days, minutes, structures, stuck, latestFrom } = weekends;
  const name = namesIn(plan);
  const late = structures.filter(({ slackDays }) => slackDays !== null && slackDays < 0);
  const date = (day: string): string => dateWords(day, tongue.locale);
  const [first, last] = [days[0]?.date, days.at(-1)?.date];
  if (minutes === 0) return <p className="text-lg">Everything that is taken along is built.</p>;
  return (
    <div role="status" className="max-w-[46rem]">
      {first && last && (
        <p className="text-lg leading-snug">
          <strong className="tabular-nums">
            {many} {weekWord(days)}
            {many === 1 ? '' : 's'}
          </strong>
          , {hoursWords(minutes)} of work, from {date(first)} to {date(last)}.
          {schedule.homeless.length === 0 && schedule.lateDays === 0 && schedule.days === schedule.leastDays && (
            <span className="text-soft"> No order takes fewer days.</span>
          )}
        </p>
      )}
      {late.length > 0 && (
        <p className="mt-1 font-semibold text-keel">
          Too late for the plants:{' '}
          {late.map(({ structure, slackDays }) => `${name(structure)} (${-(slackDays ?? 0)} days)`).join(', ')}. Begin
          sooner, find more hands or hours, or leave something for later.
        </p>
      )}
      {stuck.map(({ structure, why }) => (
        <p key={structure} className="mt-1 font-semibold text-keel">
          {name(structure)} finds no day: {STUCK_WORDS[why]}
        </p>
      ))}
      <StillToBuy />
      {latestFrom && (
        <p className="mt-1 text-soft">
          Begun by {date(latestFrom)} at the latest, nothing comes too late for its plants.
        </p>
      )}
    </div>
  );
}
