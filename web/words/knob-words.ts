import { formatLength, type Units } from '@lignum/core/quantity/length';

/** A knob's value as it is read: a length, a number, or what the choice is called. */
/** What is told of a knob where it is not turned: data alone, which can be sent. */
export type ToldKnob =
  | { type: 'length' | 'count'; label: string }
  | { type: 'choice'; label: string; choices: readonly { id: string; label: string }[] };

/** The same of all knobs of a kind, without what suggests and limits them. */
export const toldKnobs = (knobs: Readonly<Record<string, ToldKnob>>): Record<string, ToldKnob> =>
  Object.fromEntries(
    Object.entries(knobs).map(([name, knob]) => [
      name,
      knob.type === 'choice'
        ? { type: knob.type, label: knob.label, choices: knob.choices }
        : { type: knob.type, label: knob.label },
    ]),
  );

export function knobWords(knob: ToldKnob, value: number | string, units: Units): string {
  if (knob.type === 'length') return formatLength(Number(value), units);
  if (knob.type !== 'choice') return String(value);
  return knob.choices.find((choice) => choice.id === value)?.label ?? String(value);
}
