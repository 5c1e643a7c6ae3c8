'use client';

import { within } from '@/core/base/guard';
import { useState } from 'react';
import { BAIT_FISH_LIMITS, baitFish, type BaitFish, type DayConditions } from '@/core/decide';
import type { RodPart } from '@/core/tackle';
import { COVERS } from '@/core/tackle/defaults/hookset-classes';
import type { Part } from '@/domain/parts';
import { rowsOf } from '@/features/fields/choices';
import { Caution, Note, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';

/** Baits and fish of the table where the day says none [m], [kg]. */
const BAITS_M = [0.06, 0.1, 0.15, 0.2] as const;
/** Fish about the one that is sought, as shares of its mass. */
const FISH_SHARES = [0.5, 1, 2, 4] as const;
const FISH_KG = 3;
const MOUTHS = ['soft', 'firm', 'bony'] as const;

export interface BaitTableProps {
  readonly day: DayConditions;
  readonly baits: readonly { readonly lengthM: number }[];
  readonly box: readonly Part[];
}

/** Bait by fish: hook, leader, drag setting, and the softest rod of the Box that is strong enough. */
export function BaitTable({ day, baits, box }: BaitTableProps) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const [cover, setCover] = useState(day.cover ?? 'open');
  const [mouth, setMouth] = useState<(typeof MOUTHS)[number]>('firm');
  const lengths = baits.length > 0 ? [...new Set(baits.map(({ lengthM }) => lengthM))].sort((a, b) => a - b) : BAITS_M;
  const rods = box.filter((part): part is Extract<Part, { kind: 'rod' }> => part.kind === 'rod');
  const fishKg = FISH_SHARES.map((share) => within(share * (day.fishKg ?? FISH_KG), BAIT_FISH_LIMITS.fishKg));
  const cells = baitFish({
    baitsM: lengths.map((length) => within(length, BAIT_FISH_LIMITS.baitM)),
    fishKg,
    cover,
    mouth,
    rods: rods as readonly RodPart[],
  });
  const rodName = (id: string | null) => {
    const rod = rods.find((each) => each.id === id);
    return rod ? (rod.name ?? partTitle(i18n, rod)) : t('today.table.noRod');
  };
  const cell = ({ hook, leaderN, dragN: [lo, hi], rodId }: BaitFish) =>
    hook === null ? (
      t('today.table.noHook')
    ) : (
      <span className="block whitespace-normal">
        <b className="font-semibold">{t('today.table.hook', { size: hook.size, wire: t(`word.${hook.wire}`) })}</b>
        <br />
        {t('today.table.leader', { strength: format(leaderN, 'force') })}
        <br />
        {lo <= hi
          ? t('today.table.drag', { from: format(lo, 'force'), to: format(hi, 'force') })
          : t('today.table.noDrag', { need: format(lo, 'force') })}
        <br />
        {rodName(rodId)}
      </span>
    );
  return (
    <>
      <div className="grid max-w-md grid-cols-2 gap-x-5">
        <ChoiceField
          label={t('today.field.cover')}
          value={cover}
          options={rowsOf(COVERS).map((value) => ({ value, label: t(`cover.${value}`) }))}
          onValueChange={setCover}
        />
        <ChoiceField
          label={t('today.table.mouth')}
          value={mouth}
          options={MOUTHS.map((value) => ({ value, label: t(`mouth.${value}`) }))}
          onValueChange={setMouth}
        />
      </div>
      <Table
        caption={t('today.table.caption')}
        head={[t('today.table.bait'), ...fishKg.map((kg) => format(kg, 'bodyMass'))]}
        rows={lengths.map((length, i) => [
          format(length, 'size'),
          ...cells.slice(i * fishKg.length, (i + 1) * fishKg.length).map(cell),
        ])}
      />
      <Note>{t('today.table.note')}</Note>
      <Caution>{t('today.table.caution')}</Caution>
    </>
  );
}
