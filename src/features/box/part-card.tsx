'use client';

import type { ReactNode } from 'react';
import { outlineOfPart } from '@/core/show';
import { OutlineShapes } from '@/features/fields/outline-view';
import { guidesOf, type Guide } from '@/domain/guides';
import type { Part } from '@/domain/parts';
import { fieldsOf, type PartField } from '@/domain/parts/fields';
import { valueAt } from '@/core/decide';
import { stockOf } from '@/domain/stock';
import { spreadOf, type Quantity } from '@/core/base/quantity';
import { UNDERLINE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { fieldLabel, fieldText } from '@/i18n/field-text';
import { partTitle } from '@/i18n/part-text';
import { Link } from '@/ui/link';
import { RodPower } from './rod-power';

export interface PartCardProps {
  readonly part: Part;
  readonly uses: readonly { readonly id: string; readonly name: string }[];
  readonly onGuide: (guide: Guide) => void;
  readonly onEdit: () => void;
  readonly onStock: () => void;
  readonly onHistory: () => void;
  readonly onCopy: () => void;
  readonly onMerge: () => void;
  readonly onRemove: () => void;
}

const HIDDEN = new Set(['id', 'name', 'words', 'left', 'price.minor', 'price.currency', 'stiffness.kind']);

/** One part: every figure with its origin and spread, what would narrow it, and where it is used. */
export function PartCard({
  part,
  uses,
  onGuide,
  onEdit,
  onStock,
  onHistory,
  onCopy,
  onMerge,
  onRemove,
}: PartCardProps) {
  const i18n = useI18n();
  const { t, format, money, number } = i18n;
  const stock = stockOf(part);
  const outline = outlineOfPart(part);
  const shown = fieldsOf(part.kind).filter((field) => !HIDDEN.has(field.path) && fieldText(i18n, part, field) !== '');
  return (
    <section
      aria-labelledby="part-card"
      className="flex min-h-0 flex-1 flex-col overflow-y-auto border border-ink bg-sheet"
      tabIndex={0}
    >
      <header className="border-b border-ink px-2 py-1">
        <h2 id="part-card" className="semi-narrow text-[16px] font-semibold leading-tight">
          {partTitle(i18n, part)}
        </h2>
        {part.words && <p className="narrow text-[13px] text-dim">“{part.words}”</p>}
      </header>
      {outline && (
        <svg
          viewBox={`0 0 ${outline.widthMm} ${outline.heightMm}`}
          className="drawing max-h-24 w-full shrink-0 border-b border-faint px-6 py-2"
          role="img"
          aria-label={t('box.outline')}
        >
          <OutlineShapes outline={outline} isTrueWire />
        </svg>
      )}
      <dl className="px-2">
        {shown.map((field) => (
          <FieldRow key={field.path} field={field} part={part} />
        ))}
        {part.price && <PlainRow label={t('field.price')}>{money(part.price)}</PlainRow>}
        <PlainRow label={t('field.left')}>
          {stock === null ? t('box.notCounted') : part.kind === 'line' ? format(stock, 'distance') : number(stock, 0)}
          <button
            type="button"
            onClick={onStock}
            className="narrow ml-2 border border-faint px-1.5 text-[12px] hover:border-ink"
          >
            {t('box.move')}
          </button>
        </PlainRow>
      </dl>
      {part.kind === 'rod' && <RodPower rod={part} />}
      <div className="border-t border-ink px-2 py-1.5">
        <h3 className="narrow text-[12px] text-dim">{t('box.measureInstead')}</h3>
        <ol className="mt-1 flex flex-wrap gap-1.5">
          {guidesOf(part.kind).map((guide) => (
            <li key={guide}>
              <button
                type="button"
                onClick={() => onGuide(guide)}
                className="narrow min-h-8 border border-ink px-2 text-[13px] hover:bg-hi hover:text-on-hi lg:min-h-6"
              >
                {t(`guideName.${guide}`)}
              </button>
            </li>
          ))}
        </ol>
      </div>
      <div className="border-t border-faint px-2 py-1.5">
        <h3 className="narrow text-[12px] text-dim">{t('box.usedIn', { count: uses.length })}</h3>
        <ul>
          {/* Not asked for ahead: a bench that is replaced takes its setups with it, and the browser would log each as missing. */}
          {uses.map(({ id, name }) => (
            <li key={id} className="semi-narrow truncate text-[13px]">
              <Link href={`/bench/${id}`} className="underline decoration-faint hover:decoration-ink">
                {name}
              </Link>
            </li>
          ))}
        </ul>
      </div>
      <div className="mt-auto flex flex-wrap gap-1.5 border-t border-faint px-2 py-1.5">
        {(
          [
            ['edit', onEdit],
            ['history', onHistory],
            ['copy', onCopy],
            ['merge', onMerge],
            ['remove', onRemove],
          ] as const
        ).map(([label, run]) => (
          <button
            key={label}
            type="button"
            onClick={run}
            className="narrow min-h-8 border border-faint px-2 text-[13px] hover:border-ink lg:min-h-6"
          >
            {t(`box.key.${label}`)}
          </button>
        ))}
      </div>
    </section>
  );
}

function FieldRow({ field, part }: { readonly field: PartField; readonly part: Part }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const quantity = field.kind === 'quantity' ? (valueAt(part, field.path) as Quantity) : null;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_auto_44px_56px] items-baseline gap-x-2 border-b border-faint py-[3px] text-[13px] last:border-0">
      <dt className="narrow truncate text-dim">{fieldLabel(i18n, part.kind, field.path)}</dt>
      <dd className="text-right">{fieldText(i18n, part, field)}</dd>
      <dd className="narrow text-right text-[12px] text-dim">
        {quantity && `± ${format(spreadOf(quantity), 'share')}`}
      </dd>
      <dd className="text-right">
        {quantity && (
          <span className={`narrow border-b border-current text-[11px] ${UNDERLINE[quantity.provenance]}`}>
            {t(`provenance.${quantity.provenance}`)}
          </span>
        )}
      </dd>
    </div>
  );
}

const PlainRow = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div className="flex items-baseline justify-between gap-x-2 border-b border-faint py-[3px] text-[13px] last:border-0">
    <dt className="narrow text-dim">{label}</dt>
    <dd>{children}</dd>
  </div>
);
