'use client';
import { useMemo } from 'react';
import { AlertOctagon, Check, TriangleAlert } from 'lucide-react';
import { isUrgent } from '@lignum/core/checks/check';
import { kindsInstead } from '@lignum/core/choosing/instead';
import { CHOOSING_PHRASES } from '@lignum/core/choosing/phrases';
import type { Choice } from '@lignum/core/choosing/weigh';
import type { StructurePlan } from '@lignum/core/plan/plan';
import { hostNamed } from '@lignum/core/site/stands/stands';
import { cardOf } from '@lignum/core/structures/cards';
import { say } from '@lignum/core/wording/say';
import { Sheet } from '../../ui/dialog';
import type { KindsAnswer, KindsQuestion } from '../../workers/choosing-messages';
import { renamed } from '../garden/new-structure';
import { AnswerFigures } from '../shell/answer-figures';
import { choosingWorker } from '../shell/choosing-worker';
import { changeStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { useAnswer } from '../shell/use-answer';

/** Every kind that can stand here, sized for this place and these plants, the fittest first, to change to: undo brings the old one back with its knobs. */
export default function KindSheet({ structure, onClose }: { structure: StructurePlan; onClose: () => void }) {
  const { plan, store } = useGarden();
  const question = useMemo((): KindsQuestion => {
    // What hangs in its run hangs in that of whatever it is built as.
    const guests = plan.structures.filter(({ stand }) => hostNamed(stand) === structure.id);
    return {
      about: 'kinds',
      plan: { ...plan, structures: plan.structures.filter((one) => one.id !== structure.id && !guests.includes(one)) },
      sketches: kindsInstead(plan, structure).map((kind) => [
        kind.id === structure.kind ? structure : { ...structure, kind: kind.id, knobs: {} },
        ...guests,
      ]),
    };
  }, [plan, structure]);
  const { answer, of } = useAnswer<KindsQuestion, KindsAnswer>(choosingWorker, question);
  const take = (kind: string) => {
    if (kind !== structure.kind)
      store.edit(changeStructure(structure.id, { kind, knobs: {}, name: renamed(structure, kind) }));
    onClose();
  };
  return (
    <Sheet open onClose={onClose} title="Build it as" wide>
      {answer ? (
        <ol className="grid grid-cols-1 gap-3 sm:grid-cols-2 lg:grid-cols-3">
          {answer.map((choice) => (
            <Offer
              key={choice.structure.kind}
              choice={choice}
              here={choice.structure.kind === structure.kind}
              onTake={() => take(choice.structure.kind)}
            />
          ))}
        </ol>
      ) : (
        <p role="status" className="py-6 text-soft">
          {of === question
            ? 'Nothing else can stand here.'
            : `Sizing, pricing and weighing ${question.sketches.length} ${question.sketches.length === 1 ? 'kind' : 'kinds'}…`}
        </p>
      )}
    </Sheet>
  );
}

/** One kind in the place of what stands, with the figures that every answer has and what speaks against it first. */
function Offer({ choice, here, onTake }: { choice: Choice; here: boolean; onTake: () => void }) {
  const { tongue } = useGarden();
  const [against] = choice.con;
  return (
    <li
      className={`relative flex flex-col rounded-[3px] bg-sheet p-2 focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-(--chalk) hover:shadow-[0_0_0_2px_var(--chalk)] ${here ? 'shadow-[0_0_0_2px_var(--chalk)]' : 'shadow-[0_1px_0_var(--rule)]'}`}
    >
      <Glance design={choice.design} around={choice.around} widthPx={260} heightPx={130} />
      <button
        type="button"
        aria-pressed={here}
        onClick={onTake}
        className="mt-1 text-left leading-tight font-semibold outline-none after:absolute after:inset-0"
      >
        {cardOf(choice.structure.kind).name}
      </button>
      <Standing choice={choice} here={here} />
      <AnswerFigures of={choice} className="mt-1.5 border-t border-rule pt-1.5" />
      {against && <p className="mt-1.5 text-[0.9rem] text-soft">{say(against, CHOOSING_PHRASES, tongue)}</p>}
    </li>
  );
}

function Standing({ choice, here }: { choice: Choice; here: boolean }) {
  const open = choice.verdicts.filter(isUrgent).length;
  const [Icon, colour, words] = !choice.suits
    ? ([AlertOctagon, 'text-keel', 'does not suit'] as const)
    : open > 0
      ? ([TriangleAlert, 'text-ochre', `suits, ${open} to look at`] as const)
      : ([Check, 'text-leaf', 'suits'] as const);
  return (
    <p className={`flex items-center gap-1.5 text-[0.9rem] ${colour}`}>
      <Icon size={15} aria-hidden />
      {words}
      {here && <span className="text-soft">· as it stands</span>}
    </p>
  );
}
