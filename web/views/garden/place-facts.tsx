'use client';
import Link from 'next/link';
import { useId, useState } from 'react';
import { Copy, Download, History } from 'lucide-react';
import { Button, buttonLook } from '../../ui/button';
import { LengthField } from '../../ui/field';
import { part } from '../../ui/part';
import { SiteFields } from '../plot/site-fields';
import { changeGarden } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { OfflineNote } from '../shell/offline-note';
import { SeasonField } from './season-field';

/** Fetched when they are opened. */
const PlacePhotos = part(() => import('./place-photos'));
const EarlierVersions = part(() => import('./earlier-versions'));

/** What holds for the whole garden: what is remembered of it, who works it, its season, its ground, its file and its past. */
export default function PlaceFacts() {
  const { id, plan, store, tongue } = useGarden();
  const note = useId();
  const [history, setHistory] = useState(false);
  return (
    <div className="grid gap-4">
      <div>
        <label htmlFor={note} className="text-[0.9rem] font-medium">
          Note on the garden
        </label>
        <textarea
          id={note}
          rows={2}
          placeholder="What should you remember about this place?"
          value={plan.garden.note}
          maxLength={2000}
          onChange={(event) => store.edit(changeGarden({ note: event.target.value }), 'garden note')}
          className="mt-1 field-sizing-content w-full resize-none rounded-[3px] border border-rule-strong bg-sheet px-3 py-2"
        />
      </div>
      <PlacePhotos />
      <div className="flex flex-wrap items-end gap-3">
        <SeasonField />
        <div className="w-44">
          <LengthField
            label="The tallest of you reaches"
            units={tongue.units}
            mm={plan.garden.reachMm}
            min={1200}
            max={3000}
            step={tongue.units === 'imperial' ? 25.4 : 10}
            onChange={(reachMm) => store.edit(changeGarden({ reachMm }), 'reach')}
          />
        </div>
      </div>
      <SiteFields />
      <div className="-mx-4 flex flex-wrap border-t border-rule pt-2">
        <a href={`/api/gardens/${id}/plan`} download className={buttonLook('quiet')}>
          <Download size={16} aria-hidden />
          Save the plan file
        </a>
        <Button look="quiet" onClick={() => setHistory(true)}>
          <History size={16} aria-hidden />
          Earlier versions
        </Button>
        <Link href={`/g/${id}/beside`} className={buttonLook('quiet')}>
          <Copy size={16} aria-hidden />
          Try another layout
        </Link>
      </div>
      <OfflineNote />
      {history && <EarlierVersions onClose={() => setHistory(false)} />}
    </div>
  );
}
