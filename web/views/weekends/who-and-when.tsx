import { useId, useState } from 'react';
import { Plus, X } from 'lucide-react';
import type { Helper } from '@lignum/core/plan/plan';
import { usualWork } from '@lignum/core/work/usual-work';
import { LIST_LIMITS } from '@lignum/core/formats/measure';
import { numberFormat } from '@lignum/core/quantity/number-format';
import { Button } from '../../ui/button';
import { inputLook } from '../../ui/field';
import { dateWords, weekdayWords } from '../../words/work-words';
import { changeWork } from './change-work';
import { DatedList } from './dated-list';
import { WhatComes } from './what-comes';
import { useGarden } from '../shell/garden-context';

/** Monday comes first. */
const WEEK = [1, 2, 3, 4, 5, 6, 0] as const;
const HOURS = { min: 0.5, max: 14, step: 0.5 };

/** From when, who helps on which days and for how long, days on which nobody works, and the pace that was learned. */
export function WhoAndWhen({ pace }: { pace: number }) {
  const { plan, store, tongue } = useGarden();
  const work = plan.work ?? usualWork(plan);
  const from = useId();
  const people = (change: (people: readonly Helper[]) => readonly Helper[]): void =>
    store.edit(
      changeWork((now) => ({ people: change(now.people) })),
      'who works',
    );
  return (
    <div className="grid gap-4 pb-3">
      <div>
        <label htmlFor={from} className="block text-[0.9rem] font-medium">
          Not before
        </label>
        <input
          id={from}
          type="date"
          value={work.from}
          onChange={(event) => {
            const { value } = event.target;
            if (value)
              store.edit(
                changeWork(() => ({ from: value })),
                'work from',
              );
          }}
          className={`${inputLook} w-full`}
        />
      </div>
      {work.people.map((one, i) => (
        <Person
          key={i}
          one={one}
          others={work.people.filter((_, k) => k !== i).map(({ name }) => name)}
          onChange={(next) => people((all) => all.map((other, k) => (k === i ? next : other)))}
          onRemove={work.people.length > 1 ? () => people((all) => all.filter((_, k) => k !== i)) : null}
        />
      ))}
      {work.people.length < LIST_LIMITS.people && (
        <Button
          look="quiet"
          className="!justify-start !px-0"
          onClick={() => people((all) => [...all, { name: freeName(all), weekdays: [6], hours: 6 }])}
        >
          <Plus size={17} aria-hidden />
          Somebody who helps
        </Button>
      )}
      <DatedList
        title="Nobody works on"
        things={[{ id: 'off', label: '' }]}
        days={work.off.map((date) => ({ thing: 'off', date }))}
        ofDay={(_, date) => `Work on ${dateWords(date, tongue.locale)} again`}
        onAdd={(_, date) => store.edit(changeWork((now) => ({ off: [...new Set([...now.off, date])] })))}
        onRemove={(_, date) => store.edit(changeWork((now) => ({ off: now.off.filter((one) => one !== date) })))}
      />
      <WhatComes work={work} />
      {work.took.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-2 text-[0.9rem]">
          Your own pace: {numberFormat(tongue.locale, { maximumFractionDigits: 1 }).format(pace)} times the usual time,
          from {work.took.length} {work.took.length === 1 ? 'day' : 'days'}.
          <button
            type="button"
            className="min-h-11 text-chalk hover:underline"
            onClick={() => store.edit(changeWork(() => ({ took: [] })))}
          >
            Forget it
          </button>
        </p>
      )}
    </div>
  );
}

/** A name that nobody has yet. */
function freeName(people: readonly Helper[]): string {
  let n = people.length;
  while (people.some(({ name }) => name === `Helper ${n}`)) n++;
  return `Helper ${n}`;
}

function Person({
  one,
  others,
  onChange,
  onRemove,
}: {
  one: Helper;
  /** Names that are taken. */
  others: readonly string[];
  onChange: (next: Helper) => void;
  onRemove: (() => void) | null;
}) {
  const { tongue } = useGarden();
  const hours = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [name, setName] = useState<string | null>(null);
  const read = typed === null ? one.hours : Number(typed.replace(',', '.'));
  const fault =
    typed !== null && !(read >= HOURS.min && read <= HOURS.max)
      ? `“${typed}” is no number of hours between ${HOURS.min} and ${HOURS.max}.`
      : null;
  const taken =
    name !== null && others.includes(name.trim()) ? `“${name.trim()}” helps already: say another name.` : null;
  return (
    <fieldset className="grid gap-2 border-t border-rule pt-2">
      <legend className="sr-only">{one.name}</legend>
      <div className="flex gap-2">
        <input
          aria-label="Name"
          value={name ?? one.name}
          maxLength={40}
          onChange={(event) => {
            setName(event.target.value);
            const next = event.target.value.trim();
            if (next && !others.includes(next)) onChange({ ...one, name: next });
          }}
          onBlur={() => setName(null)}
          className={`${inputLook} min-w-0 grow`}
        />
        {onRemove && (
          <button
            type="button"
            aria-label={`${one.name} does not help`}
            onClick={onRemove}
            className="grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well"
          >
            <X size={17} aria-hidden />
          </button>
        )}
      </div>
      <div role="group" aria-label={`Days on which ${one.name} is there`} className="grid grid-cols-7 gap-0.5">
        {WEEK.map((day) => (
          <label
            key={day}
            className="grid min-h-11 cursor-pointer place-items-center rounded-[3px] bg-well text-[0.85rem] text-soft has-checked:bg-sheet has-checked:font-semibold has-checked:text-ink has-checked:shadow-[inset_0_0_0_2px_var(--chalk)] has-focus-visible:outline-3 has-focus-visible:outline-(--chalk)"
          >
            <input
              type="checkbox"
              className="sr-only"
              checked={one.weekdays.includes(day)}
              onChange={(event) =>
                onChange({
                  ...one,
                  weekdays: event.target.checked
                    ? [...one.weekdays, day]
                    : one.weekdays.filter((other) => other !== day),
                })
              }
            />
            {weekdayWords(day, tongue.locale)}
          </label>
        ))}
      </div>
      <div className="flex items-center gap-2">
        <label htmlFor={hours} className="text-[0.9rem]">
          Hours a day
        </label>
        <input
          id={hours}
          inputMode="decimal"
          value={typed ?? String(one.hours)}
          aria-invalid={fault !== null}
          onChange={(event) => {
            const { value } = event.target;
            setTyped(value);
            const next = Number(value.replace(',', '.'));
            if (next >= HOURS.min && next <= HOURS.max) onChange({ ...one, hours: next });
          }}
          onBlur={() => setTyped(null)}
          className={`${inputLook} w-20 text-right tabular-nums`}
        />
      </div>
      {(fault ?? taken) && (
        <p role="alert" className="text-[0.85rem] font-medium text-keel">
          {fault ?? taken}
        </p>
      )}
    </fieldset>
  );
}
