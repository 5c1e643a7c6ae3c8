import { run } from '@/cli/run';

type Json = Readonly<Record<string, unknown>>;

/** What stands in a rig's slots, in the words of packets and labels. */
export type Words = Readonly<Record<string, string>>;

export interface Rigged {
  readonly rig: string;
  readonly parts: Words;
  readonly presentation?: Json;
  readonly house?: Json;
}

interface Told {
  /** the setup in words */
  readonly about: string;
  /** what an expert expects */
  readonly expected: string;
  /** path into the answer, as `verdicts.set.mark` */
  readonly reads: string;
}

/** One everyday fact: a figure in a range with its unit, or a word. */
export type Fact = Told &
  ({ readonly of: Rigged } | { readonly part: string; readonly kind?: string }) &
  (
    | { readonly from: number; readonly to: number; readonly unit: string; readonly times?: number }
    | { readonly is: string }
  );

/** What the commands answer, as a shell would get it. */
async function asked(model: string, input: unknown): Promise<Json> {
  const { status, stdout, stderr } = await run(['compute', model], () => JSON.stringify(input));
  if (status !== 0) throw new Error(`${model}: ${stderr}`);
  return JSON.parse(stdout) as Json;
}

async function answerOf(fact: Fact): Promise<unknown> {
  if ('part' in fact)
    return (await asked('part', { line: fact.part, ...(fact.kind ? { kind: fact.kind } : {}) }))['part'];
  const { outcome, setup, missing } = await asked('rig', fact.of);
  if (outcome !== 'ok') throw new Error(`${fact.about}: missing ${JSON.stringify(missing)}`);
  return asked('setup', setup);
}

const at = (value: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((held, key) => (held === null || held === undefined ? held : (held as Json)[key]), value);

export interface Checked {
  readonly fact: Fact;
  readonly said: string;
  readonly holds: boolean;
}

/** A fact against what Ferula says. */
export async function check(fact: Fact): Promise<Checked> {
  const value = at(await answerOf(fact), fact.reads);
  if ('is' in fact) return { fact, said: String(value), holds: value === fact.is };
  const figure = typeof value === 'number' ? value * (fact.times ?? 1) : Number.NaN;
  return {
    fact,
    said: `${Number(figure.toPrecision(3))} ${fact.unit}`.trim(),
    holds: figure >= fact.from && figure <= fact.to,
  };
}
