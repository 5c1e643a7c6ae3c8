// Kills of tab, browser, network, server and database while strikes are touched: `npm run soak -- outbox [how many runs] [first seed]`.
import { RunningFerula } from '../helpers/running-ferula';
import { outboxRun } from './outbox-run';

const many = Number(process.argv[2] ?? 200);
const first = Number(process.argv[3] ?? 1);
const ferula = await RunningFerula.begin();
const sum = { runs: 0, touched: 0, made: 0, onServer: 0, lost: 0, doubled: 0, kills: 0 };
try {
  for (let seed = first; seed < first + many; seed += 1) {
    const report = await outboxRun(ferula, seed);
    sum.runs += 1;
    sum.kills += report.kills.length;
    for (const name of ['touched', 'made', 'onServer', 'lost', 'doubled'] as const) sum[name] += report[name];
    if (report.lost + report.doubled > 0) console.log(`seed ${seed}`, JSON.stringify(report));
    else if (sum.runs % 10 === 0) console.log(JSON.stringify(sum));
  }
  console.log(JSON.stringify(sum, null, 1));
  process.exitCode = sum.lost + sum.doubled === 0 ? 0 : 1;
} finally {
  await ferula.end();
}
