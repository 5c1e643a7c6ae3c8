'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { failureText, problemText } from '@/i18n/problem-text';
import { changeBoxAction } from '@/server/actions/box';
import type { BrokenSetupPage } from '@/server/queries/setup-page';
import { Link } from '@/ui/link';

/** A revision that cannot be worked out: what is wrong, and the ways to mend it. */
export function BrokenSetupView({ setup, revision, faults, parts, revisions }: BrokenSetupPage) {
  const { t, date } = useI18n();
  const router = useRouter();
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const letter = revisionLetter(revision.number);
  const putBack = (part: Part, version: number | null) =>
    start(async () => {
      const reason = t('broken.partBackWhy', { letter, name: setup.name }).slice(0, 200);
      const reply = await send('change-box', changeBoxAction, {
        changes: [{ id: part.id, part, expectedVersion: version }],
        reason,
      });
      setFailure(reply.ok ? null : failureText(t, reply.code));
      router.refresh();
    });
  return (
    <main id="main" tabIndex={-1} className="mx-auto max-w-3xl px-3 py-4 outline-none">
      <h1 className="narrow mb-2 text-[20px] font-semibold">{t('broken.title', { name: setup.name })}</h1>
      <section className="mb-3 border border-ink bg-sheet p-3">
        <p>{t('broken.intro', { letter })}</p>
        <ul className="mt-1 list-disc pl-5">
          {faults.map(({ partId, problem }, i) => (
            <li key={i}>
              {partId && <b className="font-semibold">{parts.find(({ id }) => id === partId)?.name ?? partId}: </b>}
              {problemText(t, problem)}
            </li>
          ))}
        </ul>
      </section>
      <section aria-label={t('broken.howTo')} className="border border-ink bg-sheet p-3">
        <h2 className="narrow text-[15px] font-semibold">{t('broken.howTo')}</h2>
        <ol className="list-decimal pl-5">
          {parts.map(({ id, name }) => (
            <li key={id}>
              <Link className="underline" href={`/box?part=${encodeURIComponent(id)}`}>
                {t('broken.editPart', { part: name })}
              </Link>
            </li>
          ))}
          {parts.flatMap(({ id, name, version, then }) =>
            then ? (
              <li key={`${id} then`}>
                <button type="button" className="underline" disabled={busy} onClick={() => putBack(then, version)}>
                  {t('broken.partBack', { part: name })}
                </button>
              </li>
            ) : (
              []
            ),
          )}
          {revisions.some(({ sound }) => sound) && (
            <li>
              {t('broken.revisions')}
              <ul>
                {revisions.map(({ number, reason, savedAt, sound }) => (
                  <li key={number} className="semi-narrow">
                    {sound ? (
                      <Link className="underline" href={`/bench/${encodeURIComponent(setup.id)}?revision=${number}`}>
                        {revisionLetter(number)}
                      </Link>
                    ) : (
                      revisionLetter(number)
                    )}{' '}
                    · {date(new Date(savedAt))} · {reason} ·{' '}
                    <span className="text-dim">{t(sound ? 'broken.works' : 'broken.alsoBroken')}</span>
                  </li>
                ))}
              </ul>
            </li>
          )}
        </ol>
        {failure && (
          <p role="alert" className="mt-2 border-l-2 border-ink pl-2">
            {failure}
          </p>
        )}
        <p className="mt-3">
          <Link className="underline" href="/bench">
            {t('broken.toList')}
          </Link>
        </p>
      </section>
    </main>
  );
}
