import type { Finding, Reason, VerdictName } from '@/core/judge';
import type { Joint, Part, Presentation, Setup } from '@/core/tackle';
import type { Catalogue } from './catalogue';
import type { I18n } from './client';
import { measureOfFact } from './measure-of-fact';

type Words = Pick<I18n, 't' | 'format'>;
type JointName = keyof Catalogue['joint'];

/** Joints that their place names better than their kind. */
const NAMED: ReadonlySet<string> = new Set(['leader-knot', 'hook-knot', 'line-knot', 'swivel-knot']);

/** A rig whose joints are spoken of. */
export type SpokenOf = Pick<Setup, 'chain' | 'parts'>;

/** What a joint is called: by its place where that has a name, hardware by its form, else by its kind. */
export function jointText(
  { t }: Pick<Words, 't'>,
  joint: Pick<Joint, 'id' | 'kind'> & { readonly partId?: string },
  parts: readonly Part[] = [],
): string {
  const part = joint.kind === 'hardware' ? parts.find(({ id }) => id === joint.partId) : undefined;
  if (part?.kind === 'hardware') return lower(t(`word.${part.form}`));
  return t(
    `joint.${(joint.kind === 'knot' && NAMED.has(joint.id) ? joint.id : joint.kind) as Extract<JointName, 'rod'>}`,
  );
}

/** What a link of the strength chain is called: a joint, or the hook that its part brings. */
export function strengthText(words: Pick<Words, 't'>, name: string, { chain, parts }: SpokenOf): string {
  const [id, its] = name.split(':');
  const joint = chain.find((each) => each.id === id);
  if (!joint) return name;
  const text = jointText(words, joint, parts);
  return its ? words.t('joint.its-hook', { joint: text }) : text;
}

const CHOOSERS: ReadonlySet<string> = new Set(['outcome', 'read', 'upperBy', 'cover', 'stance']);

type Facts = Readonly<Record<string, number | string | null>>;

/** Facts as words and figures in the reader's units; a count stays a number, for its plural. */
function factsText(words: Words, facts: Facts, rig: SpokenOf): Record<string, string | number> {
  return Object.fromEntries(
    Object.entries(facts).map(([name, fact]): [string, string | number] => {
      if (fact === null) return [name, '–'];
      // Words that a sentence chooses by stay as they are.
      if (CHOOSERS.has(name)) return [name, fact];
      if (typeof fact === 'number') {
        const measure = measureOfFact(name, fact);
        return [name, measure ? words.format(fact, measure) : Math.round(fact)];
      }
      if (rig.chain.some(({ id }) => id === fact.split(':')[0])) return [name, strengthText(words, fact, rig)];
      return [name, wordOf(words, fact)];
    }),
  );
}

/** A word of the catalogue inside a sentence, or the text itself, as a craft's name. */
function wordOf({ t }: Pick<Words, 't'>, word: string): string {
  const key = `word.${word}` as 'word.lead';
  return t.has(key) ? lower(t(key)) : word;
}

/** The sentence of a reason, its facts in the reader's units. */
export function reasonText(words: Words, reason: Reason, rig: SpokenOf): string {
  if (reason.code === 'counts-check')
    return words.t('reason.counts-check', { check: checkTitle(words, String(reason.facts['check']) as Finding['id']) });
  return capital(words.t(`reason.${reason.code}`, factsText(words, reason.facts, rig)));
}

/** A verdict's name for a rig that is cast or towed; for both, both. */
export function verdictText({ t }: Pick<Words, 't'>, name: VerdictName, fished: Presentation['kind'] | 'both'): string {
  const towed = name === 'throw' ? 'carry' : name === 'fall' ? 'depth' : name;
  if (fished === 'both' && towed !== name) return `${t(`verdict.${name}`)} / ${t(`verdict.${towed}`)}`;
  return t(`verdict.${fished === 'towed' ? towed : name}`);
}

export const checkTitle = ({ t }: Pick<Words, 't'>, id: Finding['id']): string => t(`check.${id}.title`);

/** What a check found, and what to do about it. */
export function findingText(
  words: Words,
  finding: Pick<Finding, 'id' | 'code' | 'facts' | 'school' | 'side'>,
  rig: SpokenOf,
): { readonly title: string; readonly found: string; readonly todo: string; readonly side: string | null } {
  const facts = factsText(words, finding.facts, rig);
  const code = finding.code ?? 'only';
  return {
    title: checkTitle(words, finding.id),
    found: capital(words.t(`check.${finding.id}.found.${code}` as 'check.untied.found.only', facts as never)),
    todo: words.t(`check.${finding.id}.do.${code}` as 'check.untied.do.only', facts as never),
    side: finding.school && finding.side ? sideText(words, finding.school, finding.side) : null,
  };
}

/** Which side the house takes, and why. */
export function sideText({ t }: Pick<Words, 't'>, school: NonNullable<Finding['school']>, side: string): string {
  return `${t(`school.${school}.title`)}: ${t(`school.${school}.${side}` as 'school.strike.at-once')}. ${t(`school.${school}.${side}-why` as 'school.strike.at-once-why')}`;
}

const capital = (text: string) => text.charAt(0).toLocaleUpperCase() + text.slice(1);
const lower = (text: string) => text.charAt(0).toLocaleLowerCase() + text.slice(1);
