import { useDeferredValue, useMemo } from 'react';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { standOf } from '@lignum/core/withstand/stand-of';
import { Button } from '../../../ui/button';
import { knobWords } from '../../../words/knob-words';
import { shareWords } from '../../../words/stand-words';
import type { StandsQuestion, StandsTold } from '../../../workers/choosing-messages';
import { choosingWorker } from '../../shell/choosing-worker';
import { setKnobs } from '../../shell/edits';
import { useGarden } from '../../shell/garden-context';
import { useAnswer } from '../../shell/use-answer';
import { STAND_LOOKS } from './looks';

/** What would help what does not stand, or hardly: asked for when it is shown. */
export function HelpsOf({ structure }: { structure: string }) {
  const plan = useDeferredValue(useGarden().plan);
  const question = useMemo<StandsQuestion>(
    () => ({ about: 'stands', plan, structure, helps: true }),
    [plan, structure],
  );
  const { answer, of } = useAnswer<StandsQuestion, StandsTold>(choosingWorker, question);
  return <Helps structure={structure} found={of === question ? answer : null} />;
}

/** What would help, each tried through the whole year: one press takes it. */
function Helps({
  structure,
  found,
}: {
  structure: string;
  /** null while it is looked for. */
  found: StandsTold;
}) {
  const { plan, store, tongue } = useGarden();
  const price = (minor: number | null): string =>
    minor === null
      ? 'cost not known'
      : minor === 0
        ? 'costs nothing'
        : `${minor > 0 ? '+' : '−'}${formatMoney(money(Math.abs(minor), plan.garden.currency), tongue.locale)}`;
  const helps = found?.helps ?? [];
  const knobs = found?.knobs ?? {};
  return (
    <>
      {helps.every(({ share }) => share > 1) && (
        <p role="status" className="text-soft">
          {!found
            ? 'Trying what could be turned, one after the other…'
            : helps.length === 0
              ? 'Nothing that can be turned here would. Another kind, another place, or less on it.'
              : 'Some of it, and none enough by itself: think of another kind, another place, or less on it.'}
        </p>
      )}
      <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))] gap-2">
        {helps.map(({ turns, settings, share, costMinor }) => (
          <li key={turns.map(({ knob }) => knob).join(' ')}>
            <Button
              className="w-full !justify-between text-left"
              onClick={() => store.edit(setKnobs(structure, settings))}
            >
              <span className="min-w-0 py-1">
                {turns.map(({ knob: name, from, to }) => {
                  const knob = knobs[name];
                  return (
                    knob && (
                      <span key={name} className="block">
                        {knob.label}
                        <span className="block text-[0.85rem] leading-snug font-normal text-soft">
                          {`${knobWords(knob, from, tongue.units)} → ${knobWords(knob, to, tongue.units)}`}
                        </span>
                      </span>
                    )
                  );
                })}
              </span>
              <span className="shrink-0 text-right text-[0.85rem] text-soft">
                <span className={`block font-semibold tabular-nums ${STAND_LOOKS[standOf(share)].colour}`}>
                  {shareWords(share, tongue.locale)}
                </span>
                {price(costMinor)}
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
