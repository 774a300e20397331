'use client';
import Link from 'next/link';
import { useParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { kindOf } from '@lignum/core/structures/registry';
import { buttonLook } from '../../ui/button';
import type { StandsQuestion, StandsTold } from '../../workers/choosing-messages';
import { choosingWorker } from '../shell/choosing-worker';
import { structureOf } from '../shell/computed-structure';
import { useGarden } from '../shell/garden-context';
import { Working } from '../shell/keep-taps';
import { useAnswer } from '../shell/use-answer';
import { useResults } from '../shell/use-results';
import { structureSheets } from '../../sheets/sheets';
import { Sheets, usePaper } from './sheets';

/** One support on as many sheets of paper as it takes to build it from them: cut with the rest of the garden, or alone. */
export function SheetView() {
  const { structure: structureId } = useParams<{ structure: string }>();
  const { id, tongue, plan: now } = useGarden();
  const { plan, garden: whole } = useResults();
  const structure = plan.structures.find((one) => one.id === structureId);
  const [size, setSize] = usePaper();
  const [labels, setLabels] = useState(false);
  const [alone, setAlone] = useState(false);
  const [sum, setSum] = useState(false);
  const asked = useMemo<StandsQuestion | null>(
    () => (sum ? { about: 'stands', plan, structure: structureId, helps: false } : null),
    [sum, plan, structureId],
  );
  const { answer: told, of: toldOf } = useAnswer<StandsQuestion, StandsTold>(choosingWorker, asked);
  const stood = asked !== null && toldOf === asked ? (told?.stood ?? null) : null;
  const several = plan.structures.length > 1;
  const garden = several && !alone ? whole : null;
  const pages = useMemo(
    () =>
      structure
        ? structureSheets(plan, structureOf(kindOf, plan, structure), tongue, size, { labels, with: garden, stood })
        : [],
    [plan, structure, tongue, size, labels, garden, stood],
  );
  if (!structure && now.structures.some((one) => one.id === structureId)) return <Working />;
  if (!structure)
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">This structure is not in the garden</h1>
        <p className="mt-4">
          <Link className={buttonLook('main')} href={`/g/${id}`}>
            Back to the garden
          </Link>
        </p>
      </main>
    );
  return (
    <Sheets
      back={{ href: `/g/${id}/s/${structureId}`, label: 'Back to the design' }}
      title={`${structure.name}: sheets`}
      name={structure.name}
      of={[structure.id]}
      pages={pages}
      size={size}
      onSize={setSize}
      pdf={`/api/gardens/${id}/sheet?structure=${structureId}&paper=${size}${labels ? '&labels=1' : ''}${sum ? '&sum=1' : ''}${alone ? '&alone=1' : ''}`}
      dxf={`/api/gardens/${id}/dxf?structure=${structureId}`}
      choices={[
        ...(several ? [{ label: 'Built alone', chosen: alone, onChoose: setAlone }] : []),
        {
          label: sum && !stood ? 'Will it stand: working it out…' : 'Will it stand: the sum',
          chosen: sum,
          onChoose: setSum,
        },
        { label: 'Labels for the pieces', chosen: labels, onChoose: setLabels },
      ]}
    />
  );
}
