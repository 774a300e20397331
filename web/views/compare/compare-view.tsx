'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { AlertOctagon, Check, Plus, TriangleAlert, X } from 'lucide-react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { isUrgent } from '@lignum/core/checks/check';
import { figuresOf } from '@lignum/core/choosing/figures';
import { CHOOSING_PHRASES } from '@lignum/core/choosing/phrases';
import { seasonOf, startOf, type Choice } from '@lignum/core/choosing/weigh';
import { cardOf } from '@lignum/core/structures/cards';
import { say, type Fact } from '@lignum/core/wording/say';
import { buttonLook } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { NumberField } from '../../ui/field';
import { choosingWorker } from '../shell/choosing-worker';
import { hoursOfWork, sunTaken, useAmount } from '../shell/answer-figures';
import { besideCell, BesideRow, BesideTable, FigureRow } from '../shell/figure-row';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { useAnswer } from '../shell/use-answer';
import type { WeighAnswer, WeighQuestion } from '../../workers/choosing-messages';

/** So many stand beside each other. */
const MOST = 4;

/** Structures of the garden side by side: what each costs to begin with and over the years, what work it is, what sun it takes, whom it stops. */
export function CompareView({ of }: { of: readonly string[] }) {
  const { id, plan } = useGarden();
  const router = useRouter();
  const [seasons, setSeasons] = useState(10);
  const chosen = of.filter((one) => plan.structures.some((structure) => structure.id === one)).slice(0, MOST);
  const key = chosen.join(',');
  const question = useMemo(
    (): WeighQuestion | null => (key === '' ? null : { about: 'weigh', plan, structures: key.split(',') }),
    [plan, key],
  );
  const { answer, of: answered } = useAnswer<WeighQuestion, WeighAnswer>(choosingWorker, question);
  const put = (next: readonly string[]) => router.replace(`/g/${id}/compare?of=${next.join(',')}`);
  const choices = answered === question ? answer : null;
  const others = plan.structures.filter((one) => !chosen.includes(one.id));
  return (
    <main className="mx-auto max-w-[100rem] px-4 pt-6 pb-20">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <div className="min-w-60 grow">
          <h1 className="text-3xl">Side by side</h1>
          <p className="mt-1 text-soft">Each as it stands, weighed as if it alone were to be decided on.</p>
        </div>
        <div className="w-40">
          <NumberField label="Seasons looked at" value={seasons} min={1} max={30} onChange={setSeasons} />
        </div>
        {chosen.length < MOST && others.length > 0 && (
          <Chooser
            label="Put another beside them"
            value="none"
            choices={[
              { id: 'none', label: chosen.length === 0 ? 'Which structure…' : 'Another…', disabled: true },
              ...others.map((one) => ({ id: one.id, label: one.name })),
            ]}
            className="w-56"
            onChange={(one) => put([...chosen, one])}
          />
        )}
      </div>
      {plan.structures.length === 0 && (
        <p className="mt-6 border-l-4 border-ochre pl-3">
          Nothing stands in this garden yet.{' '}
          <Link href={`/g/${id}/new`} className="text-chalk underline">
            Plan a row
          </Link>{' '}
          first, or two.
        </p>
      )}
      {chosen.length === 1 && others.length > 0 && (
        <p className="mt-4 text-soft">Put another beside it to compare them.</p>
      )}
      {question && !choices && (
        <p aria-live="polite" className="mt-6 text-soft">
          Weighing them…
        </p>
      )}
      {choices && choices.length > 0 && (
        <Table choices={choices} seasons={seasons} onLeave={(one) => put(chosen.filter((other) => other !== one))} />
      )}
    </main>
  );
}

