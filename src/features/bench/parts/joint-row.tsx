import { useEffect, useRef, type ButtonHTMLAttributes, type CSSProperties, type Ref } from 'react';
import type { Classes } from '@/core/tackle/defaults/classes';
import type { LineMaterial } from '@/core/tackle/defaults/line-materials';
import { HEAD } from '@/domain/chain-rules';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import { UNDERLINE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { leastKnown, partDetail, partTitle } from '@/i18n/part-text';
import { jointText } from '@/i18n/setup-text';
import { keepInView } from '@/ui/keep-in-view';

export interface JointRowProps {
  readonly joint: Joint;
  readonly index: number;
  readonly part: Part;
  /** the material that a knot is tied in */
  readonly tiedIn: LineMaterial | undefined;
  readonly classes: Pick<Classes, 'knots'>;
  readonly isOneLine: boolean;
  readonly isSelected: boolean;
  readonly isTried: boolean;
  readonly onSelect: (jointId: string) => void;
  /** what makes it drag; absent until that is loaded */
  readonly drag?: {
    readonly ref: Ref<HTMLLIElement>;
    readonly style: CSSProperties;
    readonly isDragged: boolean;
    readonly grip: ButtonHTMLAttributes<HTMLButtonElement>;
  };
}

/** One joint: its number, its part, and how well that is known. */
export function JointRow({
  joint,
  index,
  part,
  tiedIn,
  classes,
  isOneLine,
  isSelected,
  isTried,
  onSelect,
  drag,
}: JointRowProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const row = useRef<HTMLButtonElement>(null);
  const known = leastKnown(part);
  useEffect(() => {
    if (isSelected && row.current) keepInView(row.current);
  }, [isSelected]);
  return (
    <li
      ref={drag?.ref}
      style={drag?.style}
      data-state={drag?.isDragged ? 'dragged' : 'still'}
      className="relative flex border-b border-faint bg-sheet last:border-0 data-[state=dragged]:z-10 data-[state=dragged]:border data-[state=dragged]:border-ink"
    >
      <button
        ref={row}
        type="button"
        aria-current={isSelected ? 'true' : undefined}
        aria-label={`${index + 1} ${jointText(i18n, joint, [part])}: ${partTitle(i18n, part, joint.colour)}`}
        onClick={() => onSelect(joint.id)}
        className={`grid min-h-9 min-w-0 flex-1 grid-cols-[20px_minmax(0,1fr)_auto] content-center items-baseline gap-x-1 px-2 text-left lg:min-h-0 ${isOneLine ? 'py-[1px]' : 'py-[2px]'} ${isSelected ? 'bg-hi text-on-hi' : ''}`}
      >
        <span className="text-[12px] font-semibold">{index + 1}</span>
        {isOneLine ? (
          <span className={`semi-narrow truncate text-[13px] leading-[1.3] ${isTried ? 'italic' : ''}`}>
            {partTitle(i18n, part, joint.colour)}{' '}
            <span className={`narrow text-[12px] ${isSelected ? '' : 'text-dim'}`}>
              {partDetail(i18n, part, joint, tiedIn, classes)}
            </span>
          </span>
        ) : (
          <span className="min-w-0">
            <span className={`semi-narrow block truncate text-[13.5px] leading-[1.2] ${isTried ? 'italic' : ''}`}>
              {partTitle(i18n, part, joint.colour)}
            </span>
            <span className={`narrow block truncate text-[12px] leading-[1.2] ${isSelected ? '' : 'text-dim'}`}>
              {partDetail(i18n, part, joint, tiedIn, classes)}
            </span>
          </span>
        )}
        <span
          className={`narrow border-b border-current text-[11px] leading-[1.25] ${UNDERLINE[known]} ${isSelected ? '' : 'text-dim'}`}
        >
          {t(`provenance.${known}`)}
        </span>
      </button>
      {index >= HEAD.length && (
        <button
          type="button"
          {...drag?.grip}
          aria-label={t('joint.drag', { joint: jointText(i18n, joint, [part]) })}
          className="w-5 shrink-0 cursor-grab touch-none text-[11px] text-dim print:hidden"
        >
          ⋮⋮
        </button>
      )}
    </li>
  );
}
