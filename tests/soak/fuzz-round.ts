import { seeded } from '@/core/base/numeric';
import type { Model } from '@/domain/contract';
import { exampleFor } from './examples';
import type { Importer } from './importers';
import { mutated } from './mutate';

/** What a model must never do, whatever it is asked. */
export interface Fault {
  readonly model: string;
  readonly seed: number;
  readonly what: 'crash' | 'slow' | 'not-finite' | 'not-as-promised';
  readonly detail: string;
  readonly input: string;
}

/** Longer than this is a hang to whoever waits [ms]. */
const SLOW_MS = 2000;

/** Asks a model with one input made from a seed, half of them sound and half of them mutated. */
export function fuzzOnce(
  model: Model,
  seed: number,
): Fault | { readonly model: string; readonly ok: boolean; readonly guarded?: string } {
  const random = seeded(seed);
  const sound = 'example' in model ? (model as Importer).example(random) : exampleFor(model, random);
  const input = random() < 0.25 ? sound : mutated(sound, random);
  const fault = (what: Fault['what'], detail: string): Fault => ({
    model: model.name,
    seed,
    what,
    detail: detail.slice(0, 300),
    input: (JSON.stringify(input) ?? 'undefined').slice(0, 1500),
  });
  // Of this process alone: whatever else the machine does is not the model's.
  const start = process.cpuUsage();
  try {
    const result = model.run(input);
    const took = process.cpuUsage(start).user / 1000;
    if (took > SLOW_MS) return fault('slow', `${Math.round(took)} ms`);
    if (!result.ok) {
      const [problem] = result.problems;
      const guarded = problem?.path === '$' && JSON.stringify(problem.allowed).includes('whose answer');
      return {
        model: model.name,
        ok: false,
        ...(guarded ? { guarded: JSON.stringify(problem.allowed) + JSON.stringify(input).slice(0, 600) } : {}),
      };
    }
    const text = JSON.stringify(result.data);
    if (text === undefined) return fault('not-finite', 'no answer');
    const shape = model.output.safeParse(JSON.parse(text));
    if (!shape.success) return fault('not-as-promised', JSON.stringify(shape.error.issues[0]));
    return { model: model.name, ok: true };
  } catch (error) {
    return fault(
      'crash',
      error instanceof Error ? `${error.name}: ${error.message} ${error.stack?.split('\n')[1] ?? ''}` : String(error),
    );
  }
}
