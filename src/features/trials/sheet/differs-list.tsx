'use client';

import type { ElseDiffers } from '@/domain/trials/else-differs';
import type { Chosen } from '@/domain/chain-changes';
import type { Part } from '@/domain/parts';
import { chainChangeText } from '@/i18n/chain-change-text';
import { useI18n, type I18n } from '@/i18n/client';
import type { Measure } from '@/core/base/measure';

/** Everything that differs between the setups of both versions: one thing is a trial, two are a guess. */
export function DiffersList({
  differs,
  parts,
}: {
  readonly differs: readonly ElseDiffers[];
  readonly parts: readonly Part[];
}) {
  const i18n = useI18n();
  const { t } = i18n;
  return (
    <section data-testid="differs">
      <h2 className="narrow mb-1 border-b border-ink text-[15px] font-semibold">{t('trials.differs.title')}</h2>
      <p className="semi-narrow text-[15px]">{t('trials.differs.count', { count: differs.length })}</p>
      <ul className="narrow text-[14px] sm:columns-2">
        {differs.map((each, i) => (
          <li key={i} className="border-t border-faint py-0.5">
            {each.kind === 'chain'
              ? chainChangeText(i18n, each.change, parts)
              : t('chainChange.swapped', {
                  joint: fieldName(i18n, each.path),
                  was: valueText(i18n, each.path, each.was),
                  is: valueText(i18n, each.path, each.is),
                })}
          </li>
        ))}
      </ul>
    </section>
  );
}

function fieldName({ t }: I18n, path: string): string {
  const name = path.split('.').at(-1)!;
  const key = `presentation.${name}` as 'presentation.depthM';
  return t.has(key) ? t(key) : path;
}

/** By the unit at the end of a field's name. */
const MEASURES: readonly (readonly [RegExp, Measure])[] = [
  [/Mps$/, 'speed'],
  [/(depth|bottom)M$/i, 'depth'],
  [/M$/, 'distance'],
  [/Kg$/, 'mass'],
  [/N$/, 'force'],
  [/Rad$/, 'angle'],
  [/C$/, 'temperature'],
];

function valueText({ t, format, number }: I18n, path: string, value: Chosen | null): string {
  if (value === undefined || value === null) return '–';
  if (typeof value === 'boolean') return t(value ? 'common.yes' : 'common.none');
  if (typeof value === 'number') {
    const measure = MEASURES.find(([pattern]) => pattern.test(path))?.[1];
    return measure ? format(value, measure) : number(value, 2);
  }
  if (typeof value !== 'string') return value.join(', ');
  for (const key of [`word.${value}`, `way.${value}`, `mouth.${value}`, `cover.${value}`] as const)
    if (t.has(key as 'word.lead')) return t(key as 'word.lead');
  return value;
}
