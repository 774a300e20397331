'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { Copy } from 'lucide-react';
import type { Whole } from '@lignum/core/ahead/whole';
import { USUAL_SEASONS } from '@lignum/core/choosing/figures';
import type { Plan } from '@lignum/core/plan/plan';
import { KINDS } from '@lignum/core/structures/registry';
import { Button, buttonLook } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { NumberField } from '../../ui/field';
import { changeWords } from '../../words/change-words';
import type { BesideAnswer, BesideQuestion } from '../../workers/choosing-messages';
import { hoursOfWork, useAmount } from '../shell/answer-figures';
import { BesideTable, FigureRow } from '../shell/figure-row';
import { choosingWorker } from '../shell/choosing-worker';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { useAnswer } from '../shell/use-answer';
import { SmallPlot } from '../shell/small-plot';
import { tryInCopy } from './try-copy';

/** Another layout: a garden of its own, or an earlier version of this one. */
interface Other {
  plan: Plan;
  name: string;
  /** Where it is worked on; null of a version. */
  href: string | null;
}

/** Reads the other layout once it is known which. */
function useOther(garden: string | null, version: number | null): { other: Other | null; trouble: string | null } {
  const { id } = useGarden();
  const [other, setOther] = useState<Other | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    setOther(null);
    setTrouble(null);
    if (garden === null && version === null) return;
    const at = version !== null ? `/api/gardens/${id}/versions/${version}` : `/api/gardens/${garden}`;
    let isWanted = true;
    fetch(at)
      .then(async (reply) => {
        if (!isWanted) return;
        if (!reply.ok) return setTrouble('That layout is not there any more. Choose another.');
        const read = (await reply.json()) as Plan | { plan: Plan };
        const plan = 'plan' in read ? read.plan : read;
        setOther(
          version !== null
            ? { plan, name: 'As it was then', href: null }
            : { plan, name: plan.garden.name, href: `/g/${garden}` },
        );
      })
      .catch(() => isWanted && setTrouble('The program does not answer. Try again in a moment.'));
    return () => {
      isWanted = false;
    };
  }, [id, garden, version]);
  return { other, trouble };
}

/** Two layouts beside each other: what each comes to, and what one would have to change to have the other. */
export function BesideView({
  others,
  garden,
  version,
}: {
  others: readonly { id: string; name: string }[];
  garden: string | null;
  version: number | null;
}) {
  const { id, plan } = useGarden();
  const router = useRouter();
  const [seasons, setSeasons] = useState(USUAL_SEASONS);
  const [copying, setCopying] = useState<string | null>(null);
  const { other, trouble } = useOther(garden, version);
  const question = useMemo(
    (): BesideQuestion | null => (other ? { about: 'beside', plan, other: other.plan, seasons } : null),
    [plan, other, seasons],
  );
  const { answer, of } = useAnswer<BesideQuestion, BesideAnswer>(choosingWorker, question);
  // It may lie beyond the gardens that are listed.
  const choices =
    garden === null || !other || others.some((one) => one.id === garden)
      ? others
      : [{ id: garden, name: other.name }, ...others];
  const copy = async () => {
    setCopying('Making the copy…');
    const at = await tryInCopy(id, plan);
    if (at) window.location.assign(at);
    else setCopying('The copy could not be stored. Try again in a moment.');
  };
  return (
    <main className="mx-auto max-w-6xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">Two layouts</h1>
      <p className="mt-1 max-w-[44rem] text-soft">
        What if the wall stood north? Try it in a copy: this garden stays as it is, and both are weighed here.
      </p>
      <div className="mt-4 flex flex-wrap items-end gap-x-4 gap-y-3">
        <Button look={garden || version !== null ? 'plain' : 'main'} onClick={() => void copy()}>
          <Copy size={16} aria-hidden />
          Try something in a copy
        </Button>
        {choices.length > 0 && (
          <Chooser
            label="Beside which garden"
            value={garden ?? 'none'}
            choices={[
              { id: 'none', label: 'Beside which garden…', disabled: true },
              ...choices.map((one) => ({ id: one.id, label: one.name })),
            ]}
            className="w-64"
            onChange={(one) => router.replace(`/g/${id}/beside?with=${one}`)}
          />
        )}
        <div className="w-36">
          <NumberField label="Seasons looked at" value={seasons} min={1} max={30} onChange={setSeasons} />
        </div>
      </div>
      <p role="status" className="mt-2 min-h-6 text-soft">
        {copying ?? (other && of !== question ? 'Weighing both…' : '')}
      </p>
      {trouble && (
        <p role="alert" className="border-l-4 border-keel pl-3 font-medium text-keel">
          {trouble}
        </p>
      )}
      {other && answer && (
        <div className={of === question ? '' : 'opacity-60'}>
          <Table answer={answer} other={other} seasons={seasons} />
          <Differences answer={answer} other={other} />
        </div>
      )}
    </main>
  );
}

