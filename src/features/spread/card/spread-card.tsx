'use client';

import { PROBE, isSolved } from '@/domain/spread/line-names';
import { useMemo } from 'react';
import { orderOut } from '@/domain/spread/strike';
import { useI18n } from '@/i18n/client';
import type { SpreadPage } from '@/server/queries/spread-page';
import { Link } from '@/ui/link';
import { useSize } from '@/ui/use-size';
import { Above } from '../drawings/above';
import { extentOf, frameFor } from '../drawings/frame';
import { Tightest } from '../list/tightest';
import { useQuestion, useSolved } from '../use-solved';
import { useSpread } from '../use-spread';
import { fileOf, markText, numberOf, rodName } from '../words';

const ignore = () => undefined;

/** One page to take aboard: the boat from above, the marks in large type in the order they go out, the tightest turns. */
export function SpreadCard({ isGuest = false, ...page }: SpreadPage & { readonly isGuest?: boolean }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const inHand = useSpread(page);
  const { spread, craft } = inHand;
  const turn = useMemo(() => ({ radiusM: spread.radiusM, side: 'starboard' as const }), [spread.radiusM]);
  const question = useQuestion(inHand, page.house, turn);
  const { solved, geometry, waiting } = useSolved(question);
  const { ref: sheetRef, ...sheet } = useSize<HTMLDivElement>({ width: 720, height: 240 });
  if (!craft || !question) return <main id="main">{t('spread.noCraft')}</main>;
  const order = orderOut(spread, solved?.lines.filter(isSolved) ?? []);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="cards mx-auto max-w-4xl px-3 pb-3 pt-3 outline-none print:p-0"
      data-state={waiting ? 'waiting' : 'ready'}
    >
      <div className="mb-2 flex flex-wrap items-center gap-4">
        <h1 className="narrow text-[22px] font-semibold">
          {spread.name || t('nav.spread')}
          <span className="font-normal">
            {' '}
            · {craft.name} · {format(spread.speedMps, 'speed')}
          </span>
        </h1>
        <button
          type="button"
          onClick={() => window.print()}
          className="narrow min-h-9 border border-ink px-3 text-[14px] print:hidden"
        >
          {t('common.print')}
        </button>
        {!isGuest && (
          <Link
            href={`/spread?spread=${encodeURIComponent(spread.id)}`}
            className="ml-auto text-[14px] underline underline-offset-2 print:hidden"
          >
            {t('nav.spread')}
          </Link>
        )}
      </div>
      <div ref={sheetRef} className="h-60 overflow-hidden border border-ink bg-sheet">
        {geometry && (
          <Above
            spread={spread}
            craft={craft}
            geometry={geometry}
            frame={frameFor(extentOf(geometry, craft.lengthM, 0), {
              width: sheet.width,
              height: 240,
              facing: spread.facing,
            })}
            width={sheet.width}
            height={240}
            chosen={null}
            crests={[]}
            onChoose={ignore}
            onPlace={ignore}
            onLine={ignore}
          />
        )}
      </div>
      <ol className="mt-2 border-t-2 border-ink" data-testid="card-lines">
        {order.map((id) => {
          const line = spread.lines.find((each) => each.id === id);
          const answer = solved?.lines.find((each) => each.id === id);
          return (
            <li key={id} className="grid grid-cols-[2.5rem_1fr_auto] items-baseline gap-3 border-b border-ink py-1">
              <b className="text-[30px] leading-none">{line ? numberOf(spread, id) : '·'}</b>
              <span>
                <span className="narrow block text-[26px] font-semibold leading-tight">
                  {line ? markText(i18n, line, fileOf(inHand, line)) : t('spread.probe')}
                </span>
                <span className="semi-narrow block text-[15px]">
                  {line
                    ? `${rodName(i18n, fileOf(inHand, line))} · ${inHand.setups.find((each) => each.id === line.setupId)?.name ?? '–'}`
                    : id === PROBE && spread.probe
                      ? format(spread.probe.cableM, 'distance')
                      : ''}
                </span>
              </span>
              <span className="narrow text-right text-[20px]">
                {answer && isSolved(answer) ? t('spread.deep', { depth: format(answer.depthM, 'depth') }) : ''}
                <span className="block text-[15px]">
                  {answer && isSolved(answer) && answer.dragN !== null
                    ? t('spread.card.drag', { drag: format(answer.dragN, 'force') })
                    : ''}
                </span>
              </span>
            </li>
          );
        })}
      </ol>
      <p className="semi-narrow my-2 text-[15px]">
        {t(`spread.strike.first.${spread.strike.speed}`, { time: format(spread.strike.forS, 'time') })}
      </p>
      <Tightest spread={spread} solved={solved?.spread ?? null} turn={turn} />
      <p className="semi-narrow mt-2 text-[13px] text-dim">{t('spread.card.note')}</p>
    </main>
  );
}
