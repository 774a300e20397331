'use client';
import { useState } from 'react';
import { compareDirections } from '@lignum/core/site/sun/study';
import { runsOf } from '@lignum/core/site/plot';
import { Button } from '../../ui/button';
import { Rod } from '../../ui/rod';
import { changeBed } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import type { SunAnswer } from './use-sun';

/** Less than this is not worth a word: a tenth of an hour. */
const WORTH_SAYING_H = 0.1;

/** Each bed's hours of direct sun, and which support takes how much of them. */
export function BedHours({ answer, month }: { answer: SunAnswer | null; month: number }) {
  const { plan } = useGarden();
  const [asked, setAsked] = useState<string | null>(null);
  if (!answer) return <p className="text-soft">Following the sun…</p>;
  const longest = 16;
  const count = new Set(answer.beds.map((one) => one.month)).size;
  const rows = plan.beds.map((bed) => {
    const parts = answer.beds.filter((one) => one.bed === bed.id);
    const taken = new Map<string, number>();
    for (const one of parts) for (const [id, hours] of Object.entries(one.takenBy)) taken.set(id, (taken.get(id) ?? 0) + hours / count);
    return { bed, hours: parts.reduce((sum, one) => sum + one.hours / count, 0), taken: [...taken].filter(([, hours]) => hours >= WORTH_SAYING_H).sort((a, b) => b[1] - a[1]) };
  });
  const named = (id: string) => plan.structures.find((one) => one.id === id)?.name ?? '';
  return (
    <section aria-labelledby="bed-hours">
      <h2 id="bed-hours" className="text-xl">Sun on the beds</h2>
      <ul className="mt-1">
        {rows.map(({ bed, hours, taken }) => (
          <li key={bed.id} className="border-t border-rule py-1.5">
            <p className="flex justify-between gap-3"><span className="font-medium">{bed.name}</span><span className="font-semibold">{hours.toFixed(1)} h</span></p>
            <Rod label={`${hours.toFixed(1)} of ${longest} hours`} blocks={[{ from: 0, to: Math.min(1, hours / longest), tone: 'leaf' }]} marks={[{ at: 6 / longest }]} />
            {taken.map(([id, lost]) => (
              <p key={id} className="text-[0.9rem] text-soft">{named(id)} takes {lost.toFixed(1)} h. <button type="button" className="text-chalk underline" aria-expanded={asked === id} onClick={() => setAsked(asked === id ? null : id)}>Turned?</button></p>
            ))}
            {taken.some(([id]) => id === asked) && asked && <Turned structureId={asked} month={month} />}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[0.85rem] text-soft">Direct sun a day on the middle day of the month; the mark stands at 6 h, the least for fruit (common practice, no source).</p>
    </section>
  );
}

function Turned({ structureId, month }: { structureId: string; month: number }) {
  const { plan, store } = useGarden();
  const compared = compareDirections(plan, structureId, month);
  const structure = plan.structures.find((one) => one.id === structureId);
  const bed = plan.beds.find((one) => one.id === structure?.bed);
  if (!compared || !bed) return null;
  const better = compared.turned.takes < compared.asItLies.takes - WORTH_SAYING_H;
  const name = (id: string | undefined) => plan.beds.find((one) => one.id === id)?.name ?? '';
  const line = (turnDeg: number, lying: typeof compared.turned) => `${runsOf({ ...bed, turnDeg }, plan.site.northDeg)}: takes ${lying.takes.toFixed(1)} h in all${lying.worst ? `, ${lying.worst.hours.toFixed(1)} h of it from ${name(lying.worst.bed)}` : ''}; its own bed has ${lying.ownHours.toFixed(1)} h`;
  return (
    <div className="mt-1 border-l-4 border-chalk pl-3 text-[0.9rem]">
      <p>As it lies, {line(bed.turnDeg, compared.asItLies)}.</p>
      <p>Turned, {line(compared.turned.turnDeg, compared.turned)}.</p>
      {better ? <Button look="quiet" className="-ml-4" onClick={() => store.edit(changeBed(bed.id, { turnDeg: compared.turned.turnDeg }))}>Turn {bed.name}</Button> : <p>It is better as it lies.</p>}
    </div>
  );
}
