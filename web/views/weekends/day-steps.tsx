import Link from 'next/link';
import { useMemo } from 'react';
import { stepView } from '@lignum/core/drawing/step-views';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { stepPhrases, stepsOf } from '@lignum/core/plan/steps';
import type { Step } from '@lignum/core/structures/step';
import { say } from '@lignum/core/wording/say';
import { Drawing } from '../../ui/drawing';
import { tickedAs } from '../../kept/ticks';
import { placeWords } from '../../words/place-words';
import { waitWords } from '../../words/stock-words';
import { countedWords, hoursWords } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';
import { TickBox } from '../shell/use-ticks';
import type { OnDay } from '@lignum/core/work/on-day';

/** What of one structure is done on a day: its steps in their order, with what each adds, who is wanted, waits and cautions. */
export function DaySteps({ one, computed }: { one: OnDay; computed: ComputedStructure }) {
  const { id, tongue } = useGarden();
  const steps = stepsOf(computed);
  const phrases = stepPhrases(computed);
  const { structure, sized, setting } = computed;
  const picture = useMemo(() => {
    const own = new Set(one.tasks.flatMap(({ task }) => task.steps));
    const adds = [...own].flatMap((i) => steps[i]?.adds ?? []);
    const first = Math.min(...own);
    const stands = new Set(steps.slice(0, first).flatMap((step) => step.adds ?? []));
    return adds.length + stands.size > 0 ? stepView(sized.design, adds, stands) : null;
  }, [one, steps, sized]);
  const says = (step: Step) => say(step.what, phrases, tongue);
  return (
    <section aria-labelledby={`day-${structure.id}`} className="mt-6 border-t-2 border-ink pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id={`day-${structure.id}`} className="text-xl">
          <span className="mr-2 text-soft tabular-nums">{one.number}</span>
          <Link href={`/g/${id}/s/${structure.id}`} className="hover:underline">
            {structure.name}
          </Link>
        </h2>
        <span className="text-soft tabular-nums">{hoursWords(one.minutes)}</span>
      </div>
      <p className="text-[0.9rem] text-soft">
        {placeWords(setting.place, tongue)}. {countedWords(one.counted, tongue, 5)}.{' '}
        {one.counted.some(({ rate }) => rate === 'setting out') && (
          <Link
            href={`/g/${id}/s/${structure.id}/set-out`}
            className="no-print inline-flex min-h-8 items-center text-chalk hover:underline"
          >
            Set it out, one mark at a time
          </Link>
        )}
      </p>
      {picture && (
        <div className="mt-1 max-w-[34rem] bg-sheet p-2">
          <Drawing
            view={picture}
            units={tongue.units}
            heightPx={120}
            describes="Dark: what comes to stand on this day. Light: what stands already."
          />
        </div>
      )}
      <ol className="mt-1">
        {one.tasks.flatMap(({ task, placed }) =>
          task.steps.map((i) => {
            const step = steps[i];
            if (!step) return null;
            const isWork = i === task.steps.at(-1);
            const parts = (step.adds ?? []).map((part) => tickedAs(structure.id, part));
            return (
              <li key={i} className="grid grid-cols-[2.75rem_minmax(0,1fr)] gap-x-1 border-t border-rule py-1">
                {isWork ? (
                  <span className="no-print">
                    <TickBox about="built" what={parts.length > 0 ? parts : task.id} label={`Done: ${says(step)}`} />
                  </span>
                ) : (
                  <span aria-hidden className="pt-1 text-center text-soft">
                    ·
                  </span>
                )}
                <div className="min-w-0 py-2">
                  <p className={isWork ? '' : 'text-soft'}>{says(step)}</p>
                  {isWork && (
                    <p className="text-[0.9rem] text-soft tabular-nums">
                      {placed.people.join(' and ')}, about {hoursWords(placed.to - placed.from)}
                      {task.waitHours > 0 && `; then wait ${waitWords(task.waitHours)}`}
                    </p>
                  )}
                  {step.caution && (
                    <p className="mt-1 border-l-4 border-keel pl-2 text-[0.95rem]">
                      <strong>Care:</strong> {say(step.caution, phrases, tongue)}
                    </p>
                  )}
                </div>
              </li>
            );
          }),
        )}
      </ol>
    </section>
  );
}
