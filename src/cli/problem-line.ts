import type { Allowed, Problem } from '@/domain/problems';

/** `PATH: what was given, what is allowed`, one line. */
export function problemLine({ path, given, allowed }: Problem): string {
  return `${path}: given ${givenText(given)}, allowed ${allowedText(allowed)}`;
}

function givenText(given: unknown): string {
  if (given === undefined) return 'nothing';
  const text = JSON.stringify(given);
  return text.length > 80 ? `${text.slice(0, 77)}...` : text;
}

function allowedText(allowed: Allowed): string {
  switch (allowed.kind) {
    case 'type':
      return `a value of type ${allowed.type}`;
    case 'at-least':
      return `at least ${allowed.bound}${sizeText(allowed.of)}`;
    case 'at-most':
      return `at most ${allowed.bound}${sizeText(allowed.of)}`;
    case 'above':
      return `more than ${allowed.bound}${sizeText(allowed.of)}`;
    case 'below':
      return `less than ${allowed.bound}${sizeText(allowed.of)}`;
    case 'one-of':
      return `one of ${allowed.options.join(', ')}`;
    case 'no-such-field':
      return 'no field of this name';
    case 'format':
      return `the format ${allowed.format}`;
    case 'rule':
      return allowed.rule;
    default:
      return allowed satisfies never;
  }
}

const sizeText = (of: string) => (of === 'number' ? '' : ` ${of}`);
