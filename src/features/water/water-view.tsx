'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState, type ComponentType } from 'react';
import { revisionLetter } from '@/domain/revision-letter';
import type { SetupId } from '@/domain/ids';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { SavePanel } from '@/features/fields/save-panel';
import { withSetups } from '@/features/fields/with-setups';
import { useI18n } from '@/i18n/client';
import type { WaterPage } from '@/server/queries/water-page';
import { ChoiceField } from '@/ui/choice-field';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys } from '@/ui/keys';
import { HelpPanel } from '@/features/fields/help-panel';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { Column } from './column/column';
import { STROKES } from './column/strokes';
import { Controls } from './controls';
import { Figures } from './figures';
import { WATER_KEYS, type Tool, type WaterKeyAction } from './keys';
import type { ToolProps } from './tools/parts';
import { asDraft } from './scene';
import { useWater } from './use-water';

// A tool is fetched when it is first shown.
const tools: Readonly<Record<Tool, ComponentType<ToolProps>>> = {
  countdown: dynamic(() => import('./tools/countdown-tool').then((m) => m.CountdownTool)),
  card: dynamic(() => import('./tools/card-tool').then((m) => m.CardTool)),
  count: dynamic(() => import('./tools/count-tool').then((m) => m.CountTool)),
  weight: dynamic(() => import('./tools/weight-tool').then((m) => m.WeightTool)),
  drift: dynamic(() => import('./tools/drift-tool').then((m) => m.DriftTool)),
  current: dynamic(() => import('./tools/current-tool').then((m) => m.CurrentTool)),
  profile: dynamic(() => import('./tools/profile-tool').then((m) => m.ProfileTool)),
  release: dynamic(() => import('./tools/release-tool').then((m) => m.ReleaseTool)),
  turn: dynamic(() => import('./tools/turn-tool').then((m) => m.TurnTool)),
  speeds: dynamic(() => import('./tools/speeds-tool').then((m) => m.SpeedsTool)),
  coverage: dynamic(() => import('./tools/coverage-tool').then((m) => m.CoverageTool)),
  paddle: dynamic(() => import('./tools/paddle-tool').then((m) => m.PaddleTool)),
};
const CardChart = dynamic(() => import('./tools/card-tool').then((m) => m.CardChart));
const WIDE: ReadonlySet<string> = new Set(['turn', 'countdown', 'card'] satisfies Tool[]);
const ADD = '';
const MOST = 4;

