'use client';

import { PROBE, isSolved } from '@/domain/spread/line-names';
import type { SolvedSpread } from '@/domain/spread/solve';
import { orderOut } from '@/domain/spread/strike';
import { Note, Press } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import type { SpreadInHand } from '../use-spread';
import { fileOf, markText, numberOf, rodName } from '../words';

/** In which order lines are let out, each with the mark that it goes to; they are taken in the other way round. */
export function OrderPanel({ inHand, solved }: { readonly inHand: SpreadInHand; readonly solved: SolvedSpread }) {
  const i18n = useI18n();
  const { t } = i18n;
  const { spread } = inHand;
  const order = orderOut(spread, solved.lines.filter(isSolved));
  const lines = order.filter((id) => id !== PROBE);
  const move = (id: string, by: -1 | 1) => {
    const at = lines.indexOf(id);
    const to = at + by;
    if (to < 0 || to >= lines.length) return;
    const next = [...lines];
    [next[at], next[to]] = [next[to]!, next[at]!];
    inHand.change({ order: next });
  };
  return (
    <>
      <ol className="border-t border-ink" data-testid="order">
        {order.map((id, i) => {
          const line = spread.lines.find((each) => each.id === id);
          const file = line ? fileOf(inHand, line) : null;
          return (
            <li key={id} className="semi-narrow flex min-h-11 items-center gap-3 border-b border-faint">
              <b className="w-6 text-right">{i + 1}</b>
              <span className="flex-1">
                {line
                  ? `${numberOf(spread, id)} ${rodName(i18n, file)}, ${markText(i18n, line, file)}`
                  : t('spread.probe')}
              </span>
              {line && (
                <>
                  <button
                    type="button"
                    aria-label={t('spread.order.earlier', { number: numberOf(spread, id) })}
                    onClick={() => move(id, -1)}
                    className="min-h-9 min-w-9 border border-faint"
                  >
                    ↑
                  </button>
                  <button
                    type="button"
                    aria-label={t('spread.order.later', { number: numberOf(spread, id) })}
                    onClick={() => move(id, 1)}
                    className="min-h-9 min-w-9 border border-faint"
                  >
                    ↓
                  </button>
                </>
              )}
            </li>
          );
        })}
      </ol>
      {spread.order && <Press onPress={() => inHand.change({ order: null })}>{t('spread.order.usual')}</Press>}
      <Note>{t('spread.order.note')}</Note>
    </>
  );
}
