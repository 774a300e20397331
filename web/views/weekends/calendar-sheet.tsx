'use client';
import { useCallback, useEffect, useState } from 'react';
import { Download } from 'lucide-react';
import { Button, buttonLook } from '../../ui/button';
import { inputLook } from '../../ui/field';
import { Sheet } from '../../ui/dialog';
import { useGarden } from '../shell/garden-context';

/** The days of work in a calendar: as a file, once; or at an address that a calendar follows, which can be ended. */
export default function CalendarSheet({ onClose }: { onClose: () => void }) {
  const { id } = useGarden();
  const [secret, setSecret] = useState<string | null | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [copied, setCopied] = useState(false);
  const ask = useCallback(
    async (method: 'GET' | 'POST' | 'DELETE'): Promise<void> => {
      setCopied(false);
      const reply = await fetch(`/api/gardens/${id}/feed`, { method }).catch(() => null);
      const said = (await reply?.json().catch(() => null)) as { secret?: string | null; message?: string } | null;
      if (reply?.ok && said) {
        setSecret(said.secret ?? null);
        setTrouble(null);
      } else setTrouble(said?.message ?? 'There is no network just now; try it again.');
    },
    [id],
  );
  useEffect(() => void ask('GET'), [ask]);
  const address = secret ? `${location.origin}/api/feed/${secret}.ics` : '';
  return (
    <Sheet
      open
      onClose={onClose}
      title="For your calendar"
      says="The days of work, what each is for, and the evening before a reminder of what to lay out."
    >
      <h3 className="text-base">Once, as a file</h3>
      <p className="mt-1">
        <a href={`/api/gardens/${id}/calendar`} download className={buttonLook('main')}>
          <Download size={17} aria-hidden />
          iCalendar file
        </a>
      </p>
      <h3 className="mt-5 text-base">At an address that it follows</h3>
      <p className="text-[0.95rem] text-soft">
        What is moved here moves there. Whoever has the address can read the days, and nothing else; it is reached
        wherever this program is.
      </p>
      {trouble && (
        <p role="alert" className="mt-1 font-medium text-keel">
          {trouble}
        </p>
      )}
      {secret === null && (
        <p className="mt-2">
          <Button onClick={() => void ask('POST')}>Make an address</Button>
        </p>
      )}
      {secret && (
        <>
          <input
            readOnly
            aria-label="Address for a calendar"
            value={address}
            onFocus={(event) => event.target.select()}
            className={`${inputLook} mt-2 w-full text-[0.9rem]`}
          />
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              onClick={() =>
                void navigator.clipboard
                  .writeText(address)
                  .then(() => setCopied(true))
                  .catch(() => setTrouble('This browser does not let it be copied: mark it and copy it by hand.'))
              }
            >
              {copied ? 'Copied' : 'Copy it'}
            </Button>
            <Button onClick={() => void ask('POST')}>Another address</Button>
            <Button look="danger" onClick={() => void ask('DELETE')}>
              End it
            </Button>
          </div>
        </>
      )}
    </Sheet>
  );
}
