import { useState } from 'react';
import { nesting } from '@/core/rig';
import type { RodInHand } from '@/core/decide';
import { Answers } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import type { QuiverPage } from '@/server/queries/quiver-page';
import { ChoiceField } from '@/ui/choice-field';

export function Beside({
  page,
  rodId,
  craftId,
  own,
}: {
  readonly page: QuiverPage;
  readonly rodId: string;
  readonly craftId: string | null;
  readonly own: RodInHand;
}) {
  const { t, format } = useI18n();
  const rods = page.box.filter((part) => part.kind === 'rod');
  const [otherId, setOtherId] = useState<string>(rods.find(({ id }) => id !== rodId)?.id ?? rodId);
  const house = page.setups[0]?.file.house;
  const craft =
    house?.crafts.find(({ id }) => id === craftId) ?? house?.crafts.find(({ holders }) => holders > 1) ?? null;
  const other = rods.find(({ id }) => id === otherId);
  const own1 = rods.find(({ id }) => id === rodId);
  const sections = own1?.sections;
  const miss = own1?.missShare;
  const nested =
    craft && other
      ? nesting(craft.holderGapM, [
          { lengthM: own.overallM, leanRad: craft.holderAngleRad },
          { lengthM: other.lengthM.value, leanRad: craft.holderAngleRad },
        ])
      : null;
  return (
    <section aria-label={t('quiver.choose.room')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.room')}</h3>
      <ChoiceField
        label={t('quiver.choose.other')}
        value={otherId}
        options={rods.map((rod) => ({ value: rod.id as string, label: rod.name ?? rod.id }))}
        onValueChange={setOtherId}
      />
      <Answers
        rows={[
          ...(craft && nested
            ? [
                [t('quiver.choose.tips', { craft: craft.name }), format(nested.apartM, 'distance')] as const,
                [t('quiver.choose.lines'), format(nested.acrossM, 'distance')] as const,
                [
                  t('quiver.choose.share', { craft: craft.name }),
                  format(own.overallM / craft.lengthM, 'share'),
                ] as const,
              ]
            : []),
          [t('quiver.curve.clear'), `${format(own.clearM, 'distance')} / ${format(own.clearAskedM, 'distance')}`],
          [t('quiver.choose.packed', { sections: sections ?? 1 }), format(own.packedM, 'distance')],
          [
            t('quiver.choose.accuracy'),
            miss ? (
              t('quiver.choose.miss', { share: format(miss.value, 'share') })
            ) : (
              <a
                href={`/box?part=${encodeURIComponent(rodId)}&guide=accuracy-test`}
                className="underline underline-offset-2"
              >
                {t('quiver.choose.measureIt')}
              </a>
            ),
          ],
        ]}
      />
    </section>
  );
}
