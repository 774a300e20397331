'use client';
import { useState, type SubmitEvent } from 'react';
import { Button } from '../../ui/button';
import { CrowFoot } from '../../ui/crow-foot';
import { Field, inputLook } from '../../ui/field';

/** The gate: one passphrase for the household. */
export function Enter({ to }: { to: string }) {
  const [fault, setFault] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const [shown, setShown] = useState(false);

  const ask = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const passphrase = new FormData(event.currentTarget).get('passphrase');
    if (!passphrase) return setFault('Type the passphrase.');
    setAsking(true);
    const reply = await fetch('/api/enter', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ passphrase }),
    }).catch(() => null);
    // The page behind is made for who has been let in: it is asked for anew, not taken from what was fetched before.
    if (reply?.ok) return window.location.assign(to);
    const said = (await reply?.json().catch(() => null)) as { message?: string } | null;
    setFault(said?.message ?? 'The program does not answer. Is it still running?');
    setAsking(false);
  };

  return (
    <main className="mx-auto grid min-h-dvh max-w-md content-center gap-8 px-5 py-10">
      <div className="flex items-center gap-3">
        <CrowFoot className="h-9 w-8 text-chalk" />
        <p className="font-display text-4xl font-bold tracking-tight">Lignum</p>
      </div>
      <form onSubmit={(event) => void ask(event)} className="grid gap-5 border-t-2 border-ink pt-6" noValidate>
        <h1 className="text-2xl">Come in</h1>
        <Field
          label="Passphrase of the household"
          htmlFor="passphrase"
          fault={fault}
          help="It was chosen where Lignum was first started. This device then stays in for 30 days."
        >
          <input
            id="passphrase"
            name="passphrase"
            type={shown ? 'text' : 'password'}
            autoComplete="current-password"
            autoCapitalize="off"
            spellCheck={false}
            // The only thing there is to do here.
            // eslint-disable-next-line jsx-a11y/no-autofocus
            autoFocus
            aria-invalid={fault !== null}
            aria-describedby={fault ? 'passphrase-fault' : undefined}
            className={inputLook}
          />
        </Field>
        <label className="-mt-3 flex min-h-11 items-center gap-2.5 text-[0.95rem]">
          <input
            type="checkbox"
            checked={shown}
            onChange={(event) => setShown(event.target.checked)}
            className="size-5"
          />
          Show what I type
        </label>
        <Button look="main" type="submit" disabled={asking}>
          {asking ? 'Looking…' : 'Open'}
        </Button>
      </form>
    </main>
  );
}
