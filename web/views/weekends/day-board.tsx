import type { WorkDay } from '@lignum/core/work/days';
import { hourWords } from '../../words/work-words';
import { boardOf, type OnDay } from '@lignum/core/work/on-day';

const HOUR = 60;
/** What two do together is hatched. */
const TOGETHER = {
  backgroundImage: 'repeating-linear-gradient(135deg, transparent 0 4px, var(--timber-edge) 4px 5px)',
};

/** Each person's day as a board that is cut up: what is done in it by its number, together with whom hatched. */
export function DayBoard({ day, work }: { day: WorkDay; work: readonly OnDay[] }) {
  const { endsMin, hours, rows } = boardOf(day, work);
  const at = (minute: number): string => `${(minute / endsMin) * 100}%`;
  return (
    <div aria-hidden className="grid grid-cols-[4.2rem_minmax(0,1fr)] gap-x-2 text-[0.8rem]">
      <span />
      <div className="relative h-4 text-soft tabular-nums">
        {hours.map(({ minute, clock }, i) => (
          <span
            key={minute}
            className={`absolute ${i === 0 ? '' : '-translate-x-1/2'} ${i % 2 === 1 ? 'max-sm:hidden' : ''}`}
            style={{ left: at(minute) }}
          >
            {minute + HOUR > endsMin && i > 0 ? '' : hourWords(clock)}
          </span>
        ))}
      </div>
      {rows.map(({ name, minutes, stretches }) => (
        <div key={name} className="col-span-2 grid grid-cols-subgrid items-center">
          <span className="truncate">{name}</span>
          <div className="relative h-7 border-y border-rule">
            <span className="absolute inset-y-0 left-0 bg-well" style={{ width: at(minutes) }} />
            {hours.map(({ minute }) => (
              <span
                key={minute}
                className="absolute top-0 h-1.5 w-px bg-(--rule-strong)"
                style={{ left: at(minute) }}
              />
            ))}
            {stretches.map(({ number, from, to, together }) => (
              <span
                key={from}
                className="absolute inset-y-0.5 grid place-items-center overflow-hidden border border-timber-edge bg-timber font-semibold"
                style={{ left: at(from), width: at(to - from), ...(together ? TOGETHER : {}) }}
              >
                {to - from > endsMin / 30 && <span className="bg-timber px-0.5 leading-none">{number}</span>}
              </span>
            ))}
          </div>
        </div>
      ))}
    </div>
  );
}
