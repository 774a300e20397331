'use client';
import { useState } from 'react';
import type { Plan } from '@lignum/core/plan/plan';
import { runsOf } from '@lignum/core/site/plot';
import { asStand } from '@lignum/core/site/stands/stands';
import { Rod } from '../../ui/rod';
import { changeBed } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import type { HoursAnswer } from '../../workers/sun-messages';
import { usePlaces } from './use-sun';

/** Less than this is not worth a word: a tenth of an hour. */
const WORTH_SAYING_H = 0.1;

/** Each bed's hours of direct sun, and which support takes how much of them. */
export default function BedHours({ answer, month }: { answer: HoursAnswer | null; month: number }) {
  const { plan } = useGarden();
  const [asked, setAsked] = useState<string | null>(null);
  if (!answer) return <p className="text-soft">Following the sun…</p>;
  const longest = 16;
  const count = new Set(answer.beds.map((one) => one.month)).size;
  const rows = plan.beds.map((bed) => {
    const parts = answer.beds.filter((one) => one.bed === bed.id);
    const taken = new Map<string, number>();
    for (const one of parts)
      for (const [id, hours] of Object.entries(one.takenBy)) taken.set(id, (taken.get(id) ?? 0) + hours / count);
    return {
      bed,
      hours: parts.reduce((sum, one) => sum + one.hours / count, 0),
      taken: [...taken].filter(([, hours]) => hours >= WORTH_SAYING_H).sort((a, b) => b[1] - a[1]),
    };
  });
  const named = (id: string) => plan.structures.find((one) => one.id === id)?.name ?? '';
  return (
    <section aria-labelledby="bed-hours">
      <h2 id="bed-hours" className="text-xl">
        Sun on the beds
      </h2>
      <ul className="mt-1">
        {rows.map(({ bed, hours, taken }) => (
          <li key={bed.id} className="border-t border-rule py-1.5">
            <p className="flex justify-between gap-3">
              <span className="font-medium">{bed.name}</span>
              <span className="font-semibold">{hours.toFixed(1)} h</span>
            </p>
            <Rod
              label={`${hours.toFixed(1)} of ${longest} hours`}
              blocks={[{ from: 0, to: Math.min(1, hours / longest), tone: 'leaf' }]}
              marks={[{ at: 6 / longest }]}
            />
            {taken.map(([id, lost]) => (
              <p key={id} className="text-[0.9rem] text-soft">
                {named(id)} takes {lost.toFixed(1)} h.{' '}
                <button
                  type="button"
                  className="text-chalk underline"
                  aria-expanded={asked === `${bed.id} ${id}`}
                  onClick={() => setAsked(asked === `${bed.id} ${id}` ? null : `${bed.id} ${id}`)}
                >
                  Find a sunnier spot
                </button>
              </p>
            ))}
            {taken.map(([id]) => asked === `${bed.id} ${id}` && <Places key={id} structureId={id} month={month} />)}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[0.85rem] text-soft">
        Direct sun a day on the middle day of the month; the mark stands at 6 h, the least for fruit (common practice,
        no source).
      </p>
    </section>
  );
}

function Places({ structureId, month }: { structureId: string; month: number }) {
  const { plan, store } = useGarden();
  const found = usePlaces(plan, structureId, month);
  const stand = asStand(plan.structures.find((one) => one.id === structureId)?.stand, 'bed');
  const bed = plan.beds.find((one) => one.id === stand?.bed);
  if (found === undefined) return <p className="text-soft">Looking over the plot for better places…</p>;
  if (!found || !bed) return null;
  const name = (id: string | undefined) => plan.beds.find((one) => one.id === id)?.name ?? '';
  const line = (lying: { ownHours: number; takes: number; worst: { bed: string; hours: number } | null }) =>
    `${lying.ownHours.toFixed(1)} h on its own bed, takes ${lying.takes.toFixed(1)} h in all${lying.worst ? ` (${lying.worst.hours.toFixed(1)} h from ${name(lying.worst.bed)})` : ''}`;
  return (
    <div className="mt-1 border-l-4 border-chalk pl-3 text-[0.9rem]">
      <p>
        <strong>As it lies</strong>, {runsOf(bed, plan.site.northDeg)}: {line(found.asItLies)}.
      </p>
      <p>
        <strong>Turned</strong>, {runsOf({ ...bed, turnDeg: found.turned.turnDeg }, plan.site.northDeg)}:{' '}
        {line(found.turned)}.{' '}
        <button
          type="button"
          className="min-h-6 text-chalk underline"
          onClick={() => store.edit(changeBed(bed.id, { turnDeg: found.turned.turnDeg }))}
        >
          Turn it
        </button>
      </p>
      {found.better.length === 0 && <p>No free place on the plot is better by half an hour.</p>}
      {found.better.map((one) => (
        <p key={`${one.xMm} ${one.yMm} ${one.turnDeg}`}>
          <strong>{where(one, plan)}</strong>, {one.runs}: {line(one)}.{' '}
          <button
            type="button"
            className="min-h-6 text-chalk underline"
            onClick={() => store.edit(changeBed(bed.id, { xMm: one.xMm, yMm: one.yMm, turnDeg: one.turnDeg }))}
          >
            Move it there
          </button>
        </p>
      ))}
    </div>
  );
}

/** A part of the plot in words: "upper left", "middle". */
function where({ xMm, yMm }: { xMm: number; yMm: number }, plan: Plan): string {
  const across = xMm < plan.site.widthMm / 3 ? 'left' : xMm > (plan.site.widthMm * 2) / 3 ? 'right' : 'middle';
  const up = yMm < plan.site.depthMm / 3 ? 'lower' : yMm > (plan.site.depthMm * 2) / 3 ? 'upper' : '';
  return `${up} ${across}`.trim().replace(/^./, (letter) => letter.toUpperCase());
}
