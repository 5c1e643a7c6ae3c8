'use client';

import type { CarriedPull } from '@/core/judge';
import { useI18n } from '@/i18n/client';
import { measureOfFact } from '@/i18n/measure-of-fact';
import { temperatureAt, type Scene } from './scene';
import { Answers } from '@/features/fields/sheet';
import type { InWater } from './use-water';

/** What the setup in view does in this water: the card beside the picture. */
export function Figures({ line, scene }: { readonly line: InWater; readonly scene: Scene }) {
  const { t, format } = useI18n();
  if (line.failed)
    return (
      <p role="alert" className="border border-ink bg-sheet p-2">
        {t('error.refused')}
      </p>
    );
  if (line.fall && line.setup.presentation.kind === 'cast') {
    const { depthM } = line.setup.presentation;
    const asIs = line.fall.countdowns[0]!;
    const at = asIs.table.find((row) => row.depthM === depthM);
    const tight = line.fall.tight.table.find((row) => row.depthM === depthM);
    return (
      <section aria-label={t('water.figures')} className="border border-ink bg-sheet px-2.5 py-1">
        {asIs.outcome !== 'sinks' && <p className="font-semibold">{t(`water.countdown.${asIs.outcome}`)}</p>}
        <Answers
          rows={[
            [
              t('water.countdown.to', { depth: format(depthM, 'depth') }),
              format(at?.timeS ?? null, 'time'),
              'countdown',
            ],
            [t('water.countdown.tight'), format(tight?.timeS ?? null, 'time')],
            [t('water.countdown.swing'), format(tight?.swingM ?? null, 'distance')],
            [t('water.countdown.drift'), format(at?.driftM ?? null, 'distance')],
            [t('effect.net'), format(asIs.netWeightN, 'smallForce')],
            [t('water.band.share'), format(line.fall.band.share, 'share')],
          ]}
        />
      </section>
    );
  }
  if (!line.run) return <section aria-label={t('water.figures')} className="min-h-48 border border-ink bg-sheet" />;
  const { running, clean, fouled, toBottom } = line.run;
  const pulls = ({ pullN, tipMovedM }: CarriedPull) =>
    t('water.pulls', {
      force: format(pullN, 'force'),
      // As the verdict says it.
      tip: format(tipMovedM, measureOfFact('tipM', tipMovedM) ?? 'distance'),
    });
  const temperature = running.depthM === null ? null : temperatureAt(scene.temperatures, running.depthM);
  return (
    <section
      aria-label={t('water.figures')}
      className="border border-ink bg-sheet px-2.5 py-1"
      data-testid="figures"
      data-outcome={running.outcome}
    >
      <p className="narrow font-semibold">{t(`water.runs.${running.outcome}`)}</p>
      <Answers
        rows={[
          [t('water.depth'), format(running.depthM, 'depth'), 'depth'],
          [t('water.behindTip'), format(running.behindM, 'distance')],
          [t('water.air'), running.release ? '–' : format(running.airM, 'distance')],
          [t('water.lure'), format(running.lureMps, 'speed')],
          [t('water.ground'), format(running.sogMps, 'speed')],
          [t('water.clean'), pulls(clean), 'clean'],
          [t('water.fouled'), pulls(fouled)],
          ...(running.contact
            ? [
                [
                  t('water.contact'),
                  `${format(running.contact.forceN, 'smallForce')} · ${format(running.contact.share, 'share')}`,
                ] as const,
              ]
            : []),
          ...(toBottom && toBottom.lineM !== null
            ? [[t('water.toBottom'), format(toBottom.lineM, 'distance'), 'to-bottom'] as const]
            : []),
          ...(running.release ? [[t('water.releaseAt'), format(running.release.depthM, 'depth')] as const] : []),
          ...(temperature === null ? [] : [[t('water.temperatureThere'), format(temperature, 'temperature')] as const]),
        ]}
      />
      {toBottom && toBottom.outcome !== 'ok' && (
        <p className="semi-narrow pb-1 text-[13px]">
          {t('water.noBottom')} {t(`water.outcome.${toBottom.outcome}`)}
        </p>
      )}
    </section>
  );
}
