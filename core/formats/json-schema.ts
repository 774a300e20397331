import type Joi from 'joi';

/** A JSON Schema (draft 2020-12) made from the very schema that validates at the door. */
export function jsonSchemaOf(schema: Joi.Schema, title: string): Record<string, unknown> {
  const convert = schema as unknown as { $_jsonSchema(mode: 'input'): Record<string, unknown> };
  return { $schema: 'https://json-schema.org/draft/2020-12/schema', title, ...convert.$_jsonSchema('input') };
}
