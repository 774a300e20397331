'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState, type ReactNode } from 'react';
import { Check, ChevronDown, ChevronUp, X } from 'lucide-react';
import type { Answer } from '@lignum/core/choosing/keep-out';
import { openTo, whoIsKeptOut, type BedWatch, type Threat } from '@lignum/core/choosing/kept-out';
import { cardOf } from '@lignum/core/structures/cards';
import { canBeStopped } from '@lignum/core/site/visitors';
import { formatMonthDay, say } from '@lignum/core/wording/say';
import { Button } from '../../ui/button';
import { newStructures } from '../garden/new-structure';
import { choosingWorker } from '../shell/choosing-worker';
import { addStructure } from '../shell/edits';
import { AnswerFigures } from '../shell/answer-figures';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { useResults } from '../shell/use-results';
import { useAnswer } from '../shell/use-answer';
import type {
  KeepOutAnswer,
  KeepOutQuestion,
  RoundAllAnswer,
  RoundAllQuestion,
  WeighedAnswer,
} from '../../workers/choosing-messages';
import { metWords, needWords } from './guard-words';
import { VisitorsField } from './visitors-field';
import { pathOf } from '@lignum/core/site/stands/stands';

/** Which beds are open to whom and when, what keeps whom out already, and what it would take to keep out the rest. */
export function KeptOutView({ bed }: { bed: string | null }) {
  const { id, plan } = useGarden();
  const worked = useResults();
  const watched = useMemo(() => whoIsKeptOut(worked.plan, worked.garden.structures), [worked]);
  const [asked, setAsked] = useState<string | null>(bed);
  // Asked of one bed of the plot, the page begins there.
  const first = watched.find((one) => one.bed.id === bed);
  const row = (one: BedWatch) => (
    <BedRow
      key={one.bed.id}
      watch={one}
      asked={asked === one.bed.id}
      onAsk={() => setAsked(asked === one.bed.id ? null : one.bed.id)}
    />
  );
  const open = watched.filter((one) => openTo(one).length > 0).length;
  return (
    <main className="mx-auto max-w-5xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">Who is kept out</h1>
      <p className="mt-1 max-w-[44rem] text-soft">
        Whoever visits comes to every bed; what flies comes to the crops it likes. A fence that goes all round counts
        for every bed inside it, a cover for what grows under it.
      </p>
      {first && row(first)}
      <div className="mt-4 border-t-2 border-ink pt-3">
        <VisitorsField wide />
      </div>
      {plan.site.visitors.length === 0 && watched.length > 0 && (
        <p className="mt-3 text-[0.95rem] text-soft">
          Nobody is ticked: told here is what usually comes to these crops. Tick who visits, and fences and covers
          follow.
        </p>
      )}
      {watched.length === 0 ? (
        <p className="mt-6 border-l-4 border-ochre pl-3">
          Nothing grows in any bed yet, so nobody comes.{' '}
          <Link href={`/g/${id}/grow`} className="text-chalk underline">
            Say what you want to grow
          </Link>
          , and it is told here who likes it too.
        </p>
      ) : (
        <p role="status" className="mt-5 text-lg">
          {open === 0
            ? `All ${watched.length} planted places are closed to whoever comes.`
            : `${open} of ${watched.length} planted places ${open === 1 ? 'is' : 'are'} unprotected.`}
        </p>
      )}
      {open > 1 && <RoundAll />}
      {watched.filter((one) => one !== first).map(row)}
    </main>
  );
}

function BedRow({ watch, asked, onAsk }: { watch: BedWatch; asked: boolean; onAsk: () => void }) {
  const { bed, crops, threats } = watch;
  const open = threats.filter((one) => !one.keptOut && canBeStopped(one.who));
  return (
    <section aria-labelledby={`bed-${bed.id}`} className="mt-5 border-t border-rule pt-3">
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-[16rem_minmax(0,1fr)]">
        <div>
          <h2 id={`bed-${bed.id}`} className="text-xl">
            {bed.name}
          </h2>
          <p className="text-[0.95rem] text-soft">{crops.join(', ')}</p>
        </div>
        <div>
          {threats.length === 0 && <p className="text-soft">Nobody who visits here comes to what grows in it.</p>}
          <ul>
            {threats.map((one) => (
              <ThreatRow key={one.who} threat={one} several={crops.length > 1} />
            ))}
          </ul>
          {open.length > 0 && (
            <button
              type="button"
              aria-expanded={asked}
              onClick={onAsk}
              className="mt-1 flex min-h-11 items-center gap-1.5 font-semibold text-chalk"
            >
              {asked ? <ChevronUp size={17} aria-hidden /> : <ChevronDown size={17} aria-hidden />}
              What would keep {open.length === 1 ? `the ${open[0]?.who}` : 'them'} out?
            </button>
          )}
          {asked && open.length > 0 && <Answers bedId={bed.id} open={open} />}
        </div>
      </div>
    </section>
  );
}

function ThreatRow({ threat, several }: { threat: Threat; several: boolean }) {
  const { tongue } = useGarden();
  const { who, crops, from, to, keptOut } = threat;
  const day = (one: string): string => formatMonthDay(one, tongue.locale);
  return (
    <li className="grid grid-cols-[1.4rem_minmax(0,1fr)] gap-x-2 border-b border-rule/60 py-1.5 last:border-b-0">
      {keptOut ? (
        <Check size={18} className="mt-0.5 text-leaf" aria-label="kept out" />
      ) : (
        <X size={18} className="mt-0.5 text-keel" aria-label="comes in" />
      )}
      <p>
        <strong className="inline-block first-letter:uppercase">{who}</strong>: {metWords(threat, tongue)}.{' '}
        <span className="text-[0.9rem] text-soft">
          {several ? `${crops.join(', ')}; ` : ''}
          {day(from)} to {day(to)}
        </span>
      </p>
    </li>
  );
}

