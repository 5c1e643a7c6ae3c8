'use client';

import type { Evaluation } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import { strengthText } from '@/i18n/setup-text';
import { Panel } from '@/ui/panel';
import { ClutchScaleView } from './clutch-scale';

export interface HoldPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly evaluation: Evaluation;
  readonly rig: Setup;
  readonly onFight: () => void;
}

/** The strength chain as bars from the reel to the hook, where the clutch may stand, and how each end lies in the water. */
export function HoldPanel({ open, onOpenChange, evaluation, rig, onFight }: HoldPanelProps) {
  const i18n = useI18n();
  const { t, format, number } = i18n;
  const { hold, balance } = evaluation.figures;
  const most = Math.max(...hold.chain.joints.map(({ strengthN }) => strengthN));
  const { presentation } = rig;
  const { clutchN } = presentation;
  const left = hold.chain.leftInWater.map((name) => strengthText(i18n, name, rig));
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('hold.title')} closeLabel={t('common.close')}>
      <ol>
        {hold.chain.joints.map(({ name, strengthN }, i) => {
          const isWeakest = i === hold.chain.weakestIndex;
          return (
            <li
              key={`${name}-${i}`}
              data-weakest={isWeakest}
              className="grid grid-cols-[10rem_1fr_auto] items-center gap-2 border-t border-faint py-0.5 data-[weakest=true]:font-semibold"
            >
              <span className="narrow truncate text-[14px]">{strengthText(i18n, name, rig)}</span>
              <span className="relative block h-2.5" aria-hidden="true">
                <span
                  className={`absolute inset-y-0 left-0 border border-ink ${isWeakest ? 'bg-hi' : 'bg-bait'}`}
                  style={{ width: `${(100 * strengthN) / most}%` }}
                />
                {clutchN !== null && (
                  <span
                    className="absolute -inset-y-0.5 w-0 border-l-2 border-ink"
                    style={{ left: `${Math.min(100, (100 * clutchN) / most)}%` }}
                  />
                )}
              </span>
              <span className="narrow min-w-[9rem] text-right text-[13px]">
                {format(strengthN, 'force')}
                {isWeakest ? ` · ${t('hold.weakest')}` : ''}
                {name === presentation.wanted.breakAt ? ` · ${t('hold.wanted')}` : ''}
              </span>
            </li>
          );
        })}
      </ol>
      <p className="semi-narrow mt-1 text-[13px]">
        {left.length > 0 ? t('hold.left', { names: left.join(', ') }) : t('hold.nothingLeft')}
        {clutchN !== null ? ` | ${t('hold.clutch')} ${format(clutchN, 'force')}` : ''}
      </p>
      {evaluation.figures.strike && (
        <>
          <h3 className="narrow mt-3 flex items-baseline justify-between text-[15px] font-semibold">
            {t('clutch.title')}{' '}
            <button
              type="button"
              onClick={onFight}
              className="min-h-8 text-[12.5px] font-normal underline underline-offset-2 lg:min-h-6"
            >
              {t('fight.title')}
            </button>
          </h3>
          <ClutchScaleView
            scales={evaluation.figures.strike.scales}
            clutchN={clutchN}
            lightN={evaluation.figures.strike.window.holdsBaitN}
            i18n={i18n}
          />
        </>
      )}
      <h3 className="narrow mt-3 text-[15px] font-semibold">{t('balance.title')}</h3>
      <table className="semi-narrow w-full border-collapse text-[13px]">
        <thead>
          <tr className="narrow text-right text-dim">
            <td />
            <th className="font-normal">{t('balance.outcome')}</th>
            <th className="font-normal">{t('balance.net')}</th>
            <th className="font-normal">{t('balance.rest')}</th>
            <th className="font-normal">{t('balance.pulled')}</th>
            <th className="font-normal">{t('balance.roll')}</th>
            <th className="font-normal">{t('balance.past')}</th>
            <th className="font-normal">{t('balance.exposed')}</th>
            <th className="font-normal">{t('balance.turns')}</th>
          </tr>
        </thead>
        <tbody>
          {balance.ends.map((end) => (
            <tr key={end.jointId} className="border-t border-faint text-right">
              <td className="text-left">{strengthText(i18n, end.jointId, rig)}</td>
              <td>{t(`word.${end.trim.outcome}`)}</td>
              <td>{format(end.trim.netWeightN, 'smallForce')}</td>
              <td>{format(end.trim.pitchFallingRad, 'angle')}</td>
              <td>{format(end.trim.pitchPulledRad, 'angle')}</td>
              <td>{format(end.trim.rollArmM, 'size')}</td>
              <td>{format(end.pastHookM, 'size')}</td>
              <td>{format(end.spin?.exposedM ?? null, 'size')}</td>
              <td>{end.spin ? number(end.spin.turnsPerM, 1) : '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <table className="semi-narrow mt-2 w-full border-collapse text-[13px]">
        <thead>
          <tr className="narrow text-right text-dim">
            <td />
            <th className="font-normal">{t('balance.gap')}</th>
            <th className="font-normal">{t('balance.station')}</th>
            <th className="font-normal">{t('balance.points')}</th>
            <th className="font-normal">{t('balance.opens')}</th>
          </tr>
        </thead>
        <tbody>
          {balance.ends
            .flatMap(({ hooks }) => hooks)
            .map((hook, i) => (
              <tr key={i} className="border-t border-faint text-right">
                <td className="text-left">
                  {strengthText(i18n, hook.jointId, rig)}
                  {hook.hangsAt ? ` · ${t(`station.${hook.hangsAt}`)}` : ''}
                </td>
                <td>
                  {hook.clearGapM === null
                    ? '–'
                    : `${format(hook.clearGapM, 'size')} / ${format(hook.askedGapM, 'size')}`}
                </td>
                <td>{format(hook.station, 'share')}</td>
                <td>{number(hook.pointsInReach, 0)}</td>
                <td>{format(hook.opensN, 'force')}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </Panel>
  );
}
