import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { QuantityField } from '@/features/fields/quantity-field';
import { FigureField } from './figure-field';
import { rowsOf, options } from '@/features/fields/choices';
import type { PresentationEdit } from './edit';
import { Caution, Group } from './group';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { SET_WAYS } from '@/core/tackle/defaults/hookset-classes';
import { HOOKSET_LIMITS } from '@/core/strike';
import type { House } from '@/domain/house';
import type { Presentation } from '@/domain/presentation';

/** How the hook is set by hand. */
export function SweepFields({
  presentation: p,
  change,
  sweep,
  angler,
}: PresentationEdit & { readonly angler: House['angler'] }) {
  const { t, format } = useI18n();
  return (
    <Group title={t('presentation.sweep')}>
      <ChoiceField
        label={t('presentation.way')}
        value={p.sweep.way}
        options={options(rowsOf(SET_WAYS), (k) => t(`way.${k}`))}
        onValueChange={(way) => sweep({ way }, 'way')}
      />
      <QuantityField
        label={t('presentation.peakMomentNm')}
        measure="moment"
        value={p.sweep.peakMomentNm ?? null}
        limits={HOOKSET_LIMITS.peakMomentNm}
        emptyMeans={t('presentation.byWay')}
        onValueChange={(moment) => change({ sweep: withMoment(p.sweep, moment) }, 'peakMomentNm')}
      />
      {angler.peakMomentNm && (
        <button
          type="button"
          className="narrow col-span-2 min-h-8 border border-faint px-2 text-left text-[13px] hover:border-ink"
          onClick={() =>
            change(
              {
                sweep: withMoment(p.sweep, angler.peakMomentNm!.value),
                slackM: angler.setSlackM?.value ?? p.slackM,
              },
              'angler',
            )
          }
        >
          {t('presentation.asMeasured', {
            moment: format(angler.peakMomentNm.value, 'moment'),
            slack: format(angler.setSlackM?.value ?? null, 'distance'),
          })}
        </button>
      )}
      <FigureField field="timeS" measure="time" value={p.sweep.timeS} onFigure={(timeS, f) => sweep({ timeS }, f)} />
      <FigureField
        field="startRad"
        measure="angle"
        value={p.sweep.startRad}
        limits={{ min: 0, max: p.sweep.endRad - 0.01 }}
        onFigure={(startRad, f) => sweep({ startRad }, f)}
      />
      <FigureField
        field="endRad"
        measure="angle"
        value={p.sweep.endRad}
        limits={{ min: p.sweep.startRad + 0.01, max: L.sweepRad.max }}
        onFigure={(endRad, f) => sweep({ endRad }, f)}
      />
      <FigureField
        field="stepBackM"
        measure="distance"
        value={p.sweep.stepBackM}
        limits={L.gainM}
        onFigure={(stepBackM, f) => sweep({ stepBackM }, f)}
      />
      <FigureField
        field="woundM"
        measure="distance"
        value={p.sweep.woundM}
        limits={L.gainM}
        onFigure={(woundM, f) => sweep({ woundM }, f)}
      />
      <FigureField field="slackM" measure="distance" value={p.slackM} onFigure={(slackM, f) => change({ slackM }, f)} />
      <Caution>{t('presentation.caution')}</Caution>
    </Group>
  );
}

/** The sweep with this angler's own moment, or with that of its way. */
function withMoment(sweep: Presentation['sweep'], peakMomentNm: number | null): Presentation['sweep'] {
  const { peakMomentNm: _, ...rest } = sweep;
  return peakMomentNm === null ? rest : { ...rest, peakMomentNm };
}
