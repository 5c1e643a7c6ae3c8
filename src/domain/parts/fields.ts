import { z } from 'zod';
import { PART_KINDS, partSchema, type PartKind } from '.';

interface FieldBase {
  /** as `massKg`, `rating.loKg`, `shares.nylon` */
  readonly path: string;
  readonly required: boolean;
  /** the field is there only where the field at `path` holds one of `values` */
  readonly when?: { readonly path: string; readonly values: readonly string[] };
}

/** One field of a kind of part, as forms, tables and files see it. */
export type PartField = FieldBase &
  (
    | { readonly kind: 'quantity'; readonly unit: string; readonly min: number; readonly max: number }
    | { readonly kind: 'choice'; readonly options: readonly string[] }
    | { readonly kind: 'whole'; readonly min: number; readonly max: number }
    | { readonly kind: 'text' }
  );

interface JsonSchema {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly string[];
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly propertyNames?: JsonSchema;
  readonly additionalProperties?: JsonSchema | boolean;
  readonly minimum?: number;
  readonly exclusiveMinimum?: number;
  readonly maximum?: number;
}

let byKind: ReadonlyMap<PartKind, readonly PartField[]> | undefined;

/** The fields of a kind in the order of its schema, which is where they come from: no list of them stands anywhere else. */
export function fieldsOf(kind: PartKind): readonly PartField[] {
  byKind ??= readFields();
  return byKind.get(kind)!;
}

function readFields(): ReadonlyMap<PartKind, readonly PartField[]> {
  const { oneOf } = z.toJSONSchema(partSchema, { io: 'input' }) as JsonSchema;
  return new Map(
    PART_KINDS.map((kind) => [
      kind,
      walk(
        oneOf!.find((option) => option.properties?.['kind']?.const === kind)!,
        '',
        true,
      ),
    ]),
  );
}

function walk(schema: JsonSchema, path: string, required: boolean, when?: FieldBase['when']): PartField[] {
  const base = { path, required, ...(when ? { when } : {}) };
  const { properties, anyOf, oneOf } = schema;
  if (properties?.['value'] && properties['unit']) {
    const { minimum, exclusiveMinimum, maximum } = properties['value'];
    return [
      {
        ...base,
        kind: 'quantity',
        unit: String(properties['unit'].const),
        min: minimum ?? exclusiveMinimum ?? -Infinity,
        max: maximum ?? Infinity,
      },
    ];
  }
  const alternatives = (anyOf ?? oneOf)?.filter((option) => option.type !== 'null');
  if (alternatives?.length === 1) return walk(alternatives[0]!, path, false, when);
  if (alternatives) return variants(alternatives, path);
  if (schema.propertyNames?.enum && typeof schema.additionalProperties === 'object') {
    const each = schema.additionalProperties;
    return schema.propertyNames.enum.flatMap((key) => walk(each, `${path}.${key}`, false));
  }
  if (properties) {
    const needed = new Set(schema.required);
    return Object.entries(properties).flatMap(([key, property]) =>
      walk(property, path === '' ? key : `${path}.${key}`, required && needed.has(key), when),
    );
  }
  if (schema.enum) return [{ ...base, kind: 'choice', options: schema.enum }];
  // What is printed elsewhere on the part may be told again in a file; no form asks twice.
  if (schema.const !== undefined || schema.type === 'array') return [];
  if (schema.type === 'integer')
    return [{ ...base, kind: 'whole', min: schema.minimum ?? 0, max: schema.maximum ?? Number.MAX_SAFE_INTEGER }];
  return [{ ...base, kind: 'text' }];
}

/** A union told by its `kind`: the choice itself, then the fields of each variant, once where several have them. */
function variants(alternatives: readonly JsonSchema[], path: string): PartField[] {
  const kinds = alternatives.map((option) => String(option.properties?.['kind']?.const));
  const fields = alternatives.flatMap((option, i) =>
    walk(option, path, true, { path: `${path}.kind`, values: [kinds[i]!] }),
  );
  return [
    { path: `${path}.kind`, required: true, kind: 'choice', options: kinds },
    ...fields.flatMap((field, i): PartField[] => {
      const same = fields.filter((each) => each.path === field.path);
      return same[0] === fields[i]
        ? [{ ...field, when: { path: field.when!.path, values: same.flatMap(({ when }) => when!.values) } }]
        : [];
    }),
  ];
}
