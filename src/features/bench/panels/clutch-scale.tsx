import type { ClutchScale } from '@/core/strike';
import type { I18n } from '@/i18n/client';

export interface ClutchScaleViewProps {
  readonly scales: readonly ClutchScale[];
  /** the present setting at a full spool [N]; null: locked */
  readonly clutchN: number | null;
  /** the light setting for a live or towed bait [N]; null: none is towed */
  readonly lightN: number | null;
  readonly i18n: I18n;
}

/** Room beyond the largest figure, for its own text. */
const ROOM = 1.1;

/** Settings at a full spool that are right, in the four states of spool and rod, on one scale with the present one. */
export function ClutchScaleView({ scales, clutchN, lightN, i18n }: ClutchScaleViewProps) {
  const { t, format, show } = i18n;
  const most = ROOM * Math.max(...scales.flatMap(({ settingN }) => settingN), clutchN ?? 0, lightN ?? 0);
  const at = (force: number) => `${(100 * force) / most}%`;
  const pins = [
    ...(clutchN === null ? [] : [{ key: 'now', force: clutchN, text: t('clutch.now'), pen: 'border-solid' }]),
    ...(lightN === null ? [] : [{ key: 'light', force: lightN, text: t('clutch.light'), pen: 'border-dashed' }]),
  ];
  return (
    <div
      role="img"
      aria-label={t('clutch.scaleLabel')}
      className="narrow mb-1 grid grid-cols-[minmax(6.5rem,auto)_minmax(0,1fr)] gap-x-2 text-[12.5px]"
    >
      {scales.map(({ fill, rod, settingN }) => {
        const [lo, hi] = settingN.toSorted((a, b) => a - b) as [number, number];
        const isOpen = settingN[0] <= settingN[1];
        return (
          <div key={`${fill} ${rod}`} className="contents">
            <span className="text-right leading-7">{t(`clutch.state.${fill}-${rod}`)}</span>
            <span className="relative mx-9 h-7">
              <span className="absolute inset-x-0 top-1/2 border-t border-faint" />
              <span
                className={`absolute inset-y-1.5 border border-ink ${isOpen ? 'bg-ok' : 'border-dashed bg-bad'}`}
                style={{ left: at(lo), width: at(hi - lo) }}
              />
              <span className="absolute -translate-x-full bg-sheet px-0.5 leading-7 text-dim" style={{ left: at(lo) }}>
                {show(lo, 'force').number}
              </span>
              <span className="absolute bg-sheet px-0.5 leading-7 text-dim" style={{ left: at(hi) }}>
                {show(hi, 'force').number}
                {isOpen ? '' : ` ${t('clutch.crossed')}`}
              </span>
              {pins.map(({ key, force, pen }) => (
                <span
                  key={key}
                  className={`absolute inset-y-0 w-0 border-l-2 border-ink ${pen}`}
                  style={{ left: at(force) }}
                />
              ))}
            </span>
          </div>
        );
      })}
      {pins.map(({ key, force, text }) => (
        <div key={key} className="contents">
          <span />
          <span className="relative mx-9 h-4 leading-4">
            <span className="absolute -translate-x-1/2 whitespace-nowrap" style={{ left: at(force) }}>
              {text} {format(force, 'force')}
            </span>
          </span>
        </div>
      ))}
    </div>
  );
}
