import type { z } from 'zod';
import { InputRuleError, type InputRangeError } from '@/core/base/guard';

/** What is wrong with one field of some data from outside: facts, no sentence. */
export interface Problem {
  /** as `line[1].lengthM`; `$` is the whole */
  readonly path: string;
  readonly given: unknown;
  readonly allowed: Allowed;
}

export type Allowed =
  | { readonly kind: 'type'; readonly type: string }
  | {
      readonly kind: 'at-least' | 'at-most' | 'above' | 'below';
      readonly bound: number;
      readonly of: 'number' | 'items' | 'characters';
    }
  | { readonly kind: 'one-of'; readonly options: readonly string[] }
  | { readonly kind: 'no-such-field' }
  | { readonly kind: 'format'; readonly format: string }
  | { readonly kind: 'rule'; readonly rule: string };

export type Result<T> =
  { readonly ok: true; readonly data: T } | { readonly ok: false; readonly problems: readonly Problem[] };

/** An input whose fields are each right and which cannot be computed for what they say together. */
export class InputProblems extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super(problems.map(({ path }) => path).join(', '));
  }
}

/** Parses data from outside; a failure is a list of problems, one for each field. */
export function parse<T>(schema: z.ZodType<T>, input: unknown): Result<T> {
  const result = schema.safeParse(input);
  return result.success
    ? { ok: true, data: result.data }
    : { ok: false, problems: result.error.issues.flatMap((issue) => problemsOf(issue, input)) };
}

/** A rule that spans fields, said at the field that breaks it. */
export const broken = (context: z.RefinementCtx, path: readonly (string | number)[], rule: string): void =>
  context.addIssue({ code: 'custom', path: [...path], message: rule });

/** The core's own refusal as a problem, for limits that only the computation can see. */
export const problemOfRange = (error: InputRangeError): Problem => ({
  path: error.field,
  given: Number.isNaN(error.value) ? undefined : error.value,
  allowed: { kind: 'rule', rule: error instanceof InputRuleError ? error.allowed : `${error.min} to ${error.max}` },
});

export function pathText(path: readonly PropertyKey[]): string {
  const text = path.reduce<string>(
    (sofar, key) =>
      typeof key === 'number' ? `${sofar}[${key}]` : sofar === '' ? String(key) : `${sofar}.${String(key)}`,
    '',
  );
  return text === '' ? '$' : text;
}

function problemsOf(issue: z.core.$ZodIssue, input: unknown): Problem[] {
  const at = (allowed: Allowed, path: readonly PropertyKey[] = issue.path): Problem[] => [
    { path: pathText(path), given: valueAt(input, path), allowed },
  ];
  switch (issue.code) {
    case 'invalid_type':
      return at({ kind: 'type', type: issue.expected });
    case 'too_small':
      return at({
        kind: issue.inclusive === false ? 'above' : 'at-least',
        bound: Number(issue.minimum),
        of: sizeWord(issue.origin),
      });
    case 'too_big':
      return at({
        kind: issue.inclusive === false ? 'below' : 'at-most',
        bound: Number(issue.maximum),
        of: sizeWord(issue.origin),
      });
    case 'invalid_value':
      return at({ kind: 'one-of', options: issue.values.map(String) });
    case 'invalid_union':
      return at({
        kind: 'one-of',
        options: 'options' in issue && Array.isArray(issue.options) ? issue.options.map(String) : [],
      });
    case 'unrecognized_keys':
      return issue.keys.flatMap((key) => at({ kind: 'no-such-field' }, [...issue.path, key]));
    case 'invalid_format':
      return at({ kind: 'format', format: issue.format });
    case 'not_multiple_of':
      return at({ kind: 'rule', rule: `a multiple of ${issue.divisor}` });
    case 'invalid_key':
    case 'invalid_element':
    case 'custom':
      return at({ kind: 'rule', rule: issue.message });
    default:
      return issue satisfies never;
  }
}

const sizeWord = (origin: string) => (origin === 'array' ? 'items' : origin === 'string' ? 'characters' : 'number');

function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    input,
  );
}

const DEEPEST = 32;

/**
 * What no schema asks about data from outside: text that is no Unicode, nesting without end, names that mean something
 * to the language. At most a few, each at its path.
 */
export function outsideProblems(input: unknown): readonly Problem[] {
  const problems: Problem[] = [];
  const refuse = (path: readonly PropertyKey[], given: unknown, rule: string) =>
    problems.push({ path: pathText(path), given, allowed: { kind: 'rule', rule } });
  const look = (value: unknown, path: readonly PropertyKey[]): void => {
    if (problems.length >= 20) return;
    if (typeof value === 'string') {
      if (!isUnicode(value)) refuse(path, undefined, 'whole Unicode characters, without a zero byte');
    } else if (typeof value === 'object' && value !== null) {
      if (path.length >= DEEPEST) refuse(path, undefined, `at most ${DEEPEST} levels of nesting`);
      else if (Array.isArray(value)) value.forEach((item, i) => look(item, [...path, i]));
      else
        for (const key of Object.keys(value)) {
          if (key === '__proto__' || !isUnicode(key)) refuse([...path, '?'], undefined, 'a name of plain characters');
          else look((value as Readonly<Record<string, unknown>>)[key], [...path, key]);
        }
    }
  };
  look(input, []);
  return problems;
}

/** No half of a surrogate pair and no zero byte, which a database or a file would not give back as it was. */
const isUnicode = (text: string): boolean => !/\p{Surrogate}|\0/u.test(text);
