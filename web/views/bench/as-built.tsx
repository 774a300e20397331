'use client';
import { X } from 'lucide-react';
import { useId, useState } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import type { KnobState, LengthKnob } from '@lignum/core/structures/knob';
import type { Tongue } from '@lignum/core/wording/say';
import { apartWords } from '../../words/as-built-words';
import { KnobLength } from './knob-length';

/**
 * What the tape said of a length once it stood: everything else follows from that, and the plan keeps what was meant.
 * `onMeasure` with null takes the reading back. Fetched when somebody measures, or has.
 */
export default function AsBuilt({
  knob,
  state,
  tongue,
  onMeasure,
  onClose,
}: {
  knob: LengthKnob;
  state: KnobState;
  tongue: Tongue;
  onMeasure: (mm: number | null) => void;
  onClose: () => void;
}) {
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const isMeasured = state.by === 'measured';
  return (
    <div className="mt-1 w-full border-l-4 border-leaf pl-2.5">
      <div className="flex min-h-11 items-center justify-between gap-2">
        <label htmlFor={id} className="text-[0.9rem]">
          As built
        </label>
        <span className="flex items-center">
          <KnobLength id={id} knob={knob} state={state} tongue={tongue} isOwn onChange={onMeasure} onFault={setFault} />
          <button
            type="button"
            aria-label={isMeasured ? `Forget what was measured of ${knob.label}` : 'Nothing was measured'}
            title={isMeasured ? 'Back to the plan' : 'Close'}
            onClick={() => {
              onClose();
              if (isMeasured) onMeasure(null);
            }}
            className="grid size-11 place-items-center text-soft hover:text-ink"
          >
            <X size={17} aria-hidden />
          </button>
        </span>
      </div>
      {fault ? (
        <p role="alert" className="pb-1 text-[0.85rem] font-medium text-keel">
          {fault}
        </p>
      ) : (
        <p className="pb-1 text-[0.85rem] text-soft">
          {isMeasured
            ? `${apartWords(Number(state.value) - (state.planned ?? 0), tongue.units)}, ${formatLength(state.planned ?? 0, tongue.units)}. Cuts, marks and costs follow what stands.`
            : 'Type what the tape says once it stands: cuts, marks and costs follow.'}
        </p>
      )}
    </div>
  );
}
