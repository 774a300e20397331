'use client';
import Link from 'next/link';
import { useParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { ChevronLeft, ChevronRight, Printer, Volume2 } from 'lucide-react';
import { kindOf } from '@lignum/core/structures/registry';
import { buttonLook } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { CrowFoot } from '../../ui/crow-foot';
import { spokenLength } from '../../words/spoken';
import { structureOf } from '../shell/computed-structure';
import { useGarden } from '../shell/garden-context';
import { Working } from '../shell/keep-taps';
import { useResults } from '../shell/use-results';
import { useSingleKeys } from '../shell/use-keys';
import { chaptersOf, type Chapter, type Said } from './chapters';
import { ForTwo } from './for-two';
import { useAwake } from './use-awake';
import { useVoice } from './use-voice';

/** Where one was, on this device: a locked phone goes on there. */
const KEPT_AS = 'lignum-set-out';

/** Setting out with the phone in one hand: one figure a screen, large, read aloud, the screen kept awake. */
export function SetOutView() {
  const { structure: structureId } = useParams<{ structure: string }>();
  const { tongue } = useGarden();
  const { plan } = useResults();
  const structure = plan.structures.find((one) => one.id === structureId);
  const chapters = useMemo(
    () => (structure ? chaptersOf(plan, structureOf(kindOf, plan, structure), tongue) : []),
    [plan, structure, tongue],
  );
  if (!structure) return <Working />;
  return <SetOut key={structureId} name={structure.name} structure={structureId} chapters={chapters} />;
}

function SetOut({ name, structure, chapters }: { name: string; structure: string; chapters: readonly Chapter[] }) {
  const { id, tongue } = useGarden();
  const [at, setAt] = useState({ chapter: 0, step: 0 });
  const [aloud, setAloud] = useState(false);
  const awake = useAwake(true);
  const voice = useVoice(tongue.locale);
  useEffect(() => {
    try {
      const kept = JSON.parse(localStorage.getItem(`${KEPT_AS}-${structure}`) ?? 'null') as typeof at | null;
      if (kept && chapters[kept.chapter]?.steps[kept.step]) setAt(kept);
    } catch {
      // A forbidden store: from the beginning.
    }
  }, [structure, chapters]);
  const chapter = chapters[at.chapter] ?? chapters[0];
  const step = chapter?.steps[at.step] ?? chapter?.steps[0];
  const go = (next: { chapter: number; step: number }): void => {
    setAt(next);
    try {
      localStorage.setItem(`${KEPT_AS}-${structure}`, JSON.stringify(next));
    } catch {
      // It begins at the beginning next time.
    }
    const then = chapters[next.chapter]?.steps[next.step];
    if (aloud && then) voice.say(aloudOf(then, tongue.units));
  };
  const isFirst = at.chapter === 0 && at.step === 0;
  const isLast = at.chapter === chapters.length - 1 && at.step === (chapter?.steps.length ?? 1) - 1;
  const forward = (): void => {
    if (isLast || !chapter) return;
    go(at.step + 1 < chapter.steps.length ? { ...at, step: at.step + 1 } : { chapter: at.chapter + 1, step: 0 });
  };
  const back = (): void => {
    if (isFirst) return;
    go(
      at.step > 0
        ? { ...at, step: at.step - 1 }
        : { chapter: at.chapter - 1, step: (chapters[at.chapter - 1]?.steps.length ?? 1) - 1 },
    );
  };
  useSingleKeys({ arrowright: forward, arrowleft: back, r: () => step && voice.say(aloudOf(step, tongue.units)) });
  const bench = `/g/${id}/s/${structure}`;
  if (!chapter || !step)
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">{name}: nothing is measured out</h1>
        <p className="mt-4">
          <Link className={buttonLook('main')} href={bench}>
            Back to the design
          </Link>
        </p>
      </main>
    );
  return (
    <main className="mx-auto flex min-h-[calc(100dvh-7rem)] max-w-2xl flex-col px-4 pb-4 print:block print:max-w-none print:p-0">
      <ForTwo name={name} chapters={chapters} />
      <div className="no-print flex grow flex-col">
        <div className="flex flex-wrap items-center justify-between gap-x-3">
          <Link href={bench} className="inline-flex min-h-11 items-center gap-1 text-chalk hover:underline">
            <ChevronLeft size={17} aria-hidden />
            {name}
          </Link>
          <span className="text-[0.9rem] text-soft tabular-nums">
            {at.step + 1} of {chapter.steps.length}
          </span>
        </div>
        <h1 className="sr-only">Set out {name}</h1>
        {chapters.length > 1 && (
          <Chooser
            label="What is measured"
            className="w-full"
            value={String(at.chapter)}
            choices={chapters.map(({ title }, i) => ({ id: String(i), label: title }))}
            onChange={(next) => go({ chapter: Number(next), step: 0 })}
          />
        )}
        {chapter.zero && <p className="mt-1 text-[0.95rem] text-soft">{chapter.zero}</p>}
        <section aria-live="polite" className="flex grow flex-col justify-center py-5">
          <p className="text-xl leading-snug">{step.what}</p>
          {step.figures.map(({ label, says }) => (
            <p key={label} className="mt-2 leading-none">
              {label && <span className="mb-1 block text-[0.95rem] text-soft">{label}</span>}
              <strong className={`font-bold tabular-nums ${step.figures.length > 1 ? 'text-5xl' : 'text-6xl'}`}>
                {says}
              </strong>
            </p>
          ))}
          {step.more && <p className="mt-4 max-w-[36rem]">{step.more}</p>}
          {step.share !== null && (
            <div aria-hidden className="relative mt-8 h-5 border border-ink bg-timber/50">
              <span className="absolute -top-5 -translate-x-1/2" style={{ left: `${100 * step.share}%` }}>
                <CrowFoot className="h-5 w-4 text-chalk" />
              </span>
            </div>
          )}
        </section>
        <div className="sticky bottom-0 grid grid-cols-[1fr_2fr] gap-3 bg-ground pt-2 pb-2">
          <button type="button" onClick={back} disabled={isFirst} className={buttonLook('plain', 'min-h-16 text-lg')}>
            <ChevronLeft size={22} aria-hidden />
            Back
          </button>
          <button type="button" onClick={forward} disabled={isLast} className={buttonLook('main', 'min-h-16 text-lg')}>
            {isLast ? 'All marked' : 'Marked, next'}
            {!isLast && <ChevronRight size={22} aria-hidden />}
          </button>
        </div>
        <div className="flex flex-wrap items-center gap-x-4 text-[0.9rem] text-soft">
          {voice.there ? (
            <>
              <label className="flex min-h-11 cursor-pointer items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-(--chalk)"
                  checked={aloud}
                  onChange={(event) => {
                    setAloud(event.target.checked);
                    if (event.target.checked) voice.say(aloudOf(step, tongue.units));
                  }}
                />
                Read each aloud
              </label>
              <button
                type="button"
                onClick={() => voice.say(aloudOf(step, tongue.units))}
                className="inline-flex min-h-11 items-center gap-1 text-chalk"
              >
                <Volume2 size={17} aria-hidden />
                Say it again
              </button>
            </>
          ) : (
            <span>There is no voice on this device to read aloud.</span>
          )}
          <span>{AWAKE_WORDS[awake]}</span>
          <button
            type="button"
            onClick={() => window.print()}
            className="inline-flex min-h-11 items-center gap-1 text-chalk"
          >
            <Printer size={17} aria-hidden />
            Print it for two
          </button>
        </div>
      </div>
    </main>
  );
}

const AWAKE_WORDS = {
  awake: 'The screen stays on.',
  asleep: 'The screen may go dark.',
  'not here': 'This browser cannot keep the screen on.',
  'not secure': 'The screen is kept on only where the address begins with https or is this machine’s own.',
} as const;

/** A step as it is called out. */
const aloudOf = ({ what, figures }: Said, units: 'imperial' | 'metric'): string =>
  [what, ...figures.map(({ label, mm }) => `${label} ${mm === null ? '' : spokenLength(mm, units)}`.trim())].join(', ');
