import type { Field } from '../design/shapes/shape';
import { SHAPES } from '../design/shapes/shapes';
import Joi from 'joi';
import { HOLDS_BY } from '../design/design';
import { KNOB_BY } from '../structures/knob';
import { KINDS } from '../structures/registry';
import { RESULT_FORMAT, RESULT_VERSION } from './result';

const text = Joi.string().allow('').required();
const mm = Joi.number().required();
const whole = Joi.number().integer().required();
const yes = Joi.boolean().required();
const list = (items: Joi.Schema) => Joi.array().items(items).required();
const place = Joi.array().ordered(mm, mm, mm).length(3).required();
const amount = Joi.object({
  minor: whole,
  currency: Joi.string()
    .pattern(/^[A-Z]{3}$/)
    .required(),
}).required();
const knobValue = Joi.alternatives(Joi.number(), Joi.string()).required();

const shopping = {
  purchases: list(
    Joi.object({ stock: text, name: text, size: mm, count: whole, each: amount, cost: amount, shop: Joi.string() }),
  ),
  fromShed: list(Joi.object({ stock: text, size: mm, count: whole })),
  spares: list(Joi.object({ stock: text, wished: whole, left: whole, more: amount })),
  missing: list(
    Joi.object({ stock: text, because: Joi.string().valid('no price', 'too long').required(), measure: mm }),
  ),
  cutPlans: list(
    Joi.object({
      stock: text,
      method: text,
      cost: amount,
      costsAtLeast: amount,
      provedBest: Joi.boolean().required(),
      pieces: list(
        Joi.object({
          name: text,
          from: Joi.string().valid('shop', 'shed').required(),
          lengthMm: mm,
          offcutMm: mm,
          cuts: list(Joi.object({ structure: text, part: text, atMm: mm, lengthMm: mm })),
        }),
      ),
    }),
  ),
  cost: Joi.object({
    net: amount,
    tax: amount,
    total: amount,
    perPlant: amount.allow(null),
    perMetre: amount,
    perSeason: amount,
    complete: Joi.boolean().required(),
  }).required(),
};

const FIELDS: Record<Field, Joi.Schema> = {
  mm,
  point: place,
  points: Joi.array().items(Joi.array().items(Joi.number()).length(3)).required(),
  lengths: list(Joi.number()),
};
const position = Joi.alternatives(
  ...Object.entries(SHAPES).map(([shape, { fields }]) =>
    Joi.object({
      shape: Joi.string().valid(shape).required(),
      ...Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, FIELDS[field]])),
    }),
  ),
).required();

