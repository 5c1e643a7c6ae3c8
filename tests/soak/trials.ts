// Trials that are looked at after every strike, with and without a difference: `npm run soak -- trials [how many] [first seed]`.
import { trialRuns } from './trial-runs';

const runs = Number(process.argv[2] ?? 1000);
const first = Number(process.argv[3] ?? 1);
const report = trialRuns(runs, first);
const percent = (count: number) => `${((100 * count) / runs).toFixed(1)} %`;
console.log(JSON.stringify(report));
console.log(`without a difference ${percent(report.claimed)} ever named a winner (at most 5 %)`);
console.log(
  `a true 2 to 1 was found by ${percent(report.found)} (at least 80 %), the wrong one by ${percent(report.wrong)}`,
);
process.exitCode = report.claimed <= 0.05 * runs && report.found >= 0.8 * runs ? 0 : 1;
