'use client';

import { DEVIATIONS_TO_RANGE } from '@/domain/spread/let-out';
import { isSolved } from '@/domain/spread/line-names';
import type { SpreadQuestion } from '@/domain/spread/solve';
import { useI18n } from '@/i18n/client';
import { Mark } from '@/ui/mark';
import { lineState } from '../line-state';
import type { Solved } from '../use-solved';
import type { SpreadInHand } from '../use-spread';
import { fileOf, markText, rodName } from '../words';

/** The lines as a table: rod and setup, line mark, line out, depth with its range, drag, and how it stands. */
export function LineList({
  inHand,
  question,
  solved,
  chosen,
  onChoose,
  onEdit,
}: {
  readonly inHand: SpreadInHand;
  readonly question: SpreadQuestion;
  readonly solved: Solved['solved'];
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly onEdit: (id: string) => void;
}) {
  const i18n = useI18n();
  const { t, show, unitLabel } = i18n;
  const { spread, setups } = inHand;
  return (
    <table className="narrow w-full border-collapse text-[14px] leading-[1.15]" data-testid="lines">
      <caption className="sr-only">{t('spread.list.title')}</caption>
      <thead>
        <tr className="border-b border-ink text-[12.5px] text-dim">
          <th className="w-6 px-1 py-1 font-normal">
            <span className="sr-only">{t('spread.list.number')}</span>
          </th>
          <th className="px-1 py-1 text-left font-normal">{t('spread.list.rod')}</th>
          <th className="px-1 py-1 text-left font-normal">{t('spread.list.mark')}</th>
          <th className="px-1 py-1 text-right font-normal">
            {t('spread.list.out')}
            <br />
            {unitLabel('distance')}
          </th>
          <th className="px-1 py-1 text-right font-normal">
            {t('spread.list.depth')}
            <br />
            {unitLabel('depth')}
          </th>
          <th className="px-1 py-1 text-right font-normal">
            {t('spread.list.drag')}
            <br />
            {unitLabel('force')}
          </th>
          <th className="w-6 px-1 py-1">
            <span className="sr-only">{t('spread.list.state')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {spread.lines.map((line, i) => {
          const answer = solved?.lines.find(({ id }) => id === line.id);
          const file = fileOf(inHand, line);
          const state = lineState(line, answer, { question, spread: solved?.spread ?? null });
          const isOn = line.id === chosen;
          const ok = answer && isSolved(answer) ? answer : null;
          const half = ok ? DEVIATIONS_TO_RANGE * ok.depthSdM : 0;
          return (
            <tr
              key={line.id}
              data-line={line.id}
              data-on={isOn}
              onClick={() => onChoose(line.id)}
              onDoubleClick={() => onEdit(line.id)}
              className="cursor-pointer border-b border-ink align-top last:border-0 data-[on=true]:bg-hi data-[on=true]:text-on-hi"
            >
              <td className="px-1 py-0.5 text-center font-bold">{i + 1}</td>
              <td className="max-w-[124px] px-1 py-0.5">
                <button
                  type="button"
                  onClick={() => onEdit(line.id)}
                  className="block truncate text-left underline-offset-2 hover:underline"
                >
                  {rodName(i18n, file)}
                  {line.pinned ? ` · ${t('spread.pinned')}` : ''}
                </button>
                <span className={`block truncate text-[12.5px] ${isOn ? '' : 'text-dim'}`}>
                  {setups.find(({ id }) => id === line.setupId)?.name ?? t('spread.problem.no-setup')}
                </span>
              </td>
              <td className="px-1 py-0.5">
                {markText(i18n, line, file)}
                {line.mark.toCheck && <b className="block text-[12px]">{t('spread.mark.check')}</b>}
              </td>
              <td className="px-1 py-0.5 text-right tabular-nums">{show(line.lineM, 'distance').number}</td>
              <td className="whitespace-nowrap px-1 py-0.5 text-right tabular-nums" data-testid={`depth-${line.id}`}>
                {ok ? show(ok.depthM, 'depth').number : '–'}
                {ok && half > 0.05 && (
                  <span className={`block text-[12.5px] ${isOn ? '' : 'text-dim'}`}>
                    {show(Math.max(0, ok.depthM - half), 'depth').number}–{show(ok.depthM + half, 'depth').number}
                  </span>
                )}
              </td>
              <td className="px-1 py-0.5 text-right tabular-nums">
                {ok?.dragN ? show(ok.dragN, 'force').number : '–'}
              </td>
              <td className="px-1 py-1">
                <Mark shape={state.shape} />
                <span className="sr-only">{t(`spread.state.${state.shape}`)}</span>
              </td>
            </tr>
          );
        })}
        {spread.lines.length === 0 && (
          <tr>
            <td colSpan={7} className="semi-narrow px-2 py-2">
              {t('spread.list.empty')}
            </td>
          </tr>
        )}
      </tbody>
    </table>
  );
}
