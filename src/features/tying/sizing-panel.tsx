'use client';

import { evaluate } from '@/core/judge';
import { lineProperties } from '@/core/tackle';
import { leadersOf, sizing } from '@/core/make';
import { Note, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { QuiverSetup } from '@/server/queries/quiver-page';
import type { TyingPage } from '@/server/queries/tying-page';

/** Remarks that say whether a lure spins and what lets it. */
const SPINS: ReadonlySet<string> = new Set(['spin-without-swivel', 'line-twist']);
const NEEDLESS = 'needless-swivel';

/** Crimp, loop and ring for each leader's line, what of the Box fits, and ring or swivel by whether the lure spins. */
export function SizingPanel({ page, items }: { readonly page: TyingPage; readonly items: readonly QuiverSetup[] }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const rows = items.flatMap(({ name, file }) => {
    const found = evaluate(file).checks.map(({ id }) => id as string);
    return leadersOf(file).flatMap(({ partId }) => {
      const line = file.parts.find((part) => part.id === partId);
      if (line?.kind !== 'line') return [];
      const { diameterM, strengthN } = lineProperties({
        material: line.material,
        strengthN: line.strengthN?.value,
        diameterM: line.diameterM?.value,
      });
      const { crimpBoreM, loopM, ringN } = sizing({ diameterM, strengthN });
      const fits = page.box.filter(
        (part) =>
          part.kind === 'hardware' &&
          part.form === 'crimp' &&
          part.boreM !== undefined &&
          part.boreM.value >= crimpBoreM[0] &&
          part.boreM.value <= crimpBoreM[1],
      );
      const turns = found.some((id) => SPINS.has(id)) ? 'swivel' : found.includes(NEEDLESS) ? 'ring' : 'either';
      return [
        [
          name,
          partTitle(i18n, line),
          `${format(crimpBoreM[0], 'diameter')}–${format(crimpBoreM[1], 'diameter')}`,
          fits.map((part) => partTitle(i18n, part)).join(', ') || '–',
          `${format(loopM[0], 'size')}–${format(loopM[1], 'size')}`,
          `${format(ringN[0], 'force')}–${format(ringN[1], 'force')}`,
          t(`tying.turns.${turns}`),
        ],
      ];
    });
  });
  return (
    <>
      <Table
        caption={t('tying.key.sizing')}
        head={[
          t('common.setup'),
          t('tying.leader'),
          t('tying.bore'),
          t('tying.fits'),
          t('tying.loop'),
          t('tying.ring'),
          t('tying.turnsWith'),
        ]}
        rows={rows}
      />
      <Note>{t('tying.sizingNote')}</Note>
    </>
  );
}
