'use client';

import { useMemo } from 'react';
import type { CastPresentation, Setup, TowedPresentation } from '@/core/tackle';
import { Table } from '@/features/fields/sheet';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import type { QuestionOf } from '@/workers/protocol';

/** Line out and speeds of a depth card, as shares of those that are fished. */
const LINES = [0.4, 0.6, 0.8, 1, 1.25, 1.5] as const;
const SPEEDS = [0.85, 1, 1.15] as const;
/** Depths of a weight table, as shares of the one that is fished. */
const DEPTHS = [0.5, 0.75, 1, 1.25, 1.5, 2] as const;
/** From lifting the lure out to its next splash; the countdown does not hang on it [s]. */
const BETWEEN_S = 6;
const DEGREE = Math.PI / 180;
/** Lines hang nearly straight down below a boat that holds still, and trail at half a right angle on the drift. */
const ANGLES = { dropped: 80 * DEGREE, drifted: 45 * DEGREE } as const;

/** A figure of a card, short enough to be read aloud. */
const round = (value: number) => Number(value.toPrecision(2));

interface Towed {
  readonly setup: Setup;
  readonly presentation: TowedPresentation;
}

/** Depth by line out and by speed. */
export function DepthTable({ setup, presentation }: Towed) {
  const { t, format, number, inUnit, unitLabel } = useI18n();
  const question = useMemo((): QuestionOf<'depth-card'> => {
    const outM = presentation.gear
      ? presentation.gear.kind === 'downrigger'
        ? presentation.gear.cableM
        : presentation.gear.leadM
      : presentation.lineOutM;
    return {
      kind: 'depth-card',
      setup,
      linesM: LINES.map((share) => round(share * outM)),
      speedsMps: SPEEDS.map((share) => round(share * presentation.speedMps)),
    };
  }, [setup, presentation]);
  const { last, waiting } = useAnswer(question);
  if (waiting || !last) return <p>{t('common.loading')}</p>;
  const { linesM, speedsMps, depthsM } = last.answer;
  return (
    <Table
      caption={t('today.cards.depths', { unit: unitLabel('depth') })}
      head={[t('today.cards.lineOut'), ...speedsMps.map((speed) => format(speed, 'speed'))]}
      rows={linesM.map((line, i) => [
        format(line, 'distance'),
        ...depthsM[i]!.map((depth) => (depth === null ? '–' : number(inUnit(depth, 'depth'), 1))),
      ])}
    />
  );
}

/** The weight for each depth, at the drift as it is and half as fast again. */
export function WeightsTable({ setup, presentation }: Towed) {
  const { t, format } = useI18n();
  const question = useMemo(
    (): QuestionOf<'weight-table'> => ({
      kind: 'weight-table',
      setup,
      ask: {
        depthsM: DEPTHS.map((share) => round(share * presentation.depthM)),
        speedsMps: [1, 1.5, 2].map((share) => round(share * Math.max(0.1, presentation.speedMps))),
        surfaceAngleRad:
          presentation.wanted.lineAngleRad ?? ANGLES[presentation.way === 'dropped' ? 'dropped' : 'drifted'],
        bottom: presentation.way === 'drifted' ? (presentation.conditions.bottom ?? 'sand') : null,
        share: presentation.wanted.contactShare ?? undefined,
        material: 'lead',
      },
    }),
    [setup, presentation],
  );
  const { last, waiting, failed } = useAnswer(question);
  if (failed) return <p>{t('today.cards.noTable')}</p>;
  if (waiting || !last) return <p>{t('common.loading')}</p>;
  const { depthsM, speedsMps, massesKg } = last.answer;
  return (
    <Table
      caption={t('today.cards.weights')}
      head={[t('today.cards.depth'), ...speedsMps.map((speed) => format(speed, 'speed'))]}
      rows={depthsM.map((depth, i) => [
        format(depth, 'depth'),
        ...massesKg[i]!.map((mass) => (mass === null ? '–' : format(mass, 'mass'))),
      ])}
    />
  );
}

/** Seconds to each depth on slack line. */
export function CountdownTable({
  setup,
  presentation,
}: {
  readonly setup: Setup;
  readonly presentation: CastPresentation;
}) {
  const { t, format, number } = useI18n();
  const question = useMemo(
    (): QuestionOf<'fall'> => ({
      kind: 'fall',
      setup,
      depthsM: DEPTHS.map((share) => round(share * presentation.depthM)),
      band: { fromM: 0.5 * presentation.depthM, toM: 1.5 * presentation.depthM, betweenS: BETWEEN_S },
    }),
    [setup, presentation],
  );
  const { last, waiting, failed } = useAnswer(question);
  if (failed) return <p>{t('today.cards.noTable')}</p>;
  if (waiting || !last) return <p>{t('common.loading')}</p>;
  const asIs = last.answer.countdowns.find(({ change }) => change === 'as-is');
  if (!asIs || asIs.outcome !== 'sinks') return <p>{t('today.cards.stays')}</p>;
  return (
    <Table
      caption={t('today.cards.countdown')}
      head={[t('today.cards.depth'), t('today.cards.seconds')]}
      rows={asIs.table.map(({ depthM, timeS }) => [
        format(depthM, 'depth'),
        timeS === null ? '–' : `${number(timeS, 0)} s`,
      ])}
    />
  );
}
