import type { RodInHand, RodTrade } from '@/core/decide';
import { Note, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';

export function Actions({ trade }: { readonly trade: RodTrade }) {
  const { t, format } = useI18n();
  const row = (name: string, { set, dropShare, cast }: RodInHand) => [
    name,
    format(set?.timeToSetS ?? null, 'time'),
    format(set?.margin ?? null, 'ratio'),
    format(dropShare, 'share'),
    format(cast?.springMps ?? null, 'speed'),
    format(cast?.distanceM ?? null, 'distance'),
  ];
  return (
    <>
      <Table
        caption={t('quiver.choose.actions')}
        head={[
          t('quiver.choose.action'),
          t('quiver.curve.delay'),
          t('quiver.choose.margin'),
          t('quiver.choose.drop'),
          t('quiver.choose.spring'),
          t('quiver.curve.distance'),
        ]}
        rows={[
          row(t('quiver.choose.ownRod'), trade.own),
          ...trade.actions.map(({ at, rod }) => row(t(`word.${at}`), rod)),
        ]}
      />
      <Note>{t('quiver.choose.actionNote')}</Note>
    </>
  );
}
