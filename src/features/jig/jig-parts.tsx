import { HEAD_LIMITS as H } from '@/core/make';
import { HEADS, type HeadShape } from '@/core/tackle/defaults/jig-classes';
import { MATERIALS, type BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import type { Part } from '@/domain/parts';
import { Figure } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';
import type { Jig } from './use-jig';

const METALS = ['lead', 'tungsten', 'bismuth', 'tin', 'brass', 'steel'] as const satisfies readonly BodyMaterial[];
const NONE = '';

export function Parts({
  jig: { head, change, floor, setFloor },
  box,
}: {
  readonly jig: Jig;
  readonly box: readonly Part[];
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const baits = box.filter((part) => part.kind === 'soft-bait');
  const own = baits.find(
    (bait) => head.bait && bait.lengthM.value === head.bait.lengthM && bait.massKg.value === head.bait.massKg,
  );
  const take = (id: string) => {
    const bait = baits.find((each) => each.id === id);
    change({
      bait: bait
        ? {
            massKg: bait.massKg.value,
            lengthM: bait.lengthM.value,
            densityKgPm3: MATERIALS[bait.material].densityKgPm3,
          }
        : null,
    });
  };
  return (
    <section
      aria-label={t('jig.parts')}
      className="flex min-h-0 flex-col gap-1 border border-ink bg-sheet px-2.5 py-1.5 max-lg:order-last lg:overflow-y-auto"
    >
      <h2 className="narrow text-[15px] font-semibold">{t('jig.title')}</h2>
      <ChoiceField
        label={t('jig.shape')}
        value={head.shape}
        options={(Object.keys(HEADS) as HeadShape[]).map((shape) => ({
          value: shape,
          label: t(`jig.shapes.${shape}`),
        }))}
        onValueChange={(shape) => change({ shape })}
      />
      <ChoiceField
        label={t('field.material')}
        value={head.material}
        options={METALS.map((material) => ({ value: material as BodyMaterial, label: t(`word.${material}`) }))}
        onValueChange={(material) => change({ material })}
      />
      <Figure
        label={t('jig.mass')}
        measure="mass"
        value={head.headKg}
        limits={H.headKg}
        onValue={(headKg) => change({ headKg })}
      />
      <Figure
        label={t('jig.shank')}
        measure="size"
        value={head.hook.shankM}
        limits={H.shankM}
        onValue={(shankM) => change({ hook: { ...head.hook, shankM } })}
      />
      <Figure
        label={t('field.gapM')}
        measure="size"
        value={head.hook.gapM}
        limits={H.gapM}
        onValue={(gapM) => change({ hook: { ...head.hook, gapM } })}
      />
      <Figure
        label={t('field.wireM')}
        measure="size"
        value={head.hook.wireM}
        limits={H.wireM}
        onValue={(wireM) => change({ hook: { ...head.hook, wireM } })}
      />
      <Figure
        label={t('jig.eye')}
        measure="angle"
        value={head.eyeRad}
        limits={H.eyeRad}
        onValue={(eyeRad) => change({ eyeRad })}
      />
      <Figure
        label={t('jig.collar')}
        measure="size"
        value={head.collarM}
        limits={H.collarM}
        onValue={(collarM) => change({ collarM })}
      />
      <ChoiceField
        label={t('jig.bait')}
        value={head.bait ? (own?.id ?? 'own') : NONE}
        options={[
          { value: NONE, label: t('jig.bareHook') },
          ...(head.bait && !own ? [{ value: 'own', label: t('jig.sampleBait') }] : []),
          ...baits.map((bait) => ({ value: bait.id as string, label: partTitle(i18n, bait) })),
        ]}
        onValueChange={(id) => id !== 'own' && take(id)}
      />
      <h3 className="narrow mt-1 text-[14px] font-semibold">{t('jig.twitch')}</h3>
      <Figure
        label={t('jig.line')}
        measure="angle"
        value={floor.lineRad}
        limits={{ min: 0, max: 1.5 }}
        onValue={(lineRad) => setFloor({ ...floor, lineRad })}
      />
      <Figure
        label={t('jig.slope')}
        measure="angle"
        value={floor.slopeRad}
        limits={{ min: 0, max: 1 }}
        onValue={(slopeRad) => setFloor({ ...floor, slopeRad })}
      />
      <Figure
        label={t('jig.soft')}
        measure="size"
        value={floor.softM}
        limits={{ min: 0, max: 0.02 }}
        onValue={(softM) => setFloor({ ...floor, softM })}
      />
    </section>
  );
}
