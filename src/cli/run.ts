import type { Model } from '@/domain/contract';
import { MODELS } from './models';
import type { Problem } from '@/domain/problems';
import { problemLine } from './problem-line';
import { schemaOf } from './schema-of';

export interface Ran {
  /** 0, or 2 for input that cannot be */
  readonly status: 0 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

/** What `./ferula compute`, `schema` and `models` answer; `readInput` is called only by a command that takes input. */
export async function run([command, name, ...options]: readonly string[], readInput: () => string): Promise<Ran> {
  switch (command) {
    case 'models':
      return printed(MODELS.map((model) => `${model.name}\n`).join(''));
    case 'schema':
      return withModel(name, async (model) => printed(`${JSON.stringify(schemaOf(model))}\n`));
    case 'compute': {
      const unknown = options.find((option) => option !== '--lines');
      if (unknown !== undefined)
        return refused([{ path: 'OPTION', given: unknown, allowed: { kind: 'one-of', options: ['--lines'] } }]);
      return withModel(name, async (model) => {
        await model.prepare?.();
        return options.length > 0 ? computeLines(model, readInput()) : computeOne(model, readInput());
      });
    }
    default:
      return refused([
        { path: 'COMMAND', given: command, allowed: { kind: 'one-of', options: ['compute', 'schema', 'models'] } },
      ]);
  }
}

async function withModel(name: string | undefined, answer: (model: Model) => Promise<Ran>): Promise<Ran> {
  const model = MODELS.find((candidate) => candidate.name === name);
  return model
    ? answer(model)
    : refused([{ path: 'MODEL', given: name, allowed: { kind: 'one-of', options: MODELS.map((each) => each.name) } }]);
}

function computeOne(model: Model, text: string): Ran {
  const answer = answered(model, text);
  return answer.ok ? printed(`${JSON.stringify(answer.data)}\n`) : refused(answer.problems);
}

/** A JSON object a line in, one a line out, in the same order; an error is a line `{"error":[…]}` of its own. */
function computeLines(model: Model, text: string): Ran {
  let failed = false;
  const lines = text
    .split('\n')
    .filter((line) => line.trim() !== '')
    .map((line) => {
      const answer = answered(model, line);
      if (answer.ok) return JSON.stringify(answer.data);
      failed = true;
      return JSON.stringify({ error: answer.problems.map(problemLine) });
    });
  return { status: failed ? 2 : 0, stdout: lines.map((line) => `${line}\n`).join(''), stderr: '' };
}

function answered(model: Model, text: string): ReturnType<Model['run']> {
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    const given = error instanceof Error ? error.message : text;
    return { ok: false, problems: [{ path: '$', given, allowed: { kind: 'rule', rule: 'one JSON object' } }] };
  }
  return model.run(input);
}

const printed = (stdout: string): Ran => ({ status: 0, stdout, stderr: '' });

const refused = (problems: readonly Problem[]): Ran => ({
  status: 2,
  stdout: '',
  stderr: problems.map((problem) => `${problemLine(problem)}\n`).join(''),
});
