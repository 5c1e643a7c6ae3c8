'use client';

import dynamic from 'next/dynamic';
import { placedSetup } from '@/domain/spread/place-setup';
import type { SpreadQuestion } from '@/domain/spread/solve';
import { MOST_LINES } from '@/domain/spread/spread-limits';
import { towPointsOf } from '@/domain/spread/tow-points';
import { useI18n } from '@/i18n/client';
import { Panel } from '@/ui/panel';
import type { Action } from '../keys';
import type { Solved } from '../use-solved';
import type { SpreadInHand } from '../use-spread';
import { numberOf } from '../words';

const AddPanel = dynamic(() => import('./add-panel').then((m) => m.AddPanel), { loading: () => null });
const LinePanel = dynamic(() => import('./line-panel').then((m) => m.LinePanel), { loading: () => null });
const ArrangePanel = dynamic(() => import('./arrange-panel').then((m) => m.ArrangePanel), {
  loading: () => null,
});
const PatternPanel = dynamic(() => import('./pattern-panel').then((m) => m.PatternPanel), {
  loading: () => null,
});
const BandsPanel = dynamic(() => import('./bands-panel').then((m) => m.BandsPanel), { loading: () => null });
const OrderPanel = dynamic(() => import('./order-panel').then((m) => m.OrderPanel), { loading: () => null });
const StrikePanel = dynamic(() => import('./strike-panel').then((m) => m.StrikePanel), { loading: () => null });
const WaterPanel = dynamic(() => import('./water-panel').then((m) => m.WaterPanel), { loading: () => null });
const WeavePanel = dynamic(() => import('./weave-panel').then((m) => m.WeavePanel), { loading: () => null });
const BoatPanel = dynamic(() => import('./boat-panel').then((m) => m.BoatPanel), { loading: () => null });
const FilesPanel = dynamic(() => import('./files-panel').then((m) => m.FilesPanel), { loading: () => null });

const PANELS = [
  'add',
  'edit',
  'arrange',
  'pattern',
  'bands',
  'order',
  'strike',
  'water',
  'weave',
  'boat',
  'files',
] as const;
export type PanelName = (typeof PANELS)[number];
export const isPanel = (action: Action): action is Extract<Action, PanelName> =>
  (PANELS as readonly string[]).includes(action);

/** The panel that is open, over the drawings. */
export function SpreadPanels({
  open,
  inHand,
  question,
  solved,
  chosen,
  onChoose,
  onClose,
}: {
  readonly open: PanelName | null;
  readonly inHand: SpreadInHand;
  readonly question: SpreadQuestion | null;
  readonly solved: Solved['solved'];
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly onClose: () => void;
}) {
  const { t } = useI18n();
  const { spread, craft, setups } = inHand;
  const points = craft ? towPointsOf(craft) : [];
  const on = spread.lines.find(({ id }) => id === chosen) ?? null;
  return (
    <Panel
      side={open === 'edit'}
      wide={open === 'arrange'}
      open={open !== null}
      onOpenChange={(isOpen) => !isOpen && onClose()}
      title={
        open === 'edit' && on
          ? t('spread.panel.editLine', { number: numberOf(spread, on.id) })
          : t(`spread.panel.${open ?? 'add'}`)
      }
      closeLabel={t('common.close')}
    >
      {open === 'add' && (
        <AddPanel
          setups={setups}
          room={spread.lines.length < MOST_LINES && points.length > spread.lines.length}
          onAdd={(setup) => {
            const line = placedSetup(spread, setup, points);
            if (!line) return;
            inHand.change({ lines: [...spread.lines, line] });
            onChoose(line.id);
            onClose();
          }}
        />
      )}
      {open === 'edit' && on && (
        <LinePanel inHand={inHand} lineId={on.id} answer={solved?.lines.find(({ id }) => id === on.id)} />
      )}
      {open === 'arrange' && question && (
        <ArrangePanel
          inHand={inHand}
          question={question}
          onTake={(lines) => {
            inHand.change({ lines: [...lines] });
            onClose();
          }}
        />
      )}
      {open === 'pattern' && question && solved && (
        <PatternPanel inHand={inHand} question={question} solved={solved} onTaken={() => onClose()} />
      )}
      {open === 'bands' && question && solved && <BandsPanel inHand={inHand} question={question} solved={solved} />}
      {open === 'order' && solved && <OrderPanel inHand={inHand} solved={solved} />}
      {open === 'strike' && solved && <StrikePanel inHand={inHand} solved={solved} chosen={chosen} />}
      {open === 'water' && <WaterPanel inHand={inHand} solved={solved} />}
      {open === 'weave' && solved && <WeavePanel inHand={inHand} solved={solved} chosen={chosen} />}
      {open === 'boat' && <BoatPanel inHand={inHand} />}
      {open === 'files' && <FilesPanel inHand={inHand} onOpened={() => onClose()} />}
    </Panel>
  );
}
