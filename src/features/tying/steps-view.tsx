'use client';

import { useMemo, useState } from 'react';
import { outlineOfPart } from '@/core/show';
import { linksOnMainLine, tyingSteps, type TyingStep } from '@/core/make';
import { OutlineShapes } from '@/features/fields/outline-view';
import { useI18n, type I18n } from '@/i18n/client';
import type { QuiverSetup } from '@/server/queries/quiver-page';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys, type KeyRow } from '@/ui/keys';
import { Link } from '@/ui/link';
import { jointName, partOfJoint } from './names';
import { KnotFigures } from './knot-figures';
import { Timer, useRest } from './timer';

const KEYS = [
  { action: 'next', keys: ['Enter', 'ArrowRight'], label: 'next', atFoot: true },
  { action: 'back', keys: ['ArrowLeft', 'Backspace'], label: 'back', atFoot: true },
  { action: 'timer', keys: ['t'], label: 'timer', atFoot: true },
] as const satisfies readonly KeyRow[];

/** One step at a time, with what is on the line by then, a large Next for wet hands, and a timer. */
export function StepsView({ setup }: { readonly setup: QuiverSetup }) {
  const i18n = useI18n();
  const { t } = i18n;
  const { file, name } = setup;
  const [sharesLink, setSharesLink] = useState(true);
  const canShare = useMemo(() => linksOnMainLine(file).length > 0, [file]);
  const steps = useMemo(() => tyingSteps(file, undefined, sharesLink), [file, sharesLink]);
  const [at, setAt] = useState(0);
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set());
  const rest = useRest();
  const step = steps[at];
  // Before the near end is closed or left, what slides on the line is counted again: a bead that is missing is noticed here.
  const mustSee =
    step &&
    step.end === 'near' &&
    (step.kind === 'tie' || step.kind === 'crimp' || step.kind === 'loop' || step.kind === 'leave')
      ? step.onLine.filter((id) => id !== step.jointId && id !== step.toId)
      : [];
  const tied = step?.kind === 'tie' ? partOfJoint(file, step.jointId) : null;
  const unseen = mustSee.filter((id) => !seen.has(`${at}:${id}`));
  const run = (action: (typeof KEYS)[number]['action']) => {
    switch (action) {
      case 'next':
        return unseen.length === 0 && setAt(Math.min(steps.length, at + 1));
      case 'back':
        return setAt(Math.max(0, at - 1));
      case 'timer':
        return rest.start();
      default:
        return action satisfies never;
    }
  };
  useKeys(KEYS, run, false);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex max-w-4xl flex-col gap-3 px-3 pb-2 pt-3 outline-none lg:h-[calc(100dvh-40px)]"
    >
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h1 className="narrow text-[19px] font-semibold">{name}</h1>
        <span className="narrow text-dim">
          {t('tying.stepOf', { at: Math.min(at + 1, steps.length), of: steps.length })}
        </span>
        {canShare && (
          <label className="semi-narrow flex min-h-8 items-center gap-2 text-[14px]">
            <input
              type="checkbox"
              checked={sharesLink}
              onChange={({ target }) => {
                setSharesLink(target.checked);
                setAt(0);
              }}
            />
            {t('tying.sharesLink')}
          </label>
        )}
        <Link href="/tying" className="ml-auto text-[14px] underline underline-offset-2">
          {t('nav.tying')}
        </Link>
      </div>
      <ol aria-hidden="true" className="flex h-1.5 gap-0.5">
        {steps.map((_, i) => (
          <li key={i} className={`flex-1 ${i < at ? 'bg-ink' : i === at ? 'bg-hi' : 'bg-faint'}`} />
        ))}
      </ol>
      {step ? (
        <section
          aria-live="polite"
          aria-label={t('tying.step')}
          className="flex min-h-0 flex-1 flex-col gap-2 border border-ink bg-sheet p-3"
          data-step={step.kind}
        >
          <p className="text-[24px] font-semibold leading-tight">{stepText(i18n, step, setup)}</p>
          <p className="semi-narrow text-[16px] text-dim">
            {t(`tying.how.${step.kind}`)} {t('tying.tool', { tool: t(`tying.tools.${step.tool}`) })}
          </p>
          <WholeLeader step={step} steps={steps} setup={setup} />
          {tied?.kind === 'knot' && <KnotFigures pattern={tied.pattern} />}
          {mustSee.length > 0 && (
            <fieldset className="border-t border-ink pt-2">
              <legend className="narrow text-[15px] font-semibold">{t('tying.lookAgain')}</legend>
              {mustSee.map((id) => (
                <label key={id} className="flex min-h-11 items-center gap-3 text-[17px]">
                  <input
                    type="checkbox"
                    className="size-6"
                    checked={seen.has(`${at}:${id}`)}
                    onChange={(event) =>
                      setSeen(
                        new Set(
                          event.target.checked
                            ? [...seen, `${at}:${id}`]
                            : [...seen].filter((each) => each !== `${at}:${id}`),
                        ),
                      )
                    }
                  />
                  {jointName(i18n, file, id)}
                </label>
              ))}
            </fieldset>
          )}
        </section>
      ) : (
        <section className="flex-1 border border-ink bg-sheet p-3">
          <p className="text-[24px] font-semibold">{t('tying.done')}</p>
          <p className="semi-narrow text-[16px] text-dim">{t('tying.doneNote')}</p>
        </section>
      )}
      <Timer rest={rest} />
      <div className="grid grid-cols-[1fr_3fr] gap-3">
        <button
          type="button"
          onClick={() => run('back')}
          disabled={at === 0}
          className="min-h-16 border border-ink text-[18px] disabled:border-faint disabled:text-dim"
        >
          {t('tying.key.back')}
        </button>
        <button
          type="button"
          onClick={() => run('next')}
          disabled={!step || unseen.length > 0}
          className="min-h-16 border-2 border-ink bg-hi text-[24px] font-semibold text-on-hi disabled:bg-sheet disabled:text-dim"
        >
          {t('tying.key.next')}
        </button>
      </div>
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 text-[12.5px] text-dim">
        <KeyFoot
          groups={groupKeys(KEYS, true).map((group) => ({ ...group, label: t(`tying.key.${group.label}`) }))}
          onAction={run}
        />
      </footer>
    </main>
  );
}

