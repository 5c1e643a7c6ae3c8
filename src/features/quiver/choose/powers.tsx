import type { Measure } from '@/core/base/measure';
import type { RodInHand, RodTrade } from '@/core/decide';
import { Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';

export function Powers({ trade, cover }: { readonly trade: RodTrade; readonly cover: 'open' | 'sparse' | 'dense' }) {
  const { t, format } = useI18n();
  const covers = ['open', 'sparse', 'dense'] as const;
  return (
    <Table
      caption={t('quiver.choose.powers')}
      head={[
        t('quiver.choose.power'),
        t('quiver.choose.window'),
        t('quiver.choose.drop'),
        ...covers.map((each) => `${t('quiver.choose.wire')} ${t(`cover.${each}`)}${each === cover ? ' ◆' : ''}`),
      ]}
      rows={[
        [
          t('quiver.choose.ownRod'),
          windowText(trade.own, format),
          format(trade.own.dropShare, 'share'),
          ...covers.map((each) => format(trade.own.buriesWireM?.[each] ?? null, 'diameter')),
        ],
        ...trade.powers.map(({ at, rod }) => [
          t(`word.${at}`),
          windowText(rod, format),
          format(rod.dropShare, 'share'),
          ...covers.map((each) => format(rod.buriesWireM?.[each] ?? null, 'diameter')),
        ]),
      ]}
    />
  );
}

const windowText = ({ throws }: RodInHand, format: (value: number | null, measure: Measure) => string) =>
  throws === null
    ? '–'
    : throws.fromKg <= throws.toKg
      ? `${format(throws.fromKg, 'mass')} – ${format(throws.toKg, 'mass')}`
      : '✕';
