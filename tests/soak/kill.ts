// Kills under load: `npm run soak -- kill [how many]`. What was acknowledged must be there, once. Needs a build (./ferula start makes one).
import { RunningFerula } from '../helpers/running-ferula';
import { killAndCount } from './kills';

const many = Number(process.argv[2] ?? 60);
const ferula = await RunningFerula.begin();
try {
  const report = await killAndCount(ferula, many, 20261127);
  console.log(JSON.stringify(report, null, 1));
  process.exitCode = report.lost.length + report.doubled.length === 0 ? 0 : 1;
} finally {
  await ferula.end();
}
