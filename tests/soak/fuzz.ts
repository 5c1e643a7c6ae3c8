// Mutated inputs over every model: `npm run soak -- fuzz [how many] [model]`. None may crash, hang or answer with what is no number.
import { loadMixedInteger } from '@/core/base/numeric';
import { MODELS } from '@/cli/models';
import { fuzzOnce, type Fault } from './fuzz-round';
import { IMPORTERS } from './importers';

const many = Number(process.argv[2] ?? 100_000);
const only = process.argv[3];
await loadMixedInteger();
const models = [...MODELS, ...IMPORTERS].filter(({ name }) => only === undefined || name === only);
const faults: Fault[] = [];
const answered = new Map<string, number>();
const start = performance.now();
for (let seed = 0; seed < many; seed++) {
  const model = models[seed % models.length]!;
  const result = fuzzOnce(model, seed);
  if ('what' in result) {
    faults.push(result);
    if (faults.length <= 40)
      console.log(
        `${result.what} ${result.model} seed ${result.seed}: ${result.detail}\n  ${result.input.slice(0, 400)}`,
      );
  } else if (result.guarded) {
    console.log(`guarded ${result.model} seed ${seed}: ${result.guarded.slice(0, 300)}`);
  } else if (result.ok) answered.set(model.name, (answered.get(model.name) ?? 0) + 1);
}
for (const { name } of models)
  console.log(`${name}: ${answered.get(name) ?? 0} of ${Math.ceil(many / models.length)} answered`);
console.log(`${many} inputs in ${((performance.now() - start) / 1000).toFixed(0)} s, ${faults.length} faults`);
process.exit(faults.length === 0 ? 0 : 1);
