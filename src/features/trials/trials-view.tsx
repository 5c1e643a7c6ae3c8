'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { newTrial } from '@/domain/trials/usual-trial';
import { isShare, type TrialDocument, type TrialTouch } from '@/domain/trials/trial-document';
import { BrokenDocuments } from '@/features/fields/broken-documents';
import { DraftBar } from '@/features/fields/draft-bar';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { failureText } from '@/i18n/problem-text';
import { removeTrialAction } from '@/server/actions/trials';
import { changeHouseAction } from '@/server/actions/house';
import type { TrialsPage } from '@/server/queries/trials-page';
import { useKeys } from '@/ui/keys';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { ViewKeys } from '@/features/fields/view-keys';
import { KEYS, type Action } from './keys';
import { Ledger } from './ledger';
import { ClosePanel } from './panels/close-panel';
import { EditPanel } from './panels/edit-panel';
import { PlanPanel } from './panels/plan-panel';
import { HandCount } from './sheet/hand-count';
import { TrialSheet } from './sheet/trial-sheet';
import { TrialsNav } from './trials-nav';
import { beginTrial, useTrial } from './use-trial';

type PanelName = 'new' | 'change' | 'plan' | 'close' | 'keys';

/** Comparisons of one difference at a time, and what the numbers really say. */
export function TrialsView(page: TrialsPage & { readonly asked: string | null }) {
  const { t } = useI18n();
  const router = useRouter();
  const { open } = page;
  const inHand = useTrial(open);
  const { trial } = inHand;
  const [panel, setPanel] = useState<PanelName | null>(null);
  const [begun, setBegun] = useState<TrialDocument | null>(null);
  const [lines, setLines] = useState<Readonly<Record<'a' | 'b', number>>>({ a: 1, b: 1 });
  const [failure, setFailure] = useState<string | null>(null);
  const isOpen = trial !== null && !trial.closed;
  const touch = (given: Omit<TrialTouch, 'id' | 'atS'>) =>
    trial && inHand.change({ touches: [...trial.touches, { ...given, id: newId(), atS: Date.now() / 1000 }] });
  const undo = () => trial && inHand.change({ touches: trial.touches.slice(0, -1) });
  const act = (action: Action): void => {
    switch (action) {
      case 'new':
        // Counted from this morning on, since a trial may be told of after its first strike.
        setBegun(newTrial(page.setups, Math.floor(Date.now() / 86_400_000) * 86_400));
        return setPanel(action);
      case 'keys':
        return setPanel(action);
      case 'change':
        return setPanel(trial ? action : null);
      case 'plan':
      case 'close':
        return setPanel(isOpen ? action : null);
      case 'a':
      case 'b':
        // Of a share a touch says too what it came to: there is a button for each.
        if (isOpen && !isShare(trial.counted)) touch({ version: action, aLines: lines.a, bLines: lines.b });
        return;
      case 'undo':
        if (isOpen && trial.touches.length > 0) undo();
        return;
      case 'judge':
        return router.push('/trials/judge');
      default:
        action satisfies never;
    }
  };
  useKeys(KEYS, act, panel !== null);
  const begin = async (told: TrialDocument) => {
    const kept = await beginTrial(told);
    if ('failure' in kept) return setFailure(failureText(t, kept.failure));
    setPanel(null);
    router.push(`/trials?trial=${encodeURIComponent(kept.id)}`);
  };
  const close = async (closed: NonNullable<TrialDocument['closed']>) => {
    inHand.change({ closed });
    setPanel(null);
    if (!closed.school) return;
    const { school, side } = closed.school;
    const reply = await send('change-house', changeHouseAction, {
      changes: [
        { kind: 'entry', document: 'schools', id: '', key: school, from: page.schools[school] ?? null, to: side },
      ],
    });
    setFailure(
      reply.ok ? (reply.data.refused.length > 0 ? t('trials.schoolRefused') : null) : t('trials.schoolRefused'),
    );
  };
  const failed = failure ?? (inHand.failure && failureText(t, inHand.failure));
  return (
    <main id="main" tabIndex={-1} data-testid="trials" className="mx-auto flex max-w-[1280px] flex-col outline-none">
      <TrialsNav open="trials" />
      <div className="grid gap-4 p-3 md:grid-cols-[270px_minmax(0,1fr)] print:block">
        <aside className={trial ? 'hidden md:block print:hidden' : ''}>
          <button
            type="button"
            onClick={() => act('new')}
            className="narrow mb-2 min-h-11 w-full border border-ink bg-hi px-3 text-left text-[16px] text-on-hi"
          >
            {t('trials.begin')}
          </button>
          {page.ledger.length === 0 && <p className="semi-narrow text-[15px] text-dim">{t('trials.none')}</p>}
          <Ledger ledger={page.ledger} openId={trial?.id ?? null} />
          <BrokenDocuments of="trial" rows={page.broken} remove={removeTrialAction} />
        </aside>
        <div className="min-w-0">
          {failed && (
            <p role="alert" className="semi-narrow mb-3 border border-ink bg-sheet p-2 text-[15px]">
              {failed}{' '}
              <button type="button" onClick={() => (setFailure(null), inHand.reload())} className="underline">
                {t('trials.reload')}
              </button>
            </p>
          )}
          {trial && open ? (
            <>
              <Bar
                trial={trial}
                isOpen={isOpen}
                saving={inHand.saving}
                onPanel={setPanel}
                onReopen={() => inHand.change({ closed: null })}
              />
              <TrialSheet trial={trial} open={open} page={page}>
                <HandCount
                  trial={trial}
                  lines={lines}
                  onLines={setLines}
                  onTouch={touch}
                  onUndo={undo}
                  onByHand={(byHand) => inHand.change({ byHand })}
                />
              </TrialSheet>
            </>
          ) : page.asked ? (
            <p className="semi-narrow text-[15px]">{t('trials.gone')}</p>
          ) : (
            <Introduction />
          )}
        </div>
      </div>
      <DraftBar offer={inHand.draft.offer} onTakeUp={inHand.takeUpDraft} onThrowAway={inHand.draft.throwAway} />
      <ViewKeys
        view="trials"
        rows={KEYS}
        named={(label) => t(`trials.key.${label}`)}
        onAction={act}
        open={panel === 'keys'}
        onOpenChange={(isShown) => setPanel(isShown ? 'keys' : null)}
        className="px-3 pb-3"
      />
      <Panel
        open={panel !== null && panel !== 'keys'}
        onOpenChange={(isShown) => !isShown && setPanel(null)}
        title={panel && panel !== 'keys' ? t(`trials.panel.${panel}`) : ''}
        closeLabel={t('common.close')}
      >
        {panel === 'new' && begun && (
          <EditPanel isNew trial={begun} page={page} onSave={(told) => void begin(told)} onRemove={() => undefined} />
        )}
        {panel === 'change' && trial && (
          <EditPanel
            isNew={false}
            trial={trial}
            page={page}
            onSave={(changed) => {
              inHand.change(changed);
              setPanel(null);
            }}
            onRemove={async () => {
              if (await inHand.remove()) router.push('/trials');
              setPanel(null);
            }}
          />
        )}
        {panel === 'plan' && trial && (
          <PlanPanel
            trial={trial}
            page={page}
            onPlan={(plan) => {
              inHand.change({ plan });
              setPanel(null);
            }}
          />
        )}
        {panel === 'close' && trial && (
          <ClosePanel trial={trial} result={open?.result ?? null} onClose={(closed) => void close(closed)} />
        )}
      </Panel>
    </main>
  );
}

