import { Check, Minus } from 'lucide-react';
import { memo, useMemo } from 'react';
import { CHOOSING_PHRASES } from '@lignum/core/choosing/phrases';
import { startOf, type Choice } from '@lignum/core/choosing/weigh';
import { drawViews } from '@lignum/core/drawing/views';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { cardOf } from '@lignum/core/structures/cards';
import { say, type Fact } from '@lignum/core/wording/say';
import { Button } from '../../ui/button';
import { Drawing } from '../../ui/drawing';
import { AnswerFigures, useAmount } from '../shell/answer-figures';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { perLength } from '../../words/stock-words';

/** The ranking in words. */
function standing(choice: Choice, rank: number): string {
  if (!choice.suits) return 'Does not suit';
  return rank === 0 ? 'First choice' : rank === 1 ? 'Second choice' : `Choice ${rank + 1}`;
}

/** One kind as it would stand here, small; the whole tile is the button. */
export const KindTile = memo(function KindTile({
  choice,
  rank,
  chosen,
  onChoose,
}: {
  choice: Choice;
  rank: number;
  chosen: boolean;
  onChoose: (kind: string) => void;
}) {
  const { plan, tongue } = useGarden();
  return (
    <label
      className={`relative flex cursor-pointer flex-col bg-sheet p-2 focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-(--chalk) ${chosen ? 'shadow-[0_0_0_2px_var(--chalk)]' : 'shadow-[0_1px_0_var(--rule)] hover:shadow-[0_0_0_1.5px_var(--rule-strong)]'} `}
    >
      <input
        type="radio"
        name="kind"
        checked={chosen}
        onChange={() => onChoose(choice.structure.kind)}
        className="absolute top-3 left-3 size-4 accent-(--chalk)"
      />
      <Glance design={choice.design} around={choice.around} widthPx={236} heightPx={132} />
      <span className="mt-1 leading-tight font-semibold">{cardOf(choice.structure.kind).name}</span>
      <span className="mt-auto flex flex-wrap justify-between gap-x-2 pt-1 text-[0.9rem]">
        <span>
          {formatMoney(money(startOf(choice), plan.garden.currency), tongue.locale)}
          {choice.times > 1 && ' for all'}
        </span>
        <span className={!choice.suits ? 'text-keel' : rank === 0 ? 'font-semibold text-leaf' : 'text-soft'}>
          {standing(choice, rank)}
        </span>
      </span>
    </label>
  );
});

/** The kind that is looked at: its drawing with figures, what it costs, what speaks for and against it. */
export function Offer({
  choice,
  rank,
  weighing,
  onTake,
}: {
  choice: Choice;
  rank: number;
  weighing: boolean;
  onTake: () => void;
}) {
  const { plan, tongue } = useGarden();
  const { cost } = choice;
  const kind = cardOf(choice.structure.kind);
  const elevation = useMemo(() => drawViews(choice.design, choice.around)[0], [choice]);
  const amount = useAmount();
  return (
    <article className="mt-2 grid gap-x-7 gap-y-4 md:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <div className="bg-sheet p-3">
          {elevation && <Drawing view={elevation} units={tongue.units} heightPx={300} />}
        </div>
        <div className="mt-4 text-[0.95rem]">
          <Reasons title="Against it" facts={choice.con} Icon={Minus} colour="text-ochre" />
        </div>
      </div>
      <div className="flex min-w-0 flex-col">
        <h3 className="flex flex-wrap items-baseline gap-x-3 text-xl">
          {kind.name}
          <span
            className={`font-sans text-[0.9rem] font-semibold ${!choice.suits ? 'text-keel' : rank === 0 ? 'text-leaf' : 'text-soft'}`}
          >
            {standing(choice, rank)}
          </span>
        </h3>
        <p className="text-[0.95rem] text-soft">{kind.blurb}</p>
        <p className="mt-2">
          <span className="text-2xl font-semibold">{amount(startOf(choice))}</span>
          {choice.times > 1 && <strong> for all the plants, {amount(cost.totalMinor)} for what is drawn</strong>}{' '}
          <span className="text-soft">
            {[
              ...(cost.perPlantMinor !== null ? [`${amount(cost.perPlantMinor)} a plant`] : []),
              ...(choice.design.roomFor === undefined ? [perLength(cost, plan.garden.currency, tongue)] : []),
            ].join(' · ')}
          </span>
        </p>
        <AnswerFigures of={choice} startSaid className="mt-3 border-y border-rule py-2" />
        <Button look="main" className="mt-3 self-start max-lg:hidden" disabled={weighing} onClick={onTake}>
          Use this
        </Button>
        <div className="mt-4 text-[0.95rem]">
          <Reasons title="For it" facts={choice.pro} Icon={Check} colour="text-leaf" />
        </div>
      </div>
    </article>
  );
}

function Reasons({
  title,
  facts,
  Icon,
  colour,
}: {
  title: string;
  facts: readonly Fact[];
  Icon: typeof Check;
  colour: string;
}) {
  const { tongue } = useGarden();
  return (
    <div>
      <h4 className="text-[0.85rem] font-semibold text-soft">{title}</h4>
      {facts.length === 0 && <p className="text-soft">Nothing much.</p>}
      <ul>
        {facts.map((told) => (
          <li key={told.code} className="flex gap-2 py-0.5 leading-snug">
            <Icon size={15} aria-hidden className={`mt-[3px] shrink-0 ${colour}`} />
            {say(told, CHOOSING_PHRASES, tongue)}
          </li>
        ))}
      </ul>
    </div>
  );
}
