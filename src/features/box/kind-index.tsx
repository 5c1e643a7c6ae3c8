'use client';

import type { Part, PartKind } from '@/domain/parts';
import { PART_KINDS } from '@/domain/parts/kinds';
import { useI18n } from '@/i18n/client';

export interface KindIndexProps {
  readonly parts: readonly Part[];
  readonly chosen: PartKind | null;
  readonly onChoose: (kind: PartKind | null) => void;
}

/** The drawers of the Box: each kind that is there and how many lie in it. */
export function KindIndex({ parts, chosen, onChoose }: KindIndexProps) {
  const { t } = useI18n();
  const counts = new Map<PartKind, number>();
  for (const { kind } of parts) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  const rows = [
    { kind: null, count: parts.length },
    ...PART_KINDS.flatMap((kind) => (counts.has(kind) ? [{ kind, count: counts.get(kind)! }] : [])),
  ];
  return (
    <ul
      aria-label={t('box.kinds')}
      className="flex gap-x-3 overflow-x-auto border border-ink bg-sheet px-2 py-1 lg:block lg:overflow-y-auto lg:px-0"
      tabIndex={0}
    >
      {rows.map(({ kind, count }) => (
        <li key={kind ?? 'all'} className="shrink-0">
          <button
            type="button"
            aria-pressed={kind === chosen}
            onClick={() => onChoose(kind)}
            className={`narrow flex min-h-9 w-full items-center justify-between gap-2 text-left text-[14px] lg:min-h-[25px] lg:px-2 ${kind === chosen ? 'font-semibold lg:bg-hi lg:text-on-hi' : ''}`}
          >
            <span>{kind ? t(`kind.${kind}`) : t('box.all')}</span>
            <span className={`text-[12px] ${kind === chosen ? '' : 'text-dim'}`}>{count}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
