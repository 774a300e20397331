'use client';
import { useEffect, useState } from 'react';
import type { Plan } from '@lignum/core/plan/plan';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { useGarden, useSaving } from '../shell/garden-context';

/** Every save is kept: any of them can be taken up again, and undo takes that back. */
export function EarlierVersions({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { id, store, tongue } = useGarden();
  const revision = useSaving((state) => state.revision);
  const [versions, setVersions] = useState<{ revision: number; savedAt: string }[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    if (!open) return;
    setTrouble(null);
    fetch(`/api/gardens/${id}/versions`)
      .then(async (reply) => {
        if (reply.ok) setVersions((await reply.json()) as { revision: number; savedAt: string }[]);
        else setTrouble('The earlier versions cannot be read just now.');
      })
      .catch(() => setTrouble('The program does not answer. Try again in a moment.'));
  }, [id, open, revision]);
  const take = async (wanted: number) => {
    const reply = await fetch(`/api/gardens/${id}/versions/${wanted}`).catch(() => null);
    if (!reply?.ok) return setTrouble('That version cannot be read any more.');
    const plan = (await reply.json()) as Plan;
    store.edit(() => plan);
    onClose();
  };
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Earlier versions"
      says="Taking one up replaces what you see now; undo brings that back."
    >
      {trouble && (
        <p role="alert" className="font-semibold text-keel">
          {trouble}
        </p>
      )}
      <ol className="divide-y divide-rule">
        {versions?.map((version) => (
          <li key={version.revision} className="flex items-center justify-between gap-4 py-1">
            <span>
              {new Date(version.savedAt).toLocaleString(tongue.locale, {
                weekday: 'short',
                day: 'numeric',
                month: 'short',
                hour: '2-digit',
                minute: '2-digit',
                second: '2-digit',
              })}
            </span>
            {version.revision === versions[0]?.revision ? (
              <span className="flex min-h-11 items-center px-4 text-soft">now</span>
            ) : (
              <Button look="quiet" onClick={() => void take(version.revision)}>
                Go back to this
              </Button>
            )}
          </li>
        ))}
      </ol>
    </Sheet>
  );
}
