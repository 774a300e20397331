'use client';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useId, useState } from 'react';
import type { PhotoChange } from '../../kept/photo';
import type { ShownPhoto } from '../../kept/photo-book';
import { Button } from '../../ui/button';
import { ChooserField } from '../../ui/chooser';
import { Sheet } from '../../ui/dialog';
import { Field, inputLook } from '../../ui/field';
import type { PartChoice } from '../../words/part-choices';
import { Picture } from './picture';

const ALL = 'all of it';

/** One photo, large, and what is said of it. */
export function PhotoSheet({
  garden,
  photo,
  parts,
  title,
  place: [at, many],
  onStep,
  onSay,
  onRemove,
  onClose,
}: {
  garden: string;
  photo: ShownPhoto;
  parts: readonly PartChoice[];
  title: string;
  /** The how many-eth of how many. */
  place: readonly [number, number];
  onStep: (by: number) => void;
  onSay: (change: PhotoChange) => void;
  onRemove: () => void;
  onClose: () => void;
}) {
  const id = useId();
  const [note, setNote] = useState(photo.note);
  const [takenOn, setTakenOn] = useState(photo.takenOn);
  return (
    <Sheet open wide onClose={onClose} title={title}>
      <Picture
        garden={garden}
        photo={photo}
        side="picture"
        alt={photo.note || title}
        className="max-h-[44vh] min-h-40 w-full bg-well object-contain"
      />
      <div className="mt-1 flex items-center justify-between">
        <Button look="quiet" aria-label="The one before" disabled={at === 0} onClick={() => onStep(-1)}>
          <ChevronLeft size={20} aria-hidden />
        </Button>
        <span className="text-[0.9rem] text-soft tabular-nums">
          {at + 1} of {many}
          {photo.person && `, by ${photo.person}`}
        </span>
        <Button look="quiet" aria-label="The next one" disabled={at === many - 1} onClick={() => onStep(1)}>
          <ChevronRight size={20} aria-hidden />
        </Button>
      </div>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        <Field label="What it shows" htmlFor={`${id}-note`}>
          <input
            id={`${id}-note`}
            className={`${inputLook} w-full`}
            maxLength={200}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            onBlur={() => note.trim() !== photo.note && onSay({ note: note.trim() })}
          />
        </Field>
        <Field label="Taken on" htmlFor={`${id}-on`}>
          <input
            id={`${id}-on`}
            type="date"
            className={`${inputLook} w-full`}
            value={takenOn}
            max="2200-01-01"
            onChange={(event) => setTakenOn(event.target.value)}
            onBlur={() => {
              if (takenOn === '') setTakenOn(photo.takenOn);
              else if (takenOn !== photo.takenOn) onSay({ takenOn });
            }}
          />
        </Field>
        {parts.length > 0 && (
          <ChooserField
            label="Which part"
            value={photo.part || ALL}
            choices={[{ id: ALL, label: 'All of it' }, ...parts]}
            onChange={(part) => onSay({ part: part === ALL ? '' : part })}
          />
        )}
      </div>
      <div className="mt-5 flex flex-wrap gap-2">
        <Button look="main" onClick={onClose}>
          Done
        </Button>
        <Button look="danger" onClick={onRemove}>
          Remove
        </Button>
      </div>
    </Sheet>
  );
}