/** The published shape of what `./lignum compute` prints. */
export const RESULT_SCHEMA = Joi.object({
  format: Joi.string().valid(RESULT_FORMAT).required(),
  version: Joi.number().valid(RESULT_VERSION).required(),
  garden: Joi.object({
    name: text,
    market: Joi.string().valid('imperial', 'metric').required(),
    units: Joi.string().valid('imperial', 'metric').required().description('Of its sentences; every number is mm.'),
    ...shopping,
  }).required(),
  structures: list(
    Joi.object({
      id: text,
      name: text,
      kind: Joi.string()
        .valid(...KINDS.map((kind) => kind.id))
        .required(),
      stand: Joi.object({ on: text }).unknown().required(),
      frame: Joi.object({ xMm: mm, yMm: mm, turnDeg: mm, baseMm: mm }).required(),
      builtMm: mm,
      knobs: Joi.object()
        .pattern(
          Joi.string(),
          Joi.object({
            value: knobValue,
            by: Joi.string()
              .valid(...KNOB_BY)
              .required(),
            why: text,
          }),
        )
        .required(),
      parts: list(
        Joi.object({ id: text, role: text, stock: text, cutMm: mm, count: whole, ends: list(Joi.string()), position }),
      ),
      joints: list(
        Joi.object({
          id: text,
          kind: text,
          places: list(place),
          parts: list(Joi.string()),
          fixings: list(
            Joi.object({
              stock: text,
              count: whole,
              eachMm: mm.allow(null),
              set: list(
                Joi.object({
                  at: place,
                  way: place,
                  longMm: mm,
                  through: Joi.string().allow(null).required(),
                  into: text.allow(null).description('null where that is a wall or a slab, which is no part of it.'),
                  pilotMm: mm.allow(null),
                }),
              ).description(
                'Of what is driven: where each head sits, the way of its point, how long it is, what it goes through and into, and the pilot hole it wants.',
              ),
            }),
          ),
        }),
      ),
      meetings: list(
        Joi.object({
          joint: text,
          a: text,
          b: text,
          at: list(place),
          by: Joi.string()
            .valid(...HOLDS_BY)
            .required(),
          carries: Joi.object({ press: yes, pull: yes, shear: yes, turn: yes }).required(),
          fixings: list(Joi.number().integer()),
        }),
      ).description(
        'Two parts that a joint holds to each other: where, by what, which way that carries, and which of its fixings hold them (places in its list).',
      ),
      supports: list(
        Joi.object({
          part: text,
          at: place,
          by: text,
          depthMm: mm,
          acrossMm: mm,
          footing: Joi.string().allow(null).required(),
        }),
      ).description('What it stands on: each part in or on the ground, how deep and how wide, and in what it is set.'),
      strengths: list(
        Joi.object({ stock: text, class: text, source: text }).pattern(/Mpa$|N$|Mm$|Mm[234]$|KgM3$/, Joi.number()),
      ).description('Characteristic strengths and stiffnesses of what it is built of, by class, with their source.'),
      stations: list(
        Joi.object({
          id: text,
          crop: text,
          planting: text,
          spare: Joi.boolean().required(),
          alongMm: mm,
          side: Joi.string().valid('front', 'back', 'in line', 'round', 'pocket').required(),
          at: place,
        }),
      ),
      boards: list(
        Joi.object({
          id: text,
          stock: text,
          lengthMm: mm,
          wideMm: mm,
          kerfMm: mm,
          strips: list(
            Joi.object({
              name: text,
              fromMm: mm,
              wideMm: mm,
              edges: text,
              pieces: list(Joi.object({ part: text, atMm: mm, lengthMm: mm })),
            }),
          ),
          guides: list(
            Joi.object({
              cut: whole,
              from: Joi.string().valid('first edge', 'second edge').required(),
              stripMm: mm,
              guideMm: mm,
            }),
          ),
        }),
      ),
      dug: Joi.object({ what: text, litres: mm }).allow(null).required(),
      bill: list(
        Joi.object({
          id: text,
          group: text,
          use: text,
          stock: text,
          name: text,
          count: whole,
          cutMm: mm.allow(null),
          litres: mm.allow(null),
          rippedFrom: Joi.string().allow(null).required(),
          ends: list(Joi.string()),
          why: text,
        }),
      ),
      ...shopping,
      verdicts: list(
        Joi.object({
          check: text,
          level: Joi.string().valid('good', 'note', 'warn', 'fail').required(),
          code: text,
          says: text,
          compared: Joi.object().pattern(Joi.string(), knobValue).required(),
          mend: Joi.object({
            says: text,
            knobs: Joi.object().pattern(Joi.string(), knobValue).required(),
            turns: list(Joi.object({ knob: text, from: knobValue, to: knobValue })),
            costs: amount.allow(null),
          })
            .allow(null)
            .required(),
        }),
      ),
      steps: list(
        Joi.object({
          code: text,
          says: text,
          adds: list(Joi.string()),
          uses: list(Joi.string()),
          people: whole,
          waitHours: mm,
          caution: Joi.object({ code: text, says: text }).allow(null).required(),
        }),
      ),
      marks: list(
        Joi.object({
          kind: Joi.string().valid('posts', 'plants', 'run', 'timber', 'heights').required(),
          role: text,
          parts: list(Joi.string()),
          lengthMm: mm,
          marks: list(Joi.object({ atMm: mm, of: text, what: text, no: whole })),
        }),
      ).description('What is measured along what: running figures from one zero, in the order they are met.'),
      season: list(Joi.object({ on: Joi.string().allow(null).required(), code: text, says: text })),
    }),
  ),
}).description(
  'What follows from a garden plan. Every length is millimetres; every amount of money a whole number of minor units with its currency.',
);
