'use client';
import { useId, useState } from 'react';
import { cropNonsense } from '@lignum/core/crops/book';
import type { Crop, Habit } from '@lignum/core/crops/crop';
import { formatLength } from '@lignum/core/quantity/length';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { ChooserField } from '../../ui/chooser';
import { Field, inputLook, LengthField, NumberField } from '../../ui/field';
import { useGarden } from '../shell/garden-context';

const HABITS: readonly { id: Habit; label: string }[] = [
  { id: 'tendril-thin', label: 'climbs by thin tendrils' },
  { id: 'tendril-strong', label: 'climbs by strong tendrils' },
  { id: 'twiner', label: 'twines' },
  { id: 'leaner', label: 'leans, has to be tied' },
  { id: 'bush', label: 'a bush' },
  { id: 'none', label: 'does not climb' },
];
const LOADS = ['light', 'medium', 'heavy'].map((id) => ({ id, label: id }));
const HARDY = ['tender', 'half-hardy', 'hardy'].map((id) => ({ id, label: id }));

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
  open,
  onClose,
  start,
  onDone,
}: {
  open: boolean;
  onClose: () => void;
  start: Crop;
  onDone: (crop: Crop) => void;
}) {
  const { tongue } = useGarden();
  const name = useId();
  const [crop, setCrop] = useState(start);
  const [tried, setTried] = useState(false);
  const change = (part: Partial<Crop>) => setCrop({ ...crop, ...part });
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const nonsense = cropNonsense(crop);
  // Lengths in the sense check are millimetres; here they are said in the gardener's own units.
  const said = (message: string) =>
    message.replace(/\d+(\.\d+)?/g, (number) =>
      Number(number) > 20 ? formatLength(Number(number), tongue.units) : number,
    );
  const NAMES: Record<string, string> = {
    supportToMm: 'Held up to',
    supportFromMm: 'Stands by itself to',
    'gapMm/least': 'Gap under a panel',
    fruitKg: 'One fruit',
    slung: 'Sling',
    grips: 'Holds',
    'daysToCrop/least': 'Days to the first picking',
    'sow/from': 'First sowing',
  };
  return (
    <Sheet open={open} onClose={onClose} title={start.name ? `${start.name}: your figures` : 'A crop of your own'}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          event.stopPropagation();
          if (crop.name.trim() && nonsense.length === 0) onDone({ ...crop, name: crop.name.trim() });
          else setTried(true);
        }}
      >
        <Field label="Name" htmlFor={name} fault={tried && !crop.name.trim() ? 'Give the crop a name.' : null}>
          <input
            id={name}
            value={crop.name}
            maxLength={80}
            onChange={(event) => change({ name: event.target.value })}
            className={inputLook}
          />
        </Field>
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <ChooserField
            label="How it grows"
            value={crop.habit}
            choices={HABITS}
            onChange={(habit) =>
              change({
                habit: habit as Habit,
                grips: crop.grips && USUAL_HOLDS[habit as Habit] ? crop.grips : USUAL_HOLDS[habit as Habit],
              })
            }
          />
          <LengthField
            {...length}
            label="Grows to"
            mm={crop.heightMm}
            min={50}
            max={15_000}
            onChange={(heightMm) => change({ heightMm })}
          />
          <LengthField
            {...length}
            label="Held up to"
            mm={crop.supportToMm}
            min={0}
            max={6000}
            onChange={(supportToMm) => change({ supportToMm })}
          />
          <LengthField
            {...length}
            label="Stands by itself to"
            mm={crop.supportFromMm}
            min={0}
            max={3000}
            onChange={(supportFromMm) => change({ supportFromMm })}
          />
          <LengthField
            {...length}
            label="Gap, least"
            mm={crop.gapMm.least}
            min={0}
            max={1500}
            onChange={(least) => change({ gapMm: { ...crop.gapMm, least } })}
          />
          <LengthField
            {...length}
            label="Gap, most"
            mm={crop.gapMm.most}
            min={0}
            max={1500}
            onChange={(most) => change({ gapMm: { ...crop.gapMm, most } })}
          />
          <NumberField
            whole={false}
            label="One plant, wet, kg"
            value={crop.wetKg}
            min={0.001}
            max={500}
            onChange={(wetKg) => change({ wetKg })}
          />
          <NumberField
            whole={false}
            label="One fruit, kg"
            value={crop.fruitKg}
            min={0}
            max={50}
            onChange={(fruitKg) => change({ fruitKg })}
          />
          <ChooserField
            label="Load"
            value={crop.load}
            choices={LOADS}
            onChange={(load) => change({ load: load as Crop['load'] })}
          />
          <ChooserField
            label="Frost"
            value={crop.hardiness}
            choices={HARDY}
            onChange={(hardiness) => change({ hardiness: hardiness as Crop['hardiness'] })}
          />
          <ChooserField
            label="Sling"
            value={crop.slung}
            choices={['never', 'large fruit', 'always'].map((id) => ({ id, label: id }))}
            onChange={(slung) => change({ slung: slung as Crop['slung'] })}
          />
          <NumberField
            label="Days to first picking"
            value={crop.daysToCrop.least}
            min={10}
            max={3000}
            onChange={(least) => change({ daysToCrop: { ...crop.daysToCrop, least } })}
          />
        </div>
        {crop.trainings.map((training, i) => (
          <LengthField
            key={training.id}
            {...length}
            label={`Apart, ${training.name}`}
            mm={training.spacingMm}
            min={10}
            max={6000}
            onChange={(spacingMm) =>
              change({ trainings: crop.trainings.map((one, n) => (n === i ? { ...one, spacingMm } : one)) })
            }
          />
        ))}
        {nonsense.length > 0 && (
          <ul role="alert" className="border-l-4 border-keel pl-3 text-[0.95rem] text-keel">
            {nonsense.map(({ field, message }) => (
              <li key={field + message}>
                <strong>{NAMES[field] ?? field}</strong> {said(message)}.
              </li>
            ))}
          </ul>
        )}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={nonsense.length > 0}>
            Use these figures
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
