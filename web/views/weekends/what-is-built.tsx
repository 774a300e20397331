import type { Weekends } from '@lignum/core/work/weekends';
import { dateWords, hoursWords } from '../../words/work-words';
import { changeWork } from './change-work';
import { useGarden } from '../shell/garden-context';

/** What is taken along and what is left for later, with when each is done and when it is wanted. */
export function WhatIsBuilt({ weekends }: { weekends: Weekends | null }) {
  const { plan, store, tongue } = useGarden();
  const later = new Set(plan.work?.later ?? []);
  const standing = new Map(weekends?.structures.map((one) => [one.structure, one]));
  const short = (date: string): string => dateWords(date, tongue.locale, false);
  const take = (ids: readonly string[], along: boolean): void =>
    store.edit(
      changeWork((work) => {
        const now = new Set(work.later);
        for (const id of ids)
          if (along) now.delete(id);
          else now.add(id);
        return { later: [...now].filter((id) => plan.structures.some((one) => one.id === id)) };
      }),
    );
  return (
    <>
      <p className="flex flex-wrap items-center gap-x-3 text-[0.9rem] text-soft">
        {plan.structures.length - later.size} of {plan.structures.length} taken along
        {(
          [
            ['all', true],
            ['none', false],
          ] as const
        ).map(([word, along]) => (
          <button
            key={word}
            type="button"
            className="min-h-11 text-chalk hover:underline"
            onClick={() =>
              take(
                plan.structures.map(({ id }) => id),
                along,
              )
            }
          >
            {word}
          </button>
        ))}
      </p>
      <ul>
        {plan.structures.map(({ id, name }) => {
          const one = standing.get(id);
          const isLate = one?.slackDays != null && one.slackDays < 0;
          return (
            <li key={id} className="border-t border-rule">
              <label className="grid min-h-11 cursor-pointer grid-cols-[1.5rem_minmax(0,1fr)_auto] items-center gap-2 py-1">
                <input
                  type="checkbox"
                  className="size-5 accent-(--chalk)"
                  checked={!later.has(id)}
                  onChange={(event) => take([id], event.target.checked)}
                />
                <span className="min-w-0 leading-tight">
                  {name}
                  {one?.doneOn && (
                    <span className={`block text-[0.85rem] ${isLate ? 'font-semibold text-keel' : 'text-soft'}`}>
                      done {short(one.doneOn)}
                      {one.due && (isLate ? `, wanted by ${short(one.due)}` : `; wanted ${short(one.due)}`)}
                    </span>
                  )}
                </span>
                <span className="text-[0.9rem] text-soft tabular-nums">
                  {one ? hoursWords(one.minutes) : later.has(id) ? 'later' : 'built'}
                </span>
              </label>
            </li>
          );
        })}
      </ul>
    </>
  );
}
