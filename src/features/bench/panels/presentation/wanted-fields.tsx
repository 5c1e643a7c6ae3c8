import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { QuantityField } from '@/features/fields/quantity-field';
import { FigureField } from './figure-field';
import { rowsOf, options } from '@/features/fields/choices';
import type { PresentationEdit } from './edit';
import { Group } from './group';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { BOTTOM_RIG } from '@/core/tackle/defaults/tow-classes';
import { JudgedFigure } from './judged-figure';
import { ATTITUDES } from '@/core/tackle/defaults/rig-classes';
import { FALL_WINDOWS } from '@/core/tackle/defaults/fall-windows';
import type { CastPresentation } from '@/domain/presentation';
import { strengthText, type SpokenOf } from '@/i18n/setup-text';

const FALL_KINDS = [...rowsOf(FALL_WINDOWS), 'floats', 'suspends', 'own'] as const;
const ATTITUDE_KINDS = [...rowsOf(ATTITUDES), 'own'] as const;
const ANYWHERE = '';

/** What the setup is meant to do: fall, depth, attitude, and where it is to break. */
export function WantedFields({
  presentation: p,
  wanted,
  rig,
  carrying,
}: PresentationEdit & { readonly rig: SpokenOf; readonly carrying: readonly string[] }) {
  const i18n = useI18n();
  const { t } = i18n;
  const { attitude } = p.wanted;
  return (
    <Group title={t('presentation.wanted')}>
      {p.kind === 'cast' ? (
        <WantedFall presentation={p} wanted={wanted} />
      ) : (
        <>
          <FigureField
            field="depthFrom"
            measure="depth"
            value={p.wanted.depth.fromM}
            limits={{ min: L.bandM.min, max: p.wanted.depth.toM }}
            onFigure={(fromM, f) => wanted({ depth: { ...p.wanted.depth, fromM } }, f)}
          />
          <FigureField
            field="depthTo"
            measure="depth"
            value={p.wanted.depth.toM}
            limits={{ min: p.wanted.depth.fromM, max: L.bandM.max }}
            onFigure={(toM, f) => wanted({ depth: { ...p.wanted.depth, toM } }, f)}
          />
          <JudgedFigure
            field="lineAngleRad"
            measure="angle"
            value={p.wanted.lineAngleRad}
            start={BOTTOM_RIG.angle.aimRad}
            onValue={(lineAngleRad, f) => wanted({ lineAngleRad }, f)}
          />
          <JudgedFigure
            field="contactShare"
            measure="share"
            value={p.wanted.contactShare}
            start={BOTTOM_RIG.contact.aim}
            onValue={(contactShare, f) => wanted({ contactShare }, f)}
          />
        </>
      )}
      <ChoiceField
        label={t('presentation.attitude')}
        value={attitude.kind}
        options={options(ATTITUDE_KINDS, (k) => t(`attitude.${k}`))}
        onValueChange={(kind) => wanted({ attitude: kind === 'own' ? { kind, pitchRad: 0 } : { kind } }, 'attitude')}
      />
      {attitude.kind === 'own' && (
        <FigureField
          field="pitchRad"
          measure="angle"
          value={attitude.pitchRad}
          onFigure={(pitchRad, f) => wanted({ attitude: { kind: 'own', pitchRad } }, f)}
        />
      )}
      <ChoiceField
        label={t('presentation.breakAt')}
        value={p.wanted.breakAt ?? ANYWHERE}
        options={[
          { value: ANYWHERE, label: t('presentation.anywhere') },
          ...carrying
            .filter((name) => !name.includes(':'))
            .map((name) => ({
              value: name,
              label: `${rig.chain.findIndex(({ id }) => id === name) + 1} ${strengthText(i18n, name, rig)}`,
            })),
        ]}
        onValueChange={(id) => wanted({ breakAt: id === ANYWHERE ? null : id }, 'breakAt')}
      />
    </Group>
  );
}

function WantedFall({
  presentation: p,
  wanted,
}: {
  readonly presentation: CastPresentation;
  readonly wanted: (patch: object, field: string) => void;
}) {
  const { t } = useI18n();
  const { fall } = p.wanted;
  const window =
    fall.kind === 'own'
      ? fall
      : fall.kind === 'floats' || fall.kind === 'suspends'
        ? FALL_WINDOWS.steady
        : FALL_WINDOWS[fall.kind];
  return (
    <>
      <ChoiceField
        label={t('presentation.fall')}
        value={fall.kind}
        options={FALL_KINDS.map((kind) => ({ value: kind, label: t(`fall.${kind}`) }))}
        onValueChange={(kind) =>
          wanted({ fall: kind === 'own' ? { kind, fromMps: window.fromMps, toMps: window.toMps } : { kind } }, 'fall')
        }
      />
      {fall.kind === 'own' && (
        <>
          <QuantityField
            label={t('presentation.fromMps')}
            measure="fallSpeed"
            value={fall.fromMps}
            limits={{ min: L.fallMps.min, max: fall.toMps }}
            onValueChange={(fromMps) => fromMps !== null && wanted({ fall: { ...fall, fromMps } }, 'fromMps')}
          />
          <QuantityField
            label={t('presentation.toMps')}
            measure="fallSpeed"
            value={fall.toMps}
            limits={{ min: fall.fromMps, max: L.fallMps.max }}
            onValueChange={(toMps) => toMps !== null && wanted({ fall: { ...fall, toMps } }, 'toMps')}
          />
        </>
      )}
    </>
  );
}
