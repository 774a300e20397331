'use client';
import { Camera, CloudUpload } from 'lucide-react';
import { useEffect, useId, useMemo, useState, useSyncExternalStore } from 'react';
import { newId } from '../../kept/new-id';
import { byDay, MOST_PHOTOS } from '../../kept/photo';
import type { ShownPhoto } from '../../kept/photo-book';
import { Button, buttonLook } from '../../ui/button';
import { fetchChoosers } from '../../ui/chooser';
import type { PartChoice } from '../../words/part-choices';
import { dateWords } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';
import { ownName } from '../shell/own-name';
import { dayOn, useToday } from '../shell/use-today';
import { PhotoSheet } from './photo-sheet';
import { photoBookOf } from './photo-outside';
import { Picture } from './picture';
import { shrunk } from './shrink';

/** Photos of one structure and its parts, or of the place: by the day, added from the phone at the post, with a signal or without. */
export function Photos({ structure, parts }: { structure: string; parts: readonly PartChoice[] }) {
  const { id, tongue } = useGarden();
  const book = useMemo(() => photoBookOf(id), [id]);
  const { photos, waiting, isKnown, refused } = useSyncExternalStore(book.subscribe, book.get, book.get);
  const [adding, setAdding] = useState(0);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [open, setOpen] = useState<string | null>(null);
  const [gone, setGone] = useState<string | null>(null);
  const today = useToday();
  const field = useId();
  useEffect(() => {
    fetchChoosers();
    const sync = () => void book.sync();
    sync();
    window.addEventListener('online', sync);
    return () => window.removeEventListener('online', sync);
  }, [book]);
  const own = photos.filter((photo) => photo.structure === structure);
  const days = byDay(own);
  const inOrder = days.flatMap(([, some]) => some);
  const add = async (files: readonly File[]) => {
    setFaults([]);
    setAdding(files.length);
    for (const file of files) {
      const pictures = await shrunk(file).catch(() => null);
      setAdding((left) => left - 1);
      if (!pictures) {
        setFaults((before) => [
          ...before,
          `“${file.name}” is no picture that this browser can read: save it as JPEG or PNG and add that.`,
        ]);
        continue;
      }
      void book.add({
        id: newId(12),
        structure,
        part: '',
        // A picture says when it was taken; one without a date was taken now.
        takenOn: dayOn(file.lastModified > 0 ? new Date(file.lastModified) : new Date()),
        note: '',
        person: ownName(),
        pictures,
      });
    }
  };
  const nameOf = ({ part }: ShownPhoto): string => parts.find((one) => one.id === part)?.label ?? '';
  const year = today?.slice(0, 4);
  const says = (day: string): string =>
    day.startsWith(year ?? '') ? dateWords(day, tongue.locale) : `${dateWords(day, tongue.locale)} ${day.slice(0, 4)}`;
  const altOf = (photo: ShownPhoto): string =>
    [nameOf(photo) || (structure === '' ? 'The place' : 'All of it'), photo.note, says(photo.takenOn)]
      .filter(Boolean)
      .join(', ');
  const shown = inOrder.find((photo) => photo.id === open);
  return (
    <section aria-label="Photos">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label
          htmlFor={field}
          className={`${buttonLook('plain')} cursor-pointer has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-(--chalk)`}
        >
          <Camera size={18} aria-hidden />
          Add photos
          <input
            id={field}
            type="file"
            accept="image/*"
            multiple
            className="sr-only"
            disabled={photos.length >= MOST_PHOTOS}
            onChange={(event) => {
              const files = [...(event.target.files ?? [])];
              event.target.value = '';
              void add(files.slice(0, Math.max(0, MOST_PHOTOS - photos.length)));
              if (files.length > MOST_PHOTOS - photos.length)
                setFaults([`A garden keeps ${MOST_PHOTOS} photos: remove some that are not needed any more.`]);
            }}
          />
        </label>
        <p className="text-[0.9rem] text-soft tabular-nums" role="status">
          {adding > 0
            ? `Making ${adding} ${adding === 1 ? 'picture' : 'pictures'} small…`
            : waiting > 0
              ? `${waiting} ${waiting === 1 ? 'waits' : 'wait'} to be sent; kept on this device.`
              : `${photos.length} of ${MOST_PHOTOS} in this garden.`}
        </p>
      </div>
      {[...faults, ...refused].length > 0 && (
        <div role="alert" className="mt-1 text-[0.9rem] font-medium text-keel">
          {[...faults, ...refused].map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
          <button
            type="button"
            className="min-h-11 text-chalk underline"
            onClick={() => {
              setFaults([]);
              book.dismiss();
            }}
          >
            Understood
          </button>
        </div>
      )}
      {gone && (
        <p role="status" className="mt-1 flex items-center gap-3">
          The photo was removed.
          <Button
            look="quiet"
            onClick={() => {
              void book.say(gone, { removed: false });
              setGone(null);
            }}
          >
            Bring it back
          </Button>
        </p>
      )}
      {own.length === 0 && (
        <p className="mt-2 max-w-[34rem] text-[0.95rem] text-soft">
          {isKnown || waiting > 0 || photos.length > 0
            ? structure === ''
              ? 'None of the place yet. One of the bare ground, and one from where you always stand: next year they are worth having.'
              : 'None yet. One of every joint and of what lies under the ground: in three years nobody remembers how it was made.'
            : 'Looking for photos…'}{' '}
          They are made small on this device first; where and with what they were taken is left out.
        </p>
      )}
      {days.map(([day, some]) => (
        <div key={day} className="mt-3">
          <h3 className="border-b border-rule pb-0.5 text-base">{says(day)}</h3>
          <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-x-3 gap-y-3">
            {some.map((photo) => (
              <li key={photo.id}>
                <button
                  type="button"
                  onClick={() => setOpen(photo.id)}
                  aria-label={altOf(photo)}
                  className="block w-full text-left"
                >
                  <Picture
                    garden={id}
                    photo={photo}
                    side="small"
                    className="aspect-[4/3] w-full bg-well object-cover"
                  />
                  <span className="mt-0.5 flex items-center gap-1 text-[0.85rem] leading-tight text-soft">
                    {photo.waits && <CloudUpload size={14} aria-label="waits to be sent" className="shrink-0" />}
                    <span className="truncate">
                      {[nameOf(photo), photo.note].filter(Boolean).join(': ') || 'Say what it shows…'}
                    </span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
      {shown && (
        <PhotoSheet
          key={shown.id}
          garden={id}
          photo={shown}
          parts={parts}
          title={nameOf(shown) || (structure === '' ? 'The place' : 'All of it')}
          place={[inOrder.indexOf(shown), inOrder.length]}
          onStep={(by) => {
            const next = inOrder[inOrder.indexOf(shown) + by];
            if (next) setOpen(next.id);
          }}
          onSay={(change) => void book.say(shown.id, change)}
          onRemove={() => {
            void book.say(shown.id, { removed: true });
            setGone(shown.id);
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
}
