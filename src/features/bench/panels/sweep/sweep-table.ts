import Papa from 'papaparse';
import type { Sweep } from '@/core/decide';
import type { Measure } from '@/core/base/measure';
import type { I18n } from '@/i18n/client';
import type { SweepChoice } from './sweep-choices';

/** The sweep as a table: inputs, result and mark, in the units of the screen. */
export function csvOf(
  sweep: Sweep,
  inputs: readonly SweepChoice[],
  name: string,
  measure: Measure,
  i18n: I18n,
): string {
  const head = [
    ...inputs.map(({ label, measure: of }) => `${label} [${i18n.unitLabel(of)}]`),
    `${name} [${i18n.unitLabel(measure)}]`,
    'mark',
  ];
  const cells = sweep.axes[0]!.values.flatMap((a) => (sweep.axes[1] ? sweep.axes[1].values.map((b) => [a, b]) : [[a]]));
  const rows = cells.map((cell, k) => {
    const value = sweep.results[0]!.values[k];
    return [
      ...cell.map((each, i) => i18n.inUnit(each, inputs[i]!.measure)),
      typeof value === 'number' ? i18n.inUnit(value, measure) : '',
      sweep.results[1]!.values[k] ?? '',
    ];
  });
  return Papa.unparse([head, ...rows], { newline: '\r\n' });
}
