'use client';

import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { Link } from '@/ui/link';
import type { Today } from './use-today';

type Rod = Extract<Part, { kind: 'rod' }>;

/** Rods in the order in which they are used, each with what it is rigged with and in which slots; one blank stands once. */
export function DeckStrip({ today, href }: { readonly today: Today; readonly href: string }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const rods = rodsOf(today);
  const longest = Math.max(1, ...rods.map(({ rod }) => rod.lengthM.value));
  return (
    <section aria-label={t('today.deck')} data-testid="deck" className="border border-ink bg-sheet px-3 py-1">
      <h2 className="narrow flex items-baseline gap-3 text-[14px] font-semibold">
        <Link href={href} className="underline underline-offset-2">
          {t('today.deck')}
        </Link>
        <span className="font-normal text-dim">{rods.length === 0 ? t('today.deckEmpty') : t('today.deckOrder')}</span>
      </h2>
      <ol className="lg:max-h-[84px] lg:overflow-y-auto">
        {rods.map(({ rod, rigged }) => (
          <li key={rod.id} className="flex flex-wrap items-center gap-x-4 lg:flex-nowrap">
            <RodLine share={rod.lengthM.value / longest} />
            <span className="narrow w-32 shrink-0 truncate text-[14px] font-semibold">
              {rod.name ?? partTitle(i18n, rod)}
            </span>
            <span className="narrow w-14 shrink-0 text-[13px] text-dim">{format(rod.lengthM.value, 'rodLength')}</span>
            <span className="narrow min-w-0 flex-1 truncate text-[14px]">
              {rigged.map(({ name, spool }) => (spool ? t('today.secondSpool', { setup: name }) : name)).join(' · ')}
            </span>
            <span className="narrow text-[13px] text-dim">
              {t('today.inSlots', { slots: [...new Set(rigged.flatMap(({ slots }) => slots))].join(', ') })}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

interface RiggedRod {
  readonly rod: Rod;
  readonly rigged: readonly { readonly name: string; readonly spool: boolean; readonly slots: readonly number[] }[];
}

/** Each rod once, with its setups; one that winds another line than the first takes a second spool. */
function rodsOf({ plan, fileOf, nameOf }: Today): readonly RiggedRod[] {
  const ids = [...new Set(plan.slots.flatMap(({ setupIds }) => setupIds))];
  const found = new Map<string, { rod: Rod; line: string; rigged: RiggedRod['rigged'][number][] }>();
  for (const id of ids) {
    const file = fileOf(id);
    const used = (kind: string) => file?.chain.find((joint) => joint.kind === kind)?.partId ?? '';
    const rod = file?.parts.find((part): part is Rod => part.kind === 'rod' && part.id === used('rod'));
    if (!rod) continue;
    const slots = plan.slots.flatMap(({ setupIds }, i) => (setupIds.includes(id) ? [i + 1] : []));
    const line = `${used('reel')} ${used('line')}`;
    const entry = found.get(rod.id) ?? { rod, line, rigged: [] };
    entry.rigged.push({ name: nameOf(id) ?? '–', spool: entry.line !== line, slots });
    found.set(rod.id, entry);
  }
  return [...found.values()];
}

/** A rod with its grip, reel and guides, as long as it is beside the others. */
function RodLine({ share }: { readonly share: number }) {
  const end = 6 + 288 * share;
  return (
    <svg viewBox="0 0 300 18" className="hidden h-[18px] w-[210px] shrink-0 lg:block" aria-hidden="true">
      <path d={`M6,7 H${6 + 54 * share}`} className="stroke-ink" strokeWidth={4.5} strokeLinecap="round" />
      <path d={`M${6 + 54 * share},5.6 L${end},6.7 L${end},7.3 L${6 + 54 * share},8.4 Z`} className="fill-ink" />
      <circle cx={6 + 40 * share} cy={12} r={4.5} className="fill-metal stroke-ink" />
      {[0.34, 0.5, 0.64, 0.76, 0.86, 0.94].map((at, i) => (
        <circle key={at} cx={6 + 288 * share * at} cy={9.5} r={2.4 - 0.25 * i} className="fill-sheet stroke-ink" />
      ))}
    </svg>
  );
}
