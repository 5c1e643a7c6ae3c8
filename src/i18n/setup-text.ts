import type { Joint, Reason } from '@/core/evaluate';
import type { I18n } from './client';
import { measureOfFact } from './measure-of-fact';

type Words = Pick<I18n, 't' | 'format'>;

/** What a joint is called: by its place where there are two of a kind, else by its kind. */
export function jointText({ t }: Pick<Words, 't'>, joint: Joint): string {
  return joint.id === 'leader-knot' || joint.id === 'hook-knot' ? t(`joint.${joint.id}`) : t(`joint.${joint.kind}`);
}

/** The sentence of a reason, its facts in the reader's units. */
export function reasonText(words: Words, reason: Reason, chain: readonly Joint[]): string {
  const facts = Object.fromEntries(
    Object.entries(reason.facts).map(([name, fact]): [string, string] => {
      const measure = measureOfFact(name);
      if (typeof fact === 'number') return [name, measure ? words.format(fact, measure) : String(fact)];
      const joint = chain.find(({ id }) => id === fact);
      return [name, joint ? jointText(words, joint) : (fact ?? '–')];
    }),
  );
  return words.t(`reason.${reason.code}`, facts);
}
