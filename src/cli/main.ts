import { readFileSync } from 'node:fs';
import { MODELS, type Model } from '@/domain/contract';
import type { Problem } from '@/domain/problems';
import { problemLine } from './problem-line';
import { schemaOf } from './schema-of';

const BAD_INPUT = 2;

process.exitCode = await run(process.argv.slice(2));

async function run([command, name]: readonly string[]): Promise<number> {
  switch (command) {
    case 'models':
      process.stdout.write(`${MODELS.map((model) => model.name).join('\n')}\n`);
      return 0;
    case 'schema':
      return withModel(name, async (model) => print(schemaOf(model)));
    case 'compute':
      return withModel(name, (model) => compute(model, readFileSync(0, 'utf8')));
    default:
      return refuse([
        { path: 'COMMAND', given: command, allowed: { kind: 'one-of', options: ['compute', 'schema', 'models'] } },
      ]);
  }
}

async function withModel(name: string | undefined, answer: (model: Model) => Promise<number>): Promise<number> {
  const model = MODELS.find((candidate) => candidate.name === name);
  return model
    ? answer(model)
    : refuse([{ path: 'MODEL', given: name, allowed: { kind: 'one-of', options: MODELS.map((each) => each.name) } }]);
}

async function compute(model: Model, text: string): Promise<number> {
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    return refuse([
      {
        path: '$',
        given: error instanceof Error ? error.message : text,
        allowed: { kind: 'rule', rule: 'one JSON object' },
      },
    ]);
  }
  await model.prepare?.();
  const result = model.run(input);
  return result.ok ? print(result.data) : refuse(result.problems);
}

function print(value: unknown): number {
  process.stdout.write(`${JSON.stringify(value)}\n`);
  return 0;
}

function refuse(problems: readonly Problem[]): number {
  process.stderr.write(problems.map((problem) => `${problemLine(problem)}\n`).join(''));
  return BAD_INPUT;
}
