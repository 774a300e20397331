'use client';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { cropIn } from '@lignum/core/crops/book';
import { PLANTING_SCHEMA } from '@lignum/core/formats/crop-schemas';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { sourcesOf } from '@lignum/core/crops/table';
import { formatLength } from '@lignum/core/quantity/length';
import type { Crop } from '@lignum/core/crops/crop';
import { yearOf } from '@lignum/core/growth/growth';
import { alongAsSaid, type AlongBed } from '@lignum/core/plan/along-bed';
import { asPlanted } from '@lignum/core/plan/growing';
import { plantingNonsense } from '@lignum/core/plan/planting-nonsense';
import type { Plan, Planting } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import type { Site } from '@lignum/core/site/plot';
import { monthDayOf } from '@lignum/core/site/sun/season';
import { formatMonthDay, type Tongue } from '@lignum/core/wording/say';
import { formatMass } from '@lignum/core/quantity/measure';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { Fold } from '../../ui/fold';
import { FormChooser, FormDay, FormLength, FormNumber, RuledForm, useRuledForm } from '../../ui/form';
import { CropSheet } from './crop-sheet';
import { cropChoices, HABIT_WORDS } from './crop-choices';
import { putCrop } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { newId } from '../../kept/new-id';

const weeks = (count: number): string =>
  count === 0
    ? 'from'
    : `${Math.abs(count)} ${Math.abs(count) === 1 ? 'week' : 'weeks'} ${count < 0 ? 'before' : 'after'}`;

/** When a crop does what in this garden, by its warmth. */
function yearFacts(crop: Crop, site: Site, locale: string): [string, string][] {
  const { starts, flowers, pickedFrom, pickedTo } = yearOf(crop, site);
  const on = (day: number): string => formatMonthDay(monthDayOf(day), locale);
  const picked =
    pickedFrom === null
      ? 'a year here is not warm enough for it to ripen'
      : `from about ${on(pickedFrom)}${pickedTo === null ? '' : ` to ${on(pickedTo)}`}`;
  return crop.years
    ? [
        ['Buds break', `about ${on(starts)}; ${crop.hardiness}`],
        ...(flowers === null ? [] : ([['Flowers', `about ${on(flowers)}`]] as [string, string][])),
        ['Picked', `${picked}, from year ${crop.years.firstCropYear}; lives about ${crop.seasons} years`],
      ]
    : [
        [
          'Sown or planted',
          crop.startsOn === undefined
            ? `from ${on(starts)}: ${weeks(crop.sow.from)} to ${weeks(crop.sow.to)} the last frost; ${crop.hardiness}`
            : `on ${on(starts)}; ${crop.hardiness}`,
        ],
        ['Picked', picked],
      ];
}

/** What is said of its days. @example daysWords({ sown: '2027-04-02' }, 'en-IE') // 'sown 2 April' */
const daysWords = (one: Pick<Planting, 'sown' | 'planted' | 'cleared'>, locale: string): string =>
  (['sown', 'planted', 'cleared'] as const)
    .flatMap((what) => {
      const day = one[what];
      return day ? [`${what} ${formatMonthDay(day.slice(5), locale)}`] : [];
    })
    .join(', ');

/** What the crop table knows of a crop, and when it does what here. */
function factsOf(crop: Crop, draft: Planting, plan: Plan, { units, locale }: Tongue): [string, string][] {
  const length = (mm: number) => formatLength(mm, units);
  const own = plan.crops.some((one) => one.id === crop.id);
  const from = own ? 'your own figure' : sourcesOf(crop).heightMm;
  const held: [string, string][] = [
    ['Held up to', length(crop.supportToMm)],
    ['Stands by itself to', length(crop.supportFromMm)],
  ];
  const netted =
    crop.underNet === 'opens for insects' ? 'open it for insects while it flowers' : 'sets fruit by itself';
  return [
    ['Grows to', `${length(crop.heightMm)} (${from})`],
    ...(crop.supportToMm > 0 ? held : []),
    ['In full crop, wet', `${formatMass(crop.wetKg, units, locale)} a plant: a ${crop.load} load`],
    ...yearFacts(asPlanted(crop, draft), plan.site, locale),
    ['Sun', crop.sun === 'full' ? 'six hours and more' : 'three hours will do'],
    ...(crop.underNet === 'no fruit wanted' ? [] : [['Under a net', netted] as [string, string]]),
    ['Kept from', crop.pests.map((pest) => `${pest.pest} (${pest.barrier})`).join('; ')],
  ];
}

