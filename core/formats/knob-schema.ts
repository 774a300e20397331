import Joi from 'joi';
import type { Knob, Knobs } from '../structures/knob';

/** The door's rule for a kind's settings, made from its knob data: every knob may be left out, none may be unknown. */
export function knobSchema(knobs: Knobs): Joi.ObjectSchema {
  return Joi.object(Object.fromEntries(Object.entries(knobs).map(([name, knob]) => [name, oneKnob(knob)])));
}

function oneKnob(knob: Knob): Joi.Schema {
  const unit = knob.type === 'length' ? ' Millimetres.' : '';
  const told = `${knob.label}. ${knob.help}${unit}`;
  if (knob.type === 'choice')
    return Joi.string()
      .valid(...knob.choices.map((choice) => choice.id))
      .description(told);
  const number = Joi.number().min(knob.min).max(knob.max).description(told);
  return knob.type === 'count' ? number.integer() : number;
}
