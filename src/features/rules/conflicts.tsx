'use client';

import type { HouseChange } from '@/domain/house-entries';
import { useI18n, type I18n } from '@/i18n/client';
import { problemText } from '@/i18n/problem-text';
import type { HouseBench } from './use-house';

const press = 'narrow min-h-9 border border-ink px-3';

/** What was typed here and not kept, because another window had changed the same meanwhile. */
export function Conflicts({ bench }: { readonly bench: HouseBench }) {
  const { t } = useI18n();
  return bench.conflicts.map((conflict, i) => (
    <div
      key={i}
      role="alert"
      className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 border border-ink bg-paper px-2 py-1"
    >
      <span className="semi-narrow">{conflictText(t, conflict)}</span>
      {conflict.why === 'changed-meanwhile' && (
        <button type="button" className={press} onClick={() => bench.keepMine(conflict)}>
          {t('rules.keepMine')}
        </button>
      )}
      <button type="button" className={press} onClick={() => bench.takeTheirs(conflict)}>
        {conflict.why === 'changed-meanwhile' ? t('rules.takeTheirs') : t('common.close')}
      </button>
    </div>
  ));
}

/** Entries of Rules that were stored and cannot be used, each with the way to be rid of it. */
export function BrokenEntries({ bench }: { readonly bench: HouseBench }) {
  const { t } = useI18n();
  if (bench.broken.length === 0) return null;
  return (
    <div role="status" className="mb-3 border border-ink bg-paper px-2 py-1">
      <p>{t('broken.entries', { count: bench.broken.length })}</p>
      <ul>
        {bench.broken.map(({ document, id, key, given, problems }) => (
          <li key={`${document} ${id} ${key}`} className="semi-narrow flex flex-wrap items-center gap-x-3">
            <span>
              {document === 'craft'
                ? t('rules.crafts')
                : document === 'angler'
                  ? t('rules.angler')
                  : t(`rules.${docName(document)}`)}
              : {problems.map((problem) => problemText(t, problem)).join(' ')}
            </span>
            {(key !== '' || document === 'craft') && (
              <button
                type="button"
                className={press}
                onClick={() => void bench.removeBroken({ document, id, key }, given)}
              >
                {t('broken.removeEntry')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

const docName = (document: 'schools' | 'sheet' | 'classes' | 'rigWords') =>
  document === 'rigWords' ? 'schools' : document;

function conflictText(t: I18n['t'], { change, why, stands }: HouseBench['conflicts'][number]): string {
  const value = (given: unknown) => (given === null || given === undefined ? t('rules.nothing') : shownValue(given));
  const what = nameOf(change);
  if (why === 'in-use') return t('rules.inUse', { name: String(stands) });
  const mine = 'to' in change ? value(change.to) : what;
  return why === 'changed-meanwhile'
    ? t('rules.conflict', { what, stands: value(stands), mine })
    : t('rules.refusedEntry', { what, mine });
}

const nameOf = (change: HouseChange): string => {
  switch (change.kind) {
    case 'entry':
      return [change.id, change.key].filter((text) => text !== '').join(' ');
    case 'add-craft':
      return change.craft.name;
    default:
      return change.id;
  }
};

/** A quantity shows its value; anything else as it is. */
function shownValue(given: unknown): string {
  if (typeof given === 'object' && given !== null && 'value' in given) return String(given.value);
  return typeof given === 'string' ? given : JSON.stringify(given);
}
