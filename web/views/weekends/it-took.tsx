import { useId, useState } from 'react';
import { Button } from '../../ui/button';
import { inputLook } from '../../ui/field';
import { hoursWords } from '../../words/work-words';
import { changeWork } from './change-work';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';

const MOST_HOURS = 100;

/** How long a day really took, of all people together: the own pace is learned from it. */
export function ItTook({ date, reckonedMin }: { date: string; reckonedMin: number }) {
  const { plan, store } = useGarden();
  const field = useId();
  const said = plan.work?.took.find((one) => one.date === date);
  const [typed, setTyped] = useState(said ? String(said.tookMin / 60) : '');
  const hours = Number(typed.replace(',', '.'));
  const isRead = typed.trim() !== '' && hours > 0 && hours <= MOST_HOURS;
  const fault = typed.trim() !== '' && !isRead ? `“${typed}” is no number of hours up to ${MOST_HOURS}.` : null;
  return (
    <div>
      <label htmlFor={field} className="block text-[0.9rem] font-medium">
        It took, hours of all together
      </label>
      <span className="flex items-center gap-2">
        <input
          id={field}
          inputMode="decimal"
          value={typed}
          placeholder={hoursWords(reckonedMin)}
          aria-invalid={fault !== null}
          onChange={(event) => setTyped(event.target.value)}
          className={`${inputLook} w-28 text-right tabular-nums`}
        />
        <Button
          disabled={!isRead}
          onClick={() => {
            store.edit(
              changeWork(({ took }) => ({
                took: [
                  ...took.filter((one) => one.date !== date),
                  { date, tookMin: Math.round(hours * 60), reckonedMin: Math.round(reckonedMin) },
                ],
              })),
            );
            notice.say('Noted: what is still to be done is reckoned by that pace.', store.getState().plan);
          }}
        >
          Note it
        </Button>
      </span>
      {fault && (
        <p role="alert" className="text-[0.85rem] font-medium text-keel">
          {fault}
        </p>
      )}
    </div>
  );
}
