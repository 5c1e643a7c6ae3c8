// npm run soak -- helm [scripts]: seeded days with one change each; was it named rightly?
import { helmScript, verdictOf, type Verdict } from './helm-scripts';

const scripts = Number(process.argv[2] ?? 200);

function run(title: string, turns: boolean): void {
  const counts: Record<Verdict, number> = { right: 0, wrong: 0, 'cant-tell': 0, 'not-told': 0 };
  for (let seed = 0; seed < scripts; seed += 1) {
    const script = helmScript(seed, { turns });
    const { verdict, said } = verdictOf(script);
    counts[verdict] += 1;
    if (verdict !== 'right')
      console.log(
        `seed ${seed}: ${script.truth}, ${script.floors.toFixed(1)} floors: ${verdict}${said ? `, said ${said}` : ''}`,
      );
  }
  const named = scripts - counts['cant-tell'];
  console.log(
    `${title}: ${JSON.stringify(counts)}, rightly ${((100 * counts.right) / named).toFixed(1)} % of ${named}`,
  );
}

run('boat, sensor and water', false);
run('turns of the boat', true);
