'use client';

import { useI18n, type I18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { ProgressLine } from '@/ui/progress-line';
import { TextField } from '@/ui/text-field';
import { missedAlone } from './job';
import { classRodName, rowName, scoreText } from './names';
import { holeText } from './pair-card';
import type { Ask, QuiverState } from './use-quiver';

const KINDS = ['fewest', 'best', 'buy', 'home'] as const;
const startOf = (kind: Ask['kind']): Ask =>
  kind === 'best' ? { kind, k: 3 } : kind === 'buy' ? { kind, budget: 200 } : { kind };

/** What is asked of the rods, and the solver's answer with its proof. */
export function AskBar({ state }: { readonly state: QuiverState }) {
  const { t } = useI18n();
  const { ask, setAsk, prices, setPrices, mounts, isStopped, buyingProgress, solving, answer } = state;
  const whole = (text: string, most: number) =>
    Math.min(most, Math.max(0, Math.round(Number(text.replace(',', '.')) || 0)));
  return (
    <section
      aria-label={t('quiver.ask.title')}
      className="grid gap-x-4 border border-ink bg-sheet px-2.5 py-1.5 sm:grid-cols-[210px_minmax(0,1fr)]"
    >
      <div className="flex flex-col gap-1">
        <ChoiceField
          label={t('quiver.ask.title')}
          value={ask.kind}
          options={KINDS.map((kind) => ({ value: kind, label: t(`quiver.ask.${kind}`) }))}
          onValueChange={(kind) => setAsk(startOf(kind))}
        />
        {ask.kind === 'best' && (
          <TextField
            label={t('quiver.ask.k')}
            inputMode="numeric"
            value={String(ask.k)}
            onValueChange={(text) => setAsk({ kind: 'best', k: whole(text, 40) })}
          />
        )}
        {ask.kind === 'buy' && (
          <>
            <TextField
              label={t('quiver.ask.budget')}
              inputMode="numeric"
              value={String(ask.budget)}
              onValueChange={(text) => setAsk({ kind: 'buy', budget: whole(text, 1e6) })}
            />
            <div className="grid grid-cols-2 gap-2">
              {mounts.map((mount) => (
                <TextField
                  key={mount}
                  label={t('quiver.ask.price', { mount: t(`quiver.mount.${mount}`) })}
                  inputMode="numeric"
                  value={String(prices[mount] ?? 0)}
                  onValueChange={(text) => setPrices({ ...prices, [mount]: whole(text, 1e6) })}
                />
              ))}
            </div>
          </>
        )}
      </div>
      <div
        className={`semi-narrow min-w-0 text-[14px] lg:max-h-[150px] lg:overflow-y-auto ${solving && !answer ? 'text-dim' : ''}`}
        data-testid="answer"
        data-outcome={answer?.outcome ?? ''}
        aria-live="polite"
      >
        {buyingProgress && (
          <ProgressLine label={t('quiver.scoringClasses')} share={buyingProgress.done / buyingProgress.of} />
        )}
        {answer ? (
          <Answered state={state} />
        ) : (
          <p className="text-dim">{t(isStopped ? 'quiver.stopped' : 'quiver.ask.asking')}</p>
        )}
      </div>
    </section>
  );
}

function Answered({ state }: { readonly state: QuiverState }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const { ask, answer, rods, candidates, presented, table, twins, holes, mends, allowed, served, floor } = state;
  const { rods: chosen, count, totalScore, uncovered = [], spent = 0, gap, bound, outcome } = answer!;
  const name = (r: number) =>
    rods[r]?.name ?? (r < rods.length ? t('part.rod.plain') : classRodName(i18n, candidates[r - rods.length]!.rod));
  const list = (indices: readonly number[]) => indices.map(name).join(', ');
  const most = presented.length;
  const now = table!.reduce(
    (sum, { scores }) => sum + allowed.reduce((best, r) => Math.max(best, scores[r]!.score), 0),
    0,
  );
  const proof =
    outcome === 'within-gap'
      ? t('quiver.proof.gap', { gap: format(gap, 'share') })
      : ask.kind === 'fewest'
        ? t('quiver.proof.fewest', { count: count - 1, bound })
        : t('quiver.proof.total', { bound: scoreText(i18n, bound) });
  switch (ask.kind) {
    case 'fewest':
      return (
        <>
          <p>
            <strong className="font-semibold">
              {t('quiver.answer.fewest', { count, floor: scoreText(i18n, floor) })}
            </strong>{' '}
            {list(chosen)}. {proof}
          </p>
          {uncovered.map((p) => (
            <p key={p} data-testid="hole">
              ✕{' '}
              <strong className="font-semibold">
                {p + 1} {rowName(i18n, presented[p]!)}
              </strong>
              : {holeText(i18n, mends[holes.indexOf(p)] ?? null, floor)}
            </p>
          ))}
          <Twins i18n={i18n} twins={twins} name={name} />
        </>
      );
    case 'best':
      return (
        <p>
          <strong className="font-semibold">{t('quiver.answer.best', { count })}</strong> {list(chosen)}.{' '}
          {t('quiver.answer.total', {
            total: scoreText(i18n, totalScore),
            most: scoreText(i18n, most),
            now: scoreText(i18n, now),
          })}{' '}
          {proof}
        </p>
      );
    case 'buy': {
      const bought = chosen.filter((r) => r >= rods.length);
      if (bought.length === 0)
        return (
          <p>
            <strong className="font-semibold">{t('quiver.answer.nothingToBuy')}</strong> {proof}
          </p>
        );
      return (
        <p>
          <strong className="font-semibold">{t('quiver.answer.buy', { price: spent })}</strong> {list(bought)}.{' '}
          {t('quiver.answer.raises', {
            from: scoreText(i18n, now),
            to: scoreText(i18n, totalScore),
            most: scoreText(i18n, most),
          })}{' '}
          {proof}
        </p>
      );
    }
    case 'home': {
      const left = allowed.filter((r) => !chosen.includes(r));
      const isFree = now - totalScore < 1e-6;
      return (
        <>
          <p>
            <strong className="font-semibold">
              {t(isFree ? 'quiver.answer.homeFree' : 'quiver.answer.homeLeast', {
                lost: scoreText(i18n, now - totalScore),
              })}
            </strong>{' '}
            {list(left)}. {proof}
          </p>
          <Twins i18n={i18n} twins={twins} name={name} />
          <p className="narrow text-[13px] text-dim">
            {t('quiver.answer.alone')}{' '}
            {missedAlone(table!, served, allowed)
              .map(
                ({ rod, score, holes: fall }) => `${name(rod)} ${scoreText(i18n, score)}${fall > 0 ? ` ✕${fall}` : ''}`,
              )
              .join(' · ')}
          </p>
        </>
      );
    }
    default:
      return ask satisfies never;
  }
}

const Twins = ({
  i18n: { t },
  twins,
  name,
}: {
  readonly i18n: I18n;
  readonly twins: QuiverState['twins'];
  readonly name: (r: number) => string;
}) =>
  [...new Set(twins.map(({ by }) => by))].map((by) => {
    const rods = twins.filter((twin) => twin.by === by).map(({ rod }) => name(rod));
    return (
      <p key={by} data-testid="twin">
        ≡ {t('quiver.twin', { rods: rods.join(', '), count: rods.length, by: name(by) })}
      </p>
    );
  });
