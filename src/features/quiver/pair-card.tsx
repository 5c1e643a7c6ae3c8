'use client';

import { SCORE_PARTS, type RodScore, type ScorePart } from '@/core/decide';
import { useI18n, type I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { Link } from '@/ui/link';
import { rowName, scoreText } from './names';
import type { Place } from './score-table';
import type { QuiverState } from './use-quiver';

/** One rod on one presentation: its score by parts, each with the figure that made it, and the reason for the lowest. */
export function PairCard({ state, place }: { readonly state: QuiverState; readonly place: Place }) {
  const i18n = useI18n();
  const { t } = i18n;
  const { presented, rods, table, served, reels, holes, mends } = state;
  const each = presented[place.row];
  const rod = rods[place.rod];
  const score = table?.[place.row]?.scores[place.rod];
  if (!each || !rod || !score) return <div className="min-h-[132px] border border-ink bg-sheet" />;
  const by = served[place.row]?.by ?? [];
  const reel = reels.find(({ id }) => id === score.reelId);
  const hole = holes.indexOf(place.row);
  return (
    <section aria-label={t('quiver.pair')} className="border border-ink bg-sheet px-2.5 py-1.5" data-testid="pair">
      <h2 className="narrow flex flex-wrap items-baseline gap-x-3 text-[15px]">
        <strong className="font-semibold">
          {place.row + 1} {rowName(i18n, each)}
        </strong>
        <span>{t('quiver.on', { rod: rod.name ?? t('part.rod.plain') })}</span>
        <strong className="text-[19px] font-semibold">{scoreText(i18n, score.score)}</strong>
        <Link href={`/bench/${each.setupId}`} className="ml-auto text-[13px] underline underline-offset-2">
          {t('quiver.toBench')}
        </Link>
      </h2>
      <dl className="narrow grid gap-x-4 text-[13.5px] sm:grid-cols-2">
        {SCORE_PARTS.filter((part) => part !== 'strength' || score.figures.castStep === null).map((part) => (
          <div
            key={part}
            className="grid grid-cols-[4.6rem_56px_minmax(0,1fr)] items-center gap-2 border-t border-faint py-0.5"
          >
            <dt className={part === score.lowest ? 'font-semibold' : ''}>{t(`quiver.part.${part}`)}</dt>
            <dd aria-hidden="true">
              <svg width="56" height="9" className="block text-ink">
                <rect x="0.5" y="0.5" width="55" height="8" fill="none" stroke="currentColor" />
                <rect x="0" y="0" width={56 * score.parts[part]} height="9" fill="currentColor" />
              </svg>
            </dd>
            <dd className="semi-narrow">{partText(i18n, part, score)}</dd>
          </div>
        ))}
      </dl>
      <p className="semi-narrow border-t border-faint pt-1 text-[13px] text-dim">
        {by.length === 0
          ? hole >= 0
            ? holeText(i18n, mends[hole] ?? null, state.floor)
            : ''
          : t('quiver.servedBy', { count: by.length, rods: by.map((r) => rods[r]!.name ?? r + 1).join(', ') })}{' '}
        {reel ? t('quiver.withReel', { reel: partTitle(i18n, reel) }) : t('quiver.noReel')}
      </p>
    </section>
  );
}

/** What would fill a hole: a class of rod to look for, or nothing that a rod could mend. */
export function holeText(i18n: I18n, mend: QuiverState['mends'][number], floor: number): string {
  const { t } = i18n;
  if (!mend) return t('quiver.hole.asking');
  const { rod } = mend.candidate;
  if (mend.score.score < floor)
    return t('quiver.hole.noRod', { part: t(`quiver.part.${mend.score.lowest ?? 'throw'}`) });
  const detail =
    rod.stiffness.kind === 'class'
      ? t('quiver.hole.class', {
          mount: t(`quiver.mount.${rod.mount}`),
          power: t(`word.${rod.stiffness.power}`),
          action: t(`word.${rod.stiffness.action}`),
          from: i18n.format(rod.rating?.loKg.value ?? null, 'mass'),
          to: i18n.format(rod.rating?.hiKg.value ?? null, 'mass'),
        })
      : '';
  return t('quiver.hole.rod', { rod: detail, score: scoreText(i18n, mend.score.score) });
}

function partText({ t, format }: I18n, part: ScorePart, { figures: f, parts }: RodScore): string {
  switch (part) {
    case 'throw': {
      const drop = format(f.dropShare, 'share');
      return f.castStep === null
        ? t('quiver.says.carry', { drop })
        : f.castStep === 0
          ? t('quiver.says.throws', { drop })
          : t(f.castStep < 0 ? 'quiver.says.light' : 'quiver.says.heavy', { drop, steps: Math.abs(f.castStep) });
    }
    case 'set':
      return f.setMargin === null
        ? t('quiver.says.noLine')
        : t('quiver.says.set', { margin: format(f.setMargin, 'ratio'), pull: format(f.atHookN, 'force') });
    case 'opening':
      return f.openingMargin === null
        ? t('quiver.says.noPull')
        : t('quiver.says.opening', { margin: format(f.openingMargin, 'ratio') });
    case 'strength':
      return t('quiver.says.strength', { share: format(parts.strength, 'share') });
    case 'handling': {
      const load =
        f.momentNm === 0
          ? t('quiver.says.inHolder')
          : t('quiver.says.load', { moment: format(f.momentNm, 'moment'), limit: format(f.limitNm, 'moment') });
      return f.clearM === null
        ? load
        : `${t('quiver.says.clear', { clear: format(f.clearM, 'distance'), asked: format(f.clearAskedM, 'distance') })} ${load}`;
    }
    default:
      return parts && (part satisfies never);
  }
}
