'use client';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { designOn } from '@lignum/core/plan/design-on';
import { formatLength } from '@lignum/core/quantity/length';
import { formatSpeed, fromSpeed, toSpeed, speedUnit } from '@lignum/core/quantity/measure';
import { windSumOf } from '@lignum/core/structures/rules/gust';
import { standOf } from '@lignum/core/withstand/stand-of';
import { whereOf } from '@lignum/core/withstand/where';
import type { Withstood } from '@lignum/core/withstand/withstand';
import { Button } from '../../../ui/button';
import { Fold } from '../../../ui/fold';
import { RodSlider } from '../../../ui/rod-slider';
import {
  dayWords,
  LEFT_OUT,
  NO_ENGINEER,
  NOT_RECKONED,
  shareWords,
  STAND_WORDS,
  whatHappens,
  WORSE,
} from '../../../words/stand-words';
import type { BlownAnswer, BlownQuestion, StandsQuestion, StandsTold } from '../../../workers/choosing-messages';
import { choosingWorker } from '../../shell/choosing-worker';
import { useGarden } from '../../shell/garden-context';
import { useAnswer } from '../../shell/use-answer';
import { BentDrawing } from './bent-drawing';
import { HardestTable } from './hardest-table';
import { BesidesTable } from './besides-table';
import { HardestMark, type Marked } from './hardest-mark';
import { HelpsOf } from './helps';
import { STAND_LOOKS } from './looks';
import { SeasonStrip } from './season-strip';
import { WindSumTable } from './wind-sum';

/** What a structure withstands, week by week and gust by gust, worked out away from the page. */
export default function WillItStand({
  computed,
  onLooked,
}: {
  computed: ComputedStructure;
  /** Told the week that is looked at and what works hardest then, to be marked on what is drawn; null when none is. */
  onLooked: (marked: Marked | null) => void;
}) {
  const { plan } = useGarden();
  const settled = useDeferredValue(plan);
  const { id } = computed.structure;
  const question = useMemo<StandsQuestion>(
    () => ({ about: 'stands', plan: settled, structure: id, helps: false }),
    [settled, id],
  );
  const { answer, of } = useAnswer<StandsQuestion, StandsTold>(choosingWorker, question);
  const isOld = of !== question;
  if (!answer)
    return (
      <p role="status" className="py-3 text-soft">
        Working out every week of the year…
      </p>
    );
  if (typeof answer.stood === 'string') return <p className="max-w-[42rem] py-2">{NOT_RECKONED[answer.stood]}</p>;
  return (
    <div aria-busy={isOld} className={isOld ? 'opacity-60' : ''}>
      <Told computed={computed} stood={answer.stood} onLooked={onLooked} />
    </div>
  );
}