function Bar({
  trial,
  isOpen,
  saving,
  onPanel,
  onReopen,
}: {
  readonly trial: TrialDocument;
  readonly isOpen: boolean;
  readonly saving: ReturnType<typeof useTrial>['saving'];
  readonly onPanel: (panel: PanelName) => void;
  readonly onReopen: () => void;
}) {
  const { t } = useI18n();
  const id = encodeURIComponent(trial.id);
  const action = 'narrow min-h-9 border border-ink px-2 text-[14px] hover:bg-sheet';
  return (
    <div className="mb-3 flex flex-wrap gap-2 print:hidden">
      <Link href="/trials" className="narrow flex min-h-9 items-center px-1 text-[14px] underline md:hidden">
        {t('trials.toLedger')}
      </Link>
      <button type="button" className={action} onClick={() => onPanel('change')}>
        {t('trials.panel.change')}
      </button>
      {isOpen ? (
        <>
          <button type="button" className={action} onClick={() => onPanel('plan')}>
            {t('trials.panel.plan')}
          </button>
          <button type="button" className={action} onClick={() => onPanel('close')}>
            {t('trials.panel.close')}
          </button>
        </>
      ) : (
        <button type="button" className={action} onClick={onReopen}>
          {t('trials.reopen')}
        </button>
      )}
      <a className={`${action} flex items-center`} href={`/trials/file?trial=${id}&as=csv`}>
        CSV
      </a>
      <a className={`${action} flex items-center`} href={`/trials/file?trial=${id}&as=json`}>
        JSON
      </a>
      <button type="button" className={action} onClick={() => window.print()}>
        {t('trials.print')}
      </button>
      <span role="status" className="narrow flex min-h-9 items-center text-[14px] text-dim">
        {saving !== 'unchanged' && t(`trials.${saving}`)}
      </span>
    </div>
  );
}

function Introduction() {
  const { t } = useI18n();
  return (
    <div className="semi-narrow max-w-[60ch] text-[16px] leading-snug" data-testid="trials-intro">
      <h1 className="mb-2 text-[22px] font-semibold">{t('trials.intro.title')}</h1>
      {(['one', 'two', 'three'] as const).map((piece) => (
        <p key={piece} className="mb-2">
          {t(`trials.intro.${piece}`)}
        </p>
      ))}
    </div>
  );
}
