'use client';
import { useMemo, useState } from 'react';
import { addDays } from '@lignum/core/site/calendar-days';
import type { Weekends } from '@lignum/core/work/weekends';
import { workDays } from '@lignum/core/work/days';
import { usualWork } from '@lignum/core/work/usual-work';
import { Button } from '../../ui/button';
import { inputLook } from '../../ui/field';
import { Sheet } from '../../ui/dialog';
import { dateWords, hoursWords } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';
import { onDay } from '@lignum/core/work/on-day';

/** What is moved to another day: the tasks of one structure on one day. */
export interface Moved {
  tasks: readonly string[];
  name: string;
  from: string;
}

/** So many days on which somebody works are offered. */
const OFFERED = 12;

/** Where to move what is done on a day: days on which somebody works, with what is done on them already. */
export default function MoveSheet({
  moved,
  weekends,
  onMove,
  onFree,
  onClose,
}: {
  moved: Moved;
  weekends: Weekends;
  onMove: (to: string) => void;
  /** Nobody has put it on a day any more; null where nobody has. */
  onFree: (() => void) | null;
  onClose: () => void;
}) {
  const { plan, tongue } = useGarden();
  const [other, setOther] = useState('');
  const days = useMemo(() => {
    const work = plan.work ?? usualWork(plan);
    return workDays(
      plan,
      { ...work, from: addDays(moved.from, -14) > work.from ? addDays(moved.from, -14) : work.from },
      OFFERED,
    );
  }, [plan, moved]);
  return (
    <Sheet
      open
      onClose={onClose}
      title={`Move ${moved.name}`}
      says="It stays on the day you choose; what has to come after it follows by itself."
    >
      <ul>
        {days
          .filter(({ date }) => date !== moved.from)
          .map(({ date, there }) => {
            const busy = onDay(weekends, date).reduce((sum, { minutes }) => sum + minutes, 0);
            return (
              <li key={date} className="border-t border-rule">
                <button
                  type="button"
                  onClick={() => onMove(date)}
                  className="flex min-h-11 w-full items-center justify-between gap-3 px-1 text-left hover:bg-well"
                >
                  <span className="font-medium">{dateWords(date, tongue.locale)}</span>
                  <span className="text-[0.9rem] text-soft tabular-nums">
                    {there.map(({ name }) => name).join(', ')}; {busy > 0 ? `${hoursWords(busy)} so far` : 'free'}
                  </span>
                </button>
              </li>
            );
          })}
      </ul>
      {onFree && (
        <p className="mt-3">
          <Button onClick={onFree}>Let it find its own day again</Button>
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-end gap-2">
        <label className="text-[0.9rem] font-medium">
          Another day
          <input
            type="date"
            value={other}
            onChange={(event) => setOther(event.target.value)}
            className={`${inputLook} block`}
          />
        </label>
        <Button disabled={other === ''} onClick={() => onMove(other)}>
          Move it there
        </Button>
      </div>
    </Sheet>
  );
}
