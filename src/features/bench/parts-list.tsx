'use client';

import type { LineMaterial } from '@/core/defaults/line-materials';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import { UNDERLINE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { leastKnown, partDetail, partTitle } from '@/i18n/part-text';
import { jointText } from '@/i18n/setup-text';

export interface PartsListProps {
  readonly chain: readonly Joint[];
  readonly partOf: (joint: Joint) => Part;
  /** the material that a knot is tied in, by its part */
  readonly tiedIn: ReadonlyMap<string, LineMaterial>;
  readonly selected: string;
  readonly tried: boolean;
  readonly onSelect: (jointId: string) => void;
}


export function PartsList({ chain, partOf, tiedIn, selected, tried, onSelect }: PartsListProps) {
  const i18n = useI18n();
  const { t } = i18n;
  return (
    <ol aria-label={t('joint.list')} className="border border-ink bg-sheet">
      {chain.map((joint, i) => {
        const part = partOf(joint);
        const isSelected = joint.id === selected;
        const known = leastKnown(part);
        return (
          <li key={joint.id} className="border-b border-faint last:border-0">
            <button
              type="button"
              aria-current={isSelected ? 'true' : undefined}
              aria-label={`${i + 1} ${jointText(i18n, joint)}: ${partTitle(i18n, part)}`}
              onClick={() => onSelect(joint.id)}
              className={`grid min-h-9 w-full grid-cols-[22px_1fr_auto] items-baseline px-2 py-[2px] text-left lg:min-h-0 ${isSelected ? 'bg-hi text-on-hi' : ''}`}
            >
              <span className="text-[12px] font-semibold">{i + 1}</span>
              <span className="min-w-0">
                <span className={`semi-narrow block truncate text-[13.5px] leading-[1.2] ${isSelected && tried ? 'italic' : ''}`}>{partTitle(i18n, part)}</span>
                <span className={`narrow block truncate text-[12px] leading-[1.2] ${isSelected ? '' : 'text-dim'}`}>{partDetail(i18n, part, joint, tiedIn.get(part.id))}</span>
              </span>
              <span className={`narrow border-b border-current text-[11px] leading-[1.25] ${UNDERLINE[known]} ${isSelected ? '' : 'text-dim'}`}>{t(`provenance.${known}`)}</span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
