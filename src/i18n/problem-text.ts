import type { Problem } from '@/domain/problems';
import type { Catalogue } from './catalogue';
import type { I18n } from './client';

/** A failed change in words; `setups` are those that it would have broken. */
export function failureText(t: I18n['t'], code: keyof Catalogue['failure'], setups: readonly string[] = []): string {
  return t(`failure.${code}`, { field: '', count: setups.length, setups: setups.join(', ') });
}

/** What keeps a setup from being worked out, in words. */
export function faultText(
  t: I18n['t'],
  faults: readonly { readonly partName: string | null; readonly problem: Problem }[],
): string {
  const [first] = faults;
  if (!first) return '';
  const text = problemText(t, first.problem);
  return first.partName === null ? text : `${first.partName}: ${text}`;
}

/** What keeps a record from being used, in words. The path is as a file has it, for whoever looks there. */
export function problemText(t: I18n['t'], { path, given, allowed }: Problem): string {
  if (allowed.kind === 'rule' && allowed.rule === 'a hook behind a lure that carries none') return t('broken.noHook');
  if (allowed.kind === 'rule' && allowed.rule === 'a setup that can be worked out') return t('broken.notWorkedOut');
  const must = allowedText(t, allowed);
  return given === undefined || given === null
    ? t('broken.fieldMissing', { path, allowed: must })
    : t('broken.field', { path, given: JSON.stringify(given).slice(0, 80), allowed: must });
}

const TYPES = ['object', 'string', 'number', 'boolean', 'array'] as const;
const isType = (type: string): type is (typeof TYPES)[number] => (TYPES as readonly string[]).includes(type);

function allowedText(t: I18n['t'], allowed: Problem['allowed']): string {
  switch (allowed.kind) {
    case 'type':
      return t(`broken.type.${isType(allowed.type) ? allowed.type : 'other'}`);
    case 'at-least':
    case 'at-most':
    case 'above':
    case 'below':
      return t(`broken.allowed.${allowed.kind}`, { bound: allowed.bound });
    case 'one-of':
      return t('broken.allowed.one-of', { options: allowed.options.join(', ') });
    case 'no-such-field':
      return t('broken.allowed.no-such-field');
    case 'format':
      return t('broken.allowed.format', { format: allowed.format });
    case 'rule':
      return allowed.rule;
    default:
      return allowed satisfies never;
  }
}
