import Papa from 'papaparse';
import { useMemo } from 'react';
import type { WeightTable, WeightTableAsk } from '@/core/rig';
import { saveText } from '@/features/fields/save-text';
import { Note, Press, Table } from '@/features/fields/sheet';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n, type I18n } from '@/i18n/client';
import type { QuestionOf } from '@/workers/protocol';
import type { ToolProps } from './parts';

/** Depths and speeds around those of the presentation, as shares of them. */
const DEPTHS = [0.4, 0.6, 0.8, 1, 1.25, 1.5, 2] as const;
const SPEEDS = [0.6, 0.8, 1, 1.2, 1.5] as const;
/** The table waits until a field has come to rest [ms]. */
const TABLE_AFTER_MS = 300;

export interface WeightTableProps extends Pick<ToolProps, 'main'> {
  readonly ask: Omit<WeightTableAsk, 'depthsM' | 'speedsMps'>;
  readonly depthM: number;
  readonly speedMps: number;
}

/** The right weight by depth and speed: on the screen, as a card on paper, and as a file. */
export function WeightTableView({ main, ask, depthM, speedMps }: WeightTableProps) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { surfaceAngleRad, bottom, share, material } = ask;
  const question = useMemo(
    (): QuestionOf<'weight-table'> => ({
      kind: 'weight-table',
      setup: main.setup,
      ask: {
        surfaceAngleRad,
        bottom,
        share,
        material,
        depthsM: DEPTHS.map((part) => Number((part * depthM).toPrecision(2))),
        speedsMps: SPEEDS.map((part) => Number((part * Math.max(0.1, speedMps)).toPrecision(2))),
      },
    }),
    [main.setup, surfaceAngleRad, bottom, share, material, depthM, speedMps],
  );
  const { last } = useAnswer(question, TABLE_AFTER_MS);
  const table = last?.answer;
  if (!table) return null;
  return (
    <section aria-label={t('water.weight.table')}>
      <Table
        caption={t('water.weight.table')}
        head={[t('water.depth'), ...table.speedsMps.map((speed) => format(speed, 'speed'))]}
        rows={table.depthsM.map((depth, i) => [
          format(depth, 'depth'),
          ...table.massesKg[i]!.map((mass) => (mass === null ? '–' : format(mass, 'mass'))),
        ])}
      />
      <Note>{t('water.weight.tableNote')}</Note>
      <p className="flex gap-2 print:hidden">
        <Press onPress={() => window.print()}>{t('water.weight.print')}</Press>
        <Press onPress={() => saveText('weights.csv', 'text/csv', csvOf(table, i18n))}>{t('water.weight.csv')}</Press>
      </p>
    </section>
  );
}

function csvOf({ depthsM, speedsMps, massesKg }: WeightTable, { t, inUnit, unitLabel }: I18n): string {
  const head = [
    `${t('water.depth')} [${unitLabel('depth')}]`,
    ...speedsMps.map((speed) => `${inUnit(speed, 'speed')} ${unitLabel('speed')} [${unitLabel('mass')}]`),
  ];
  const rows = depthsM.map((depth, i) => [
    inUnit(depth, 'depth'),
    ...massesKg[i]!.map((mass) => (mass === null ? '' : inUnit(mass, 'mass'))),
  ]);
  return Papa.unparse([head, ...rows], { newline: '\r\n' });
}
