import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Help } from '@lignum/core/plan/stands';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { standOf } from '@lignum/core/withstand/withstand';
import { Button } from '../../../ui/button';
import { knobWords, type ToldKnob } from '../../../words/knob-words';
import { shareWords } from '../../../words/stand-words';
import { setKnobs } from '../../shell/edits';
import { useGarden } from '../../shell/garden-context';
import { STAND_LOOKS } from './looks';

/** What would help, each tried through the whole year: one press takes it. */
export function Helps({
  computed,
  helps,
  knobs,
}: {
  computed: ComputedStructure;
  helps: readonly Help[];
  knobs: Readonly<Record<string, ToldKnob>>;
}) {
  const { plan, store, tongue } = useGarden();
  const price = (minor: number | null): string =>
    minor === null
      ? 'cost not known'
      : minor === 0
        ? 'costs nothing'
        : `${minor > 0 ? '+' : '−'}${formatMoney(money(Math.abs(minor), plan.garden.currency), tongue.locale)}`;
  return (
    <>
      <h3 className="mt-4 text-base">What would help</h3>
      <ul className="mt-1 grid gap-2 sm:grid-cols-2">
        {helps.map(({ turns, settings, share, costMinor }) => {
          const knob = knobs[turns.knob];
          return (
            <li key={turns.knob}>
              <Button
                className="w-full !justify-between text-left"
                onClick={() => store.edit(setKnobs(computed.structure.id, settings))}
              >
                <span className="min-w-0 py-1">
                  {knob?.label}
                  <span className="block text-[0.85rem] leading-snug font-normal text-soft">
                    {knob &&
                      `${knobWords(knob, turns.from, tongue.units)} → ${knobWords(knob, turns.to, tongue.units)}`}
                  </span>
                </span>
                <span className="shrink-0 text-right text-[0.85rem] text-soft">
                  <span className={`block font-semibold tabular-nums ${STAND_LOOKS[standOf(share)].colour}`}>
                    {shareWords(share, tongue.locale)}
                  </span>
                  {price(costMinor)}
                </span>
              </Button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
