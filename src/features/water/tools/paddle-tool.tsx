'use client';

import { useMemo, useState } from 'react';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { QuestionOf } from '@/workers/protocol';
import { Answers, Caution, Fields, Figure, Note } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

/** Trolling by paddle: what the strokes do to the depth, and what the lures cost whoever paddles. */
export function PaddleTool({ main }: ToolProps) {
  const { t, format, number } = useI18n();
  const { presentation } = main.setup;
  const crafts = (main.setup.house?.crafts ?? []).filter(({ hullDragN }) => hullDragN > 0);
  const [craftId, setCraft] = useState(
    crafts.find(({ id }) => id === presentation.craftId)?.id ??
      crafts.reduce((least, each) => (each.hullDragN < least.hullDragN ? each : least), crafts[0]!)?.id ??
      '',
  );
  const [speedMps, setSpeed] = useState(presentation.speedMps || 1.2);
  const [lines, setLines] = useState('1');
  const [windMps, setWind] = useState(0);
  const [from, setFrom] = useState<'ahead' | 'behind'>('ahead');
  const question = useMemo(
    (): QuestionOf<'paddle'> | null =>
      presentation.kind === 'towed' && craftId !== ''
        ? {
            kind: 'paddle',
            setup: { ...main.setup, presentation: { ...presentation, craftId, speedMps } },
            lines: Number(lines),
            windMps: from === 'behind' ? windMps : -windMps,
          }
        : null,
    [main.setup, presentation, craftId, speedMps, lines, windMps, from],
  );
  const { last } = useAnswer(question);
  if (presentation.kind !== 'towed') return <p>{t('water.card.onlyTowed')}</p>;
  if (crafts.length === 0) return <p>{t('water.paddle.noCraft')}</p>;
  const found = last?.answer ?? null;
  return (
    <>
      <Fields>
        <ChoiceField
          label={t('presentation.craft')}
          value={craftId}
          options={crafts.map(({ id, name }) => ({ value: id, label: name }))}
          onValueChange={setCraft}
        />
        <Figure
          label={t('water.speed')}
          measure="speed"
          value={speedMps}
          limits={{ min: 0.2, max: 3 }}
          onValue={setSpeed}
        />
        <ChoiceField
          label={t('water.paddle.lines')}
          value={lines}
          options={['1', '2', '3', '4'].map((value) => ({ value, label: value }))}
          onValueChange={setLines}
        />
        <Figure
          label={t('water.paddle.wind')}
          measure="speed"
          value={windMps}
          limits={{ min: 0, max: 25 }}
          onValue={setWind}
        />
        <ChoiceField
          label={t('water.paddle.windFrom')}
          value={from}
          options={(['ahead', 'behind'] as const).map((value) => ({ value, label: t(`water.paddle.${value}`) }))}
          onValueChange={setFrom}
        />
      </Fields>
      {found && (
        <Answers
          rows={[
            [
              t('water.paddle.speeds'),
              `${format(found.speedsMps[0], 'speed')} … ${format(found.speedsMps[2], 'speed')}`,
            ],
            [
              t('water.paddle.depths'),
              found.depthsM.map((depth) => format(depth, 'depth')).join(' · '),
              'paddle-depths',
            ],
            [t('water.paddle.hull'), format(found.hullN, 'force')],
            [
              t('water.paddle.lures'),
              t('water.paddle.more', { force: format(found.luresN, 'force'), share: format(found.moreShare, 'share') }),
            ],
            ...(found.windN === 0 ? [] : [[t('water.paddle.windIs'), format(found.windN, 'force')] as const]),
            [t('water.paddle.power'), `${number(found.paddlerW, 0)} W`],
          ]}
        />
      )}
      <Note>{t('water.paddle.note')}</Note>
      <Caution>{t('water.paddle.caution')}</Caution>
    </>
  );
}
