'use client';
import { useMemo } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { USUAL_SAW, type Saw } from '@lignum/core/cutting/saw';
import type { RippedBoard } from '@lignum/core/design/design';
import { ripAcross, ripAlong } from '@lignum/core/drawing/rip-views';
import { formatLength } from '@lignum/core/quantity/length';
import { Drawing } from '../../ui/drawing';
import { LengthField } from '../../ui/field';
import { changeGarden } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';

/** How one board is ripped: strips and saw cuts, where the guide is clamped, and what comes out of each strip. */
export function RipPlan({ board }: { board: RippedBoard }) {
  const { plan, store, tongue } = useGarden();
  const [across, along] = useMemo(() => [ripAcross(board), ripAlong(board)], [board]);
  const saw = plan.garden.saw ?? USUAL_SAW;
  const change = (next: Partial<Saw>) => store.edit(changeGarden({ saw: { ...saw, ...next } }), 'saw');
  const guide = board.guides[0];
  const length = { units: tongue.units, step: tongue.units === 'imperial' ? 1.5875 : 0.5 };
  const words = (
    <p>
      {CATALOGUE.stock(board.stock).name}, {formatLength(board.lengthMm, tongue.units)}. Two cuts; for each, clamp the
      guide <strong>{guide && formatLength(guide.guideMm, tongue.units)}</strong> from the factory edge on its own side:{' '}
      {guide && formatLength(guide.stripMm, tongue.units)} of strip, {formatLength(board.kerfMm, tongue.units)} of saw
      cut, and from there to the edge of the shoe. Keep the factory edges on the uprights.
    </p>
  );
  return (
    <section aria-label="Rip plan" className="mt-3">
      <h3 className="text-lg">Ripping the board</h3>
      <div className="text-[0.95rem]">{words}</div>
      <Drawing view={across} units={tongue.units} heightPx={170} caption={across.title} />
      <Drawing view={along} units={tongue.units} heightPx={230} caption={along.title} />
      <div className="no-print mt-2 flex flex-wrap gap-4">
        <div className="w-40">
          <LengthField
            {...length}
            label="Your saw takes"
            mm={saw.kerfMm}
            min={0.5}
            max={8}
            onChange={(kerfMm) => change({ kerfMm })}
          />
        </div>
        <div className="w-40">
          <LengthField
            {...length}
            label="Shoe edge to blade"
            mm={saw.shoeOffsetMm}
            min={0}
            max={300}
            onChange={(shoeOffsetMm) => change({ shoeOffsetMm })}
          />
        </div>
        <p className="max-w-72 self-end text-[0.85rem] text-soft">
          {plan.garden.saw
            ? 'Remembered for every board of this garden.'
            : 'These are usual figures. Measure your own saw once: they are remembered.'}
        </p>
      </div>
    </section>
  );
}
