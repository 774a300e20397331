'use client';
import Link from 'next/link';
import { useState } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button, buttonLook } from '../../ui/button';
import { LengthField, NumberField } from '../../ui/field';
import { Switcher } from '../../ui/switcher';
import { changeSite } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { GroundBoard } from './ground-board';
import { addBed, newBed } from './new-bed';

/** A grown person's pace on grass, heel to heel (from memory); paced over a measured length it is one's own. mm. */
const PACE_MM = 750;
const LEAST_MM = 1000;
const MOST_MM = 200_000;

/** An empty garden asks for its ground: typed, paced out, or drawn; three fields are enough, and all of it can be changed later. */
export function GroundForm({ onDone }: { onDone: (bed: string | null) => void }) {
  const { id, plan, store, tongue } = useGarden();
  const { widthMm, depthMm } = plan.site;
  const [by, setBy] = useState('tape');
  const [pace, setPace] = useState(PACE_MM);
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units], min: LEAST_MM, max: MOST_MM };
  const paces = (mm: number): number => Math.round(mm / pace);
  const change = (site: { widthMm?: number; depthMm?: number }) => store.edit(changeSite(site), 'ground');
  return (
    <section
      aria-labelledby="ground"
      className={`flex flex-wrap gap-x-8 gap-y-3 ${by === 'drawn' ? 'items-start' : 'items-end'} border-l-4 border-chalk bg-sheet py-3 pr-4 pl-4`}
    >
      <div className="max-w-[19rem]">
        <h2 id="ground" className="text-xl">
          How large is your ground?
        </h2>
        <p className="mt-0.5 text-[0.95rem] text-soft">
          All of it, or as much as you want to plan. The drawing follows; it can be changed at any time.
        </p>
      </div>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3">
        <Switcher
          label="Measured by"
          value={by}
          choices={[
            { id: 'tape', label: 'By the tape' },
            { id: 'paces', label: 'In paces' },
            { id: 'drawn', label: 'Drawn' },
          ]}
          onChange={setBy}
        />
        {by === 'drawn' && <GroundBoard widthMm={widthMm} depthMm={depthMm} units={tongue.units} onChange={change} />}
        {by === 'tape' && (
          <>
            <div className="w-36">
              <LengthField {...length} label="Across" mm={widthMm} onChange={(mm) => change({ widthMm: mm })} />
            </div>
            <div className="w-36">
              <LengthField {...length} label="Deep" mm={depthMm} onChange={(mm) => change({ depthMm: mm })} />
            </div>
          </>
        )}
        {by === 'paces' && (
          <>
            <div className="w-28">
              <NumberField
                label="Paces across"
                value={paces(widthMm)}
                min={Math.ceil(LEAST_MM / pace)}
                max={Math.floor(MOST_MM / pace)}
                onChange={(count) => change({ widthMm: count * pace })}
              />
            </div>
            <div className="w-28">
              <NumberField
                label="Paces deep"
                value={paces(depthMm)}
                min={Math.ceil(LEAST_MM / pace)}
                max={Math.floor(MOST_MM / pace)}
                onChange={(count) => change({ depthMm: count * pace })}
              />
            </div>
            <div className="w-36">
              <LengthField
                {...length}
                label="One pace is"
                mm={pace}
                min={300}
                max={1500}
                onChange={(mm) => {
                  change({ widthMm: paces(widthMm) * mm, depthMm: paces(depthMm) * mm });
                  setPace(mm);
                }}
              />
            </div>
            <p className="pb-3 text-soft">
              {formatLength(widthMm, tongue.units)} × {formatLength(depthMm, tongue.units)}
            </p>
          </>
        )}
      </div>
      <div className="flex flex-wrap gap-2">
        <Button
          look="main"
          onClick={() => {
            const bed = newBed(plan, tongue.units);
            store.edit(addBed(bed));
            onDone(bed.id);
          }}
        >
          Put down a bed
        </Button>
        <Link href={`/g/${id}/new`} className={buttonLook('plain')}>
          Plan a row
        </Link>
        <Button look="quiet" onClick={() => onDone(null)}>
          Not now
        </Button>
      </div>
    </section>
  );
}
