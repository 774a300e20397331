import { useState } from 'react';
import { X } from 'lucide-react';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { inputLook } from '../../ui/field';
import { dateWords } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';

/** Days on which something is so, each let go by a press; where there are several things, each with its own. */
export function DatedList({
  title,
  help,
  things,
  days,
  ofDay,
  onAdd,
  onRemove,
}: {
  title: string;
  help?: string;
  /** What a day can be said of; one thing needs no name. */
  things: readonly { id: string; label: string }[];
  days: readonly { thing: string; date: string }[];
  /** What letting one go is called. */
  ofDay: (thing: string, date: string) => string;
  onAdd: (thing: string, date: string) => void;
  onRemove: (thing: string, date: string) => void;
}) {
  const { tongue } = useGarden();
  const [date, setDate] = useState('');
  const [picked, setPicked] = useState('');
  const thing = things.find(({ id }) => id === picked)?.id ?? things[0]?.id ?? '';
  const named = things.length > 1;
  return (
    <div role="group" aria-label={title}>
      <p className="text-[0.9rem] font-medium">{title}</p>
      {help && <p className="text-[0.85rem] text-soft">{help}</p>}
      {things.map(({ id, label }) => {
        const own = days.filter((one) => one.thing === id).toSorted((a, b) => (a.date < b.date ? -1 : 1));
        if (own.length === 0) return null;
        return (
          <div key={id} className="mt-1 flex flex-wrap items-center gap-1">
            {named && <span className="mr-1 text-[0.9rem]">{label}</span>}
            {own.map((one) => (
              <button
                key={one.date}
                type="button"
                aria-label={ofDay(label, one.date)}
                onClick={() => onRemove(id, one.date)}
                className="inline-flex min-h-11 items-center gap-1 rounded-[3px] bg-well px-2.5 text-[0.9rem]"
              >
                {dateWords(one.date, tongue.locale, false)}
                <X size={14} aria-hidden />
              </button>
            ))}
          </div>
        );
      })}
      <div className="mt-1 grid grid-cols-[minmax(0,1fr)_auto] gap-2">
        {named && (
          <Chooser
            label={`${title}: what`}
            value={thing}
            choices={things}
            onChange={setPicked}
            className="col-span-2 w-full"
          />
        )}
        <input
          type="date"
          aria-label={`${title}: the day`}
          value={date}
          onChange={(event) => setDate(event.target.value)}
          className={`${inputLook} min-w-0`}
        />
        <Button
          disabled={date === ''}
          aria-label={`${title}: add`}
          onClick={() => {
            onAdd(thing, date);
            setDate('');
          }}
        >
          Add
        </Button>
      </div>
    </div>
  );
}
