'use client';

import { create } from 'qrcode';
import { evaluate } from '@/core/judge';
import { leadersOf } from '@/core/make';
import { revisionLetter } from '@/domain/revision-letter';
import { shortCode } from '@/domain/short-code';
import { useI18n } from '@/i18n/client';
import type { QuiverSetup } from '@/server/queries/quiver-page';
import { Link } from '@/ui/link';
import { jointName } from './names';

export interface CardsProps {
  readonly items: readonly { readonly setup: QuiverSetup; readonly count: number }[];
  readonly publicUrl: string | null;
  /** ISO day of printing */
  readonly day: string;
}

/** Cards and winder labels to print and cut out, each with what is on it and a code that opens its setup. */
export function CardsView({ items, publicUrl, day }: CardsProps) {
  const { t } = useI18n();
  const labels = items.flatMap(({ setup, count }) => Array.from({ length: count }, (_, i) => ({ setup, at: i })));
  return (
    <main id="main" tabIndex={-1} className="cards mx-auto max-w-5xl px-3 pb-3 pt-3 outline-none print:p-0">
      <div className="mb-3 flex flex-wrap items-center gap-4 print:hidden">
        <h1 className="narrow text-[19px] font-semibold">{t('tying.key.cards')}</h1>
        <button
          type="button"
          onClick={() => window.print()}
          className="narrow min-h-9 border border-ink px-3 text-[14px]"
        >
          {t('common.print')}
        </button>
        <span className="semi-narrow text-[14px] text-dim">
          {publicUrl ? t('tying.codeOpens', { url: publicUrl }) : t('tying.codeTyped')}
        </span>
        <Link href="/tying" className="ml-auto text-[14px] underline underline-offset-2">
          {t('nav.tying')}
        </Link>
      </div>
      {labels.length === 0 && <p>{t('tying.empty')}</p>}
      <ul className="grid grid-cols-1 sm:grid-cols-2 print:grid-cols-2">
        {labels.map(({ setup, at }) => (
          <Card key={`${setup.id} ${at}`} setup={setup} publicUrl={publicUrl} day={day} />
        ))}
      </ul>
    </main>
  );
}

function Card({
  setup,
  publicUrl,
  day,
}: {
  readonly setup: QuiverSetup;
  readonly publicUrl: string | null;
  readonly day: string;
}) {
  const i18n = useI18n();
  const { t, format, date } = i18n;
  const { id, name, number, file } = setup;
  const leaders = leadersOf(file);
  const { strengthN, weakest } = evaluate(file).figures.hold.chain;
  const weakestName = jointName(i18n, file, weakest.split(':')[0] ?? null);
  return (
    <li className="card relative flex gap-3 p-4 [break-inside:avoid]">
      <CutMarks />
      <div className="min-w-0 flex-1">
        <p className="narrow text-[16px] font-semibold leading-tight">
          {name} <span className="font-normal">{revisionLetter(number)}</span>
        </p>
        {leaders.map(({ jointId, lengthM, threaded }) => (
          <p key={jointId} className="semi-narrow text-[13px] leading-snug">
            {format(lengthM, 'distance')} {jointName(i18n, file, jointId)}
            {threaded.length > 0 ? ` · ${threaded.map((each) => jointName(i18n, file, each)).join(', ')}` : ''}
          </p>
        ))}
        <p className="semi-narrow text-[13px]">
          {t('tying.givesAt', { pull: format(strengthN, 'force'), joint: weakestName })}
        </p>
        <p className="narrow text-[12px] text-dim">
          {date(new Date(day), 'full')}
          {publicUrl ? '' : ` · ${t('tying.code')} ${shortCode(id)}`}
        </p>
      </div>
      {publicUrl ? (
        <Qr text={`${publicUrl}/bench/${id}`} />
      ) : (
        <p className="narrow self-center border border-ink px-2 py-1 text-[20px] tracking-widest">{shortCode(id)}</p>
      )}
    </li>
  );
}

/** Corners where the knife goes. */
const CutMarks = () => (
  <svg
    aria-hidden="true"
    className="pointer-events-none absolute inset-0 h-full w-full text-dim"
    preserveAspectRatio="none"
  >
    {(['0', '100%'] as const).map((x) =>
      (['0', '100%'] as const).map((y) => (
        <g key={x + y} stroke="currentColor" strokeWidth="1">
          <line x1={x} y1={y} x2={x} y2={y} />
          <svg x={x} y={y} overflow="visible">
            <path d="M-6,0H6M0,-6V6" stroke="currentColor" fill="none" />
          </svg>
        </g>
      )),
    )}
  </svg>
);

function Qr({ text }: { readonly text: string }) {
  const { t } = useI18n();
  const { size, data } = create(text, { errorCorrectionLevel: 'M' }).modules;
  const path = Array.from({ length: size * size }, (_, i) =>
    data[i] ? `M${i % size},${Math.floor(i / size)}h1v1h-1z` : '',
  ).join('');
  return (
    <svg
      viewBox={`-2 -2 ${size + 4} ${size + 4}`}
      className="size-24 shrink-0"
      role="img"
      aria-label={t('tying.qr', { url: text })}
      shapeRendering="crispEdges"
    >
      <rect x={-2} y={-2} width={size + 4} height={size + 4} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
