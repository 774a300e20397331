'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { NamedChange } from '@lignum/core/plan/named-changes';
import type { Plan } from '@lignum/core/plan/plan';
import { takenBack } from '@lignum/core/plan/taken-back';
import { KINDS } from '@lignum/core/structures/registry';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { Sheet } from '../../ui/dialog';
import { changeWords } from '../../words/change-words';
import { useGarden, useSaving } from '../shell/garden-context';
import { notice } from '../shell/notice';

interface Version {
  revision: number;
  savedAt: string;
  changes: readonly NamedChange[] | null;
}

/** So many changes of a version are told before the rest is counted. */
const FEW = 4;

/** Every save is kept, with what it changed in words: any can be taken up again, or one structure out of it; undo takes that back. */
export default function EarlierVersions({ onClose }: { onClose: () => void }) {
  const { id, plan, store } = useGarden();
  const revision = useSaving((state) => state.revision);
  const [versions, setVersions] = useState<readonly Version[] | null>(null);
  const [opened, setOpened] = useState<{ revision: number; plan: Plan } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    setTrouble(null);
    setOpened(null);
    fetch(`/api/gardens/${id}/versions`)
      .then(async (reply) => {
        if (reply.ok) setVersions((await reply.json()) as Version[]);
        else setTrouble('The earlier versions cannot be read just now.');
      })
      .catch(() => setTrouble('The program does not answer. Try again in a moment.'));
  }, [id, revision]);
  const read = async (wanted: number): Promise<Plan | null> => {
    const reply = await fetch(`/api/gardens/${id}/versions/${wanted}`).catch(() => null);
    if (reply?.ok) return (await reply.json()) as Plan;
    setTrouble('That version cannot be read any more.');
    return null;
  };
  const takeAll = async (wanted: number) => {
    const then = await read(wanted);
    if (!then) return;
    store.edit(() => then);
    onClose();
  };
  const lookInto = async (wanted: number) => {
    const then = await read(wanted);
    if (then) setOpened({ revision: wanted, plan: then });
  };
  const takeOne = (then: Plan, structure: string) => {
    store.edit((now) => takenBack(now, then, structure));
    const name = then.structures.find((one) => one.id === structure)?.name ?? '';
    notice.say(`${name} is as it was.`, store.getState().plan);
    onClose();
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Earlier versions"
      says="Taking one up replaces what you see now; undo brings that back."
    >
      {trouble && (
        <p role="alert" className="font-semibold text-keel">
          {trouble}
        </p>
      )}
      {!versions && !trouble && <p className="text-soft">Reading them…</p>}
      <ol className="divide-y divide-rule">
        {versions?.map((version) => {
          const isNow = version.revision === versions[0]?.revision;
          return (
            <li key={version.revision} className="py-2">
              <div className="flex items-center justify-between gap-4">
                <When at={version.savedAt} />
                {isNow ? (
                  <span className="flex min-h-11 items-center px-4 text-soft">now</span>
                ) : (
                  <Button look="quiet" onClick={() => void takeAll(version.revision)}>
                    Go back to this
                  </Button>
                )}
              </div>
              <Told changes={version.changes} />
              {!isNow &&
                (opened?.revision === version.revision ? (
                  <Chooser
                    label="Take one structure out of this version"
                    value="none"
                    choices={[
                      { id: 'none', label: 'Which structure…', disabled: true },
                      ...opened.plan.structures.map((one) => ({
                        id: one.id,
                        label: plan.structures.some((now) => now.id === one.id)
                          ? one.name
                          : `${one.name} (removed since)`,
                      })),
                    ]}
                    className="w-full max-w-80"
                    onChange={(structure) => takeOne(opened.plan, structure)}
                  />
                ) : (
                  <span className="flex flex-wrap gap-x-5">
                    <button
                      type="button"
                      onClick={() => void lookInto(version.revision)}
                      className="min-h-8 text-[0.95rem] text-chalk hover:underline"
                    >
                      Take one structure out of it
                    </button>
                    <Link
                      href={`/g/${id}/beside?version=${version.revision}`}
                      className="inline-flex min-h-8 items-center text-[0.95rem] text-chalk hover:underline"
                    >
                      Weigh it beside now
                    </Link>
                  </span>
                ))}
            </li>
          );
        })}
      </ol>
    </Sheet>
  );
}

function When({ at }: { at: string }) {
  const { tongue } = useGarden();
  return (
    <time dateTime={at} className="font-medium">
      {new Date(at).toLocaleString(tongue.locale, {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
        second: '2-digit',
      })}
    </time>
  );
}

/** What a version changed, the first of it in words and the rest counted. */
function Told({ changes }: { changes: readonly NamedChange[] | null }) {
  const { tongue } = useGarden();
  if (!changes) return null;
  const more = changes.length - FEW;
  return (
    <ul className="text-[0.95rem] text-soft">
      {changes.slice(0, FEW).map((change, i) => (
        <li key={i}>{changeWords(change, { kinds: KINDS, units: tongue.units })}</li>
      ))}
      {more > 0 && <li>and {more} more</li>}
      {changes.length === 0 && <li>nothing that is planned</li>}
    </ul>
  );
}
