'use client';

import { useTransition } from 'react';
import { BrokenRows } from '@/features/fields/broken-rows';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { removePlanAction, removeWaterAction } from '@/server/actions/plans';
import type { TodayPage } from '@/server/queries/today-page';

/** Plans and waters that cannot be read, and the way to be rid of them. */
export function BrokenPlans({
  plans,
  waters,
}: {
  readonly plans: TodayPage['brokenPlans'];
  readonly waters: TodayPage['brokenWaters'];
}) {
  const { t } = useI18n();
  const [busy, start] = useTransition();
  const names = (rows: TodayPage['brokenPlans']) => rows.map(({ name, id }) => name || id).join(', ');
  return (
    <>
      <BrokenRows
        title={t('broken.plans', { count: plans.length, names: names(plans) })}
        rows={plans}
        busy={busy}
        onRemove={(id) =>
          start(async () => void (await send('remove-plan', removePlanAction, { id, expectedVersion: null })))
        }
      />
      <BrokenRows
        title={t('broken.waters', { count: waters.length, names: names(waters) })}
        rows={waters}
        busy={busy}
        onRemove={(id) =>
          start(async () => void (await send('remove-water', removeWaterAction, { id, expectedVersion: null })))
        }
      />
    </>
  );
}
