'use client';
import { useRouter } from 'next/navigation';
import { ChartLine } from 'lucide-react';
import { useMemo, useState } from 'react';
import { plantersFor, sketchesFor } from '@lignum/core/choosing/sketches';
import { startOf, type Choice } from '@lignum/core/choosing/weigh';
import { closestTraining } from '@lignum/core/crops/table';
import { cropIn } from '@lignum/core/crops/book';
import type { Plan, Planting } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { cardOf } from '@lignum/core/structures/cards';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import type { Bed } from '@lignum/core/site/bed';
import { Button } from '../../ui/button';
import { ChooserField } from '../../ui/chooser';
import { LengthField, NumberField } from '../../ui/field';
import { part } from '../../ui/part';
import { cropChoices, HABIT_WORDS } from '../garden/crop-choices';
import { plantingWords } from '../../words/crop-words';
import { newPlanting, plantsFilling } from '../garden/beginnings';
import { newStructures } from '../garden/new-structure';
import { addBed, grownWords, newBed, openSpot } from '../garden/new-bed';
import { addPlanting, addStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { choosingWorker } from '../shell/choosing-worker';
import { useAnswer } from '../shell/use-answer';
import { BedOption } from './bed-option';
import type { RankedBed } from '../../kept/ranked-bed';
import { waitingOn } from './first-planting';
import { KindTile, Offer } from './on-what';
import type { BedsAnswer, BedsQuestion, KindsAnswer, KindsQuestion } from '../../workers/choosing-messages';

/** Charts are fetched only when one is opened. */
const SeasonsChart = part(
  async () => ({ default: (await import('./seasons-chart')).SeasonsChart }),
  <p className="py-8 text-soft">Drawing…</p>,
);

const NEW = 'new';
/** No bed: what it grows in is a planter. */
const PLANTER = 'planter';
/** The best few beds are shown; the others can be asked for. */
const BEDS_AT_FIRST = 3;

/** What is asked for a planting, and what of. */
const WAYS = {
  support: { asks: 'On what?', kinds: 'support' },
  guard: { asks: 'Under what, or behind what?', kinds: 'cover and fence' },
  planter: { asks: 'In what?', kinds: 'planter' },
} as const;

/** Bed, crop, support: three answers, and each support is sized and priced for real beside the others. Decision 47. */
export function NewRow({
  bedId,
  kindId,
  firstBeds,
}: {
  bedId: string | undefined;
  kindId: string | undefined;
  /** The beds ranked for what the page begins with. */
  firstBeds: readonly RankedBed[];
}) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const [fresh, setFresh] = useState<Bed>(() => newBed(plan, tongue.units));
  const [chosenBed, setChosenBed] = useState(plan.beds.some((bed) => bed.id === bedId) ? (bedId as string) : NEW);
  // A new one lies where there is room for it.
  const onPlot = useMemo(() => (chosenBed === NEW ? addBed(fresh)(plan) : plan), [plan, chosenBed, fresh]);
  const bed = onPlot.beds.find((one) => one.id === (chosenBed === NEW ? fresh.id : chosenBed)) ?? fresh;
  const waiting = waitingOn(plan, bed.id);
  const [chosenPlanting, setChosenPlanting] = useState<string>(waiting[0]?.id ?? NEW);
  const [draft, setDraft] = useState<Planting>(() => newPlanting(bed, plan.garden.year));
  const known = waiting.find((one) => one.id === chosenPlanting);
  const isNewPlanting = known === undefined;
  const planting = known ?? draft;
  const crop = cropIn(plan.crops, planting.crop);
  // What does not climb is not held but kept safe.
  const way = chosenBed === PLANTER ? WAYS.planter : WAYS[crop.habit === 'none' ? 'guard' : 'support'];
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };

  const inPlanter = chosenBed === PLANTER;

  const changeCrop = (cropId: string) => {
    const next = cropIn(plan.crops, cropId);
    setDraft(newPlanting(bed, plan.garden.year, next));
    if (inPlanter && next.potLitres === undefined) setChosenBed(NEW);
  };
  const changeTraining = (training: string) => {
    const spacing = crop.trainings.find((one) => one.id === training)?.spacingMm ?? bed.lengthMm;
    setDraft({ ...planting, training, count: plantsFilling(bed.lengthMm, spacing) });
  };
  const changeBedLength = (lengthMm: number) => {
    setFresh({ ...fresh, lengthMm });
    const spacing = crop.trainings.find((one) => one.id === planting.training)?.spacingMm ?? lengthMm;
    setDraft({ ...planting, count: plantsFilling(lengthMm, spacing) });
  };

  const kindsQuestion = useMemo((): KindsQuestion => {
    const sketch: Plan = {
      ...onPlot,
      plantings: [...onPlot.plantings.filter((one) => one.id !== planting.id), planting],
    };
    return {
      about: 'kinds',
      plan: sketch,
      sketches: (inPlanter ? plantersFor(planting, openSpot(onPlot)) : sketchesFor(sketch, bed, planting)).map((one) =>
        newStructures(one, sketch),
      ),
    };
  }, [onPlot, bed, planting, inPlanter]);
  const kinds = useAnswer<KindsQuestion, KindsAnswer>(choosingWorker, kindsQuestion);
  const choices = kinds.answer ?? [];
  const weighing = kinds.of !== kindsQuestion;
  const [comparing, setComparing] = useState(false);
  const [lookedAt, setLookedAt] = useState<string | null>(kindId ?? null);
  const looked = choices.find((choice) => choice.structure.kind === lookedAt) ?? choices[0];

  const bedsQuestion = useMemo(
    (): BedsQuestion => ({
      about: 'beds',
      plan,
      planting: { id: planting.id, crop: planting.crop, training: planting.training, count: planting.count },
    }),
    [plan, planting.id, planting.crop, planting.training, planting.count],
  );
  const { answer: rankedBeds } = useAnswer<BedsQuestion, BedsAnswer>(choosingWorker, bedsQuestion);
  const bedById = new Map(plan.beds.map((one) => [one.id, one]));
  const beds = (rankedBeds?.map((one): RankedBed => ({ ...one, bed: one.bed.id })) ?? firstBeds).flatMap((one) => {
    const there = bedById.get(one.bed);
    return there ? [{ ...one, bed: there }] : [];
  });
  const [allBeds, setAllBeds] = useState(false);
  const shownBeds = allBeds ? beds : beds.filter((one, rank) => rank < BEDS_AT_FIRST || one.bed.id === chosenBed);
  const chooseBed = (next: string) => {
    setChosenBed(next);
    const there = plan.beds.find((one) => one.id === next) ?? fresh;
    const idle = waitingOn(plan, next).find((one) => one.crop === planting.crop);
    setChosenPlanting(idle?.id ?? NEW);
    const training = next === PLANTER ? closestTraining(crop).id : planting.training;
    setDraft({ ...newPlanting(there, plan.garden.year, crop), training, count: planting.count });
  };

  // Told once a change has been weighed: who does not see the tiles hears what it came to.
  const [first] = choices;
  const weighed =
    weighing || !first
      ? ''
      : `${plantingWords(planting, plan.crops)}, ${inPlanter ? 'in a planter' : bed.name}: ${choices.length} ${choices.length === 1 ? 'kind' : 'kinds'} weighed. First ${cardOf(first.structure.kind).name}, ${formatMoney(money(startOf(first), plan.garden.currency), tongue.locale)}.`;

  const take = ({ structure, also }: Choice) => {
    const longer = chosenBed === NEW ? grownWords(plan, fresh, (mm) => formatLength(mm, tongue.units)) : null;
    store.edit((now) => {
      const withBed = chosenBed === NEW ? addBed(fresh)(now) : now;
      const grown = inPlanter ? { ...planting, bed: structure.id } : planting;
      const withPlanting = isNewPlanting ? addPlanting(grown)(withBed) : withBed;
      return [structure, ...also].reduce((so, one) => addStructure(one)(so), withPlanting);
    });
    if (longer) notice.say(longer, store.getState().plan);
    router.push(`/g/${id}/s/${structure.id}`);
  };

  return (
    <main className="mx-auto max-w-7xl px-4 pt-5 pb-20 lg:grid lg:grid-cols-[21rem_minmax(0,1fr)] lg:items-start lg:gap-x-10">
      <h1 className="mb-3 text-3xl lg:col-span-2">Plan a row</h1>
      <div className="grid grid-cols-1 gap-y-6 border-t-2 border-ink pt-4">
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
                choices={cropChoices(plan.crops)}
                onChange={changeCrop}
                help={HABIT_WORDS[crop.habit]}
              />
              <div className="grid grid-cols-[minmax(0,1fr)_5.5rem] gap-3">
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
            {crop.potLitres !== undefined && (
              <BedOption
                chosen={inPlanter}
                onChoose={() => chooseBed(PLANTER)}
                name="No bed: in a planter"
                about="a tower of pots, or a pallet on a wall"
                best={false}
                pro={[]}
                con={[]}
              />
            )}
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
              <LengthField
                {...length}
                label="Bed height"
                mm={fresh.heightMm}
                min={0}
                max={2000}
                help="0: level with the ground."
                onChange={(heightMm) => setFresh({ ...fresh, heightMm })}
              />
            </div>
          )}
        </section>
      </div>
      <section aria-labelledby="on-what" className="mt-8 min-w-0 border-t-2 border-ink pt-4 lg:mt-0">
        <div className="-my-1.5 flex flex-wrap items-center justify-between gap-2">
          <h2 id="on-what" className="text-xl">
            {way.asks}
          </h2>
          <Button look="quiet" aria-expanded={comparing} onClick={() => setComparing(!comparing)}>
            <ChartLine size={17} aria-hidden />
            {comparing ? 'Close the comparison' : 'Compare over ten seasons'}
          </Button>
        </div>
        {comparing && <SeasonsChart choices={choices.filter((choice) => choice.cost.complete).slice(0, 3)} />}
        <p role="status" className="sr-only">
          {weighed}
        </p>
        {choices.length === 0 && (
          <p role="status" className="py-10 text-soft">
            Sizing, pricing and weighing {kindsQuestion.sketches.length}{' '}
            {kindsQuestion.sketches.length === 1 ? 'kind' : 'kinds'} of {way.kinds}…
          </p>
        )}
        {looked && (
          <Offer
            key={looked.structure.kind}
            choice={looked}
            rank={choices.indexOf(looked)}
            weighing={weighing}
            onTake={() => take(looked)}
          />
        )}
        <div
          role="radiogroup"
          aria-label={`Kinds of ${way.kinds}, the best for this planting first`}
          aria-busy={weighing}
          className={`mt-6 grid grid-cols-2 gap-3 md:grid-cols-4 ${weighing ? 'opacity-60' : ''}`}
        >
          {choices.map((choice, rank) => (
            <KindTile
              key={choice.structure.kind}
              choice={choice}
              rank={rank}
              chosen={choice === looked}
              onChoose={setLookedAt}
            />
          ))}
        </div>
      </section>
      {looked && (
        <div className="stands-over no-print sticky bottom-0 z-20 -mx-4 mt-6 flex items-center gap-3 bg-sheet px-4 py-2 shadow-[0_-1.5px_0_var(--rule-strong)] lg:hidden">
          <span className="min-w-0 grow leading-tight">
            <span className="block truncate text-[0.9rem]">{cardOf(looked.structure.kind).name}</span>
            <span className="font-semibold">
              {formatMoney(money(startOf(looked), plan.garden.currency), tongue.locale)}
              {looked.times > 1 && ' for all'}
            </span>
          </span>
          <Button look="main" disabled={weighing} onClick={() => take(looked)}>
            Open the design
          </Button>
        </div>
      )}
    </main>
  );
}
