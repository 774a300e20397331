import { formatLength, type Units } from '@lignum/core/quantity/length';
import { loadUnit, toLoad } from '@lignum/core/quantity/measure';
import type { Knob } from '@lignum/core/structures/knob';

const loadWords = (kgM2: number, units: Units): string =>
  kgM2 === 0 ? 'not known' : `${Math.round(toLoad(kgM2, units))} ${loadUnit(units)}`;

/** A knob's value as it is read: a length, a number, or what the choice is called. */
export function knobWords(knob: Knob, value: number | string, units: Units): string {
  if (knob.type === 'length') return formatLength(Number(value), units);
  if (knob.type === 'count') return knob.load ? loadWords(Number(value), units) : String(value);
  return knob.choices.find((choice) => choice.id === value)?.label ?? String(value);
}
