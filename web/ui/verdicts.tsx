import { AlertOctagon, Check, Info, TriangleAlert } from 'lucide-react';
import type { MendableVerdict, MendedKnob } from '@lignum/core/plan/mends';
import type { Level } from '@lignum/core/checks/check';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { say, type Tongue } from '@lignum/core/wording/say';
import { Button } from './button';
import { leftOut } from '../words/left-out';
import { knobWords, type ToldKnob } from '../words/knob-words';

const LEVELS: Record<Level, { word: string; colour: string; Icon: typeof Check }> = {
  fail: { word: 'Won’t work', colour: 'text-keel', Icon: AlertOctagon },
  warn: { word: 'Look at this', colour: 'text-ochre', Icon: TriangleAlert },
  note: { word: 'Worth knowing', colour: 'text-chalk', Icon: Info },
  good: { word: 'Good', colour: 'text-leaf', Icon: Check },
};

/** The most urgent first, each with what is wrong in words and, where one exists, a change that mends it and its price. */
export function Verdicts({
  verdicts,
  tongue,
  currency,
  onMend,
  knobs,
  weighed,
  fails,
}: {
  verdicts: readonly MendableVerdict[];
  /** Whether its strength is worked out beside this. */
  weighed: boolean;
  /** It does not stand: that is told beside this. */
  fails: boolean;
  /** Of the kind that is judged: what a mend turns is called by them. */
  knobs: Readonly<Record<string, ToldKnob>>;
  tongue: Tongue;
  currency: string;
  onMend: (verdict: MendableVerdict) => void;
}) {
  const open = verdicts.filter((verdict) => verdict.level !== 'good');
  const good = verdicts.filter((verdict) => verdict.level === 'good');
  return (
    <div>
      {open.length === 0 && !fails && (
        <p className="flex items-center gap-2 py-1 font-semibold text-leaf">
          <Check size={19} aria-hidden />
          No problems found.
        </p>
      )}
      <ul className="divide-y divide-rule">
        {open.map((verdict, i) => (
          <VerdictRow
            key={`${verdict.check} ${i}`}
            verdict={verdict}
            knobs={knobs}
            tongue={tongue}
            currency={currency}
            onMend={onMend}
          />
        ))}
      </ul>
      <details className="mt-1 border-t border-rule">
        <summary className="flex min-h-11 items-center gap-2 text-[0.9rem] text-soft hover:text-ink">
          <Check size={16} aria-hidden className="text-leaf" />
          {good.length} {good.length === 1 ? 'thing is' : 'things are'} as they should be
        </summary>
        <ul className="pb-2 text-[0.9rem]">
          {good.map((verdict, i) => (
            <li key={`${verdict.check} ${i}`} className="flex gap-2 py-1">
              <Check size={15} aria-hidden className="mt-1 shrink-0 text-leaf" />
              {say(verdict.told, {}, tongue)}
            </li>
          ))}
        </ul>
      </details>
      <p className="text-[0.85rem] text-soft">
        By the rules of the trade.{' '}
        {weighed
          ? 'Wind, snow and the weight of what grows: under “Will it stand?”.'
          : `Not checked: ${leftOut(verdicts)}.`}
      </p>
    </div>
  );
}

/** "Gap under the panel: 2′ → 20″" */
function turnWords(
  { knob: name, from, to }: MendedKnob,
  knobs: Readonly<Record<string, ToldKnob>>,
  { units }: Tongue,
): string {
  const knob = knobs[name];
  return knob ? `${knob.label}: ${knobWords(knob, from, units)} → ${knobWords(knob, to, units)}` : '';
}

/** One finding: how urgent it is, what is wrong, and the change that mends it with its price. */
export function VerdictRow({
  verdict,
  knobs,
  tongue,
  currency,
  onMend,
}: {
  verdict: MendableVerdict;
  knobs: Readonly<Record<string, ToldKnob>>;
  tongue: Tongue;
  currency: string;
  onMend: (verdict: MendableVerdict) => void;
}) {
  const { word, colour, Icon } = LEVELS[verdict.level];
  const costs = verdict.mend ? verdict.mend.costMinor : 0;
  const price =
    costs === null
      ? 'cost not known: no price'
      : costs === 0
        ? 'costs nothing'
        : `${costs > 0 ? '+' : '−'}${formatMoney(money(Math.abs(costs), currency), tongue.locale)}`;
  return (
    <li className="py-2.5">
      <p className={`flex items-center gap-1.5 text-[0.85rem] font-semibold ${colour}`}>
        <Icon size={16} aria-hidden />
        {word}
      </p>
      <p className="mt-0.5 text-[0.95rem]">{say(verdict.told, {}, tongue)}</p>
      {verdict.mend && (
        <Button className="mt-2 w-full !justify-between text-left" onClick={() => onMend(verdict)}>
          <span className="min-w-0 py-1">
            {verdict.mends ?? 'Mend it'}
            {verdict.mend.turns.map((turn) => (
              <span key={turn.knob} className="block text-[0.85rem] leading-snug font-normal text-soft">
                {turnWords(turn, knobs, tongue)}
              </span>
            ))}
          </span>
          <span className="shrink-0 text-[0.85rem] text-soft">{price}</span>
        </Button>
      )}
    </li>
  );
}