function Told({
  computed,
  stood,
  onLooked,
}: {
  computed: ComputedStructure;
  stood: Withstood;
  onLooked: (marked: Marked | null) => void;
}) {
  const { plan, tongue } = useGarden();
  const { units, locale } = tongue;
  // The week and the gust that are looked at: until they are turned, the worst.
  const [turned, setTurned] = useState<{ week: number; gustMs: number | null } | null>(null);
  const at = turned?.week ?? stood.worst.week;
  const week = stood.weeks.find((one) => one.week === at) ?? stood.worst;
  const gustMs = turned?.gustMs ?? week.gustMs;
  const { id } = computed.structure;
  const question = useMemo<BlownQuestion>(
    () => ({
      about: 'blown',
      plan,
      structure: id,
      day: week.day,
      gustMs,
      // It blows as it did when the week was found to be as it is.
      way: week.way,
    }),
    [plan, id, week, gustMs],
  );
  const { answer: blown } = useAnswer<BlownQuestion, BlownAnswer>(choosingWorker, question);
  const hardest = blown?.week.hardest;
  const { day } = week;
  useEffect(() => {
    const at = hardest ? whereOf(computed.sized.design, hardest) : null;
    onLooked(
      hardest && at
        ? {
            part: hardest.part,
            at,
            share: hardest.share,
            words: whatHappens(computed, hardest, units),
            on: ` on ${dayWords(day, locale)}`,
            onDay: (whole) => designOn(plan, whole, day),
            Ring: HardestMark,
          }
        : null,
    );
  }, [onLooked, computed, hardest, plan, day, units, locale]);
  useEffect(() => () => onLooked(null), [onLooked]);
  const stand = standOf(stood.worst.share);
  const { Icon, colour } = STAND_LOOKS[stand];
  const worse = stood.band.filter(({ share }) => standOf(share) === 'fails');
  const goes = stood.goes;
  return (
    <>
      <p className={`flex items-center gap-2 text-lg font-semibold ${colour}`}>
        <Icon size={20} aria-hidden />
        <span className="tabular-nums">
          {STAND_WORDS[stand]}: {shareWords(stood.worst.share, locale)}
        </span>
      </p>
      <p className="max-w-[42rem]">
        Of what it may, its hardest working part uses {shareWords(stood.worst.share, locale)} about{' '}
        {dayWords(stood.worst.day, locale)}, in a gust of {formatSpeed(stood.worst.gustMs, units, locale)} such as comes
        once in ten years.
        {stood.worst.lost
          ? ' It goes over or bows out then.'
          : stood.worst.hardest && ` ${whatHappens(computed, stood.worst.hardest, units)}.`}{' '}
        {goes.gustMs > 85
          ? 'No gust of these parts is too much for it.'
          : goes.gustMs < 1
            ? 'It is too much before any wind blows.'
            : `At ${formatSpeed(goes.gustMs, units, locale)} it has nothing left to spare${goes.use ? ` (${whatHappens(computed, goes.use, units)})` : ''}.`}
      </p>
      {stand !== 'fails' && worse.length > 0 && (
        <p className="mt-1 max-w-[42rem] text-ochre">
          It would not hold with a little less luck: {worse.map((one) => WORSE[one.worse].toLowerCase()).join('; ')}.
        </p>
      )}
      {stand !== 'holds' && (
        <>
          <h3 className="mt-4 text-base">What would help</h3>
          <HelpsOf structure={id} />
        </>
      )}
      <BesidesTable computed={computed} besides={stood.besides} />

      <h3 className="mt-5 text-base">Through the year</h3>
      <p className="text-[0.9rem] text-soft">
        <span aria-hidden className="mr-1 inline-block w-5 border-t-2 border-ink align-middle" /> all it may use
        <span
          aria-hidden
          className="mr-1 ml-4 inline-block w-5 border-t-2 border-dashed border-leaf align-middle"
        />{' '}
        how high the crop stands. Drag along it.
      </p>
      <SeasonStrip
        weeks={stood.weeks}
        at={week}
        locale={locale}
        onWeek={(one) => setTurned({ week: one.week, gustMs: turned?.gustMs ?? null })}
      />
      <div className="mt-2 grid items-center gap-x-4 sm:grid-cols-[minmax(0,15rem)_minmax(0,1fr)]">
        <p className="text-[0.95rem] tabular-nums" role="status">
          {dayWords(week.day, locale)}, a gust of <strong>{formatSpeed(gustMs, units, locale)}</strong>
          {blown && (
            <span className={`block font-semibold ${STAND_LOOKS[standOf(blown.week.share)].colour}`}>
              {STAND_WORDS[standOf(blown.week.share)]}: {shareWords(blown.week.share, locale)}
            </span>
          )}
        </p>
        <RodSlider
          value={Math.round(toSpeed(gustMs, units))}
          min={0}
          max={Math.round(toSpeed(60, units))}
          step={1}
          label={`Gust, ${speedUnit(units)}`}
          says={formatSpeed(gustMs, units, locale)}
          onChange={(speed) => setTurned({ week: week.week, gustMs: fromSpeed(speed, units) })}
        />
      </div>
      {blown && (
        <div className="mt-3 grid gap-x-6 gap-y-3 md:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
          <figure className="min-w-0">
            <BentDrawing
              bent={blown.bent}
              hardest={blown.week.hardest?.part ?? null}
              describes={
                blown.week.hardest
                  ? `Hardest working: ${whatHappens(computed, blown.week.hardest, units)}, ${shareWords(blown.week.share, locale)}`
                  : 'Nothing of it works hard.'
              }
            />
            <figcaption className="mt-1 text-[0.85rem] text-soft">
              {blown.week.lost
                ? 'It goes over or bows out: nothing is found in which it stands.'
                : `How it bends, drawn ${blown.bent.times > 1 ? `${blown.bent.times} times as far` : 'as far as it goes'}. Thin: at rest. Ringed: what works hardest.`}
              {blown.week.lifts > 0 &&
                ` ${blown.week.lifts === 1 ? 'One of its feet lifts' : `${blown.week.lifts} of its feet lift`} off the soil.`}
            </figcaption>
          </figure>
          <HardestTable computed={computed} uses={blown.uses} />
        </div>
      )}
      {turned && (
        <Button look="quiet" className="mt-1 !px-0" onClick={() => setTurned(null)}>
          Back to the worst week
        </Button>
      )}

      <Fold className="mt-3" title="The sum" says="where the gust comes from, and what each figure rests on">
        <WindSumTable
          sum={windSumOf(computed.setting, week.day, gustMs)}
          asked={typeof turned?.gustMs === 'number'}
          tongue={tongue}
        />
        <h4 className="mt-4 font-semibold">If something is worse than planned</h4>
        <table className="mt-1 w-full max-w-[30rem] text-[0.95rem]">
          <tbody>
            {stood.band.map(({ worse: what, share }) => (
              <tr key={what} className="border-t border-rule">
                <th scope="row" className="py-1.5 text-left font-normal">
                  {WORSE[what]}
                </th>
                <td className={`py-1.5 text-right font-semibold tabular-nums ${STAND_LOOKS[standOf(share)].colour}`}>
                  {STAND_WORDS[standOf(share)].toLowerCase()}, {shareWords(share, locale)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-3 max-w-[42rem] text-[0.9rem] text-soft">
          Its top leans {formatLength(stood.leansMm, units)} over in the worst week. {LEFT_OUT}
        </p>
      </Fold>
      <p className="mt-2 max-w-[42rem] text-[0.85rem] text-soft">{NO_ENGINEER}</p>
    </>
  );
}
