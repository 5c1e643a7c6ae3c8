'use client';

import { useState } from 'react';
import { coverage } from '@/core/rig';
import { useI18n } from '@/i18n/client';
import { Fields, Figure, Note, Table } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

/** Which depths the setups in the picture cover, each by so much above and below where it runs, and which are left. */
export function CoverageTool({ lines, scene }: ToolProps) {
  const { t, format } = useI18n();
  const runs = lines.flatMap(({ id, name, run }) =>
    run && run.running.depthM !== null ? [{ id, name, depthM: run.running.depthM }] : [],
  );
  const deepest = Math.max(2, ...scene.bottom.map(({ depthM }) => depthM), ...runs.map(({ depthM }) => depthM + 1));
  const [wanted, setWanted] = useState({ fromM: 0, toM: deepest });
  const [reachM, setReach] = useState(1);
  const { covered, gaps, share } = coverage(
    runs.map(({ depthM }) => ({ fromM: depthM - reachM, toM: depthM + reachM })),
    wanted,
  );
  const between = ({ fromM, toM }: { readonly fromM: number; readonly toM: number }) =>
    t('range.from', { lo: format(fromM, 'depth'), hi: format(toM, 'depth') });
  return (
    <>
      <Fields>
        <Figure
          label={t('presentation.depthFrom')}
          measure="depth"
          value={wanted.fromM}
          limits={{ min: 0, max: wanted.toM }}
          onValue={(fromM) => setWanted({ ...wanted, fromM })}
        />
        <Figure
          label={t('presentation.depthTo')}
          measure="depth"
          value={wanted.toM}
          limits={{ min: wanted.fromM, max: 300 }}
          onValue={(toM) => setWanted({ ...wanted, toM })}
        />
        <Figure
          label={t('water.coverage.reach')}
          measure="depth"
          value={reachM}
          limits={{ min: 0.1, max: 20 }}
          onValue={setReach}
        />
      </Fields>
      <Table
        caption={t('water.coverage.lines')}
        head={[t('water.coverage.setup'), t('water.depth'), t('water.coverage.covers')]}
        rows={runs.map(({ name, depthM }) => [
          name,
          format(depthM, 'depth'),
          between({ fromM: Math.max(0, depthM - reachM), toM: depthM + reachM }),
        ])}
      />
      <p data-testid="coverage" className="text-[15px]">
        {t('water.coverage.share', { share: format(share, 'share') })}{' '}
        {covered.length > 0 && t('water.coverage.covered', { bands: covered.map(between).join(', ') })}{' '}
        {gaps.length > 0 && t('water.coverage.gaps', { bands: gaps.map(between).join(', ') })}
      </p>
      <Note>{t('water.coverage.note')}</Note>
    </>
  );
}
