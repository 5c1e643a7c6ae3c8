'use client';

import { useMemo } from 'react';
import type { CastPresentation, Setup, TowedPresentation } from '@/core/tackle';
import { niceSteps } from '@/features/fields/nice-steps';
import { Table } from '@/features/fields/sheet';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import type { QuestionOf } from '@/workers/protocol';

/** Rows of a table, from one step to half as much again as is fished. */
const ROWS = 6;
const BEYOND = 1.5;
/** Speeds of a depth card and of a weight table, as shares of the one that is fished. */
const SPEEDS = [0.85, 1, 1.15] as const;
const DRIFTS = [1, 1.5, 2] as const;
/** A boat that holds still is moved this much all the same [m/s]. */
const LEAST_DRIFT_MPS = 0.1;
/** From lifting the lure out to its next splash; the countdown does not hang on it [s]. */
const BETWEEN_S = 6;
const DEGREE = Math.PI / 180;
/** Lines hang nearly straight down below a boat that holds still, and trail at half a right angle on the drift. */
const ANGLES = { dropped: 80 * DEGREE, drifted: 45 * DEGREE } as const;

/** A speed short enough to be read aloud. */
const round = (value: number) => Number(value.toPrecision(2));

interface Towed {
  readonly setup: Setup;
  readonly presentation: TowedPresentation;
}

/** Depth by line out and by speed. */
export function DepthTable({ setup, presentation }: Towed) {
  const { t, format, fixed, inUnit, unitLabel } = useI18n();
  const question = useMemo((): QuestionOf<'depth-card'> => {
    const outM = presentation.gear
      ? presentation.gear.kind === 'downrigger'
        ? presentation.gear.cableM
        : presentation.gear.leadM
      : presentation.lineOutM;
    return {
      kind: 'depth-card',
      setup,
      linesM: niceSteps(BEYOND * outM, ROWS, 'distance', { inUnit }),
      speedsMps: SPEEDS.map((share) => round(share * presentation.speedMps)),
    };
  }, [setup, presentation, inUnit]);
  const { last, waiting } = useAnswer(question);
  if (waiting || !last) return <p>{t('common.loading')}</p>;
  const { linesM, speedsMps, depthsM } = last.answer;
  return (
    <Table
      caption={t('today.cards.depths', { unit: unitLabel('depth') })}
      head={[t('today.cards.lineOut'), ...speedsMps.map((speed) => format(speed, 'speed'))]}
      rows={linesM.map((line, i) => [
        format(line, 'distance'),
        ...depthsM[i]!.map((depth) => (depth === null ? '–' : fixed(inUnit(depth, 'depth'), 1))),
      ])}
    />
  );
}

/** The weight for each depth, at the drift as it is and half as fast again. */
export function WeightsTable({ setup, presentation }: Towed) {
  const { t, format, inUnit } = useI18n();
  const question = useMemo(
    (): QuestionOf<'weight-table'> => ({
      kind: 'weight-table',
      setup,
      ask: {
        depthsM: niceSteps(BEYOND * presentation.depthM, ROWS, 'depth', { inUnit }),
        speedsMps: DRIFTS.map((share) => round(share * Math.max(LEAST_DRIFT_MPS, presentation.speedMps))),
        surfaceAngleRad:
          presentation.wanted.lineAngleRad ?? ANGLES[presentation.way === 'dropped' ? 'dropped' : 'drifted'],
        bottom: presentation.way === 'drifted' ? (presentation.conditions.bottom ?? 'sand') : null,
        share: presentation.wanted.contactShare ?? undefined,
        material: 'lead',
      },
    }),
    [setup, presentation, inUnit],
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
  const { t, format, inUnit } = useI18n();
  const question = useMemo(
    (): QuestionOf<'fall'> => ({
      kind: 'fall',
      setup,
      depthsM: niceSteps(BEYOND * presentation.depthM, ROWS, 'depth', { inUnit }),
      band: { fromM: 0.5 * presentation.depthM, toM: 1.5 * presentation.depthM, betweenS: BETWEEN_S },
    }),
    [setup, presentation, inUnit],
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
        timeS === null ? '–' : format(timeS, 'time'),
      ])}
    />
  );
}
