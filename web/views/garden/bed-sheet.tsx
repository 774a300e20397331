'use client';
import Link from 'next/link';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { cropBook } from '@lignum/core/crops/book';
import { sidesOf } from '@lignum/core/plan/setting-of';
import { stoodIn, YEARS_TOLD } from '@lignum/core/plan/growing';
import { BED_SCHEMA } from '@lignum/core/formats/place-schemas';
import { formatLength } from '@lignum/core/quantity/length';
import { formatArea } from '@lignum/core/quantity/measure';
import { bedArea, isOnFloor, STANDING, underOf, type Bed } from '@lignum/core/site/bed';
import { bedNonsense } from '@lignum/core/site/bed-nonsense';
import { runsOf } from '@lignum/core/site/plot';
import { seasonName } from '@lignum/core/site/seasons';
import { SOILS, WINDS } from '@lignum/core/site/soil';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button } from '../../ui/button';
import { ChooserField } from '../../ui/chooser';
import { Sheet } from '../../ui/dialog';
import { LengthField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { FormChooser, FormLength, FormText, OtherFaults, RuledForm, useRuledForm } from '../../ui/form';
import { useGarden } from '../shell/garden-context';
import { UnderfootFields } from '../plot/underfoot-fields';
import { BedOutlineFields } from './bed-outline-fields';

const NOTHING = 'nothing';
const asChoices = (ids: readonly string[]) => ids.map((id) => ({ id, label: id }));
const RUNS = ['north–south', 'east–west'] as const;

/** A bed as walked with the tape. */
export default function BedSheet({
  onClose,
  start,
  isNew,
  onDone,
  onRemove,
}: {
  onClose: () => void;
  start: Bed;
  isNew: boolean;
  onDone: (bed: Bed) => void;
  onRemove?: () => void;
}) {
  const { id, plan, tongue } = useGarden();
  const sides = sidesOf(plan, start.id);
  const form = useRuledForm<Bed>(BED_SCHEMA, start, bedNonsense);
  const bed = useWatch({ control: form.control }) as Bed;
  return (
    <Sheet open onClose={onClose} title={isNew ? 'New bed' : 'The bed'}>
      <RuledForm form={form} schema={BED_SCHEMA} units={tongue.units} step={TAPE_STEP[tongue.units]} onDone={onDone}>
        <FormText name="name" label="Name" asks="Give the bed a name." maxLength={80} />
        <div className="grid grid-cols-2 gap-4">
          <FormLength name="lengthMm" label="Length" />
          <FormLength name="widthMm" label="Width" help={formatArea(bedArea(bed), tongue.units, tongue.locale)} />
          {sides ? (
            <p className="text-[0.9rem]">
              <span className="block font-medium">Height of its sides</span>
              <Link
                href={`/g/${id}/s/${sides.id}`}
                onClick={onClose}
                className="inline-flex min-h-11 items-center text-chalk underline"
              >
                Set by {sides.name}
              </Link>
            </p>
          ) : (
            <FormLength name="heightMm" label="Height of its sides" help="0 for open ground" />
          )}
          <ChooserField
            label="Long side lies"
            value={runsOf(bed, plan.site.northDeg)}
            choices={asChoices(RUNS)}
            onChange={(runs) => {
              if (runs !== runsOf(bed, plan.site.northDeg)) form.setValue('turnDeg', (bed.turnDeg + 90) % 180);
            }}
          />
        </div>
        <BedOutlineFields bed={bed} onChange={({ outline }) => form.setValue('outline', outline)} />
        <Fold
          className="-mt-2 border-b border-rule pb-2"
          title="Ground and wind"
          says={`${isOnFloor(bed) ? `on ${underOf(bed).is}` : bed.soil}, ${bed.wind === 'usual' ? 'usual wind' : bed.wind}, ${bed.riseMm === 0 ? 'level' : `${bed.riseMm < 0 ? 'falls' : 'rises'} ${formatLength(Math.abs(bed.riseMm), tongue.units)}`}`}
        >
          <div className="grid grid-cols-2 gap-4">
            <SlopeFields bed={bed} />
            <FormChooser name="soil" label="Soil" choices={asChoices(SOILS)} />
            {(sides ?? bed.heightMm > 0) && (
              <FormChooser
                name="fill"
                label="What fills it"
                choices={[
                  { id: 'loose', label: 'loose, filled this year or last' },
                  { id: 'settled', label: 'settled over some seasons' },
                ]}
                help="Loose fill holds no post"
              />
            )}
            <FormChooser name="wind" label="Wind" choices={asChoices(WINDS)} />
            <FormChooser name="standFrom" label="You can stand on" choices={asChoices(STANDING)} />
          </div>
          <div className="mt-3">
            <UnderfootFields
              id={`under-${bed.id}`}
              label="Under it"
              underfoot={underOf(bed)}
              onChange={(underfoot) => form.setValue('underfoot', underfoot.is === 'soil' ? undefined : underfoot)}
            />
          </div>
        </Fold>
        <GrewHere bed={bed} />
        <FormText name="note" label="Note" maxLength={400} />
        <OtherFaults names={{ riseMm: 'The rise from end to end' }} />
        <div className="flex flex-wrap justify-end gap-2">
          {onRemove && (
            <Button look="danger" className="mr-auto" onClick={onRemove}>
              Remove the bed
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            {isNew ? 'Add the bed' : 'Done'}
          </Button>
        </div>
      </RuledForm>
    </Sheet>
  );
}

/** What stood in the bed: known where it was planted in this plan, else the family that is said. */
function GrewHere({ bed }: { bed: Bed }) {
  const { plan, tongue } = useGarden();
  const length = (mm: number) => formatLength(mm, tongue.units);
  const { setValue } = useFormContext<Bed>();
  const season = plan.garden.year;
  const stood = stoodIn(plan, bed);
  const named = (year: number): string => seasonName(year, plan.site.latitudeDeg);
  const families = [
    ...new Set([...cropBook(plan.crops).map((crop) => crop.family), ...bed.grew.map(({ family }) => family)]),
  ].sort();
  return (
    <Fold
      className="-mt-2 border-b border-rule pb-2"
      title="What grew here"
      says={stood.map(({ year, family, crop }) => `${crop ?? family} ${named(year)}`).join(', ') || 'nothing, or mixed'}
    >
      <p className="mb-2 text-[0.9rem] text-soft">
        What was planted here in this plan is known; of seasons before that, say which plant family it was.
      </p>
      <div className="grid grid-cols-1 gap-3 sm:grid-cols-3">
        {Array.from({ length: YEARS_TOLD }, (_, i) => season - 1 - i).map((year) => {
          const planted = stood.filter((one) => one.year === year && one.crop !== null);
          return planted.length > 0 ? (
            <dl key={year}>
              <dt className="text-[0.9rem] font-medium">{named(year)}</dt>
              <dd className="py-2.5">
                {planted
                  .map(({ crop, along }) =>
                    along ? `${crop} (${length(along.fromMm)} to ${length(along.toMm)})` : crop,
                  )
                  .join(', ')}
              </dd>
            </dl>
          ) : (
            <ChooserField
              key={year}
              label={named(year)}
              value={bed.grew.find((one) => one.year === year)?.family ?? NOTHING}
              choices={[
                { id: NOTHING, label: 'nothing, or mixed' },
                ...families.map((family) => ({ id: family, label: family })),
              ]}
              onChange={(family) =>
                setValue('grew', [
                  ...bed.grew.filter((one) => one.year !== year),
                  ...(family === NOTHING ? [] : [{ year, family }]),
                ])
              }
            />
          );
        })}
      </div>
    </Fold>
  );
}

/** The fall of the row from two readings: from a level string line down to the soil, at its near and at its far end. */
function SlopeFields({ bed }: { bed: Bed }) {
  const { tongue } = useGarden();
  const { setValue } = useFormContext<Bed>();
  const [near, setNear] = useState(Math.max(0, bed.riseMm));
  const [far, setFar] = useState(Math.max(0, -bed.riseMm));
  const read = (nextNear: number, nextFar: number) => {
    setNear(nextNear);
    setFar(nextFar);
    setValue('riseMm', nextNear - nextFar, { shouldValidate: true });
  };
  const rise = near - far;
  const length = {
    units: tongue.units,
    step: TAPE_STEP[tongue.units],
    min: 0,
    max: Math.min(10_000, bed.lengthMm / 2),
  };
  return (
    <>
      <LengthField {...length} label="Line to soil, near end" mm={near} onChange={(mm) => read(mm, far)} />
      <LengthField
        {...length}
        label="and at the far end"
        mm={far}
        onChange={(mm) => read(near, mm)}
        help={
          rise === 0
            ? 'the row is level'
            : `the far end lies ${formatLength(Math.abs(rise), tongue.units)} ${rise < 0 ? 'lower' : 'higher'}`
        }
      />
    </>
  );
}
