import type { SchemaDescription, SchemaFieldDescription, SchemaObjectDescription } from 'yup';
import { families } from '../pumps/registry';
import { fileSchema, FILE_VERSION } from './fileFormat';
import { ENTRY_KINDS, entrySchemaOf } from './entry';

/** A JSON Schema, or a part of one. */
export type Json = Readonly<Record<string, unknown>>;

/**
 * Describes what cannot be told from a description alone: fields whose shape hangs on another, by their
 * path.
 */
const CHOICES: Readonly<Record<string, () => Json>> = {
  geometry: () => ({ oneOf: families().map((f) => schemaOf(f.geometry.describe(), '')) }),
  journal: () => ({
    oneOf: ENTRY_KINDS().flatMap((kind) => {
      const schema = entrySchemaOf(kind);
      return schema ? [schemaOf(schema.describe(), '')] : [];
    }),
  }),
};

/** Bounds of numbers and lengths of lists and texts, by the name of yup's test. */
const BOUND: Readonly<
  Record<string, Readonly<Record<string, readonly [key: string, param: string]>>>
> = {
  number: { min: ['minimum', 'min'], max: ['maximum', 'max'] },
  string: { min: ['minLength', 'min'], max: ['maxLength', 'max'] },
  array: { min: ['minItems', 'min'], max: ['maxItems', 'max'] },
};

function boundsOf(d: SchemaDescription): Json {
  const found: Record<string, unknown> = {};
  for (const { name, params } of d.tests) {
    if (!name) continue;
    const bound = BOUND[d.type]?.[name];
    if (bound) {
      const strict = d.type === 'number' && params?.more !== undefined;
      if (strict) found.exclusiveMinimum = params.more;
      else if (params?.[bound[1]] !== undefined) found[bound[0]] = params[bound[1]];
      else if (params?.less !== undefined) found.exclusiveMaximum = params.less;
    }
    if (name === 'matches') found.pattern = (params?.regex as RegExp).source;
    if (name === 'integer') found.type = 'integer';
  }
  if (d.type === 'string' && !d.optional && d.oneOf.length === 0 && isRequired(d)) {
    found.minLength = 1;
  }
  return found;
}

/** Tells whether a text is required, so that it is not empty; a defined one may be. */
const isRequired = (d: SchemaDescription): boolean => d.tests.some((t) => t.name === 'required');

function objectOf(d: SchemaObjectDescription): Json {
  const fields = Object.entries(d.fields);
  return {
    type: 'object',
    additionalProperties: false,
    required: fields.filter(([, f]) => !('optional' in f && f.optional)).map(([name]) => name),
    properties: Object.fromEntries(fields.map(([name, f]) => [name, schemaOf(f, name)])),
  };
}

function plain(d: SchemaDescription, name: string): Json {
  if (d.type === 'object') return objectOf(d as SchemaObjectDescription);
  if (d.type === 'array') {
    const { innerType } = d as unknown as { innerType: SchemaFieldDescription };
    return { type: 'array', ...boundsOf(d), items: schemaOf(innerType, name) };
  }
  if (d.oneOf.length > 0) return { enum: d.oneOf };
  // What may be of several kinds is told by its own test alone.
  if (d.type === 'mixed') return {};
  return { type: d.type, ...boundsOf(d) };
}

/** Returns the JSON Schema of a described field; `name` tells what its shape hangs on where that is elsewhere. */
export function schemaOf(field: SchemaFieldDescription, name: string): Json {
  const choice = field.type === 'lazy' ? CHOICES[name] : undefined;
  if (choice) return choice();
  const d = field as SchemaDescription;
  const schema = plain(d, name);
  return d.nullable ? { oneOf: [{ type: 'null' }, schema] } : schema;
}

/** Returns the JSON Schema of the app's own file format, made from the schemas that check it. */
export function fileJsonSchema(): Json {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `Dial Bench file, version ${FILE_VERSION}`,
    description:
      'Jobs, limit sheets, studies and a shop’s settings as they travel between benches. All lengths are in millimetres, moments are ISO 8601 in UTC.',
    ...schemaOf(fileSchema.describe(), ''),
  };
}