function stepText(i18n: I18n, { kind, jointId, toId, lengthM, leaderId }: TyingStep, { file }: QuiverSetup): string {
  const { t, format } = i18n;
  return t(`tying.do.${kind}`, {
    what: jointName(i18n, file, jointId),
    to: jointName(i18n, file, toId),
    length: format(lengthM, 'distance'),
    line: jointName(i18n, file, leaderId),
  });
}

/** The whole leader, near end left: what is on it by now is drawn full, what is to come faint, and the present place is marked. */
function WholeLeader({
  step,
  steps,
  setup: { file },
}: {
  readonly step: TyingStep;
  readonly steps: readonly TyingStep[];
  readonly setup: QuiverSetup;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const whole = steps.findLast(({ leaderId }) => leaderId === step.leaderId)!.onLine;
  const drawn = whole.flatMap((id) => {
    const part = partOfJoint(file, id);
    return part
      ? [{ id, name: jointName(i18n, file, id), outline: outlineOfPart(part), isOn: step.onLine.includes(id) }]
      : [];
  });
  const isHere = (id: string) => id === step.jointId || id === step.toId;
  const now = drawn.filter(({ id }) => isHere(id)).map(({ name }) => name);
  const CELL = 150;
  const width = Math.max(1, drawn.length) * CELL + 40;
  return (
    <div
      className="min-h-0 flex-1 overflow-x-auto"
      role="img"
      aria-label={
        drawn.length === 0
          ? t('tying.bareLine')
          : t('tying.wholeLeader', {
              names: drawn.map(({ name }) => name).join(', '),
              now: now.join(', ') || t('tying.bareLine'),
            })
      }
    >
      <svg
        viewBox={`0 0 ${width} 150`}
        className="drawing h-full max-h-56 min-h-32 w-full"
        preserveAspectRatio="xMinYMid meet"
      >
        <path d={`M6,70H${width - 8}`} className="pen-line" style={{ strokeWidth: 1.4 }} />
        {drawn.map(({ id, name, outline, isOn }, i) => {
          const scale = outline ? Math.min(5, 110 / outline.widthMm, 78 / outline.heightMm) : 1;
          return (
            <g key={id} transform={`translate(${24 + i * CELL} 0)`} opacity={isOn ? 1 : 0.35} data-on={isOn}>
              {isHere(id) && (
                <rect
                  x="-8"
                  y="14"
                  width={CELL - 16}
                  height="112"
                  className="pen-frame"
                  style={{ fill: 'var(--sheet)' }}
                />
              )}
              {outline ? (
                <g
                  transform={`translate(0 ${70 - (outline.heightMm * scale) / 2}) scale(${scale})`}
                  style={{ strokeWidth: 1 / scale }}
                >
                  <OutlineShapes outline={outline} />
                </g>
              ) : (
                <circle cx="50" cy="70" r="9" className="pen-metal" />
              )}
              <text x="0" y="140" style={{ fontSize: 11.5, fontWeight: isHere(id) ? 600 : 400 }}>
                {name.length > 24 ? `${name.slice(0, 23)}…` : name}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
