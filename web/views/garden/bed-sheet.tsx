'use client';
import { useEffect, useId, useState } from 'react';
import { STANDING, type Bed } from '@lignum/core/site/bed';
import { SOILS, WINDS } from '@lignum/core/site/soil';
import { formatLength } from '@lignum/core/quantity/length';
import { formatArea } from '@lignum/core/quantity/measure';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { cropBook } from '@lignum/core/crops/book';
import { runsOf } from '@lignum/core/site/plot';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { ChooserField } from '../../ui/chooser';
import { Field, inputLook, LengthField } from '../../ui/field';
import { BedOutlineFields } from './bed-outline-fields';
import { useGarden } from '../shell/garden-context';

const NOTHING = 'nothing';
const asChoices = (ids: readonly string[]) => ids.map((id) => ({ id, label: id }));

/** A bed as walked with the tape. */
export function BedSheet({
  open,
  onClose,
  start,
  isNew,
  onDone,
  onRemove,
}: {
  open: boolean;
  onClose: () => void;
  start: Bed;
  isNew: boolean;
  onDone: (bed: Bed) => void;
  onRemove?: () => void;
}) {
  const { plan, tongue } = useGarden();
  const name = useId();
  const note = useId();
  const [bed, setBed] = useState(start);
  const [missing, setMissing] = useState(false);
  useEffect(() => {
    if (open) setBed(start);
  }, [open, start]);
  const families = [
    ...new Set([
      ...cropBook(plan.crops).map((crop) => crop.family),
      ...bed.grewBefore.filter((family) => family !== ''),
    ]),
  ].sort();
  const change = (part: Partial<Bed>) => setBed({ ...bed, ...part });
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const riseMost = Math.min(10_000, bed.lengthMm / 2);
  return (
    <Sheet open={open} onClose={onClose} title={isNew ? 'New bed' : 'The bed'}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (bed.name.trim())
            onDone({ ...bed, name: bed.name.trim(), riseMm: Math.max(-riseMost, Math.min(riseMost, bed.riseMm)) });
          else setMissing(true);
        }}
      >
        <Field label="Name" htmlFor={name} fault={missing && !bed.name.trim() ? 'Give the bed a name.' : null}>
          <input
            id={name}
            value={bed.name}
            maxLength={80}
            onChange={(event) => change({ name: event.target.value })}
            className={inputLook}
          />
        </Field>
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <LengthField
            {...length}
            label="Length"
            mm={bed.lengthMm}
            min={300}
            max={60_000}
            onChange={(lengthMm) => change({ lengthMm })}
          />
          <LengthField
            {...length}
            label="Width"
            mm={bed.widthMm}
            min={150}
            max={12_000}
            onChange={(widthMm) => change({ widthMm })}
            help={formatArea(bed.lengthMm * bed.widthMm, tongue.units, tongue.locale)}
          />
          <LengthField
            {...length}
            label="Height of its sides"
            mm={bed.heightMm}
            min={0}
            max={1500}
            onChange={(heightMm) => change({ heightMm })}
            help="0 for open ground"
          />
          <SlopeFields bed={bed} most={riseMost} onChange={(riseMm) => change({ riseMm })} />
          <ChooserField
            label="You can stand on"
            value={bed.standFrom}
            choices={asChoices(STANDING)}
            onChange={(standFrom) => change({ standFrom: standFrom as Bed['standFrom'] })}
          />
          <ChooserField
            label="It runs"
            value={runsOf(bed, plan.site.northDeg)}
            choices={asChoices(['north–south', 'east–west'])}
            onChange={(runs) => {
              if (runs !== runsOf(bed, plan.site.northDeg)) change({ turnDeg: (bed.turnDeg + 90) % 180 });
            }}
          />
          <ChooserField
            label="Soil"
            value={bed.soil}
            choices={asChoices(SOILS)}
            onChange={(soil) => change({ soil: soil as Bed['soil'] })}
          />
          <ChooserField
            label="Wind"
            value={bed.wind}
            choices={asChoices(WINDS)}
            onChange={(wind) => change({ wind: wind as Bed['wind'] })}
          />
        </div>
        <BedOutlineFields bed={bed} onChange={change} />
        <fieldset>
          <legend className="mb-1 text-[0.9rem] font-medium">Which plant family stood here before</legend>
          <div className="grid grid-cols-1 gap-3 sm:grid-cols-3">
            {['last year', 'two years ago', 'three years ago'].map((when, i) => (
              <ChooserField
                key={when}
                label={when}
                value={bed.grewBefore[i] || NOTHING}
                choices={[
                  { id: NOTHING, label: 'nothing, or mixed' },
                  ...families.map((family) => ({ id: family, label: family })),
                ]}
                onChange={(family) =>
                  change({
                    grewBefore: [0, 1, 2].map((n) =>
                      n === i ? (family === NOTHING ? '' : family) : (bed.grewBefore[n] ?? ''),
                    ),
                  })
                }
              />
            ))}
          </div>
        </fieldset>
        <Field label="Note" htmlFor={note}>
          <input
            id={note}
            value={bed.note}
            maxLength={400}
            onChange={(event) => change({ note: event.target.value })}
            className={inputLook}
          />
        </Field>
        <div className="flex flex-wrap justify-end gap-2">
          {onRemove && (
            <Button look="danger" className="mr-auto" onClick={onRemove}>
              Take the bed away
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            {isNew ? 'Add the bed' : 'Done'}
          </Button>
        </div>
      </form>
    </Sheet>
  );
}

/** The fall of the row from two readings: from a level string line down to the soil, at its near and at its far end. */
function SlopeFields({ bed, most, onChange }: { bed: Bed; most: number; onChange: (riseMm: number) => void }) {
  const { tongue } = useGarden();
  const [near, setNear] = useState(Math.max(0, bed.riseMm));
  const [far, setFar] = useState(Math.max(0, -bed.riseMm));
  const read = (nextNear: number, nextFar: number) => {
    setNear(nextNear);
    setFar(nextFar);
    onChange(nextNear - nextFar);
  };
  const rise = near - far;
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units], min: 0, max: most };
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
