import { formatLength, type Units } from '@lignum/core/quantity/length';
import type { Knob } from '@lignum/core/structures/knob';

/** A knob's value as it is read: a length, a number, or what the choice is called. */
export function knobWords(knob: Knob, value: number | string, units: Units): string {
  if (knob.type === 'length') return formatLength(Number(value), units);
  if (knob.type === 'count') return String(value);
  return knob.choices.find((choice) => choice.id === value)?.label ?? String(value);
}
