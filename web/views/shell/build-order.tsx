'use client';
import { stepKey, stepPhrases, stepsOf } from '@lignum/core/plan/steps';
import { seasonOf, seasonPhrases } from '@lignum/core/plan/season';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Step } from '@lignum/core/structures/step';
import { formatMonthDay, say } from '@lignum/core/wording/say';
import { leftOut } from '../../words/left-out';
import { useGarden } from './garden-context';
import { waitWords } from '../../words/stock-words';
import { tickedAs } from '../../kept/ticks';
import { TickBox, useNewsOfTicks } from './use-ticks';

/** The steps of building in their order, with the people each takes, the waiting, and the caution where it belongs. */
export function BuildOrder({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  useNewsOfTicks();
  const [steps, phrases] = [stepsOf(computed), stepPhrases(computed)];
  return (
    <>
      <ol className="mt-1 list-decimal space-y-2 pl-6">
        {steps.map((step, i) => (
          <li key={i} className="pl-1">
            <div className="flex gap-1">
              <span className="no-print -my-2 -ml-2 shrink-0">
                <TickBox about="built" {...tickedIn(computed, steps, i)} label={`Step ${i + 1} is done`} />
              </span>
              {/* The number stands on the line of the words. */}
              <div className="min-w-0 self-baseline">
                {say(step.what, phrases, tongue)}
                {step.people > 1 && <span className="text-soft"> ({step.people} people)</span>}
                {step.waitHours !== undefined && <strong> Wait {waitWords(step.waitHours)}.</strong>}
                {step.caution && (
                  <p className="mt-0.5 border-l-4 border-keel pl-2 text-[0.95rem]">
                    <strong>Care:</strong> {say(step.caution, phrases, tongue)}
                  </p>
                )}
              </div>
            </div>
          </li>
        ))}
      </ol>
      <p className="mt-3 text-[0.9rem] text-soft">
        Sized by the rules of the trade; {leftOut(computed.verdicts)} is not reckoned here. For height, boundaries, snow
        and storm winds, local rules and licensed people decide.
      </p>
    </>
  );
}

/** What is ticked when a step is done: the parts that it adds, for good; a step that adds none, by itself. */
function tickedIn(
  { structure }: ComputedStructure,
  steps: readonly Step[],
  i: number,
): { what: string | readonly string[]; before?: string } {
  const { adds = [] } = steps[i] as Step;
  const step = tickedAs(structure.id, stepKey(steps, i));
  return adds.length > 0 ? { what: adds.map((part) => tickedAs(structure.id, part)), before: step } : { what: step };
}

/** What is done through the season, dated where the crop tells. */
export function SeasonNotes({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const [notes, phrases] = [seasonOf(computed), seasonPhrases(computed)];
  if (notes.length === 0) return <p className="mt-1 text-soft">Nothing is to be done to it.</p>;
  return (
    <ul className="mt-1">
      {notes.map((note, i) => (
        <li key={i} className="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-3 border-t border-rule py-1.5">
          <span className="font-semibold">{note.on ? `about ${formatMonthDay(note.on, tongue.locale)}` : ''}</span>
          <span>{say(note.what, phrases, tongue)}</span>
        </li>
      ))}
    </ul>
  );
}
