'use client';

import { useState } from 'react';
import type { PlannedLine } from '@/domain/exchange/plan-parts';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { BoxPart } from '@/server/queries/box-page';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { useExchange, type Exchange } from './use-exchange';

/** Files out and in; what comes in is first shown line by line, and nothing is written before it is confirmed. */
export function ExchangePanel({
  parts,
  onClose,
}: {
  readonly parts: readonly BoxPart[];
  readonly onClose: () => void;
}) {
  const { t } = useI18n();
  const exchange = useExchange(parts, t('box.why.import'));
  const { state } = exchange;
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={t('box.key.exchange')}
      closeLabel={t('common.close')}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <section aria-labelledby="out">
          <h3 id="out" className="narrow text-[13px] text-dim">
            {t('files.out')}
          </h3>
          <ul className="mt-1">
            <li>
              <a className="underline" href="/files/parts.csv" download="parts.csv">
                {t('files.partsCsv')}
              </a>
            </li>
            <li>
              <a className="underline" href="/files/bench.json" download="bench.json">
                {t('files.benchJson')}
              </a>
            </li>
            <li>
              <a className="underline" href="/files/bundle.json" download="bundle.json">
                {t('files.bundleJson')}
              </a>
            </li>
            <li className="semi-narrow mt-1 text-[13px] text-dim">
              {t('files.schemas')}{' '}
              <a className="underline" href="/files/schema/bench" download="bench.schema.json">
                bench
              </a>
              ,{' '}
              <a className="underline" href="/files/schema/setup" download="setup.schema.json">
                setup
              </a>
              ,{' '}
              <a className="underline" href="/files/schema/bundle" download="bundle.schema.json">
                bundle
              </a>
            </li>
          </ul>
        </section>
        <section aria-labelledby="in">
          <h3 id="in" className="narrow text-[13px] text-dim">
            {t('files.in')}
          </h3>
          <input
            type="file"
            aria-label={t('files.choose')}
            accept=".csv,.tsv,.txt,.json"
            className="mt-1 max-w-full text-[14px]"
            onChange={(event) => event.target.files?.[0] && exchange.read(event.target.files[0])}
          />
          <p className="semi-narrow mt-1 text-[13px] text-dim">{t('files.hint')}</p>
        </section>
      </div>
      <div role="status" className="mt-3">
        <Progress state={state} />
      </div>
      {state.kind === 'parts' && <Lines lines={state.lines} onConfirm={exchange.confirm} onCancel={exchange.cancel} />}
      {state.kind === 'setup' && (
        <div>
          <p>{t('files.setupHas', { name: state.name, fresh: state.newParts })}</p>
          <Confirm
            label={t('files.confirmSetup')}
            disabled={false}
            onConfirm={exchange.confirm}
            onCancel={exchange.cancel}
          />
        </div>
      )}
      {state.kind === 'bundle' && (
        <div>
          <p>{t('files.bundleHas', { parts: state.newParts, setups: state.setups, spreads: state.spreads })}</p>
          <Confirm
            label={t('files.confirmBundle')}
            disabled={false}
            onConfirm={exchange.confirm}
            onCancel={exchange.cancel}
          />
        </div>
      )}
      {state.kind === 'bench' && <Difference state={state} onConfirm={exchange.confirm} onCancel={exchange.cancel} />}
    </Panel>
  );
}

function Progress({ state }: { readonly state: Exchange }) {
  const { t, number } = useI18n();
  switch (state.kind) {
    case 'reading':
      return (
        <p>
          {state.of > 0
            ? t('files.reading', { done: number(state.done, 0), of: number(state.of, 0) })
            : t('box.loading')}
        </p>
      );
    case 'refused':
      return <p className="border-l-2 border-ink pl-2">{t(`files.refused.${state.code}`, { detail: state.detail })}</p>;
    case 'checking':
      return <p>{t('files.checking')}</p>;
    case 'writing':
      return <p>{t('files.writing')}</p>;
    case 'written':
      return (
        <p>
          {state.count === null ? t('files.writtenBench') : t('files.written', { count: state.count })}{' '}
          {t('files.took', { seconds: number(state.seconds, 1) })}
        </p>
      );
    case 'started':
      return (
        <p>
          {t('files.started')}{' '}
          <Link className="underline" href={`/bench/${state.setupId}`}>
            {t('files.openSetup')}
          </Link>
        </p>
      );
    case 'idle':
    case 'setup':
    case 'bundle':
    case 'parts':
    case 'bench':
      return null;
    default:
      return state satisfies never;
  }
}

