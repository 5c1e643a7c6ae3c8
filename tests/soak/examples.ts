import type { Model } from '@/domain/contract';
import { MODELS } from '@/cli/models';
import { RIG_IDS, rigPattern } from '@/domain/rigs';
import { schemaOf } from '@/cli/schema-of';
import { demoParts } from '@/db/demo';
import { demoFiles } from '../helpers/demo';

export type Random = () => number;

interface JsonSchema {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly items?: JsonSchema;
  readonly prefixItems?: readonly JsonSchema[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly exclusiveMaximum?: number;
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: JsonSchema | boolean;
}

/** Setups, rods and Boxes of the demo stand for themselves: nothing made up would get past the rules of a chain. */
const demo: Readonly<Record<string, (random: Random) => unknown>> = {
  setup: (random) => one(demoFiles, random).file,
  rods: () => demoParts.filter(({ kind }) => kind === 'rod').slice(0, 3),
  reels: () => demoParts.filter(({ kind }) => kind === 'reel').slice(0, 2),
  // A Box of sixty: a search grows with the Box, and what is looked for here is a hang.
  box: (random) => {
    const from = Math.floor(random() * (demoParts.length - 60));
    return demoParts.slice(from, from + 60);
  },
  batch: (random) => [{ setup: one(demoFiles, random).file, count: 1 + Math.floor(random() * 4) }],
};

/** Models whose inputs hang together in ways that no schema says. */
const whole: Readonly<Record<string, (random: Random, example: (name: string) => unknown) => unknown>> = {
  setup: demo['setup']!,
  checks: demo['setup']!,
  quiver: (random) => {
    const presentations = 1 + Math.floor(random() * 6);
    const scores = Array.from({ length: 1 + Math.floor(random() * 5) }, () =>
      Array.from({ length: presentations }, () => Math.round(random() * 10) / 10),
    );
    return one(
      [
        { scores, mode: 'cover', floor: random() },
        { scores, mode: 'best-k', k: 1 + Math.floor(random() * scores.length) },
        {
          scores,
          mode: 'budget',
          budget: random() * 100,
          prices: scores.map(() => random() * 50),
          owned: scores.map(() => Math.round(random())),
        },
      ],
      random,
    );
  },
  sweep: (random, example) => {
    const axis = one(
      [
        ['presentation.speedMps', 0.2, 1.5],
        ['presentation.handHeightM', 0, 2],
        ['presentation.water.temperatureC', 1, 25],
      ] as const,
      random,
    );
    return random() < 0.5
      ? {
          setup: demo['setup']!(random),
          vary: [{ path: axis[0], from: axis[1], to: axis[2], steps: 3 }],
          of: ['verdicts.set.value'],
        }
      : {
          model: 'rod-bend',
          input: example('rod-bend'),
          vary: [{ path: 'pull.forceN', from: 0.1, to: 40, steps: 4 }],
          of: ['leverArmM'],
        };
  },
  rig: (random) => {
    const rig = one(RIG_IDS, random);
    const slots = rigPattern(rig).slots.filter((slot) => !('knot' in slot));
    return {
      rig,
      parts: Object.fromEntries(
        slots.flatMap(({ id }) =>
          random() < 0.05 ? [] : [[id, one(['', '3/0 heavy', '20 lb 30 m', '7 g 90 mm'], random)]],
        ),
      ),
      ...(random() < 0.5
        ? { presentation: { speedMps: random() * 3, fishKg: random() < 0.2 ? null : random() * 20 } }
        : {}),
    };
  },
  ranges: (random, example) =>
    random() < 0.3
      ? { setup: demo['setup']!(random), draws: 16 }
      : { model: 'load-up', input: example('load-up'), spreads: { fishKg: 0.3, speedMps: random() }, draws: 16 },
};

/** An input that a model could be asked with, as its own schema describes it. */
export function exampleFor(model: Model, random: Random): unknown {
  const special = whole[model.name];
  if (special)
    return special(random, (name) =>
      exampleFor(
        MODELS.find((each) => each.name === name)!,
        random,
      ),
    );
  return example(inputSchema(model), random);
}

// Writing a schema takes longer than most models take to answer.
const inputSchemas = new Map<string, JsonSchema>();
function inputSchema(model: Model): JsonSchema {
  const known = inputSchemas.get(model.name) ?? (schemaOf(model).input as JsonSchema);
  inputSchemas.set(model.name, known);
  return known;
}

export const one = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!;

function example(schema: JsonSchema, random: Random): unknown {
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return one(schema.enum, random);
  const variants = schema.anyOf ?? schema.oneOf;
  if (variants) return example(one(variants, random), random);
  switch (schema.type) {
    case 'object':
      return objectOf(schema, random);
    case 'array':
      return arrayOf(schema, random);
    case 'integer':
      return Math.round(numberIn(schema, random));
    case 'number':
      return numberIn(schema, random);
    case 'boolean':
      return random() < 0.5;
    case 'string':
      return `text ${Math.floor(random() * 9)}`;
    default:
      return null;
  }
}

function objectOf({ properties = {}, required = [], additionalProperties }: JsonSchema, random: Random): unknown {
  const known = Object.entries(properties).flatMap(([key, inner]) =>
    required.includes(key) || random() < 0.6 ? [[key, demo[key]?.(random) ?? example(inner, random)] as const] : [],
  );
  const more =
    typeof additionalProperties === 'object' && Object.keys(properties).length === 0
      ? [['nylon', example(additionalProperties, random)] as const]
      : [];
  return withoutRivals(Object.fromEntries([...known, ...more]), random);
}

/** Fields of which one at most may stand. */
const RIVALS = [
  ['volumeM3', 'densityKgPm3', 'material'],
  ['dragAreaM2', 'shape'],
  ['strengthN', 'diameterM'],
] as const;

function withoutRivals(object: Record<string, unknown>, random: Random): unknown {
  for (const rivals of RIVALS) {
    const present = rivals.filter((key) => key in object);
    if (present.length < 2 || 'hookset' in object || 'segments' in object || 'massPerLengthKgPm' in object) continue;
    const kept = one(present, random);
    for (const key of present) if (key !== kept) delete object[key];
  }
  return object;
}

function arrayOf({ items, prefixItems, minItems = 0, maxItems = Infinity }: JsonSchema, random: Random): unknown {
  if (prefixItems) return prefixItems.map((item) => example(item, random));
  const length = Math.min(maxItems, minItems + Math.floor(random() * 4));
  return Array.from({ length }, () => example(items ?? {}, random));
}

/** Anywhere in its range, as likely small as large; now and then one of its ends. */
function numberIn(schema: JsonSchema, random: Random): number {
  const lo = schema.minimum ?? schema.exclusiveMinimum ?? (schema.maximum === undefined ? -5 : schema.maximum - 10);
  const hi = schema.maximum ?? schema.exclusiveMaximum ?? Math.max(lo + 10, 2 * lo);
  const dice = random();
  if (dice < 0.06) return lo;
  if (dice < 0.12) return hi;
  if (lo <= 0) return lo + (Math.min(hi, lo + 100) - lo) * random() ** 3;
  return lo * (hi / lo) ** (random() * (dice < 0.5 ? 0.6 : 1));
}
