'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { AlertOctagon, Check, ChevronDown, ChevronUp, TriangleAlert } from 'lucide-react';
import { isNotBorne } from '@lignum/core/ahead/not-borne';
import { AHEAD_PHRASES } from '@lignum/core/ahead/phrases';
import type { OpenPoint } from '@lignum/core/ahead/open-points';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { say } from '@lignum/core/wording/say';
import { VerdictRow } from '../../ui/verdicts';
import { HelpsOf } from '../bench/stand/helps';
import { choosingWorker } from '../shell/choosing-worker';
import { setKnobs } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { useAnswer } from '../shell/use-answer';
import type { MendsAnswer, MendsQuestion } from '../../workers/choosing-messages';

/** What a point is about, by name, and the page on which it is settled. */
function whereOf({ at }: OpenPoint, plan: Plan, id: string): { name: string; href: string } {
  if (at.is === 'beds') return { name: 'Who gets in', href: `/g/${id}/kept-out` };
  if (at.is === 'stock') return { name: CATALOGUE.stock(at.id).name, href: `/g/${id}/prices` };
  if (at.is === 'bed')
    return { name: plan.beds.find((one) => one.id === at.id)?.name ?? '', href: `/g/${id}?look=${at.id}` };
  return { name: plan.structures.find((one) => one.id === at.id)?.name ?? '', href: `/g/${id}/s/${at.id}` };
}

/** Everything that is open in the garden: what it is about, what is wrong, the way to its place, and what would mend it. */
export default function OpenList({ points, onLook }: { points: readonly OpenPoint[]; onLook: (id: string) => void }) {
  const { id, plan, tongue } = useGarden();
  const [asked, setAsked] = useState<string | null>(null);
  if (points.length === 0)
    return (
      <p className="flex items-center gap-2 py-2 font-semibold text-leaf">
        <Check size={19} aria-hidden />
        Nothing is open.
      </p>
    );
  return (
    <ul>
      {points.map((point) => {
        const { name, href } = whereOf(point, plan, id);
        const isFail = point.level === 'fail';
        return (
          <li key={point.id} className="border-t border-rule py-2">
            <div className="grid grid-cols-[1.25rem_minmax(0,1fr)] gap-x-2">
              {isFail ? (
                <AlertOctagon size={17} className="mt-1 text-keel" aria-label="Won’t work" />
              ) : (
                <TriangleAlert size={17} className="mt-1 text-ochre" aria-label="Look at this" />
              )}
              <div>
                {point.at.is === 'bed' ? (
                  <button
                    type="button"
                    onClick={() => point.at.is === 'bed' && onLook(point.at.id)}
                    className="min-h-8 text-left font-semibold hover:text-chalk hover:underline"
                  >
                    {name}
                  </button>
                ) : (
                  <Link
                    href={href}
                    className="inline-flex min-h-8 items-center font-semibold hover:text-chalk hover:underline"
                  >
                    {name}
                  </Link>
                )}
                <p className="text-[0.95rem]">{sentence(say(point.told, AHEAD_PHRASES, tongue))}</p>
                <Settle
                  point={point}
                  asked={asked === point.id}
                  onAsk={() => setAsked(asked === point.id ? null : point.id)}
                />
              </div>
            </div>
          </li>
        );
      })}
    </ul>
  );
}

const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

const ask = 'flex min-h-11 items-center gap-1.5 font-semibold text-chalk';

/** Points of what does not stand: what helps is found by everything that can be turned. What people and snow do is only told. */
const STANDS = /^open\.(stands|goes-over)$/;

/** The way to settle a point from here: what would mend it, what would hold it, or who would be kept out by what. */
function Settle({ point, asked, onAsk }: { point: OpenPoint; asked: boolean; onAsk: () => void }) {
  const { id, plan } = useGarden();
  const { at, told } = point;
  if (at.is === 'beds')
    return (
      <Link href={`/g/${id}/kept-out${at.ids.length === 1 ? `?bed=${at.ids[0]}` : ''}`} className={ask}>
        What keeps them out?
      </Link>
    );
  if (told.code === 'open.no-support')
    return (
      <Link href={`/g/${id}/new?bed=${at.id}`} className={ask}>
        On what?
      </Link>
    );
  const structure = at.is === 'structure' && plan.structures.find((one) => one.id === at.id);
  if (!structure || isNotBorne(told)) return null;
  return (
    <>
      <button type="button" aria-expanded={asked} onClick={onAsk} className={ask}>
        {asked ? <ChevronUp size={17} aria-hidden /> : <ChevronDown size={17} aria-hidden />}
        {STANDS.test(told.code) ? 'What would help?' : 'What mends it?'}
      </button>
      {asked &&
        (STANDS.test(told.code) ? (
          <HelpsOf structure={structure.id} />
        ) : (
          <Mends structure={structure} code={told.code} />
        ))}
    </>
  );
}

/** What would mend a finding, tried and judged by everything again, to be taken from here. */
function Mends({ structure, code }: { structure: StructurePlan; code: string }) {
  const { plan, store, tongue } = useGarden();
  const { id } = structure;
  const question = useMemo((): MendsQuestion => ({ about: 'mends', plan, structure: id }), [plan, id]);
  const { answer, of } = useAnswer<MendsQuestion, MendsAnswer>(choosingWorker, question);
  if (of !== question || !answer)
    return (
      <p aria-live="polite" className="text-soft">
        Trying what would mend it…
      </p>
    );
  const mendable = answer.verdicts.filter(({ told, mend }) => told.code === code && mend !== null);
  if (mendable.length === 0)
    return (
      <p className="text-[0.95rem]">
        No one change mends this: open its design, move it, or build it as something else.
      </p>
    );
  return (
    <ul>
      {mendable.map((verdict, i) => (
        <VerdictRow
          key={i}
          verdict={verdict}
          knobs={answer.knobs}
          tongue={tongue}
          currency={plan.garden.currency}
          onMend={({ mend }) => {
            if (mend) store.edit(setKnobs(id, mend.settings));
          }}
        />
      ))}
    </ul>
  );
}
