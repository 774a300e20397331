'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { ChevronLeft, ChevronRight, CloudRain } from 'lucide-react';
import { outlinesOf } from '@lignum/core/ahead/outlines';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Weekends } from '@lignum/core/work/weekends';
import { Button, buttonLook } from '../../ui/button';
import { dateWords, hoursWords } from '../../words/work-words';
import { changeWork } from './change-work';
import { useGarden } from '../shell/garden-context';
import { Working } from '../shell/keep-taps';
import { notice } from '../shell/notice';
import { SmallPlot } from '../shell/small-plot';
import { useComputed } from '../shell/use-computed';
import { useNewsOfTicks } from '../shell/use-ticks';
import { DayBefore } from './day-before';
import { DayBoard } from './day-board';
import { DaySteps } from './day-steps';
import { ItTook } from './it-took';
import { onDay } from '@lignum/core/work/on-day';
import { useWeekends } from './use-weekends';

/** A day of work by itself: what, where, by whom, with what, in what order; ticked off as it is done. */
export function DayView({ date }: { date: string }) {
  const { id, plan, tongue } = useGarden();
  const { weekends, isOld } = useWeekends();
  useNewsOfTicks();
  // What is ticked off is planned no more: the day stays as it was when it was opened, or when its plan was changed.
  const [kept, setKept] = useState<{ of: typeof plan; weekends: Weekends } | null>(null);
  useEffect(() => {
    if (weekends && !isOld) setKept((before) => (before?.of === plan ? before : { of: plan, weekends }));
  }, [weekends, isOld, plan]);
  const shown = kept?.weekends ?? weekends;
  if (!shown) return <Working />;
  const day = shown.days.find((one) => one.date === date);
  if (!day)
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">Nothing is done on {dateWords(date, tongue.locale)}</h1>
        <p className="mt-2 text-soft">Everything of it is done, or it has been moved to another day.</p>
        <p className="mt-4">
          <Link className={buttonLook('main')} href={`/g/${id}/weekends`}>
            All weekends
          </Link>
        </p>
      </main>
    );
  return <Day day={day} weekends={shown} />;
}

function Day({ day, weekends }: { day: Weekends['days'][number]; weekends: Weekends }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const { garden } = useComputed();
  const work = useMemo(() => onDay(weekends, day.date), [weekends, day.date]);
  const byId = useMemo(
    () => new Map<string, ComputedStructure>(garden.structures.map((one) => [one.structure.id, one])),
    [garden],
  );
  const outlines = useMemo(() => outlinesOf(garden.structures), [garden]);
  const numbers = useMemo(() => new Map(work.map(({ structure, number }) => [structure, number])), [work]);
  const at = weekends.days.findIndex(({ date }) => date === day.date);
  const minutes = work.reduce((sum, one) => sum + one.minutes, 0);
  const rain = (): void => {
    store.edit(changeWork((now) => ({ off: [...new Set([...now.off, day.date])] })));
    notice.say(`Nobody works on ${dateWords(day.date, tongue.locale)}: everything moves on.`, store.getState().plan);
    router.push(`/g/${id}/weekends`);
  };
  const beside = [weekends.days[at - 1], weekends.days[at + 1]];
  return (
    <main className="mx-auto max-w-[76rem] px-4 pt-4 pb-20">
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-1">
        <div>
          <p className="no-print -ml-1">
            <Link
              href={`/g/${id}/weekends`}
              className="inline-flex min-h-11 items-center gap-1 text-chalk hover:underline"
            >
              <ChevronLeft size={17} aria-hidden />
              Weekends
            </Link>
          </p>
          <h1 className="text-3xl">{dateWords(day.date, tongue.locale)}</h1>
          <p className="text-lg">
            {day.there.map(({ name, minutes: own }) => `${name} ${hoursWords(own)}`).join(', ')}
            <span className="text-soft">; {hoursWords(minutes)} of work</span>
          </p>
        </div>
        <nav aria-label="Other days" className="no-print flex">
          {beside.map((other, i) => {
            const Icon = i === 0 ? ChevronLeft : ChevronRight;
            return other ? (
              <Link
                key={i}
                href={`/g/${id}/weekends/${other.date}`}
                className="inline-flex min-h-11 items-center gap-1 rounded-[3px] px-2 text-soft hover:bg-well hover:text-ink"
              >
                {i === 0 && <Icon size={18} aria-hidden />}
                {dateWords(other.date, tongue.locale, false)}
                {i === 1 && <Icon size={18} aria-hidden />}
              </Link>
            ) : null;
          })}
        </nav>
      </div>
      <div className="mt-3 grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_22rem] lg:grid-rows-[auto_1fr]">
        <div className="min-w-0 lg:col-start-2">
          <SmallPlot plan={plan} outlines={outlines} differs={new Set(numbers.keys())} numbers={numbers} />
        </div>
        <div className="min-w-0 lg:col-start-1 lg:row-span-2 lg:row-start-1">
          <DayBoard day={day} work={work} />
          {work.map((one) => {
            const computed = byId.get(one.structure);
            return computed ? <DaySteps key={one.structure} one={one} computed={computed} /> : null;
          })}
          <div className="no-print mt-6 flex flex-wrap items-end gap-x-6 gap-y-3 border-t-2 border-ink pt-4">
            <ItTook date={day.date} reckonedMin={minutes / weekends.pace} />
            <Button onClick={rain}>
              <CloudRain size={17} aria-hidden />
              It rains: move everything on
            </Button>
          </div>
        </div>
        <aside className="min-w-0">
          <DayBefore work={work} byId={byId} purchases={garden.shopping.purchases} />
        </aside>
      </div>
    </main>
  );
}
