'use client';
import { useWatch } from 'react-hook-form';
import { cropNonsense } from '@lignum/core/crops/crop-nonsense';
import type { Crop, Habit } from '@lignum/core/crops/crop';
import { CROP_SCHEMA } from '@lignum/core/formats/crop-schemas';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { LengthField, NumberField } from '../../ui/field';
import { FormChooser, FormLength, FormNumber, FormText, OtherFaults, RuledForm, useRuledForm } from '../../ui/form';
import { useGarden } from '../shell/garden-context';

const HABITS: readonly { id: Habit; label: string }[] = [
  { id: 'tendril-thin', label: 'climbs by thin tendrils' },
  { id: 'tendril-strong', label: 'climbs by strong tendrils' },
  { id: 'twiner', label: 'twines' },
  { id: 'leaner', label: 'leans, has to be tied' },
  { id: 'bush', label: 'a bush' },
  { id: 'none', label: 'does not climb' },
];
const asChoices = (ids: readonly string[]) => ids.map((id) => ({ id, label: id }));

/** A climber's usual holds, for a crop whose habit is changed to climbing. mm. */
const USUAL_HOLDS: Record<Habit, Crop['grips']> = {
  'tendril-thin': { memberMm: 6.35, stepMm: 76.2 },
  'tendril-strong': { memberMm: 25.4, stepMm: 203.2 },
  twiner: { memberMm: 50.8, stepMm: 304.8 },
  leaner: null,
  bush: null,
  none: null,
};

/** A gardener's own figures for a crop, checked for sense before they are used. */
export function CropSheet({
  onClose,
  start,
  onDone,
}: {
  onClose: () => void;
  start: Crop;
  onDone: (crop: Crop) => void;
}) {
  const { tongue } = useGarden();
  const form = useRuledForm<Crop>(CROP_SCHEMA, start, cropNonsense);
  const trainings = useWatch({ control: form.control, name: 'trainings' });
  const potLitres = useWatch({ control: form.control, name: 'potLitres' });
  const step = TAPE_STEP[tongue.units];
  const changeHabit = (habit: string) => {
    const usual = USUAL_HOLDS[habit as Habit];
    const own = form.getValues('grips');
    form.setValue('grips', own && usual ? own : usual);
    form.setValue('habit', habit as Habit, { shouldValidate: true });
  };
  return (
    <Sheet open onClose={onClose} title={start.name ? `${start.name}: your figures` : 'A crop of your own'}>
      <RuledForm form={form} schema={CROP_SCHEMA} units={tongue.units} step={step} onDone={onDone}>
        <FormText name="name" label="Name" asks="Give the crop a name." maxLength={80} />
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <FormChooser name="habit" label="How it grows" choices={HABITS} onChoose={changeHabit} />
          <FormLength name="heightMm" label="Grows to" />
          <FormLength name="supportToMm" label="Held up to" />
          <FormLength name="supportFromMm" label="Stands by itself to" />
          <FormLength name="gapMm.least" label="Gap, least" />
          <FormLength name="gapMm.most" label="Gap, most" />
          <FormNumber whole={false} name="wetKg" label="One plant, wet, kg" />
          <FormNumber whole={false} name="fruitKg" label="One fruit, kg" />
          <FormChooser name="load" label="Load" choices={asChoices(['light', 'medium', 'heavy'])} />
          <FormChooser name="hardiness" label="Frost" choices={asChoices(['tender', 'half-hardy', 'hardy'])} />
          <FormChooser name="slung" label="Sling" choices={asChoices(['never', 'large fruit', 'always'])} />
          <FormNumber
            name="daysToCrop.least"
            label={start.years ? 'Days from flower to fruit' : 'Days to first picking'}
          />
          <FormNumber whole={false} name="baseC" label="Grows from, °C" />
          {start.years && (
            <>
              <FormNumber whole={false} name="years.budsWeek" label="Buds, weeks from last frost" />
              {start.years.flowersWeek !== null && (
                <FormNumber whole={false} name="years.flowersWeek" label="Flowers, weeks from last frost" />
              )}
              <FormNumber name="years.picksForDays" label="Picked for, days" />
              <FormNumber name="years.firstCropYear" label="First crop in year" />
              <FormNumber name="seasons" label="Lives, years" />
            </>
          )}
          <NumberField
            label="In a planter, litres"
            help="Of mix a plant; 0: only in a bed."
            whole={false}
            min={0}
            max={200}
            value={potLitres ?? 0}
            onChange={(litres) => form.setValue('potLitres', litres > 0 ? litres : undefined)}
          />
        </div>
        {trainings.map((training, i) => (
          <LengthField
            key={training.id}
            units={tongue.units}
            step={step}
            label={`Apart, ${training.name}`}
            mm={training.spacingMm}
            min={10}
            max={6000}
            onChange={(spacingMm) => form.setValue(`trainings.${i}.spacingMm`, spacingMm)}
          />
        ))}
        <OtherFaults
          names={{
            slung: 'Sling',
            grips: 'What it holds on to',
            'sow.from': 'First sowing',
            'daysToCrop.most': 'Last picking',
            years: 'Its year',
          }}
        />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            Use these figures
          </Button>
        </div>
      </RuledForm>
    </Sheet>
  );
}
