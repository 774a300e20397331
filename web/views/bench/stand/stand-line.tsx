'use client';
import { useDeferredValue, useEffect, useMemo } from 'react';
import { notBorne } from '@lignum/core/ahead/not-borne';
import { AHEAD_PHRASES } from '@lignum/core/ahead/phrases';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatSpeed } from '@lignum/core/quantity/measure';
import { WATCHED_FROM, type Stand } from '@lignum/core/withstand/stand-of';
import { whereOf } from '@lignum/core/withstand/where';
import { say } from '@lignum/core/wording/say';
import { dayWords, shareWords, whatHappens } from '../../../words/stand-words';
import type { StandsInAnswer, StandsInQuestion } from '../../../workers/choosing-messages';
import { choosingWorker } from '../../shell/choosing-worker';
import { useGarden } from '../../shell/garden-context';
import { useAnswer } from '../../shell/use-answer';
import { HardestMark, type Marked } from './hardest-mark';
import { STAND_LOOKS } from './looks';

/** How it stands, and what works hardest where that has little to spare. */
export interface Stood {
  stand: Stand;
  marked: Marked | null;
}

/** Whether it stands, until when and in what wind, in a line: worked out away from the page behind every turned knob. */
export default function StandLine({
  computed,
  onStood,
}: {
  computed: ComputedStructure;
  /** Told how it stands when that is known, for what is said of it elsewhere. */
  onStood: (stood: Stood | null) => void;
}) {
  const { plan, tongue } = useGarden();
  const settled = useDeferredValue(plan);
  const { id } = computed.structure;
  const { units } = tongue;
  const question = useMemo<StandsInQuestion>(() => ({ about: 'stands in', plan: settled, only: [id] }), [settled, id]);
  const { answer, of } = useAnswer<StandsInQuestion, StandsInAnswer>(choosingWorker, question);
  const short = answer?.[id];
  const known = of === question ? short : undefined;
  const stood = useMemo((): Stood | null => {
    if (!known) return null;
    const { stand, hardest, share } = known;
    const at = hardest && share > WATCHED_FROM ? whereOf(computed.sized.design, hardest) : null;
    return {
      stand,
      marked:
        hardest && at
          ? { part: hardest.part, at, share, words: whatHappens(computed, hardest, units), Ring: HardestMark }
          : null,
    };
  }, [known, computed, units]);
  useEffect(() => {
    onStood(stood);
    // Another structure: nothing is known of it yet.
    return () => onStood(null);
  }, [onStood, stood]);
  if (!short) return null;
  const { Icon, colour } = STAND_LOOKS[short.stand];
  const { locale } = tongue;
  const gust = `a gust of ${formatSpeed(short.gustMs, units, locale)} about ${dayWords(short.day, locale)}`;
  return (
    <p role="status" className={`flex gap-2 py-1 ${of === question ? '' : 'opacity-60'}`}>
      <Icon size={19} aria-hidden className={`mt-0.5 shrink-0 ${colour}`} />
      <span>
        <span className={`font-semibold ${colour}`}>
          {short.stand === 'fails' ? 'Does not stand through its year: ' : 'Stands through its year: '}
          <span className="tabular-nums">{shareWords(short.share, locale)}</span>
        </span>{' '}
        of what it may, in {gust}
        {short.stand === 'fails' &&
          (short.lost
            ? ' (it goes over or bows out)'
            : short.hardest && ` (${whatHappens(computed, short.hardest, units)})`)}
        . {short.notBorne.map((by) => say(notBorne(by), AHEAD_PHRASES, tongue)).join(' ')}
        {short.stand === 'fails' && ' Why, and what would help: “Will it stand?”.'}
      </span>
    </p>
  );
}
