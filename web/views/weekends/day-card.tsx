import Link from 'next/link';
import { CalendarArrowUp, Pin, Users } from 'lucide-react';
import { useState } from 'react';
import type { WorkDay } from '@lignum/core/work/days';
import type { Weekends } from '@lignum/core/work/weekends';
import { countedWords, dateWords, hoursWords, namesIn } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';
import { DayBoard } from './day-board';
import type { Moved } from './move-sheet';
import { onDay } from '@lignum/core/work/on-day';

/** What is dragged carries this. */
const DRAGGED = 'application/x-lignum-work';

/** A day of work: each person's as a board that is cut up, under it what is done at which structure. What is done can be dragged to another day. */
export function DayCard({
  day,
  weekends,
  onMove,
  onDropped,
}: {
  day: WorkDay;
  weekends: Weekends;
  onMove: (moved: Moved) => void;
  onDropped: (moved: Moved, to: string) => void;
}) {
  const { id, plan, tongue } = useGarden();
  const [over, setOver] = useState(false);
  const work = onDay(weekends, day.date);
  const fixed = new Set(plan.work?.fixed.map(({ task }) => task));
  const name = namesIn(plan);
  return (
    <article aria-label={dateWords(day.date, tongue.locale)} className="min-w-0">
      <div
        role="presentation"
        className={`min-w-0 rounded-[3px] ${over ? 'outline-2 outline-offset-4 outline-(--chalk) outline-dashed' : ''}`}
        onDragOver={(event) => {
          if (!event.dataTransfer.types.includes(DRAGGED)) return;
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          setOver(false);
          const said = event.dataTransfer.getData(DRAGGED);
          if (said) onDropped(JSON.parse(said) as Moved, day.date);
        }}
      >
        <h3 className="flex items-baseline justify-between gap-3 text-base">
          <Link
            href={`/g/${id}/weekends/${day.date}`}
            className="inline-flex min-h-11 items-center text-chalk hover:underline"
          >
            {dateWords(day.date, tongue.locale)}
          </Link>
          <span className="text-[0.9rem] font-normal text-soft tabular-nums">
            {hoursWords(work.reduce((sum, { minutes }) => sum + minutes, 0))}
          </span>
        </h3>
        <DayBoard day={day} work={work} />
        <ol className="mt-2">
          {work.map(({ structure, number, minutes, counted, isForTwo, tasks }) => {
            const moved: Moved = { tasks: tasks.map(({ task }) => task.id), name: name(structure), from: day.date };
            return (
              <li key={structure} className="border-t border-rule">
                <div
                  role="presentation"
                  draggable
                  onDragStart={(event) => {
                    event.dataTransfer.setData(DRAGGED, JSON.stringify(moved));
                    event.dataTransfer.effectAllowed = 'move';
                  }}
                  className="grid cursor-grab grid-cols-[1.4rem_minmax(0,1fr)_auto_2.75rem] items-center gap-x-2"
                >
                  <span aria-hidden className="text-center font-semibold text-soft tabular-nums">
                    {number}
                  </span>
                  <span className="min-w-0 py-1.5">
                    <span className="flex items-center gap-1.5 leading-tight font-medium">
                      <Link href={`/g/${id}/s/${structure}`} className="truncate hover:underline" draggable={false}>
                        {name(structure)}
                      </Link>
                      {moved.tasks.some((task) => fixed.has(task)) && (
                        <span title="Put on this day by hand">
                          <Pin size={14} aria-label="put on this day by hand" className="text-soft" />
                        </span>
                      )}
                      {isForTwo && (
                        <span title="Something of it takes two">
                          <Users size={15} aria-label="takes two" className="text-soft" />
                        </span>
                      )}
                    </span>
                    <span className="block truncate text-[0.85rem] text-soft">{countedWords(counted, tongue, 3)}</span>
                  </span>
                  <span className="text-[0.9rem] tabular-nums">{hoursWords(minutes)}</span>
                  <button
                    type="button"
                    onClick={() => onMove(moved)}
                    aria-label={`Move ${name(structure)} to another day`}
                    title="Move to another day"
                    className="no-print grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
                  >
                    <CalendarArrowUp size={17} aria-hidden />
                  </button>
                </div>
              </li>
            );
          })}
        </ol>
      </div>
    </article>
  );
}
