import { VERDICT_NAMES } from '@/core/judge';
import { revisionLetter } from '@/domain/revision-letter';
import { MARK_SHAPE } from '@/features/fields/shown-as';
import { getI18n } from '@/i18n/server';
import { verdictText } from '@/i18n/setup-text';
import { faultText } from '@/i18n/problem-text';
import type { SetupLines } from '@/server/queries/setup-list';
import { Link } from '@/ui/link';
import { Mark } from '@/ui/mark';
import { EmptyBench } from './empty-bench';
import { BringBack, SetupActions } from './setup-actions';

/** The setups of the bench with the marks of their newest revisions. */
export async function SetupList({ setups, broken, putAway, find, page, pages, found }: SetupLines) {
  const { t, date } = await getI18n();
  const lines = [...setups, ...broken].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <main id="main" tabIndex={-1} className="outline-none mx-auto max-w-6xl px-3 py-4">
      <div className="mb-3 flex items-baseline justify-between gap-4">
        <h1 className="narrow text-[20px] font-semibold">{t('list.title')}</h1>
        <form
          id="compare"
          action="/bench/compare"
          className="narrow ml-auto flex items-center gap-2 text-[13px] text-dim"
        >
          {t('compare.hint')}{' '}
          <button type="submit" className="min-h-9 border border-ink px-3 text-[15px] text-ink">
            {t('compare.go')}
          </button>
        </form>
        <Link
          href="/bench/new"
          className="narrow flex min-h-9 items-center border border-ink bg-hi px-3 font-semibold text-on-hi"
        >
          {t('list.new')}
        </Link>
      </div>
      {(pages > 1 || find !== '') && <FindSetup find={find} found={found} />}
      {setups.length + broken.length === 0 ? (
        <p>{find === '' ? t('list.empty') : t('list.noneFound')}</p>
      ) : (
        <div
          className="relative overflow-x-auto border border-ink bg-sheet"
          tabIndex={0}
          role="group"
          aria-label={t('list.title')}
        >
          <table className="w-full border-collapse text-[14px]">
            <thead className="narrow text-left text-[12px] text-dim">
              <tr>
                <th className="pl-3 font-normal">
                  <span className="sr-only">{t('compare.go')}</span>
                </th>
                <th className="px-3 py-1.5 font-normal">{t('list.name')}</th>
                <th className="px-2 font-normal max-sm:hidden">{t('list.revision')}</th>
                <th className="px-2 font-normal max-sm:hidden">{t('list.date')}</th>
                {VERDICT_NAMES.map((name) => (
                  <th key={name} className="px-2 font-normal">
                    {verdictText({ t }, name, 'both')}
                  </th>
                ))}
                <th className="px-2 font-normal">
                  <span className="sr-only">{t('list.actions')}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {lines.map((setup) =>
                'faults' in setup ? (
                  <tr key={setup.id} className="border-t border-faint" data-broken="">
                    <td className="pl-3" />
                    <td className="semi-narrow min-w-44 p-0">
                      <Link
                        href={`/bench/${encodeURIComponent(setup.id)}`}
                        className="flex min-h-10 items-center px-3 font-semibold hover:underline"
                      >
                        {setup.name}
                      </Link>
                    </td>
                    <td className="px-2 max-sm:hidden">{revisionLetter(setup.number)}</td>
                    <td className="narrow whitespace-nowrap px-2 max-sm:hidden">{date(setup.savedAt, 'full')}</td>
                    <td className="semi-narrow px-2" colSpan={VERDICT_NAMES.length}>
                      {faultText(t, setup.faults)}{' '}
                      <Link href={`/bench/${encodeURIComponent(setup.id)}`} className="underline underline-offset-2">
                        {t('broken.mend')}
                      </Link>
                    </td>
                    <td className="px-1">
                      <SetupActions setupId={setup.id} name={setup.name} />
                    </td>
                  </tr>
                ) : (
                  <tr key={setup.id} className="border-t border-faint">
                    <td className="pl-3">
                      <input
                        type="checkbox"
                        form="compare"
                        name="with"
                        value={setup.id}
                        aria-label={t('compare.tick', { name: setup.name })}
                        className="size-5 align-middle"
                      />
                    </td>
                    <td className="semi-narrow min-w-44 p-0">
                      <Link
                        href={`/bench/${setup.id}`}
                        className="flex min-h-10 items-center px-3 font-semibold hover:underline"
                      >
                        {setup.name}
                      </Link>
                    </td>
                    <td className="px-2 max-sm:hidden">{revisionLetter(setup.number)}</td>
                    <td className="narrow whitespace-nowrap px-2 max-sm:hidden">{date(setup.savedAt, 'full')}</td>
                    {VERDICT_NAMES.map((name) => {
                      const mark = setup.marks[name];
                      return (
                        <td key={name} className="px-2">
                          <span className="narrow flex items-center gap-1.5 whitespace-nowrap">
                            <Mark shape={MARK_SHAPE[mark]} size={13} /> {t(`mark.${mark}`)}
                          </span>
                        </td>
                      );
                    })}
                    <td className="px-1">
                      <SetupActions setupId={setup.id} name={setup.name} />
                    </td>
                  </tr>
                ),
              )}
            </tbody>
          </table>
        </div>
      )}
      {pages > 1 && <Pages find={find} page={page} pages={pages} />}
      {putAway.length > 0 && (
        <section aria-labelledby="put-away" className="mt-5">
          <h2 id="put-away" className="narrow text-[13px] text-dim">
            {t('list.away')}
          </h2>
          <ul>
            {putAway.map(({ id, name }) => (
              <li key={id} className="flex items-center justify-between gap-3 border-t border-faint py-1">
                <span className="semi-narrow">{name}</span> <BringBack setupId={id} name={name} />
              </li>
            ))}
          </ul>
        </section>
      )}
      <EmptyBench />
    </main>
  );
}

/** A long list is searched by name. */
async function FindSetup({ find, found }: { readonly find: string; readonly found: number }) {
  const { t } = await getI18n();
  return (
    <form action="/bench" role="search" className="narrow mb-2 flex items-center gap-3 text-[14px]">
      <label className="flex min-w-0 flex-1 items-center gap-2">
        <span className="text-dim">{t('common.find')}</span>
        <input
          name="find"
          type="search"
          defaultValue={find}
          maxLength={120}
          className="min-h-9 min-w-0 flex-1 border-b border-faint bg-transparent"
        />
      </label>
      <span className="text-dim">{t('list.found', { count: found })}</span>
    </form>
  );
}

async function Pages({ find, page, pages }: { readonly find: string; readonly page: number; readonly pages: number }) {
  const { t } = await getI18n();
  const at = (to: number) => `/bench?${new URLSearchParams({ ...(find ? { find } : {}), page: String(to) })}`;
  return (
    <nav aria-label={t('list.pages')} className="narrow mt-2 flex items-center gap-4 text-[14px]">
      {page > 1 && (
        <Link href={at(page - 1)} rel="prev" className="flex min-h-9 items-center underline underline-offset-2">
          {t('list.previous')}
        </Link>
      )}
      <span>{t('list.pageOf', { page, pages })}</span>
      {page < pages && (
        <Link href={at(page + 1)} rel="next" className="flex min-h-9 items-center underline underline-offset-2">
          {t('list.next')}
        </Link>
      )}
    </nav>
  );
}
