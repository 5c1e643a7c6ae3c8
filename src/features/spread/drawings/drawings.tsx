'use client';

import type { Turn } from '@/core/afloat';
import type { Craft } from '@/domain/house';
import type { SpreadQuestion } from '@/domain/spread/solve';
import { useI18n } from '@/i18n/client';
import { useSize } from '@/ui/use-size';
import { Figures } from '../list/figures';
import type { Solved } from '../use-solved';
import type { SpreadInHand } from '../use-spread';
import { Above } from './above';
import { extentOf, frameFor } from './frame';
import { Side } from './side';
import { Speeds } from './speeds';
import { TurnDrawing } from './turn';
import { wakeOf, WakeDrawing } from './wake';

export interface DrawingsProps {
  readonly inHand: SpreadInHand;
  readonly craft: Craft;
  readonly question: SpreadQuestion;
  readonly solved: Solved['solved'];
  readonly geometry: Solved['geometry'];
  readonly turn: Turn;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly onPlace: (pointId: string) => void;
  readonly onLine: (id: string, lineM: number) => void;
  readonly onDepth: (id: string, lengthM: number) => void;
  readonly onTurn: (turn: Turn) => void;
  readonly onSpeed: (speedMps: number) => void;
}

/** From above, from the side, in the turn, on the wake, at one speed: five drawings of one spread. */
export function Drawings(props: DrawingsProps) {
  const {
    inHand,
    craft,
    question,
    solved,
    geometry,
    turn,
    chosen,
    onChoose,
    onPlace,
    onLine,
    onDepth,
    onTurn,
    onSpeed,
  } = props;
  const { t } = useI18n();
  const { spread, setups } = inHand;
  const { ref: planRef, ...plan } = useSize<HTMLDivElement>({ width: 600, height: 330 });
  const { ref: sideRef, ...side } = useSize<HTMLDivElement>({ width: 600, height: 190 });
  const { ref: bendRef, ...bend } = useSize<HTMLDivElement>({ width: 262, height: 330 });
  const { ref: waveRef, ...wave } = useSize<HTMLDivElement>({ width: 262, height: 190 });
  const { ref: speedsRef, ...speeds } = useSize<HTMLDivElement>({ width: 640, height: 130 });
  const laid = geometry ?? [];
  const deepest = Math.max(0, ...laid.map(({ lureM, depthSdM }) => lureM[2] + 2 * depthSdM));
  const shownDeep = Math.max(deepest * 1.12, Math.min(spread.bottomM ?? 0, deepest * 1.35));
  const extent = extentOf(laid, craft.lengthM, shownDeep);
  const frame = frameFor(extent, { width: plan.width, height: plan.height, facing: spread.facing });
  const shared = { spread, craft, geometry: laid, frame, chosen, onChoose };
  const scale = Math.round(1 / (frame.perM * (0.0254 / 96)) / 10) * 10;
  return (
    <div className="flex min-h-0 flex-col gap-2">
      <div className="grid min-h-0 flex-[5] grid-cols-[minmax(0,1fr)] border border-ink bg-sheet lg:grid-cols-[minmax(0,1fr)_264px]">
        <div className="relative flex min-h-[300px] min-w-0 flex-col lg:min-h-0">
          <p className="narrow absolute left-2.5 top-1 z-[1] text-[14px] font-semibold">
            {t('spread.aboveTitle', { scale })}
          </p>
          <div ref={planRef} className="min-h-0 flex-1 overflow-hidden">
            <Above
              {...shared}
              width={plan.width}
              height={plan.height}
              crests={wakeOf(craft, spread.speedMps).crestsM}
              onPlace={onPlace}
              onLine={onLine}
            />
          </div>
          <Figures inHand={inHand} question={question} solved={solved} geometry={geometry} chosen={chosen} />
        </div>
        <div
          ref={bendRef}
          className="min-h-[320px] min-w-0 overflow-hidden border-t border-ink lg:min-h-0 lg:border-l lg:border-t-0"
        >
          {solved && (
            <TurnDrawing
              {...shared}
              width={bend.width}
              height={bend.height}
              turn={turn}
              tightest={solved.spread?.tightest ?? null}
              solved={solved}
              onTurn={onTurn}
            />
          )}
        </div>
      </div>
      <div className="grid min-h-0 flex-[3] grid-cols-[minmax(0,1fr)] border border-ink bg-sheet lg:grid-cols-[minmax(0,1fr)_264px]">
        <div ref={sideRef} className="min-h-[200px] min-w-0 overflow-hidden lg:min-h-0">
          <Side
            {...shared}
            frame={
              side.width === plan.width
                ? frame
                : frameFor(extent, { width: side.width, height: plan.height, facing: spread.facing })
            }
            width={side.width}
            height={side.height}
            deepM={shownDeep || 5}
            files={question.files}
            onDepth={onDepth}
          />
        </div>
        <div
          ref={waveRef}
          className="min-h-[190px] min-w-0 overflow-hidden border-t border-ink lg:min-h-0 lg:border-l lg:border-t-0"
        >
          <WakeDrawing spread={spread} craft={craft} geometry={laid} width={wave.width} chosen={chosen} />
        </div>
      </div>
      <div className="border border-ink bg-sheet">
        <h2 className="narrow px-2.5 pt-0.5 text-[14px] font-semibold">{t('spread.speeds.title')}</h2>
        <div ref={speedsRef} className="min-w-0 overflow-hidden">
          <Speeds
            spread={spread}
            lines={solved?.lines ?? []}
            house={question.house}
            width={speeds.width > 700 ? speeds.width - 220 : speeds.width}
            nameOfSetup={(id) => {
              const line = spread.lines.find((each) => each.id === id);
              const { name } = setups.find((each) => each.id === line?.setupId) ?? { name: '–' };
              return name.length > 28 ? `${name.slice(0, 27)}…` : name;
            }}
            onSpeed={onSpeed}
          />
        </div>
      </div>
    </div>
  );
}