function Table({ answer, other, seasons }: { answer: BesideAnswer; other: Other; seasons: number }) {
  const { id, plan } = useGarden();
  const amount = useAmount();
  const sides = [answer.here, answer.there] as const;
  const row = (title: string, of: (whole: Whole) => number, says: (value: number) => string, best?: 'most') => (
    <FigureRow title={title} values={sides.map(of)} says={says} {...(best ? { best } : {})} />
  );
  const count = (value: number): string => String(value);
  const differs = new Set(answer.changes.flatMap((change) => ('id' in change ? change.id : [])));
  return (
    <div>
      <BesideTable
        says="Two layouts beside each other"
        count={2}
        heads={(
          [
            [plan, answer.here, plan.garden.name, `/g/${id}`],
            [other.plan, answer.there, other.name, other.href],
          ] as const
        ).map(([layout, whole, name, href], i) => (
          <th key={i} scope="col" className="px-2 pt-3 pb-2 text-left align-bottom sm:px-3">
            <SmallPlot plan={layout} outlines={whole.outlines} differs={differs} />
            <span className="mt-2 block font-display text-lg leading-tight font-semibold">
              {href ? (
                <Link href={href} className="hover:text-chalk hover:underline">
                  {name}
                </Link>
              ) : (
                name
              )}
            </span>
          </th>
        ))}
      >
        {row('To begin with', (one) => one.startMinor, amount)}
        {row(`After ${seasons} ${seasons === 1 ? 'season' : 'seasons'}`, (one) => one.afterMinor, amount)}
        {row('Work a year', (one) => one.hoursAYear, hoursOfWork)}
        {sides.some(({ sunHours }) => sunHours !== null) &&
          row(
            'Sun on planted beds',
            (one) => one.sunHours ?? 0,
            (hours) => `${Math.round(hours * 10) / 10} h a day`,
            'most',
          )}
        {row('Fails', (one) => one.fails, count)}
        {row('To look at', (one) => one.warns, count)}
        {row(
          'Open to somebody',
          (one) => one.unprotected,
          (many) => `${many} planted ${many === 1 ? 'place' : 'places'}`,
        )}
      </BesideTable>
      {sides.some(({ complete }) => !complete) && (
        <p className="mt-1 text-[0.9rem] font-semibold text-keel">
          Too low where something on the list has no price in the book.
        </p>
      )}
    </div>
  );
}

/** What would have to be changed here to have the other, and all of it taken over by one press. */
function Differences({ answer, other }: { answer: BesideAnswer; other: Other }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  // What they are called is no difference of theirs.
  const changes = answer.changes.filter((change) => !(change.is === 'garden' && change.field === 'name'));
  const take = () => {
    store.edit((now) => ({ ...other.plan, garden: { ...other.plan.garden, name: now.garden.name } }));
    notice.say(`${plan.garden.name} is laid out like ${other.name} now.`, store.getState().plan);
    router.push(`/g/${id}`);
  };
  return (
    <section aria-labelledby="differences" className="mt-6">
      <h2 id="differences" className="text-xl">
        What is different there
      </h2>
      {changes.length === 0 ? (
        <p className="mt-1 text-soft">
          Nothing yet: they are alike.{' '}
          <Link href={`/g/${id}`} className="text-chalk underline">
            Change this one
          </Link>
          , and come back.
        </p>
      ) : (
        <>
          <ul className="mt-1 list-disc pl-5">
            {changes.map((change, i) => (
              <li key={i}>{changeWords(change, { kinds: KINDS, units: tongue.units })}</li>
            ))}
          </ul>
          <p className="mt-4 flex flex-wrap gap-3">
            <Button onClick={take}>Lay this garden out like it</Button>
            {other.href && (
              <Link href={other.href} className={buttonLook('quiet')}>
                Go over to it
              </Link>
            )}
          </p>
        </>
      )}
    </section>
  );
}
