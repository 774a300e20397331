'use client';
import { useMemo } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { sayEnds } from '@lignum/core/design/end-cuts';
import type { BillLine } from '@lignum/core/materials/take-off';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { tellVolume } from '@lignum/core/quantity/measure';
import { say, type Tongue } from '@lignum/core/wording/say';
import { Finder } from '../../ui/finder';
import { useLongTable, type LongColumns } from '../../ui/use-long-table';
import { useGarden } from '../shell/garden-context';
import { cutWords, wordFor } from '../../words/stock-words';

interface PartLine {
  of: ComputedStructure;
  line: BillLine;
}

const COLUMNS: LongColumns<PartLine> = {
  group: ({ of }) => of.structure.id,
  words: ({ of, line }) => `${wordFor(of.kind, line.use)} ${CATALOGUE.stock(line.stock).name} ${of.structure.name}`,
};

/** Every part of one structure or of all, with the reason why there are so many of it. */
export function Parts({ of }: { of: readonly ComputedStructure[] }) {
  const lines = useMemo(() => of.flatMap((one) => one.bill.map((line): PartLine => ({ of: one, line }))), [of]);
  const { groups, sought, seek } = useLongTable(lines, COLUMNS);
  return (
    <>
      <div className="mt-10 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-2xl">Every part, and why</h2>
        {of.length > 1 && <Finder label="Find a part" sought={sought} seek={seek} />}
      </div>
      {groups.length === 0 && <p className="mt-3 text-soft">No part is called “{sought}”.</p>}
      {groups.map(({ title, rows }) => (
        <PartsOfOne key={title} lines={rows} />
      ))}
    </>
  );
}

function PartsOfOne({ lines }: { lines: readonly PartLine[] }) {
  const { tongue } = useGarden();
  const { kind, structure } = (lines[0] as PartLine).of;
  return (
    <section className="laid-when-near print-whole mt-4">
      <h3 className="text-lg">{structure.name}</h3>
      <div role="region" aria-label={`Parts of ${structure.name}`} tabIndex={0} className="overflow-x-auto">
        <table className="mt-1 w-full min-w-[34rem] text-[0.95rem]">
          <thead>
            <tr className="text-left text-[0.85rem] text-soft">
              <th scope="col" className="w-12 py-1 pr-3 text-right font-medium">
                No.
              </th>
              <th scope="col" className="py-1 font-medium">
                Part
              </th>
              <th scope="col" className="py-1 pr-6 text-right font-medium">
                Cut to
              </th>
              <th scope="col" className="py-1 font-medium">
                Ends
              </th>
              <th scope="col" className="py-1 font-medium">
                Why so many
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ line }) => (
              <tr key={line.id} className="border-t border-rule align-baseline">
                <td className="py-1.5 pr-3 text-right font-semibold">{line.count}</td>
                <td className="py-1.5 pr-3">
                  {wordFor(kind, line.use)}
                  <span className="block text-[0.85rem] text-soft">
                    {CATALOGUE.stock(line.stock).name}
                    {outOf(line)}
                  </span>
                </td>
                <td className="py-1.5 pr-6 text-right whitespace-nowrap">{measureOf(line, tongue)}</td>
                <td className="py-1.5 pr-3 whitespace-nowrap">{line.ends && sayEnds(line.ends, tongue.units)}</td>
                <td className="py-1.5 text-soft">{say(line.why, kind.phrases, tongue)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** What a part that is not bought by itself is taken out of. */
function outOf(line: BillLine): string {
  if (line.board === null) return '';
  return line.of === 'part' && line.meshes !== null
    ? ', split from the same panel'
    : ', cut beside it from the same length';
}

function measureOf(line: BillLine, { units, locale }: Tongue): string {
  if (line.litres !== null) return tellVolume(line.litres * 1e6, units, locale);
  return line.cutMm === null ? '' : cutWords(line.stock, line.cutMm, units);
}