/** The days on which it was really sown, planted out and cleared. */
function DaysFold({ draft, lives }: { draft: Planting; lives: boolean }) {
  const { tongue } = useGarden();
  return (
    <Fold
      className="-my-1 border-y border-rule py-1"
      title="When it was done"
      says={daysWords(draft, tongue.locale) || 'nothing said yet'}
    >
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-3">
        <FormDay name="sown" label="Sown" />
        <FormDay
          name="planted"
          label={lives ? 'Planted' : 'Planted out'}
          {...(lives ? {} : { help: 'It grows from this day' })}
        />
        <FormDay name="cleared" label="Cleared" />
      </div>
    </Fold>
  );
}

/** The stretch of its bed that it takes, where it is not all of it. */
function PlaceFold({ draft, bed }: { draft: Planting; bed: Bed }) {
  const { tongue } = useGarden();
  const { setValue } = useFormContext<Planting>();
  const said = alongAsSaid(draft);
  const length = (mm: number) => formatLength(mm, tongue.units);
  const take = (stretch: Partial<AlongBed>) => {
    // Both ends or neither: half a stretch is none.
    setValue('fromMm', stretch.fromMm as number);
    setValue('toMm', stretch.toMm as number);
  };
  return (
    <Fold
      className="-my-1 border-b border-rule py-1"
      title="Where in the bed"
      says={said ? `${length(said.fromMm)} to ${length(said.toMm)}` : 'anywhere in it'}
    >
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-(--chalk)"
          checked={said !== null}
          onChange={(event) => take(event.target.checked ? { fromMm: 0, toMm: bed.lengthMm } : {})}
        />
        It takes a stretch of {bed.name}, {length(bed.lengthMm)} long
      </label>
      {said && (
        <div className="grid grid-cols-2 gap-4">
          <FormLength name="fromMm" label="From" help="From the near end" />
          <FormLength name="toMm" label="To" />
        </div>
      )}
    </Fold>
  );
}

/** What grows, how it is trained, and how many: with what the crop table knows of it. */
export default function PlantingSheet({
  onClose,
  start,
  onDone,
  onRemove,
}: {
  onClose: () => void;
  start: Planting;
  onDone: (planting: Planting) => void;
  onRemove?: () => void;
}) {
  const { plan, store, tongue } = useGarden();
  const [altering, setAltering] = useState<Crop | null>(null);
  const form = useRuledForm<Planting>(PLANTING_SCHEMA, start, plantingNonsense);
  const draft = useWatch({ control: form.control }) as Planting;
  const crop = cropIn(plan.crops, draft.crop);
  const bed = plan.beds.find(({ id }) => id === start.bed);
  const length = (mm: number) => formatLength(mm, tongue.units);
  const chooseCrop = (id: string) => {
    form.setValue('crop', id);
    form.setValue('training', cropIn(plan.crops, id).trainings[0]?.id ?? '');
  };
  return (
    <Sheet open onClose={onClose} title={onRemove ? 'What grows here' : 'Plant something'}>
      <RuledForm
        form={form}
        schema={PLANTING_SCHEMA}
        units={tongue.units}
        step={TAPE_STEP[tongue.units]}
        onDone={onDone}
      >
        <FormChooser
          name="crop"
          label="Crop"
          choices={cropChoices(plan.crops)}
          onChoose={chooseCrop}
          help={HABIT_WORDS[crop.habit]}
        />
        <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_8rem]">
          <FormChooser
            name="training"
            label="Trained"
            choices={crop.trainings.map((one) => ({
              id: one.id,
              label: `${one.name}, ${length(one.spacingMm)} apart`,
            }))}
          />
          <FormNumber name="count" label="Plants" />
        </div>
        <dl className="grid grid-cols-[9rem_1fr] gap-y-1 border-t border-rule pt-3 text-[0.9rem]">
          {factsOf(crop, draft, plan, tongue).map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="text-soft">{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
        {bed && <PlaceFold draft={draft} bed={bed} />}
        <DaysFold draft={draft} lives={crop.years !== undefined} />
        <div className="-my-2 flex flex-wrap gap-x-2">
          <Button look="quiet" onClick={() => setAltering(crop)}>
            Change these figures
          </Button>
          <Button look="quiet" onClick={() => setAltering({ ...crop, id: `crop-${newId()}`, name: '' })}>
            Add a crop like it
          </Button>
        </div>
        <div className="flex flex-wrap justify-end gap-2">
          {onRemove && (
            <Button look="danger" className="mr-auto" onClick={onRemove}>
              Remove it
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            {onRemove ? 'Done' : 'Plant it'}
          </Button>
        </div>
      </RuledForm>
      {altering && (
        <CropSheet
          onClose={() => setAltering(null)}
          start={altering}
          onDone={(changed) => {
            store.edit(putCrop(changed));
            form.setValue('crop', changed.id);
            form.setValue(
              'training',
              changed.trainings.find((one) => one.id === draft.training)?.id ?? changed.trainings[0]?.id ?? '',
            );
            setAltering(null);
          }}
        />
      )}
    </Sheet>
  );
}
