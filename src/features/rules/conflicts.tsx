'use client';

import type { Measure } from '@/core/base/measure';
import type { HouseChange } from '@/domain/house-entries';
import { useI18n, type I18n } from '@/i18n/client';
import { problemText } from '@/i18n/problem-text';
import type { HouseBench } from './use-house';

const press = 'narrow min-h-9 border border-ink px-3';

/** What was typed here and not kept, because another window had changed the same meanwhile. */
export function Conflicts({ bench }: { readonly bench: HouseBench }) {
  const i18n = useI18n();
  const { t } = i18n;
  return bench.conflicts.map((conflict, i) => (
    <div
      key={i}
      role="alert"
      className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 border border-ink bg-paper px-2 py-1"
    >
      <span className="semi-narrow">{conflictText(i18n, conflict)}</span>
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

function conflictText(i18n: I18n, { change, why, stands }: HouseBench['conflicts'][number]): string {
  const { t } = i18n;
  const what = nameOf(t, change);
  const value = (given: unknown) =>
    given === null || given === undefined ? t('rules.nothing') : shownValue(i18n, change, given);
  if (why === 'in-use') return t('rules.inUse', { name: String(stands) });
  const mine = 'to' in change ? value(change.to) : what;
  return why === 'changed-meanwhile'
    ? t('rules.conflict', { what, stands: value(stands), mine })
    : t('rules.refusedEntry', { what, mine });
}

/** The message of a key that may be one of today's or of an earlier day; the key itself where there is none. */
const textOr = (t: I18n['t'], path: string, key: string): string =>
  t.has(path as 'rules.no') ? t(path as 'rules.no') : key;

function nameOf(t: I18n['t'], change: HouseChange): string {
  switch (change.kind) {
    case 'entry': {
      const { document, key } = change;
      if (document === 'schools') return textOr(t, `school.${key}.title`, key);
      if (document === 'rigWords') return textOr(t, `rig.${key}.name`, key);
      return document === 'classes' ? key : textOr(t, `${document}.${key}`, key);
    }
    case 'add-craft':
      return change.craft.name;
    default:
      return change.id;
  }
}

const MEASURES: Readonly<Record<string, Measure>> = {
  heightM: 'rodLength',
  handStandingM: 'rodLength',
  handSeatedM: 'rodLength',
  handWadingM: 'rodLength',
  reachM: 'rodLength',
  peakMomentNm: 'moment',
  setSlackM: 'distance',
  shoulderLimitNm: 'moment',
  lengthM: 'rodLength',
  freeboardM: 'rodLength',
  holderDepthM: 'rodLength',
  holderGapM: 'rodLength',
  holderAngleRad: 'angle',
  hullDragN: 'force',
  carriesKg: 'bodyMass',
  leadOverKg: 'mass',
  largestGapM: 'size',
};

/** A figure in the reader's units, the side of a house rule by its name, anything else as it is. */
function shownValue({ t, format }: I18n, change: HouseChange, given: unknown): string {
  const figure = typeof given === 'object' && given !== null && 'value' in given ? given.value : given;
  if (change.kind === 'entry') {
    const measure = MEASURES[change.key];
    if (typeof figure === 'number' && measure) return format(figure, measure);
    if (change.document === 'schools') return textOr(t, `school.${change.key}.${String(figure)}`, String(figure));
  }
  return typeof figure === 'string' ? figure : JSON.stringify(figure);
}
