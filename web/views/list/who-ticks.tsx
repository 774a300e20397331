'use client';
import { useId, useState } from 'react';
import { inputLook } from '../../ui/field';
import { keepOwnName, ownName } from '../shell/own-name';
import { useNewsOfTicks } from '../shell/use-ticks';

/** Whose ticks these are, and whether they have arrived. */
export function WhoTicks() {
  const id = useId();
  const { waiting, refused, dismiss } = useNewsOfTicks();
  const [name, setName] = useState<string | null>(null);
  return (
    <div className="no-print mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 text-[0.9rem] text-soft">
      <label htmlFor={id}>Ticked off by</label>
      <input
        id={id}
        className={`${inputLook} w-40`}
        maxLength={40}
        placeholder="your name"
        autoComplete="nickname"
        suppressHydrationWarning
        value={name ?? ownName()}
        onChange={(event) => {
          setName(event.target.value);
          keepOwnName(event.target.value);
        }}
      />
      <span role="status">
        {waiting > 0
          ? `${waiting} ${waiting === 1 ? 'tick waits' : 'ticks wait'} to be sent; kept on this device.`
          : 'Ticks are kept with the garden, for everybody.'}
      </span>
      {refused.length > 0 && (
        <div role="alert" className="w-full font-medium text-keel">
          {refused.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
          <button type="button" className="min-h-11 text-chalk underline" onClick={dismiss}>
            Understood
          </button>
        </div>
      )}
    </div>
  );
}
