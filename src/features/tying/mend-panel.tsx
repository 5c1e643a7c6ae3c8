'use client';

import { useI18n } from '@/i18n/client';
import { Timer, useRest } from './timer';

const MENDS = { join: 5, shorten: 4, swap: 5, rehang: 4 } as const;

/** Mending and altering, each as steps with its caution. */
export function MendPanel() {
  const { t } = useI18n();
  const rest = useRest();
  return (
    <>
      <div className="mb-2">
        <Timer rest={rest} />
      </div>
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        {(Object.keys(MENDS) as (keyof typeof MENDS)[]).map((id) => (
          <section key={id}>
            <h3 className="narrow text-[15px] font-semibold">{t(`mend.${id}.name`)}</h3>
            <p className="semi-narrow border-l-2 border-ink pl-2 text-[13.5px]">{t(`mend.${id}.care`)}</p>
            <ol className="semi-narrow list-decimal pl-5 text-[14.5px]">
              {Array.from({ length: MENDS[id] }, (_, i) => (
                <li key={i}>{t(`mend.${id}.${(i + 1) as 1}`)}</li>
              ))}
            </ol>
          </section>
        ))}
      </div>
    </>
  );
}
