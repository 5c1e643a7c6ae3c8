import { revisionLetter } from '@/domain/revision-letter';
import type { FactorResult, TrialResult } from '@/domain/trials/result';
import type { TrialDocument, VersionPick } from '@/domain/trials/trial-document';
import type { Measure } from '@/core/base/measure';
import { placeText } from '@/features/fields/place-text';
import type { I18n } from '@/i18n/client';
import type { TrialsPage } from '@/server/queries/trials-page';

type Setups = TrialsPage['setups'];

export const MEASURE_OF = {
  speed: 'speed',
  'ground-speed': 'speed',
  depth: 'depth',
  lead: 'distance',
} as const satisfies Record<string, Measure>;

/** What a version is told by, in a few words. */
export function pickText(i18n: I18n, pick: VersionPick, setups: Setups): string {
  const { t, format } = i18n;
  const setupName = (id: string) => setups.find((setup) => setup.id === id)?.name ?? id;
  switch (pick.by) {
    case 'gear': {
      const changes = (['lure', 'colour', 'leader'] as const).flatMap((what) => {
        const name = pick[what];
        return name === undefined ? [] : [name === '' ? t(`trials.own.${what}`) : name];
      });
      const setup = setupName(pick.setupId);
      const revision = pick.revision === undefined ? '' : ` ${revisionLetter(pick.revision)}`;
      return [`${setup}${revision}`, ...changes].join(', ');
    }
    case 'measure': {
      const measure = MEASURE_OF[pick.what];
      return t('trials.from', {
        what: t(`trials.measured.${pick.what}`),
        from: format(pick.from, measure),
        to: format(pick.to, measure),
      });
    }
    case 'pace':
      return t(`trials.pace.${pick.is}`);
    case 'hook':
      return pick.setupId
        ? `${t(`trials.hook.${pick.hook}`)}, ${setupName(pick.setupId)}`
        : t(`trials.hook.${pick.hook}`);
    case 'hand':
      return t('trials.by.hand');
    default:
      return pick satisfies never;
  }
}

/** How often B's figure is A's: 1.8 times, or the other way round. */
export const timesText = ({ number }: Pick<I18n, 'number'>, ratio: number): string =>
  `${number(ratio, ratio < 10 ? 2 : 1)}×`;

export const betterOf = ({ verdict }: Pick<TrialResult, 'verdict'>): 'a' | 'b' | null =>
  verdict === 'a-better' ? 'a' : verdict === 'b-better' ? 'b' : null;

/** How a trial stands, in a word or two. */
export function standingText(
  { t }: Pick<I18n, 't'>,
  trial: TrialDocument,
  verdict: TrialResult['verdict'] | null,
): string {
  if (trial.closed) return t(`trials.closed.${trial.closed.as}`);
  if (verdict === null) return t('trials.broken');
  return t(`trials.verdict.${verdict}`);
}

/** "A stood on port for 83 % of its hours", or that nothing is known of it. */
export function leanText(i18n: I18n, { factor, leans }: FactorResult, counted: 'hours' | 'casts' | 'tries'): string {
  if (!leans || factor === 'all') return '';
  return i18n.t(`trials.lean.${counted}`, {
    version: leans.version.toUpperCase(),
    level: levelText(i18n, factor, leans.level),
    percent: i18n.number(100 * leans.share, 0),
  });
}

function levelText({ t }: I18n, factor: FactorResult['factor'], level: string): string {
  if (factor === 'side') return t(`trials.side.${level as 'port'}`);
  if (factor === 'place') return placeText({ t }, level);
  if (factor === 'part') return t('trials.quarter', { number: level });
  return level;
}

export const nameOf = ({ a, b }: Pick<TrialDocument, 'a' | 'b'>, side: 'a' | 'b'): string =>
  `${side.toUpperCase()} ${(side === 'a' ? a : b).name}`;
