import { hookStep } from '@/core/tackle';
import { SI_PER_UNIT } from '@/core/base/units';
import type { PartId } from '@/domain/ids';
import { PART_KINDS, type Part, type PartKind } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { fieldsOf } from '@/domain/parts/fields';
import { withValueAt } from '@/domain/parts/with-value-at';
import type { Problem } from '@/domain/problems';
import { readNumber } from '../read-quantity';
import { inSpaces, LEXICON, type Meaning } from './lexicon';
import { placeFigure, type Figure } from './place-figure';
import { UNIT_WORDS } from './unit-words';

export interface ReadPart {
  /** null while the line does not say what it is, or says something that cannot be */
  readonly part: Part | null;
  readonly kind: PartKind | null;
  /** paths of the fields that the line gave; the rest of the part is class values */
  readonly given: readonly string[];
  /** what in the line meant nothing */
  readonly leftOver: readonly string[];
  readonly problems: readonly Problem[];
}

const NUMBER = String.raw`\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+`;
const UNITS = Object.keys(UNIT_WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');
const FEET = [
  new RegExp(String.raw`(?<![\w.,/])(\d+)\s*['′]\s*(?:(${NUMBER})\s*(?:["″]|'')?)?(?![\w.,/])`),
  new RegExp(
    String.raw`(?<![\w.,/])(\d+)[\s-]*(?:ft|feet|foot|pies|pie)\.?[\s-]*(${NUMBER})\s*(?:["″]|inches|inch|in|pulgadas)(?![\w])`,
    'i',
  ),
];
const HOOKS = /(?<![\w])(\d|two|three|one|dos|tres|un)[\s-]*(?:hooks?|anzuelos?)(?![\w])/i;
const SIZED = /(?:#\s*|(?<![\w])(?:no\.?|nº|n\.º|size|talla|tamaño)\s*)(\d{1,2}(?:\/0)?)(?![\w.,/])/i;
const COUNT = /(?<![\w])(?:[x×]\s*(\d{1,5})|(\d{1,5})\s*(?:pcs|pieces|uds|piezas))(?![\w])/i;
const PRICE =
  /(?<![\w.,])(?:([A-Z]{3})\s*)(\d+(?:[.,]\d{1,2})?)(?![\w.,])|(?<![\w.,])(\d+(?:[.,]\d{1,2})?)\s*([A-Z]{3})(?![\w])/;
const GEAR = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*:\s*1(?![\w])/;
const RANGE = new RegExp(String.raw`(?<![\w.,/])(${NUMBER})\s*(?:-|–|to|a)\s*(${NUMBER})[\s-]*(${UNITS})(?![\w])`, 'i');
const MEASURE = new RegExp(String.raw`(?<![\w.,/])(${NUMBER})[\s-]*(${UNITS}|"|″)(?![\w])`, 'i');
const SIZE = /(?<![\w.,/])(\d{1,2}\/0)(?![\w.,/])/;
const BARE = new RegExp(String.raw`(?<![\w.,/])(${NUMBER})(?![\w.,/])`);

/**
 * Reads one line as it stands on a part, English or Spanish: `7'2" MH fast 3/8-1 oz cast`, `worm 4/0`,
 * `braid 0.28 18 kg 150 m`. Kind and size are enough; class values fill the rest. Where the kind is known already, as in a
 * slot of a rig, every word is read in it; `usual` are fields that hold unless the line says otherwise.
 */
export function readPart(
  line: string,
  id: PartId,
  known: {
    readonly kind?: PartKind | undefined;
    readonly usual?: Readonly<Record<string, unknown>> | undefined;
    /** the field that a mass fills in place of the part's own mass, as the weight on a hook's shank */
    readonly massIs?: string | undefined;
  } = {},
): ReadPart {
  const figures: Figure[] = [];
  const refused: string[] = [];
  let rest = ` ${line.normalize('NFC')} `;
  const take = (pattern: RegExp, read: (match: RegExpExecArray) => Figure | null) => {
    for (let match = pattern.exec(rest); match; match = pattern.exec(rest)) {
      const figure = read(match);
      rest = rest.replace(match[0], ' ');
      if (figure) figures.push(figure);
      else refused.push(match[0].trim());
    }
  };
  const number = (text: string) => readNumber(text.replace(/\s+/g, ' ')) ?? Number.NaN;
  take(PRICE, (m) => ({ kind: 'price', value: number(m[2] ?? m[3]!), currency: (m[1] ?? m[4])! }));
  for (const pattern of FEET)
    take(pattern, (m) => ({
      kind: 'length',
      value: number(m[1]!) * SI_PER_UNIT.ft + (m[2] ? number(m[2]) * SI_PER_UNIT.in : 0),
      text: m[0].trim(),
    }));
  take(HOOKS, (m) => ({ kind: 'hooks', value: HOOK_COUNTS[m[1]!.toLowerCase()] ?? Number(m[1]) }));
  take(SIZED, (m) => (hookStep(m[1]!) === null ? null : { kind: 'size', size: m[1]! }));
  take(COUNT, (m) => ({ kind: 'count', value: Number(m[1] ?? m[2]) }));
  take(GEAR, (m) => ({ kind: 'gear', value: number(m[1]!) }));
  take(SIZE, (m) => (hookStep(m[1]!) === null ? null : { kind: 'size', size: m[1]! }));
  take(RANGE, (m) =>
    measured(m[3]!, (factor) => ({ lo: number(m[1]!) * factor, hi: number(m[2]!) * factor }), m[0].trim()),
  );
  take(MEASURE, (m) => measured(m[2]!, (factor) => ({ value: number(m[1]!) * factor }), m[0].trim()));
  take(BARE, (m) => ({ kind: 'bare', value: number(m[1]!), text: m[1]! }));

  const { phrases, leftOver } = readWords(rest);
  const kind = known.kind ?? kindOf(phrases, figures);
  const unread = [
    ...leftOver,
    ...refused,
    ...phrases.flatMap(({ text, meanings }) => (kind && !saysOf(kind, meanings) ? [text] : [])),
    ...figures.flatMap((figure) =>
      kind && placeFigure(kind, figure)
        ? []
        : ['text' in figure ? figure.text : 'size' in figure ? figure.size : String(figure.value)],
    ),
  ];
  if (!kind) return { part: null, kind, given: [], leftOver: unread, problems: [] };

  const paths = new Set(fieldsOf(kind).map(({ path }) => path));
  const words = phrases
    .flatMap(({ meanings }) => Object.entries(meantIn(kind, meanings)?.fields ?? {}))
    .filter(([path]) => paths.has(path));
  const isWeighted = phrases.some(({ meanings }) => meanings.some(({ weighted }) => weighted));
  const massIs = known.massIs ?? (kind === 'hook' && isWeighted ? 'shankWeightKg' : 'massKg');
  const placed = figures
    .flatMap((figure) => placeFigure(kind, figure) ?? [])
    .map(([path, value]) => [path === 'massKg' ? massIs : path, value] as const);
  const colours = words.flatMap(([path, value]) => (path === 'colours' ? [value] : [])).join(' ');
  const said = [
    ...words.filter(([path]) => path !== 'colours'),
    ...(colours === '' ? [] : [['colours', colours] as const]),
    ...placed,
  ];
  const given = said.reduce<object>((part, [path, value]) => withValueAt(part, path, value), {
    ...known.usual,
    id,
    kind,
  });
  const result = completePart(given as { id: string; kind: PartKind });
  return {
    part: result.ok ? result.data : null,
    kind,
    given: said.map(([path]) => path),
    leftOver: unread,
    problems: result.ok ? [] : result.problems,
  };
}

/** A figure with a unit; `kg` may be a mass or a pull, which the kind of part decides. */
function measured(
  unit: string,
  values: (factor: number) => { value: number } | { lo: number; hi: number },
  text: string,
): Figure | null {
  const found = UNIT_WORDS[unit === 'N' ? 'N' : unit.toLowerCase()];
  return found ? { kind: found.kind, ...values(found.si), text } : null;
}

const HOOK_COUNTS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, un: 1, dos: 2, tres: 3 };

/** A phrase of the lexicon and all that it can mean. */
interface Phrase {
  readonly text: string;
  readonly meanings: readonly Meaning[];
}

/** Words by the lexicon, the longest phrases first: all that each can mean. */
function readWords(text: string): {
  readonly phrases: readonly Phrase[];
  readonly leftOver: readonly string[];
} {
  const words = inSpaces(text.toLowerCase())
    .split(/[\s,;:()]+/)
    .map((word) => word.replace(/^[."'“”]+|[."'“”]+$/g, ''))
    .filter((word) => word !== '');
  const phrases: Phrase[] = [];
  const leftOver: string[] = [];
  for (let i = 0; i < words.length;) {
    const length = [4, 3, 2, 1].find(
      (n) => i + n <= words.length && Object.hasOwn(LEXICON, words.slice(i, i + n).join(' ')),
    );
    const text = words.slice(i, i + (length ?? 1)).join(' ');
    if (length) phrases.push({ text, meanings: LEXICON[text]! });
    else if (!SMALL_WORDS.has(words[i]!)) leftOver.push(words[i]!);
    i += length ?? 1;
  }
  return { phrases, leftOver };
}

const SMALL_WORDS = new Set(
  'drag freno works trolls runs type tipo color colour of de del with con and y the el la los las para for in en a an un una test class clase rated power potencia action acción line up to hasta strong size pro x'.split(
    ' ',
  ),
);

/** What a phrase means in a part of a kind: what is said of that kind, or of any. */
const meantIn = (kind: PartKind, meanings: readonly Meaning[]): Meaning | null =>
  meanings.find((each) => each.kind === kind) ??
  meanings.find((each) => !each.kind) ??
  (CARRIES_HOOKS.has(kind) ? hookOnLure(meanings) : null);

/** Whether a phrase says anything of a part of a kind: its kind, a field that it has, or a weight on its shank. */
function saysOf(kind: PartKind, meanings: readonly Meaning[]): boolean {
  const meant = meantIn(kind, meanings);
  if (!meant) return false;
  if (meant.kind === kind || meant.weighted) return true;
  return Object.keys(meant.fields ?? {}).some((path) => fieldsOf(kind).some((field) => field.path === path));
}

/** Kinds of lure that come with hooks of a style of their own. */
const CARRIES_HOOKS: ReadonlySet<PartKind> = new Set(['hard-lure', 'spoon', 'topwater']);

/** A word for a hook, said of a lure, is about the hooks that it carries. */
function hookOnLure(meanings: readonly Meaning[]): Meaning | null {
  const style = meanings.find((each) => each.kind === 'hook')?.fields?.['style'];
  return style === undefined ? null : { fields: { hookStyle: style } };
}

/** The kind that a word names; the last that is a noun wins over what a field only hints at. */
function kindOf(phrases: readonly Phrase[], figures: readonly Figure[]): PartKind | null {
  const named = phrases.flatMap(({ meanings: [usual] }) => (usual!.kind ? [usual!.kind] : []));
  if (named.length > 0)
    return (
      [...named].sort((a, b) => PART_KINDS.indexOf(b) - PART_KINDS.indexOf(a)).find((kind) => kind !== 'rod') ?? 'rod'
    );
  const hinted = phrases.flatMap(({ meanings: [usual] }) => Object.keys(usual!.fields ?? {}));
  if (hinted.some((path) => path.startsWith('stiffness'))) return 'rod';
  if (hinted.includes('use')) return 'line';
  if (hinted.includes('shape') || (hinted.includes('material') && figures.some(({ kind }) => kind === 'mass')))
    return 'weight';
  return figures.some(({ kind }) => kind === 'size') ? 'hook' : null;
}
