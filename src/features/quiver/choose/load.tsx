import type { RodInHand } from '@/core/decide';
import { Answers, Note } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';

export function Load({
  own: { load },
  hours,
  limitNm,
}: {
  readonly own: RodInHand;
  readonly hours: number;
  readonly limitNm: number | null;
}) {
  const { t, format, number } = useI18n();
  return (
    <section aria-label={t('quiver.choose.load')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.load')}</h3>
      <Answers
        rows={[
          [
            t('quiver.choose.hand'),
            t('quiver.choose.ofLimit', {
              moment: format(load.momentNm, 'moment'),
              limit: format(load.limitNm, 'moment'),
            }),
            'hand-load',
          ],
          [
            t('quiver.choose.shoulder'),
            `${format(load.shoulderNm, 'moment')}${limitNm !== null ? ` / ${format(limitNm, 'moment')}` : ''}`,
          ],
          [
            t('quiver.choose.lasts'),
            load.lastsMin === null
              ? t('quiver.choose.endless')
              : t('quiver.choose.minutes', { minutes: number(load.lastsMin, 1) }),
          ],
          [t('quiver.choose.hour'), format(load.hourShare, 'share')],
          [t('quiver.choose.day', { hours: number(hours, 1) }), `${format(load.dayNms / 60, 'moment')}·min`],
        ]}
      />
      <Note>{t('quiver.choose.loadNote')}</Note>
    </section>
  );
}
