'use client';
import Link from 'next/link';
import { Download } from 'lucide-react';
import { useMemo } from 'react';
import { cropIn } from '@lignum/core/crops/book';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { spanOf, type Rod as Marked } from '@lignum/core/setting-out/rod';
import { rodsToMark } from '@lignum/core/setting-out/rods';
import { buttonLook } from '../../ui/button';
import { useGarden, useSaving } from '../shell/garden-context';
import { hasFaces, levelWords, metAlong, rodTitle, rodZero } from '../../sheets/mark-words';

/** Everything measured along something, as running figures from one zero, beside a rod drawn to scale. */
export default function Marks({ computed }: { computed: ComputedStructure }) {
  const { id, tongue } = useGarden();
  const saved = useSaving(({ save }) => save.state === 'saved');
  const rods = useMemo(() => rodsToMark(computed.sized.design), [computed]);
  const level = levelWords(rods, tongue.units);
  return (
    <>
      <p className="max-w-[42rem] text-[0.95rem] text-soft">
        Running figures: hook the tape once on the zero and mark them all before you move it.
      </p>
      <p>
        <Link className={buttonLook('plain', 'mt-1')} href={`/g/${id}/s/${computed.structure.id}/set-out`}>
          One at a time, large
        </Link>
      </p>
      {level && <p className="mt-1 max-w-[42rem]">{level}</p>}
      {rods.map((rod, i) => (
        <RodMarks key={i} computed={computed} rod={rod} />
      ))}
      {saved && (
        <a
          className={buttonLook('plain')}
          href={`/api/gardens/${id}/marks?structure=${computed.structure.id}`}
          download
        >
          <Download size={17} aria-hidden />
          Marks as CSV
        </a>
      )}
    </>
  );
}

function RodMarks({ computed, rod }: { computed: ComputedStructure; rod: Marked }) {
  const { plan, tongue } = useGarden();
  const met = metAlong(computed.kind, rod, (crop) => cropIn(plan.crops, crop).name);
  const say = (mm: number | null): string => (mm === null ? '' : formatLength(mm, tongue.units));
  const [least, most] = spanOf(rod);
  const share = (mm: number): string => `${(100 * (mm - least)) / (most - least)}%`;
  const faces = hasFaces(met);
  return (
    <section className="border-t border-rule py-3">
      <h3 className="text-[1.05rem] leading-tight">{rodTitle(computed.kind, rod, tongue.units)}</h3>
      <p className="text-[0.9rem] text-soft">{rodZero(computed.kind, rod, tongue.units)}</p>
      <div aria-hidden className="relative mt-2 h-4 border border-ink bg-timber/40">
        {met.map((one, i) => {
          const [a, b] = [one.fromMm ?? one.atMm ?? 0, one.toMm ?? one.atMm ?? 0];
          return (
            <span
              key={i}
              className="absolute inset-y-0 min-w-px bg-chalk"
              style={{ left: share(a), width: b > a ? `calc(${share(b)} - ${share(a)})` : '1px' }}
            />
          );
        })}
      </div>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full max-w-[34rem] text-[0.95rem] tabular-nums">
          {faces && (
            <thead>
              <tr className="text-right text-soft">
                <th scope="col" className="sr-only">
                  What
                </th>
                <th scope="col" className="font-normal">
                  from
                </th>
                <th scope="col" className="font-normal">
                  middle
                </th>
                <th scope="col" className="font-normal">
                  to
                </th>
              </tr>
            </thead>
          )}
          <tbody>
            {met.map((one, i) => (
              <tr key={i} className="border-t border-rule">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {one.what}
                </th>
                {faces && <td className="py-1 pl-3 text-right">{say(one.fromMm)}</td>}
                <td className="py-1 pl-3 text-right font-semibold whitespace-nowrap">{say(one.atMm)}</td>
                {faces && <td className="py-1 pl-3 text-right">{say(one.toMm)}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
