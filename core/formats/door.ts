import type Joi from 'joi';

/** What is wrong with a document: where (a JSON pointer) and what, naming the value and the limit. */
export interface DocumentFault {
  path: string;
  message: string;
}

/** Sentences of the door: each says what stands there and what may. */
const MESSAGES: Record<string, string> = {
  'any.required': 'is missing',
  'any.only': 'is "{{#value}}"; it must be one of {{#valids}}',
  'object.unknown': 'is not a field of this format',
  'object.base': 'must be an object',
  'array.base': 'must be a list',
  'array.max': 'has more than {{#limit}} entries',
  'number.base': 'is "{{#value}}", which is not a number',
  'number.integer': 'is {{#value}}; it must be a whole number',
  'number.min': 'is {{#value}}; the least is {{#limit}}',
  'number.max': 'is {{#value}}; the most is {{#limit}}',
  'number.greater': 'is {{#value}}; it must be more than {{#limit}}',
  'number.unsafe': 'is {{#value}}, which is too large a number',
  'number.infinity': 'is not a finite number',
  'string.base': 'must be text',
  'string.empty': 'is empty',
  'string.min': 'is empty',
  'string.max': 'is longer than {{#limit}} letters',
  'string.pattern.base': 'is "{{#value}}"; use letters, digits, - and _ only, 64 at most',
  'string.pattern.name': 'is "{{#value}}"; it must be {{#name}}',
  'boolean.base': 'must be true or false',
};

/** How a schema is asked: for everything that is wrong, in the words of the door. */
export const DOOR = {
  abortEarly: false,
  convert: false,
  messages: MESSAGES,
  errors: { label: false, wrap: { label: false, string: false } },
} as const satisfies Joi.ValidationOptions;

const pointer = (path: readonly (string | number)[]): string => `/${path.join('/')}`;

/** Binary fractions come out a hair beside their limit: 12 × 25.4 is 304.79999999999995, and not below 304.8. */
const HAIR = 1e-6;

function isAtLimit({ type, context }: Joi.ValidationErrorItem): boolean {
  const { value, limit } = (context ?? {}) as { value?: unknown; limit?: unknown };
  return (
    (type === 'number.min' || type === 'number.max') &&
    typeof value === 'number' &&
    typeof limit === 'number' &&
    Math.abs(value - limit) <= HAIR
  );
}

/** What stands there is repeated as far as it helps: the beginning of a long text; of a list or an object that it is one. */
function inShort({ message, context }: Joi.ValidationErrorItem): string {
  const value: unknown = (context as { value?: unknown } | undefined)?.value;
  if (typeof value === 'string' && value.length > MOST_SHOWN)
    return message.replace(value, () => `${value.slice(0, MOST_SHOWN)}…`);
  return typeof value === 'object' && value !== null
    ? message.replace(/^is "\[.*?\]"/, `is ${Array.isArray(value) ? 'a list' : 'an object'}`)
    : message;
}
/** Letters of a value that a sentence shows. */
const MOST_SHOWN = 60;

/** Checks anything against one of the door's schemas. Nothing is converted: "12" is not 12. */
export function atTheDoor<T>(
  schema: Joi.Schema,
  input: unknown,
): { ok: true; value: T } | { ok: false; faults: DocumentFault[] } {
  const read = schema.validate(input, DOOR) as Joi.ValidationResult<T>;
  const details = (read.error?.details ?? []).filter((detail) => !isAtLimit(detail));
  if (details.length === 0) return { ok: true, value: read.value as T };
  return {
    ok: false,
    faults: details.map((detail) => ({ path: pointer(detail.path), message: inShort(detail) })),
  };
}

/** The least and the most that a schema allows in a field of numbers, by its path ("gapMm.least"). */
export function limitsOf(schema: Joi.ObjectSchema, path: string): { min: number; max: number } {
  const field = schema.extract(path.split('.'));
  const limit = (rule: 'min' | 'max'): number => {
    // What a schema can describe of itself is left out of its script for browsers; its rules are not.
    const found = (field.$_getRule(rule) as { args: { limit: number } } | undefined)?.args.limit;
    if (found === undefined) throw new Error(`"${path}" has no ${rule}: give its schema one.`);
    return found;
  };
  return { min: limit('min'), max: limit('max') };
}