/** Puts an answer into the plan, and opens the bench on it. */
function useBuild(): (one: Answer) => void {
  const { id, plan, store } = useGarden();
  const router = useRouter();
  return (one) => {
    const made = newStructures(one.structures, plan);
    store.edit((now) => made.reduce((so, structure) => addStructure(structure)(so), now));
    router.push(`/g/${id}/s/${made[0]?.id ?? ''}`);
  };
}

/** What has to be settled first, in its own words. */
function Settle({ answer }: { answer: Answer }) {
  const { tongue } = useGarden();
  return (
    answer.settle && <span className="block text-ochre">To be settled first: {say(answer.settle, {}, tongue)}</span>
  );
}

/** One answer: drawn, said, with the figures that all answers have. */
function AnswerRow({
  answer,
  doing,
  onTake,
  children,
}: {
  answer: WeighedAnswer;
  doing: string;
  onTake: () => void;
  children: ReactNode;
}) {
  return (
    <div className="grid grid-cols-1 items-start gap-x-5 gap-y-2 sm:grid-cols-[9.5rem_minmax(0,1fr)]">
      <div className="max-w-40 p-1 shadow-[inset_0_0_0_1px_var(--rule)]">
        <Glance design={answer.choice.design} around={answer.choice.around} widthPx={144} heightPx={96} />
      </div>
      <div className="min-w-0">
        <p>
          {children}
          <Settle answer={answer} />
        </p>
        <div className="mt-2 flex flex-wrap items-end justify-between gap-x-5 gap-y-2">
          <AnswerFigures of={answer.choice} />
          <Button onClick={onTake}>{doing}</Button>
        </div>
      </div>
    </div>
  );
}

/** What one fence round everything would do. */
function RoundAll() {
  const { plan } = useGarden();
  const build = useBuild();
  const question = useMemo((): RoundAllQuestion => ({ about: 'round all', plan }), [plan]);
  const { answer, of } = useAnswer<RoundAllQuestion, RoundAllAnswer>(choosingWorker, question);
  if (!answer)
    return of === question ? null : (
      <p className="mt-3 min-h-[4.5rem] bg-sheet px-4 py-3 text-soft">
        Sizing and pricing one fence round all of them…
      </p>
    );
  const [sketch] = answer.structures;
  return (
    <div className={`mt-3 bg-sheet px-4 py-3 ${of === question ? '' : 'opacity-60'}`}>
      <AnswerRow answer={answer} doing="Plan it" onTake={() => build(answer)}>
        <strong>{cardOf(sketch?.kind ?? '').name} round all of them</strong>{' '}
        <span className="text-soft">
          stops {answer.stops.join(', ')} in {answer.beds} {answer.beds === 1 ? 'bed' : 'beds'}
          {answer.leaves.length > 0 ? `; ${answer.leaves.join(', ')} still come` : ''}. With one gate.
        </span>
      </AnswerRow>
    </div>
  );
}

/** What would stop those who still come, the cheapest that stops all of them first. */
function Answers({ bedId, open }: { bedId: string; open: readonly Threat[] }) {
  const { id, plan, tongue } = useGarden();
  const build = useBuild();
  const question = useMemo((): KeepOutQuestion => ({ about: 'keep out', plan, bed: bedId }), [plan, bedId]);
  const { answer, of } = useAnswer<KeepOutQuestion, KeepOutAnswer>(choosingWorker, question);
  return (
    <div aria-live="polite" className="mt-1 bg-sheet px-4 py-3">
      <p className="text-[0.95rem] text-soft">
        It takes{' '}
        {open
          .map((one) => `${needWords(one.who, tongue)} for ${one.who}`)
          .filter((said) => !said.startsWith(' for'))
          .join('; ')}
        .
      </p>
      {of !== question && <p className="mt-2 text-soft">Sizing and pricing…</p>}
      {answer?.length === 0 && of === question && (
        <p className="mt-2">
          Nothing that can be planned here stops them. Mesh under a bed is laid before it is filled.
        </p>
      )}
      <ol className={of === question ? '' : 'opacity-60'}>
        {answer?.map((one) => (
          <li key={one.structures.map((sketch) => sketch.kind).join()} className="mt-2 border-t border-rule pt-3">
            <AnswerRow
              answer={one}
              doing={`Plan ${one.structures.length === 1 ? 'it' : 'them'}`}
              onTake={() => build(one)}
            >
              <strong>
                {one.structures
                  .map((sketch, i) => {
                    const name = cardOf(sketch.kind).name;
                    return i === 0 ? name : name.toLowerCase();
                  })
                  .join(' and ')}
              </strong>{' '}
              <span className="text-soft">
                {one.leaves.length === 0
                  ? 'stops all of them'
                  : `stops ${one.stops.join(', ')}; ${one.leaves.join(', ')} still come`}
                .
                {one.outgrown !== null && (
                  <> The crop grows into it about {formatMonthDay(one.outgrown, tongue.locale)}, before it is picked.</>
                )}
              </span>
            </AnswerRow>
          </li>
        ))}
      </ol>
      {answer?.some((one) => one.structures.some(({ stand }) => pathOf(stand))) && (
        <p className="mt-2 text-[0.9rem] text-soft">
          A fence is reckoned round this bed alone, with a gate. One{' '}
          <Link href={`/g/${id}?lay=garden-fence`} className="text-chalk underline">
            laid round the whole garden
          </Link>{' '}
          counts for every bed inside it.
        </p>
      )}
    </div>
  );
}
