'use client';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { partAt } from '@lignum/core/drawing/part-at';
import { stageView } from '@lignum/core/drawing/stage-view';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { measuredIn } from '@lignum/core/structures/rules/measured-in';
import { STAGES, type Stage } from '@lignum/core/work/stage';
import { Chooser, fetchChoosers } from '../../ui/chooser';
import { Drawing } from '../../ui/drawing';
import { part } from '../../ui/part';
import { Switcher } from '../../ui/switcher';
import { partChoices, type PartChoice } from '../../words/part-choices';
import { STAGE_WORDS } from '../../words/stage-words';
import { hoursWords } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';
import { useStages } from '../shell/use-stages';
import { useNewsOfTicks } from '../shell/use-ticks';
import { useToday } from '../shell/use-today';

const Recuts = part(() => import('./recuts'));

/** A tap so far from a part still means it: half of what a glove wants. Pixels. */
const REACH_PX = 22;

/** How far what is built has come, part by part, said where it is seen: on the drawing, or by name. */
export default function HowFar({ computed }: { computed: ComputedStructure }) {
  const today = useToday();
  return today === null ? null : <Stages computed={computed} today={today} />;
}

/** Everything, or what is chosen of it by name. */
const choicesOf = (computed: ComputedStructure): [PartChoice, ...PartChoice[]] => {
  const { parts } = computed.sized.design;
  return [
    { id: 'all', label: `All ${parts.length} parts`, parts: parts.map(({ id }) => id) },
    ...partChoices(computed),
  ];
};

function Stages({ computed, today }: { computed: ComputedStructure; today: string }) {
  const { tongue } = useGarden();
  useNewsOfTicks();
  useEffect(fetchChoosers, []);
  const { stages, work, put } = useStages(useDeferredValue(computed), today);
  const [choice, setChoice] = useState('all');
  const choices = useMemo(() => choicesOf(computed), [computed]);
  const chosen = choices.find(({ id }) => id === choice) ?? choices[0];
  const view = useMemo(
    () => stageView(computed.sized.design, stages, new Set(chosen.id === 'all' ? [] : chosen.parts)),
    [computed, stages, chosen],
  );
  const own = new Set(chosen.parts.map((part) => stages.get(part) ?? 'planned'));
  // Where bays are measured it stands beside those.
  const isReadByBay = measuredIn(computed.sized.design).measured > 0;
  const many = (stage: Stage) => [...stages.values()].filter((one) => one === stage).length;
  return (
    <section aria-label="How far it is">
      <p className="text-[0.95rem] text-soft tabular-nums" role="status">
        {work.ofMinutes === 0
          ? 'There is nothing to build of it.'
          : work.minutes === 0
            ? 'All the work of building it is done.'
            : work.minutes === work.ofMinutes
              ? `About ${hoursWords(work.ofMinutes)} of work, none of it done yet.`
              : `About ${hoursWords(work.minutes)} of work left of ${hoursWords(work.ofMinutes)}.`}
      </p>
      <div className="mt-2 bg-sheet p-2">
        <Drawing
          view={view}
          units={tongue.units}
          heightPx={220}
          describes={STAGES.map((stage) => `${STAGE_WORDS[stage]}: ${many(stage)}`).join(', ')}
          overlay={(paper) => (
            // By keyboard the same is chosen by name, below.
            <div
              aria-hidden
              className="absolute inset-0 cursor-pointer"
              onClick={(event) => {
                const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
                const part = partAt(
                  paper,
                  [((event.clientX - left) / width) * paper.widthPx, ((event.clientY - top) / height) * paper.heightPx],
                  REACH_PX,
                );
                setChoice(part ?? 'all');
              }}
            />
          )}
        />
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-[0.9rem]">
        {STAGES.map((stage) => (
          <li key={stage} className="flex items-center gap-1.5 text-soft tabular-nums">
            <svg width="26" height="12" aria-hidden className="drawing">
              <path d="M1 2H25V10H1Z" className={`ink-${stage}`} />
            </svg>
            {STAGE_WORDS[stage]} <strong className="text-ink">{many(stage)}</strong>
          </li>
        ))}
      </ul>
      {!isReadByBay && <Recuts computed={computed} />}
      <p className="mt-3 text-[0.9rem] text-soft">
        Tap a part on the drawing, or choose it here, and say how far it is.
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <Chooser
          label="Which part"
          className="w-64 max-w-full"
          value={chosen.id}
          choices={choices}
          onChange={setChoice}
        />
        <Switcher
          label={`How far: ${chosen.label}`}
          value={own.size === 1 ? ([...own][0] as Stage) : ''}
          choices={STAGES.map((stage) => ({ id: stage, label: STAGE_WORDS[stage] }))}
          onChange={(stage) => put(chosen.parts, stage as Stage)}
        />
      </div>
      <p className="mt-1 text-[0.85rem] text-soft">
        {own.size > 1 && 'Not all of these are equally far. '}
        What is ticked on the list, at the saw and on a day’s page counts here too, and what is said here counts there.
      </p>
    </section>
  );
}
