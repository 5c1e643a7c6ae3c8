import { blankHoldsN, familyOf, powerN, printedLineN, statedPower, type RodPart } from '@/core/tackle';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { rodOf } from '@/core/rig';
import { useI18n } from '@/i18n/client';

/** Which family a rod is of and why, how much force bends it by a third, and what its blank bears. */
export function RodPower({ rod }: { readonly rod: RodPart }) {
  const { t, format } = useI18n();
  const { family, by } = familyOf(rod);
  const stated = statedPower(rod, DEFAULT_CLASSES);
  const power = powerN(rodOf(rod, DEFAULT_CLASSES));
  return (
    <div className="semi-narrow border-t border-faint px-2 py-1.5 text-[13.5px] leading-snug">
      <p>{t('box.rod.family', { family: t(`word.${family}`), by: t(`box.rod.by.${by}`) })}</p>
      <p>
        {t('box.rod.power', { force: format(power, 'force'), from: t(`box.rod.from.${stated?.from ?? 'measured'}`) })}
      </p>
      <p>
        {t(printedLineN(rod) ? 'box.rod.bearsLine' : 'box.rod.bearsPower', {
          force: format(
            blankHoldsN(rod, () => power, DEFAULT_CLASSES),
            'force',
          ),
        })}
      </p>
    </div>
  );
}
