'use client';
import { stepOf, type KnobState, type LengthKnob } from '@lignum/core/structures/knob';
import type { Tongue } from '@lignum/core/wording/say';
import { LengthInput } from '../../ui/field';

/** The field of a length knob, within its limits and on its steps: what is meant, or what was measured. */
export function KnobLength({
  id,
  knob,
  state,
  tongue,
  isOwn,
  onChange,
  onFault,
}: {
  id: string;
  knob: LengthKnob;
  state: KnobState;
  tongue: Tongue;
  /** Somebody's own word rather than a suggestion. */
  isOwn: boolean;
  onChange: (mm: number) => void;
  onFault: (message: string | null) => void;
}) {
  return (
    <LengthInput
      id={id}
      mm={state.value as number}
      units={tongue.units}
      min={knob.min}
      max={knob.max}
      step={stepOf(knob, tongue.units)}
      onChange={onChange}
      onFault={onFault}
      className={`w-32 text-right ${isOwn ? 'font-semibold' : ''}`}
    />
  );
}
