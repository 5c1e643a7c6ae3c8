'use client';

import { useState } from 'react';
import type { Part } from '@/domain/parts';
import { stockOf } from '@/domain/stock';
import { judge } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';

export interface StockPanelProps {
  readonly part: Part;
  readonly failure: string | null;
  readonly busy: boolean;
  readonly onClose: () => void;
  readonly onMove: (amount: number, reason: string) => void;
}

/** Stock changes by what came in or went out, each with its reason; nobody types over a count. */
export function StockPanel({ part, failure, busy, onClose, onMove }: StockPanelProps) {
  const i18n = useI18n();
  const { t, format, number } = i18n;
  const [amount, setAmount] = useState('');
  const [reason, setReason] = useState('');
  const [asked, setAsked] = useState(false);
  const isLine = part.kind === 'line';
  const stock = stockOf(part);
  const read = isLine
    ? judge(amount, { measure: 'distance', limits: { min: 0, max: 5000, exclusiveMin: true }, mayBeEmpty: false }, i18n)
    : wholeOf(amount, t('box.amountDue'));
  const move = (sign: 1 | -1) => {
    setAsked(true);
    if (read.value !== null && read.value > 0 && reason.trim() !== '') onMove(sign * read.value, reason.trim());
  };
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={`${t('box.stock')} · ${partTitle(i18n, part)}`}
      closeLabel={t('common.cancel')}
    >
      <p className="mb-3">
        {stock === null
          ? t('box.notCounted')
          : t('box.isLeft', { amount: isLine ? format(stock, 'distance') : number(stock, 0) })}
      </p>
      <form className="grid gap-3 sm:grid-cols-2" onSubmit={(event) => event.preventDefault()}>
        <TextField
          label={isLine ? t('box.amountOfLine') : t('box.amount')}
          value={amount}
          autoFocus
          autoComplete="off"
          onValueChange={setAmount}
          error={asked ? read.error : null}
        />
        <TextField
          label={t('box.reason')}
          value={reason}
          maxLength={200}
          onValueChange={setReason}
          error={asked && reason.trim() === '' ? t('box.reasonDue') : null}
        />
        <div className="flex gap-2 sm:col-span-2">
          <button
            type="submit"
            disabled={busy}
            onClick={() => move(-1)}
            className="narrow min-h-9 border border-ink px-4 font-semibold"
          >
            {t('box.take')}
          </button>
          <button
            type="button"
            disabled={busy}
            onClick={() => move(1)}
            className="narrow min-h-9 border border-ink px-4 font-semibold"
          >
            {t('box.bring')}
          </button>
        </div>
      </form>
      {failure && (
        <p role="alert" className="mt-3 border-l-2 border-ink pl-2 text-[14px]">
          {failure}
        </p>
      )}
    </Panel>
  );
}

function wholeOf(text: string, due: string): { readonly value: number | null; readonly error: string | null } {
  const value = /^\d{1,5}$/.test(text.trim()) ? Number(text) : 0;
  return value > 0 ? { value, error: null } : { value: null, error: due };
}
