'use client';

import { useI18n } from '@/i18n/client';
import type { LedgerLine } from '@/server/queries/trials-page';
import { Link } from '@/ui/link';
import { standingText } from './words';

/** Every trial there was, also those that came to nothing; the newest first, open ones before the others. */
export function Ledger({ ledger, openId }: { readonly ledger: readonly LedgerLine[]; readonly openId: string | null }) {
  const { t, number } = useI18n();
  const sorted = [...ledger.filter(({ trial }) => !trial.closed), ...ledger.filter(({ trial }) => trial.closed)];
  return (
    <nav aria-label={t('trials.ledger')} data-testid="ledger">
      <ul>
        {sorted.map(({ trial, standing }) => (
          <li key={trial.id} className="border-b border-faint">
            <Link
              href={`/trials?trial=${encodeURIComponent(trial.id)}`}
              aria-current={trial.id === openId ? 'page' : undefined}
              className={`block px-2 py-1.5 hover:bg-paper ${trial.id === openId ? 'bg-sheet shadow-[inset_3px_0_0_var(--ink)]' : ''}`}
            >
              <span className="semi-narrow block text-[15.5px] font-semibold leading-tight">{trial.name}</span>
              <span className="narrow block text-[13.5px]">
                {standingText({ t }, trial, standing?.verdict ?? null)}
                {standing && (
                  <span className="text-dim">
                    {' '}
                    {`A ${standing.counted[0]}, B ${standing.counted[1]}`}
                    {!trial.closed && ` · ${t('trials.evidence', { evidence: number(standing.evidence, 1) })}`}
                  </span>
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </nav>
  );
}