const KINDS = ['new', 'changed', 'same', 'refused'] as const;
/** As many lines as anyone reads; the counts tell how many there are. */
const SHOWN = 200;

function Lines({
  lines,
  onConfirm,
  onCancel,
}: {
  readonly lines: readonly PlannedLine[];
  readonly onConfirm: () => void;
  readonly onCancel: () => void;
}) {
  const { t, number } = useI18n();
  const counts = Object.fromEntries(
    KINDS.map((kind) => [kind, lines.filter(({ outcome }) => outcome.kind === kind).length]),
  ) as Record<(typeof KINDS)[number], number>;
  const [chosen, setChosen] = useState<(typeof KINDS)[number]>(
    counts.refused > 0 ? 'refused' : counts.changed > 0 ? 'changed' : 'new',
  );
  const shown = lines.filter(({ outcome }) => outcome.kind === chosen);
  const writes = counts.new + counts.changed;
  return (
    <div>
      <div role="group" aria-label={t('files.lines')} className="flex gap-3 border-b border-ink">
        {KINDS.map((kind) => (
          <button
            key={kind}
            type="button"
            aria-pressed={kind === chosen}
            onClick={() => setChosen(kind)}
            className={`narrow min-h-8 px-1 ${kind === chosen ? 'border-b-2 border-ink font-semibold' : 'text-dim'}`}
          >
            {t(`files.kind.${kind}`)} {number(counts[kind], 0)}
          </button>
        ))}
      </div>
      <ol className="max-h-[38dvh] overflow-y-auto" tabIndex={0} aria-label={t(`files.kind.${chosen}`)}>
        {shown.slice(0, SHOWN).map(({ line, outcome }) => (
          <li key={line} className="semi-narrow flex gap-2 border-b border-faint py-0.5 text-[13.5px]">
            <span className="narrow w-12 shrink-0 text-right text-[12px] text-dim">{number(line, 0)}</span>
            <LineText outcome={outcome} />
          </li>
        ))}
        {shown.length > SHOWN && (
          <li className="semi-narrow py-1 text-[13px] text-dim">{t('files.more', { count: shown.length - SHOWN })}</li>
        )}
      </ol>
      <Confirm
        label={t('files.confirmParts', { count: writes })}
        disabled={writes === 0}
        onConfirm={onConfirm}
        onCancel={onCancel}
      />
    </div>
  );
}

function LineText({ outcome }: { readonly outcome: PlannedLine['outcome'] }) {
  const i18n = useI18n();
  const { t } = i18n;
  switch (outcome.kind) {
    case 'new':
    case 'changed':
      return <span>{partTitle(i18n, outcome.part)}</span>;
    case 'same':
      return <span className="text-dim">{outcome.id}</span>;
    case 'refused':
      return (
        <span>
          {outcome.problems
            .map(({ column, given, reason, allowed }) => t(`files.problem.${reason}`, { column, given, allowed }))
            .join(' ')}
        </span>
      );
    default:
      return outcome satisfies never;
  }
}

function Difference({
  state,
  onConfirm,
  onCancel,
}: {
  readonly state: Extract<Exchange, { kind: 'bench' }>;
  readonly onConfirm: () => void;
  readonly onCancel: () => void;
}) {
  const { t } = useI18n();
  const { parts, setups, broken, leftOut } = state.difference;
  return (
    <div>
      <p className="font-semibold">{t('files.replace')}</p>
      <p>{t('files.partsDiffer', { ...parts })}</p>
      <p>{t('files.setupsDiffer', { ...setups })}</p>
      {broken.length > 0 && <p>{t('files.willBreak', { names: broken.map(({ name }) => name).join(', ') })}</p>}
      {leftOut > 0 && <p>{t('files.leftOut', { count: leftOut })}</p>}
      <Confirm label={t('files.confirmBench')} disabled={false} onConfirm={onConfirm} onCancel={onCancel} />
    </div>
  );
}

function Confirm({
  label,
  disabled,
  onConfirm,
  onCancel,
}: {
  readonly label: string;
  readonly disabled: boolean;
  readonly onConfirm: () => void;
  readonly onCancel: () => void;
}) {
  const { t } = useI18n();
  return (
    <div className="mt-3 flex gap-2">
      <button
        type="button"
        disabled={disabled}
        onClick={onConfirm}
        className="narrow min-h-9 border border-ink px-4 font-semibold enabled:bg-hi enabled:text-on-hi disabled:text-dim"
      >
        {label}
      </button>
      <button type="button" onClick={onCancel} className="narrow min-h-9 border border-faint px-4">
        {t('common.cancel')}
      </button>
    </div>
  );
}
