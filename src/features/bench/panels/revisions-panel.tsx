'use client';

import type { MovedMark, VerdictName } from '@/core/judge';
import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useI18n, type I18n } from '@/i18n/client';
import { fieldLabel } from '@/i18n/field-text';
import { measureOfField } from '@/i18n/measure-of-field';
import { partTitle } from '@/i18n/part-text';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';

export interface RevisionsPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly setupId: string;
  readonly revisions: readonly {
    readonly number: number;
    readonly reason: string;
    readonly savedAt: string;
    readonly by?: string | null;
  }[];
  readonly current: number;
  readonly moved: readonly MovedMark[];
  readonly readingsChanged: number;
  readonly box: readonly Part[];
  readonly asThen: boolean;
  readonly onToggleThen: () => void;
  /** lays another revision over the one that is open; absent where only one is there */
  readonly onOverlay: (number: number) => void;
}

export function RevisionsPanel({
  open,
  onOpenChange,
  setupId,
  revisions,
  current,
  moved,
  readingsChanged,
  box,
  asThen,
  onToggleThen,
  onOverlay,
}: RevisionsPanelProps) {
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t, date } = i18n;
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('revisions.title')} closeLabel={t('common.close')}>
      <ol className="border-t border-faint">
        {revisions.map((revision) => (
          <li key={revision.number} className="flex border-b border-faint">
            <Link
              href={`/bench/${setupId}?revision=${revision.number}`}
              onClick={() => onOpenChange(false)}
              aria-current={revision.number === current ? 'true' : undefined}
              className="grid min-h-9 flex-1 grid-cols-[28px_1fr_auto] items-baseline gap-2 py-1.5 hover:bg-paper"
            >
              <span className="font-semibold">{revisionLetter(revision.number)}</span>
              <span>{revision.reason}</span>
              <span className="narrow text-[13px] text-dim">
                {date(new Date(revision.savedAt), 'full')}
                {revision.by && ` · ${revision.by}`}
                {revision.number === current ? ` · ${t('revisions.current')}` : ''}
              </span>
            </Link>
            {revision.number !== current && (
              <button
                type="button"
                onClick={() => onOverlay(revision.number)}
                className="narrow ml-2 min-h-9 border-l border-faint px-2 text-[13px] hover:bg-paper"
              >
                {t('revisions.overlay')}
              </button>
            )}
          </li>
        ))}
      </ol>
      <div className="mt-3 text-[14px]">
        <p>{readingsChanged > 0 ? t('revisions.readingsChanged', { count: readingsChanged }) : ''}</p>
        {moved.length === 0 ? (
          <p className="text-dim">{t('revisions.unmoved')}</p>
        ) : (
          moved.map((mark) => <p key={mark.verdict}>{movedText(i18n, mark, box, verdictName)}</p>)
        )}
        {readingsChanged > 0 && (
          <button
            type="button"
            onClick={onToggleThen}
            aria-pressed={asThen}
            className="narrow mt-2 min-h-9 border border-ink px-3 aria-pressed:bg-hi aria-pressed:text-on-hi"
          >
            {t('key.then')}
          </button>
        )}
      </div>
    </Panel>
  );
}

/** The mark that moved and the reading that moved it; with several, the first. */
export function movedText(
  i18n: I18n,
  mark: MovedMark,
  box: readonly Part[],
  verdictName: (name: VerdictName) => string,
): string {
  const { t, format } = i18n;
  const [because] = mark.because;
  if (!because) return '';
  const part = box.find((each) => each.id === because.partId)!;
  const verdict = {
    verdict: verdictName(mark.verdict),
    then: t(`mark.${mark.then}`),
    now: t(`mark.${mark.now}`),
    part: partTitle(i18n, part),
  };
  if (!because.then || !because.now)
    return t('revisions.movedOtherwise', {
      ...verdict,
      field: because.path === 'stiffness' ? t('field.stiffness_kind') : fieldLabel(i18n, part.kind, because.path),
    });
  const { field, measure } = measureOfField(because.path, part.kind);
  return t('revisions.moved', {
    ...verdict,
    field: t(`field.${field}`),
    was: format(because.then.value, measure),
    is: format(because.now.value, measure),
  });
}
