'use client';
import { useEffect, useState } from 'react';
import { CROPS, cropOf, sourcesOf } from '@lignum/core/crops/table';
import { formatLength } from '@lignum/core/quantity/length';
import type { Planting } from '@lignum/core/plan/plan';
import { formatMass } from '@lignum/core/quantity/measure';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { ChooserField, NumberField } from '../../ui/field';
import { HABIT_WORDS } from './crop-words';
import { useGarden } from '../shell/garden-context';

/** What grows, how it is trained, and how many: with what the crop table knows of it. */
export function PlantingSheet({ open, onClose, start, onDone, onRemove }: { open: boolean; onClose: () => void; start: Planting; onDone: (planting: Planting) => void; onRemove?: () => void }) {
  const { tongue } = useGarden();
  const [draft, setDraft] = useState(start);
  useEffect(() => { if (open) setDraft(start); }, [open, start]);
  const crop = cropOf(draft.crop);
  const sources = sourcesOf(crop);
  const length = (mm: number) => formatLength(mm, tongue.units);
  const chooseCrop = (id: string) => setDraft({ ...draft, crop: id, training: cropOf(id).trainings[0]?.id ?? '' });
  const facts: [string, string][] = [
    ['Grows to', `${length(crop.heightMm)} (${sources.heightMm})`],
    ...(crop.supportToMm > 0 ? [['Held up to', length(crop.supportToMm)], ['Stands by itself to', length(crop.supportFromMm)]] as [string, string][] : []),
    ['In full crop, wet', `${formatMass(crop.wetKg, tongue.units, tongue.locale)} a plant: a ${crop.load} load`],
    ['Kept from', crop.pests.map((pest) => `${pest.pest} (${pest.barrier})`).join('; ')],
  ];
  return (
    <Sheet open={open} onClose={onClose} title={onRemove ? 'What grows here' : 'Plant something'}>
      <form className="grid gap-4" onSubmit={(event) => { event.preventDefault(); onDone(draft); }}>
        <ChooserField label="Crop" value={draft.crop} choices={CROPS.map((one) => ({ id: one.id, label: one.name }))} onChange={chooseCrop} help={HABIT_WORDS[crop.habit]} />
        <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_8rem]">
          <ChooserField label="Trained" value={draft.training} choices={crop.trainings.map((one) => ({ id: one.id, label: `${one.name}, ${length(one.spacingMm)} apart` }))} onChange={(training) => setDraft({ ...draft, training })} />
          <NumberField label="Plants" value={draft.count} min={1} max={2000} onChange={(count) => setDraft({ ...draft, count })} />
        </div>
        <dl className="grid grid-cols-[9rem_1fr] gap-y-1 border-t border-rule pt-3 text-[0.9rem]">
          {facts.map(([name, value]) => <div key={name} className="contents"><dt className="text-soft">{name}</dt><dd>{value}</dd></div>)}
        </dl>
        <div className="flex flex-wrap justify-end gap-2">
          {onRemove && <Button look="danger" className="mr-auto" onClick={onRemove}>Take it out</Button>}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">{onRemove ? 'Done' : 'Plant it'}</Button>
        </div>
      </form>
    </Sheet>
  );
}
