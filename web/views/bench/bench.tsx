'use client';
import Link from 'next/link';
import { useParams, useRouter } from 'next/navigation';
import { Suspense, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { ChevronLeft, ChevronRight, Plus, Printer, Shapes, Trash2 } from 'lucide-react';
import { isUrgent } from '@lignum/core/checks/check';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { say } from '@lignum/core/wording/say';
import { withClashes } from '@lignum/core/plan/clashes';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { StructurePlan } from '@lignum/core/plan/plan';
import { isWeighed } from '@lignum/core/withstand/stand-of';
import { Verdicts } from '../../ui/verdicts';
import { part } from '../../ui/part';
import { useCalm } from '../../ui/use-calm';
import { mendedOf, structureOf } from '../shell/computed-structure';
import { changeStructure, removeStructure, setKnobs } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { placeWords } from '../../words/place-words';
import { notice } from '../shell/notice';
import { useSingleKeys } from '../shell/use-keys';
import { useKindsOf } from '../shell/use-kind';
import { useNeighbours } from '../shell/use-neighbours';
import { useShadow } from '../shell/use-shadow';
import { Carries } from './carries';
import { KnobPanel } from './knob-panel';
import { RunningBill } from './running-bill';
import { Views } from './views';
import type { BenchSheet } from './bench-sheet';
import type { Marked } from './stand/hardest-mark';
import type { Stood } from './stand/stand-line';
import { bedsOf, footholdOf } from '@lignum/core/site/stands/stands';

/** Fetched when they are opened. */
const SheetOver = part(() => import('./bench-sheet'));
const Folds = part(() => import('./folds'));
const NotHere = part(() => import('./not-here'));
const StandLine = part(() => import('./stand/stand-line'), null);

/** One support with its crops, knobs, drawing, verdicts and running bill: turning a knob redraws everything. */
export function Bench() {
  const { structure: structureId } = useParams<{ structure: string }>();
  const { plan } = useGarden();
  const structure = plan.structures.find((one) => one.id === structureId);
  const index = plan.structures.findIndex((one) => one.id === structureId);
  const beside = (by: number) => plan.structures[(index + by + plan.structures.length) % plan.structures.length];

  if (!structure) return <NotHere />;
  return (
    <Suspense
      fallback={
        <p role="status" className="p-8 text-soft">
          Fetching the design…
        </p>
      }
    >
      <Workbench structure={structure} beside={plan.structures.length > 1 ? beside : null} />
    </Suspense>
  );
}

function Workbench({
  structure,
  beside,
}: {
  structure: StructurePlan;
  beside: ((by: number) => StructurePlan | undefined) | null;
}) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const [sheet, setSheet] = useState<BenchSheet | null>(null);
  // Known a moment after everything else.
  const [stood, setStood] = useState<Stood | null>(null);
  const [looked, setLooked] = useState<Marked | null>(null);
  const stand = stood?.stand ?? null;
  const isCalm = useCalm();
  const kinds = useKindsOf(plan, [structure]);
  const computed = structureOf(kinds, plan, structure);
  // Planned and built are worked out from one plan, without what was measured and with it.
  const planned = store.getState().plan;
  const asPlanned = structure.measured && planned.structures.find((one) => one.id === structure.id);
  const meant = asPlanned ? structureOf(kinds, planned, asPlanned) : null;
  // What is said of it, what would mend that and what stands near come behind a turned knob, not before it.
  const settled = useDeferredValue(plan);
  const neighbours = useNeighbours(settled, structure);
  const there = settled.structures.find((one) => one.id === structure.id) ?? structure;
  const mended = mendedOf(kinds, settled, there, neighbours);
  const judged = useShadow(
    settled,
    useMemo(() => withClashes(mended, neighbours), [mended, neighbours]),
  );
  const step = (by: number) => {
    const target = beside?.(by);
    if (target) router.push(`/g/${id}/s/${target.id}`);
  };
  useSingleKeys({
    '[': () => step(-1),
    ']': () => step(1),
    k: () => setSheet('kind'),
    s: () => router.push(`/g/${id}/s/${structure.id}/sheet`),
  });
  // Until the kind's own script has come, what stands here is the server's: it can be read but not worked.
  const [live, setLive] = useState(false);
  useEffect(() => {
    setLive(true);
  }, []);
  const { setting } = computed;
  // As it is said, not as its sides make it: that is what is changed.
  const own = plan.beds.find(({ id: bed }) => bed === footholdOf(setting.place).own?.id);
  const open = judged.verdicts.filter(isUrgent);
  // Told when it changes: a screen reader hears what a turned knob does to the verdict.
  const said =
    open.length === 0
      ? stand === 'fails'
        ? ''
        : 'No problems found.'
      : `${open.length} to look at: ${open.map((verdict) => say(verdict.told, {}, tongue)).join(' ')}`;
  const remove = () => {
    store.edit(removeStructure(structure.id));
    notice.say(`${structure.name} was removed.`, store.getState().plan);
    router.push(`/g/${id}`);
  };

  return (
    <main
      aria-busy={!live}
      className="mx-auto grid max-w-[100rem] grid-cols-1 gap-x-5 px-4 pb-16 lg:grid-cols-[17.5rem_minmax(0,1fr)_17.5rem] 2xl:grid-cols-[20rem_minmax(0,1fr)_20rem]"
    >
      <ResultStrip computed={computed} verdicts={judged.verdicts} stand={stand} />
      <div className="flex items-center gap-1 border-b border-rule py-2 lg:col-span-3">
        <div className="min-w-0 grow">
          <h1 className="sr-only">{structure.name}</h1>
          <input
            aria-label="Name of this structure"
            value={structure.name}
            maxLength={80}
            onChange={(event) => {
              if (event.target.value.trim())
                store.edit(changeStructure(structure.id, { name: event.target.value }), `name ${structure.id}`);
            }}
            className="w-full truncate rounded-[3px] bg-transparent font-display text-2xl font-semibold hover:bg-well focus:bg-sheet"
          />
          <p className="flex flex-wrap items-center gap-x-1.5 text-[0.9rem] text-soft">
            <button
              type="button"
              onClick={() => setSheet('kind')}
              className="inline-flex min-h-8 items-center gap-1.5 font-semibold text-chalk hover:underline"
            >
              <Shapes size={15} aria-hidden />
              {computed.kind.name}
            </button>
            <span aria-hidden className="max-sm:hidden">
              ·
            </span>
            {bedsOf(setting.place).length > 0 ? (
              <>
                {placeWords(setting.place, tongue)}
                {own && (
                  <button
                    type="button"
                    onClick={() => setSheet('bed')}
                    className="inline-flex min-h-8 items-center text-chalk hover:underline"
                  >
                    change the bed
                  </button>
                )}
              </>
            ) : (
              <Link
                href={`/g/${id}?look=${structure.id}`}
                className="inline-flex min-h-8 items-center text-chalk hover:underline"
              >
                {placeWords(setting.place, tongue)}: move it on the plot
              </Link>
            )}
          </p>
        </div>
        <Link
          href={`/g/${id}/s/${structure.id}/sheet`}
          aria-label="Plans to print"
          title="Plans to print"
          className="grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
        >
          <Printer size={18} aria-hidden />
        </Link>
        <button
          type="button"
          onClick={() => setSheet('copies')}
          aria-label="More of these"
          title="More of these"
          className="grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
        >
          <Plus size={19} aria-hidden />
        </button>
        {beside && (
          <nav aria-label="Other structures" className="hidden sm:flex">
            {(
              [
                [-1, 'Previous', ChevronLeft, '['],
                [1, 'Next', ChevronRight, ']'],
              ] as const
            ).map(([by, word, Icon, key]) => (
              <Link
                key={word}
                href={`/g/${id}/s/${beside(by)?.id}`}
                aria-label={`${word}: ${beside(by)?.name}`}
                title={`${beside(by)?.name} (${key})`}
                className="grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
              >
                <Icon size={20} aria-hidden />
              </Link>
            ))}
          </nav>
        )}
        <button
          type="button"
          onClick={remove}
          aria-label="Remove this structure"
          title="Remove (undo brings it back)"
          className="grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
        >
          <Trash2 size={18} aria-hidden />
        </button>
      </div>

      <div className="no-print order-2 pt-4 lg:order-none">
        <Carries computed={computed} />
        <h2 className="mt-4 mb-1 text-lg">Sizes and choices</h2>
        <KnobPanel computed={computed} />
      </div>
      {/* On a phone the front stays in sight while the knobs are turned; the rest comes after them. */}
      <div className="contents lg:sticky lg:top-14 lg:block lg:min-w-0 lg:self-start lg:pt-4">
        <Views key={structure.id} computed={computed} meant={meant} marked={looked ?? stood?.marked ?? null} />
        <div className="order-4 min-w-0">
          {isCalm && <Folds key={`folds ${structure.id}`} computed={computed} onLooked={setLooked} />}
        </div>
      </div>
      <div className="order-3 grid scroll-mt-16 content-start gap-5 pt-4 lg:order-none" id="results">
        <section aria-labelledby="verdicts">
          <h2 id="verdicts" className="text-lg">
            Will it do?
          </h2>
          {isCalm && isWeighed(computed.kind) && (
            <StandLine key={structure.id} computed={computed} onStood={setStood} />
          )}
          <Verdicts
            fails={stand === 'fails'}
            verdicts={judged.verdicts}
            knobs={computed.kind.knobs}
            weighed={isWeighed(computed.kind)}
            tongue={tongue}
            currency={plan.garden.currency}
            onMend={(verdict) => {
              if (verdict.mend) store.edit(setKnobs(structure.id, verdict.mend.settings));
            }}
          />
        </section>
        <RunningBill computed={computed} />
      </div>
      {sheet && <SheetOver sheet={sheet} structure={structure} bed={own} onClose={() => setSheet(null)} />}
      <p role="status" className="sr-only">
        {said}
      </p>
    </main>
  );
}

/** On a phone the verdicts and the price stay in sight while the knobs are turned; by keyboard it is the short way to them, past every knob. */
function ResultStrip({
  computed,
  verdicts,
  stand,
}: {
  computed: ComputedStructure;
  verdicts: ComputedStructure['verdicts'];
  stand: Stood['stand'] | null;
}) {
  const { plan, tongue } = useGarden();
  const open = verdicts.filter(isUrgent).length + (stand === 'fails' ? 1 : 0);
  return (
    <a
      href="#results"
      className="stands-over no-print fixed inset-x-0 bottom-0 z-20 flex min-h-14 items-center justify-between gap-3 border-t-2 border-ink bg-sheet px-4 lg:not-focus:sr-only"
    >
      <span className={open > 0 ? 'font-semibold text-ochre' : 'font-semibold text-leaf'}>
        {open > 0 ? `${open} to look at` : 'No problems'}
      </span>
      <span className="text-xl font-semibold">
        {formatMoney(money(computed.cost.totalMinor, plan.garden.currency), tongue.locale)}
      </span>
    </a>
  );
}