function Table({
  choices,
  seasons,
  onLeave,
}: {
  choices: readonly Choice[];
  seasons: number;
  onLeave: (structure: string) => void;
}) {
  const { id, plan } = useGarden();
  const shown = useAmount();
  const worked = choices.map((choice) => figuresOf(choice, seasons, CATALOGUE, plan.priceBook));
  const figures = (title: string, of: (choice: Choice, i: number) => number, says: (value: number) => string) => (
    <FigureRow title={title} values={choices.map(of)} says={says} />
  );
  return (
    <div className="mt-6">
      <BesideTable
        says="Structures side by side"
        count={choices.length}
        heads={choices.map(({ structure, design, around }) => (
          <th key={structure.id} scope="col" className="px-1 pt-3 pb-2 text-left align-bottom sm:px-3">
            <span className="mb-2 block bg-sheet p-2">
              <Glance design={design} around={around} widthPx={260} heightPx={150} />
            </span>
            <span className="flex items-start justify-between gap-x-2 max-sm:flex-col">
              <span className="min-w-0">
                <Link
                  href={`/g/${id}/s/${structure.id}`}
                  className="block font-display leading-tight font-semibold wrap-break-word hover:text-chalk hover:underline sm:text-lg"
                >
                  {structure.name}
                </Link>
                <span className="text-[0.9rem] font-normal text-soft">{cardOf(structure.kind).name.toLowerCase()}</span>
              </span>
              <button
                type="button"
                onClick={() => onLeave(structure.id)}
                aria-label={`Compare without ${structure.name}`}
                className="-mr-2 grid size-11 max-sm:-ml-3 sm:-mt-2 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
              >
                <X size={17} aria-hidden />
              </button>
            </span>
          </th>
        ))}
      >
        {figures('To begin with', startOf, shown)}
        {figures('A season', seasonOf, shown)}
        {figures(
          `After ${seasons} ${seasons === 1 ? 'season' : 'seasons'}`,
          (_, i) => worked[i]?.afterMinor ?? 0,
          shown,
        )}
        {figures('Work a year', (_, i) => worked[i]?.hoursAYear ?? 0, hoursOfWork)}
        {figures('Sun it takes', ({ shade }) => shade?.hours ?? 0, sunTaken)}
        <BesideRow title="Will it do?">
          {choices.map(({ structure, verdicts }) => {
            const urgent = verdicts.filter(isUrgent);
            const isFail = urgent.some(({ level }) => level === 'fail');
            return (
              <td key={structure.id} className={besideCell}>
                {urgent.length === 0 ? (
                  <span className="flex items-center gap-1.5 text-leaf">
                    <Check size={16} aria-hidden />
                    no problems found
                  </span>
                ) : (
                  <span className={`flex items-center gap-1.5 font-semibold ${isFail ? 'text-keel' : 'text-ochre'}`}>
                    {isFail ? <AlertOctagon size={16} aria-hidden /> : <TriangleAlert size={16} aria-hidden />}
                    {urgent.length} to look at
                  </span>
                )}
              </td>
            );
          })}
        </BesideRow>
        {choices.some(({ guard }) => guard !== null) && (
          <BesideRow title="Whom it stops">
            {choices.map(({ structure, guard }) => (
              <td key={structure.id} className={besideCell}>
                {guard === null ? (
                  <span className="text-soft">it is no cover or fence</span>
                ) : (
                  <>
                    {guard.stops.length > 0 ? guard.stops.join(', ') : 'nobody who comes'}
                    {guard.leaves.length > 0 && <span className="block text-soft">not {guard.leaves.join(', ')}</span>}
                  </>
                )}
              </td>
            ))}
          </BesideRow>
        )}
        <Facts title="For it" of={choices.map(({ pro }) => pro)} />
        <Facts title="Against it" of={choices.map(({ con }) => con)} />
      </BesideTable>
      <p className="mt-3">
        <Link href={`/g/${id}/new`} className={buttonLook('plain')}>
          <Plus size={16} aria-hidden />
          Plan another to compare
        </Link>
      </p>
    </div>
  );
}

function Facts({ title, of }: { title: string; of: readonly (readonly Fact[])[] }) {
  const { tongue } = useGarden();
  return (
    <BesideRow title={title}>
      {of.map((facts, i) => (
        <td key={i} className={`${besideCell} text-[0.95rem]`}>
          <ul className="grid gap-1">
            {facts.map((told) => (
              <li key={told.code}>{say(told, CHOOSING_PHRASES, tongue)}</li>
            ))}
            {facts.length === 0 && <li className="text-soft">nothing</li>}
          </ul>
        </td>
      ))}
    </BesideRow>
  );
}
