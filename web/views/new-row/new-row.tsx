'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { ChartLine, Check, Minus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { drawViews } from '@lignum/core/drawing/views';
import { cropBook, cropIn } from '@lignum/core/crops/book';
import { CHOOSING_PHRASES } from '@lignum/core/choosing/phrases';
import type { Choice } from '@lignum/core/choosing/rank';
import type { Plan, Planting, StructurePlan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { KINDS, kindOf } from '@lignum/core/structures/registry';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { say, type Fact } from '@lignum/core/wording/say';
import type { Bed } from '@lignum/core/site/bed';
import { Button } from '../../ui/button';
import { Drawing } from '../../ui/drawing';
import { ChooserField } from '../../ui/chooser';
import { LengthField, NumberField } from '../../ui/field';
import { HABIT_WORDS, plantingWords } from '../garden/crop-words';
import { newPlanting, plantsFilling } from '../garden/beginnings';
import { newStructure } from '../garden/new-structure';
import { freeSpot, newBed } from '../garden/new-bed';
import { addBed, addPlanting, addStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { choosingWorker } from '../shell/choosing-worker';
import { Glance } from '../shell/glance';
import { perLength } from '../shell/stock-words';
import { useAnswer } from '../shell/use-answer';
import type { BedsAnswer, BedsQuestion, KindsAnswer, KindsQuestion } from '../../workers/choosing-messages';

/** Charts are fetched only when one is opened. */
const SeasonsChart = dynamic(() => import('./seasons-chart').then((module) => module.SeasonsChart), {
  ssr: false,
  loading: () => <p className="py-8 text-soft">Drawing…</p>,
});

/** What a planting on a bed can be given to hold it. */
const ROW_KINDS = KINDS.filter((kind) => kind.purpose === 'support' && kind.stands.includes('bed'));
const NEW = 'new';
/** The best few beds are shown; the others can be asked for. */
const BEDS_AT_FIRST = 3;

/** Bed, crop, support: three answers, and each support is sized and priced for real beside the others. */
export function NewRow({ bedId, kindId }: { bedId: string | undefined; kindId: string | undefined }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const [fresh, setFresh] = useState<Bed>(() => newBed(plan));
  const [chosenBed, setChosenBed] = useState(plan.beds.some((bed) => bed.id === bedId) ? (bedId as string) : NEW);
  const bed = plan.beds.find((one) => one.id === chosenBed) ?? fresh;
  const carried = new Set(plan.structures.flatMap((structure) => structure.plantings));
  const waiting = plan.plantings.filter((one) => one.bed === bed.id && !carried.has(one.id));
  const [chosenPlanting, setChosenPlanting] = useState<string>(waiting[0]?.id ?? NEW);
  const [draft, setDraft] = useState<Planting>(() => newPlanting(bed));
  const known = waiting.find((one) => one.id === chosenPlanting);
  const isNewPlanting = known === undefined;
  const planting = known ?? draft;
  const crop = cropIn(plan.crops, planting.crop);
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };

  const changeCrop = (cropId: string) => setDraft(newPlanting(bed, cropIn(plan.crops, cropId)));
  const changeTraining = (training: string) => {
    const spacing = crop.trainings.find((one) => one.id === training)?.spacingMm ?? bed.lengthMm;
    setDraft({ ...planting, training, count: plantsFilling(bed.lengthMm, spacing) });
  };
  const changeBedLength = (lengthMm: number) => {
    const longer = { ...fresh, lengthMm };
    setFresh({ ...longer, ...freeSpot(plan, longer) });
    const spacing = crop.trainings.find((one) => one.id === planting.training)?.spacingMm ?? lengthMm;
    setDraft({ ...planting, count: plantsFilling(lengthMm, spacing) });
  };

  const kindsQuestion = useMemo((): KindsQuestion => {
    const sketch: Plan = {
      ...plan,
      beds: [...plan.beds.filter((one) => one.id !== bed.id), bed],
      plantings: [...plan.plantings.filter((one) => one.id !== planting.id), planting],
    };
    return {
      about: 'kinds',
      plan: sketch,
      sketches: ROW_KINDS.map((kind) => newStructure(kind.id, sketch, { on: 'bed', bed: bed.id }, [planting.id])),
    };
  }, [plan, bed, planting]);
  const kinds = useAnswer<KindsQuestion, KindsAnswer>(choosingWorker, kindsQuestion);
  const choices = kinds.answer ?? [];
  const weighing = kinds.of !== kindsQuestion;
  const [comparing, setComparing] = useState(false);
  const [lookedAt, setLookedAt] = useState<string | null>(kindId ?? null);
  const looked = choices.find((choice) => choice.structure.kind === lookedAt) ?? choices[0];

  // The planting that is being placed does not stand in its own way.
  const bedsQuestion = useMemo(
    (): BedsQuestion => ({
      about: 'beds',
      plan: { ...plan, plantings: plan.plantings.filter((one) => one.id !== planting.id) },
      planting: { crop: planting.crop, training: planting.training, count: planting.count },
    }),
    [plan, planting.id, planting.crop, planting.training, planting.count],
  );
  const { answer: rankedBeds } = useAnswer<BedsQuestion, BedsAnswer>(choosingWorker, bedsQuestion);
  const beds = rankedBeds ?? plan.beds.map((one) => ({ bed: one, suits: false, pro: [], con: [] }));
  const [allBeds, setAllBeds] = useState(false);
  const shownBeds = allBeds ? beds : beds.filter((one, rank) => rank < BEDS_AT_FIRST || one.bed.id === chosenBed);
  const chooseBed = (next: string) => {
    setChosenBed(next);
    const there = plan.beds.find((one) => one.id === next) ?? fresh;
    const idle = plan.plantings.find((one) => one.bed === next && one.crop === planting.crop && !carried.has(one.id));
    setChosenPlanting(idle?.id ?? NEW);
    setDraft({ ...newPlanting(there, crop), training: planting.training, count: planting.count });
  };

  const take = (structure: StructurePlan) => {
    store.edit((now) => {
      const withBed = chosenBed === NEW ? addBed(bed)(now) : now;
      const withPlanting = isNewPlanting ? addPlanting(planting)(withBed) : withBed;
      return addStructure({ ...structure, stand: { on: 'bed', bed: bed.id }, plantings: [planting.id] })(withPlanting);
    });
    router.push(`/g/${id}/s/${structure.id}`);
  };

  return (
    <main className="mx-auto max-w-6xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">Plan a row</h1>
      <div className="mt-4 grid grid-cols-1 gap-x-10 gap-y-6 border-t-2 border-ink pt-4 md:grid-cols-2">
        <section aria-labelledby="what" className="grid min-w-0 content-start gap-4">
          <h2 id="what" className="text-xl">
            What do you want to grow?
          </h2>
          {waiting.length > 0 && (
            <ChooserField
              label="Planting"
              value={isNewPlanting ? NEW : planting.id}
              choices={[
                ...waiting.map((one) => ({ id: one.id, label: plantingWords(one, plan.crops) })),
                { id: NEW, label: 'Something new' },
              ]}
              onChange={setChosenPlanting}
            />
          )}
          {isNewPlanting && (
            <>
              <ChooserField
                label="Crop"
                value={planting.crop}
                choices={cropBook(plan.crops).map((one) => ({ id: one.id, label: one.name }))}
                onChange={changeCrop}
                help={HABIT_WORDS[crop.habit]}
              />
              <div className="grid grid-cols-[minmax(0,1fr)_7rem] gap-4">
                <ChooserField
                  label="Trained"
                  value={planting.training}
                  choices={crop.trainings.map((one) => ({
                    id: one.id,
                    label: `${one.name}, ${formatLength(one.spacingMm, tongue.units)} apart`,
                  }))}
                  onChange={changeTraining}
                />
                <NumberField
                  label="Plants"
                  value={planting.count}
                  min={1}
                  max={2000}
                  onChange={(count) => setDraft({ ...planting, count })}
                />
              </div>
            </>
          )}
        </section>
        <section aria-labelledby="where" className="min-w-0">
          <h2 id="where" className="text-xl">
            Where?
          </h2>
          <div role="radiogroup" aria-labelledby="where" className="mt-3">
            {shownBeds.map(({ bed: one, suits, pro, con }, rank) => (
              <BedOption
                key={one.id}
                chosen={chosenBed === one.id}
                onChoose={() => chooseBed(one.id)}
                name={one.name}
                about={`${formatLength(one.lengthMm, tongue.units)} × ${formatLength(one.widthMm, tongue.units)}`}
                best={rank === 0 && suits}
                pro={pro}
                con={con}
              />
            ))}
            {beds.length > shownBeds.length && (
              <button
                type="button"
                onClick={() => setAllBeds(true)}
                className="min-h-11 w-full border-t border-rule px-2 text-left text-[0.95rem] text-chalk hover:underline"
              >
                Show all {beds.length} beds
              </button>
            )}
            <BedOption
              chosen={chosenBed === NEW}
              onChoose={() => chooseBed(NEW)}
              name="A new bed"
              about=""
              best={false}
              pro={[]}
              con={[]}
            />
          </div>
          {chosenBed === NEW && (
            <div className="mt-2 grid grid-cols-2 gap-4">
              <LengthField
                {...length}
                label="Bed length"
                mm={fresh.lengthMm}
                min={600}
                max={60_000}
                onChange={changeBedLength}
              />
              <LengthField
                {...length}
                label="Bed width"
                mm={fresh.widthMm}
                min={150}
                max={12_000}
                onChange={(widthMm) => setFresh({ ...fresh, widthMm })}
              />
            </div>
          )}
        </section>
      </div>
      <div className="mt-10 flex flex-wrap items-baseline justify-between gap-2 border-t-2 border-ink pt-4">
        <h2 className="text-xl">On what?</h2>
        <Button look="quiet" aria-expanded={comparing} onClick={() => setComparing(!comparing)}>
          <ChartLine size={17} aria-hidden />
          {comparing ? 'Close the comparison' : 'Compare over ten seasons'}
        </Button>
      </div>
      {comparing && <SeasonsChart choices={choices.filter((choice) => choice.cost.complete).slice(0, 3)} />}
      {choices.length === 0 && (
        <p role="status" className="py-10 text-soft">
          Sizing, pricing and weighing {ROW_KINDS.length} kinds of support…
        </p>
      )}
      <div
        role="radiogroup"
        aria-label="Kinds of support, the best for this planting first"
        aria-busy={weighing}
        className={`mt-4 grid grid-cols-2 gap-3 md:grid-cols-4 ${weighing ? 'opacity-60' : ''}`}
      >
        {choices.map((choice, rank) => (
          <KindTile
            key={choice.structure.kind}
            choice={choice}
            rank={rank}
            chosen={choice === looked}
            onChoose={() => setLookedAt(choice.structure.kind)}
          />
        ))}
      </div>
      {looked && (
        <Offer
          key={looked.structure.kind}
          choice={looked}
          rank={choices.indexOf(looked)}
          weighing={weighing}
          onTake={() => take(looked.structure)}
        />
      )}
    </main>
  );
}

function BedOption({
  chosen,
  onChoose,
  name,
  about,
  best,
  pro,
  con,
}: {
  chosen: boolean;
  onChoose: () => void;
  name: string;
  about: string;
  best: boolean;
  pro: readonly Fact[];
  con: readonly Fact[];
}) {
  const { tongue } = useGarden();
  return (
    <label
      className={`flex min-h-11 cursor-pointer gap-3 border-t border-rule py-2 ${chosen ? 'bg-chalk-wash' : 'hover:bg-well'} px-2`}
    >
      <input
        type="radio"
        name="bed"
        className="mt-1 size-5 shrink-0 accent-(--chalk)"
        checked={chosen}
        onChange={onChoose}
      />
      <span className="min-w-0 grow">
        <span className="font-semibold">{name}</span> <span className="text-soft">{about}</span>
        {best && <span className="ml-2 text-[0.85rem] font-semibold text-leaf">best place</span>}
        <span className="block text-[0.9rem] leading-snug text-soft">
          {con.map((told) => (
            <span key={told.code} className="mr-1.5 text-ochre">
              {say(told, CHOOSING_PHRASES, tongue)}
            </span>
          ))}
          {pro.map((told) => (
            <span key={told.code} className="mr-1.5">
              {say(told, CHOOSING_PHRASES, tongue)}
            </span>
          ))}
        </span>
      </span>
    </label>
  );
}

/** The ranking in words. */
function standing(choice: Choice, rank: number): string {
  if (!choice.suits) return 'Does not suit';
  return rank === 0 ? 'First choice' : rank === 1 ? 'Second choice' : `Choice ${rank + 1}`;
}

/** One kind as it would stand here, small; the whole tile is the button. */
function KindTile({
  choice,
  rank,
  chosen,
  onChoose,
}: {
  choice: Choice;
  rank: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const { plan, tongue } = useGarden();
  return (
    <label
      className={`relative flex cursor-pointer flex-col bg-sheet p-2 focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-(--chalk) ${chosen ? 'shadow-[0_0_0_2px_var(--chalk)]' : 'shadow-[0_1px_0_var(--rule)] hover:shadow-[0_0_0_1.5px_var(--rule-strong)]'} `}
    >
      <input
        type="radio"
        name="kind"
        checked={chosen}
        onChange={onChoose}
        className="absolute top-3 left-3 size-4 accent-(--chalk)"
      />
      <Glance design={choice.design} around={choice.around} widthPx={236} heightPx={132} />
      <span className="mt-1 leading-tight font-semibold">{kindOf(choice.structure.kind).name}</span>
      <span className="mt-auto flex flex-wrap justify-between gap-x-2 pt-1 text-[0.9rem]">
        <span>{formatMoney(money(choice.cost.totalMinor, plan.garden.currency), tongue.locale)}</span>
        <span className={!choice.suits ? 'text-keel' : rank === 0 ? 'font-semibold text-leaf' : 'text-soft'}>
          {standing(choice, rank)}
        </span>
      </span>
    </label>
  );
}

/** The kind that is looked at: its drawing with figures, what it costs, what speaks for and against it. */
function Offer({
  choice,
  rank,
  weighing,
  onTake,
}: {
  choice: Choice;
  rank: number;
  weighing: boolean;
  onTake: () => void;
}) {
  const { plan, tongue } = useGarden();
  const { cost } = choice;
  const kind = kindOf(choice.structure.kind);
  const elevation = useMemo(() => drawViews(choice.design, choice.around)[0], [choice]);
  const amount = (minor: number) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  return (
    <article className="mt-6 grid gap-x-8 gap-y-4 border-t border-rule pt-5 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
      <div className="min-w-0 bg-sheet p-3">
        {elevation && <Drawing view={elevation} units={tongue.units} heightPx={330} />}
      </div>
      <div className="flex min-w-0 flex-col">
        <h3 className="flex flex-wrap items-baseline gap-x-3 text-xl">
          {kind.name}
          <span
            className={`font-sans text-[0.9rem] font-semibold ${!choice.suits ? 'text-keel' : rank === 0 ? 'text-leaf' : 'text-soft'}`}
          >
            {standing(choice, rank)}
          </span>
        </h3>
        <p className="text-[0.95rem] text-soft">{kind.blurb}</p>
        <p className="mt-2">
          <span className="text-2xl font-semibold">{amount(cost.totalMinor)}</span>{' '}
          <span className="text-soft">
            {cost.perPlantMinor !== null && `${amount(cost.perPlantMinor)} a plant · `}
            {perLength(cost, plan.garden.currency, tongue)} · {amount(cost.perSeasonMinor)} a season
          </span>
        </p>
        {!cost.complete && (
          <p className="text-[0.9rem] font-semibold text-keel">
            Too low: something on its list has no price in your book.
          </p>
        )}
        <div className="mt-3 mb-4 grid gap-x-6 gap-y-2 text-[0.95rem] sm:grid-cols-2 lg:grid-cols-1">
          <Reasons title="For it" facts={choice.pro} Icon={Check} colour="text-leaf" />
          <Reasons title="Against it" facts={choice.con} Icon={Minus} colour="text-ochre" />
        </div>
        <Button look="main" className="mt-auto self-start" disabled={weighing} onClick={onTake}>
          Take the {kind.name.split(/ on |,/)[0]?.toLowerCase()} to the bench
        </Button>
      </div>
    </article>
  );
}

function Reasons({
  title,
  facts,
  Icon,
  colour,
}: {
  title: string;
  facts: readonly Fact[];
  Icon: typeof Check;
  colour: string;
}) {
  const { tongue } = useGarden();
  return (
    <div>
      <h4 className="text-[0.85rem] font-semibold text-soft">{title}</h4>
      {facts.length === 0 && <p className="text-soft">Nothing much.</p>}
      <ul>
        {facts.map((told) => (
          <li key={told.code} className="flex gap-2 py-0.5 leading-snug">
            <Icon size={15} aria-hidden className={`mt-[3px] shrink-0 ${colour}`} />
            {say(told, CHOOSING_PHRASES, tongue)}
          </li>
        ))}
      </ul>
    </div>
  );
}