/** The water from the side with up to four setups in it, what can be changed, what they do, and the tools of the water. */
export function WaterView({ shown, all, broken }: WaterPage) {
  const { t } = useI18n();
  const router = useRouter();
  const { scene, dispatch, lines, changed } = useWater(shown);
  const [selected, setSelected] = useState(shown[0]?.id as string | undefined);
  const [open, setOpen] = useState<Tool | 'keys' | 'keep' | null>(null);
  const [notice, setNotice] = useState('');
  const [deeper, setDeeper] = useState(false);
  const main = lines.find(({ id }) => id === selected) ?? lines[0];
  const go = (ids: readonly string[]) => router.push(withSetups('/water', ids));
  const run = (action: WaterKeyAction) => {
    switch (action) {
      case 'deeper':
        return setDeeper((held) => !held);
      case 'next':
        return setSelected(lines[(lines.findIndex(({ id }) => id === main?.id) + 1) % Math.max(1, lines.length)]?.id);
      case 'put-back':
        return dispatch({ kind: 'put-back' });
      default:
        return setOpen(action);
    }
  };
  useKeys(WATER_KEYS, run, open !== null);
  const label = (key: string) => t(`water.key.${key}` as 'water.key.keys');
  const footKeys = groupKeys(WATER_KEYS, true).map((group) => ({ ...group, label: label(group.label) }));
  if (!main)
    return (
      <main id="main" tabIndex={-1} className="mx-auto max-w-4xl px-3 py-6 outline-none">
        <h1 className="narrow text-[20px] font-semibold">{t('nav.water')}</h1>
        <BrokenSetups broken={broken} />
        <p>
          {t('list.empty')}{' '}
          <Link href="/bench/new" className="underline">
            {t('list.new')}
          </Link>
        </p>
      </main>
    );
  const craft = main.setup.house?.crafts.find(({ id }) => id === main.setup.presentation.craftId) ?? null;
  const shownTool = open === 'keys' || open === 'keep' ? null : open;
  const ToolView = shownTool ? tools[shownTool] : null;
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('nav.water')}</h1>
      <BrokenSetups broken={broken} />
      <div className="narrow flex flex-wrap items-end gap-x-4 gap-y-1">
        <ul aria-label={t('water.inPicture')} className="flex flex-wrap gap-x-4 gap-y-1">
          {lines.map(({ id, name, number }, i) => (
            <li key={id} className="flex items-center gap-1.5">
              <button
                type="button"
                aria-pressed={id === main.id}
                onClick={() => setSelected(id)}
                className="flex min-h-9 items-center gap-1.5 border-b-2 border-transparent text-[15px] text-dim aria-pressed:border-ink aria-pressed:font-semibold aria-pressed:text-ink"
              >
                <svg width="26" height="10" aria-hidden="true" stroke="currentColor">
                  <path d="M1,5H25" strokeWidth="1.6" strokeDasharray={STROKES[i]} />
                </svg>
                {i + 1} {name} {revisionLetter(number)}
              </button>
              {lines.length > 1 && (
                <button
                  type="button"
                  onClick={() => go(lines.filter((line) => line.id !== id).map((line) => line.id))}
                  aria-label={t('water.takeOut', { name })}
                  className="min-h-9 min-w-7 text-[15px] text-dim hover:text-ink"
                >
                  ×
                </button>
              )}
            </li>
          ))}
        </ul>
        {lines.length < MOST && (
          <ChoiceField
            className="w-52"
            label={t('water.add')}
            value={ADD}
            options={[
              { value: ADD, label: t('water.choose') },
              ...all
                .filter(({ id }) => !lines.some((line) => line.id === id))
                .map(({ id, name }) => ({ value: id as string, label: name })),
            ]}
            onValueChange={(id) => id !== ADD && go([...lines.map((line) => line.id), id])}
          />
        )}
        <Link
          href={`/bench/${main.id}`}
          className="ml-auto flex min-h-9 items-center text-[14px] underline underline-offset-2"
        >
          {t('water.toBench')}
        </Link>
      </div>
      <div className="grid min-h-0 flex-1 gap-2 lg:grid-cols-[minmax(0,1fr)_292px]">
        <Column
          lines={lines}
          scene={scene}
          selected={main.id}
          onSelect={setSelected}
          dispatch={dispatch}
          deeper={deeper}
          craft={craft}
          below={
            main.setup.presentation.kind === 'cast' ? (
              <tools.countdown lines={lines} main={main} scene={scene} dispatch={dispatch} />
            ) : (
              <CardChart main={main} className="h-[calc(100%-4px)] min-h-44" />
            )
          }
        />
        <div className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto">
          <Controls key={main.id} line={main} scene={scene} dispatch={dispatch} />
          <Figures line={main} scene={scene} />
          <p className="semi-narrow text-[12.5px] text-dim">{changed ? t('water.changedNote') : t('water.sameNote')}</p>
        </div>
      </div>
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim print:hidden">
        <KeyFoot groups={footKeys} onAction={run} />
        <span role="status" className="ml-auto text-ink">
          {notice}
        </span>
      </footer>
      {ToolView && shownTool && (
        <Panel
          open
          wide={WIDE.has(shownTool)}
          onOpenChange={(isOpen) => !isOpen && setOpen(null)}
          title={`${label(shownTool)} · ${main.name}`}
          closeLabel={t('common.close')}
        >
          <ToolView lines={lines} main={main} scene={scene} dispatch={dispatch} />
        </Panel>
      )}
      <SavePanel
        open={open === 'keep'}
        onOpenChange={(isOpen) => setOpen(isOpen ? 'keep' : null)}
        setupId={main.id as SetupId}
        draft={asDraft(scene, main, main.run?.running.behindM ?? null)}
        version={main.version}
        newest={main.number}
        onSaved={({ number }) => {
          setOpen(null);
          setNotice(t('water.kept', { letter: revisionLetter(number) }));
          router.refresh();
        }}
      />
      <HelpPanel
        view="water"
        open={open === 'keys'}
        onOpenChange={(isOpen) => setOpen(isOpen ? 'keys' : null)}
        groups={groupKeys(WATER_KEYS).map((group) => ({ ...group, label: label(group.label) }))}
      />
    </main>
  );
}
