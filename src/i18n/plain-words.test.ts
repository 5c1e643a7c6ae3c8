import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { CATALOGUES } from './catalogue';

/** Riddles and old-fashioned words, and what is said instead. A phrase that has to be explained is put here when it is found. */
const BANNED: readonly (readonly [phrase: RegExp, instead: string])[] = [
  [/\bwhat has a dot\b/i, 'the yellow handles'],
  [/\bwhat floats\b/i, 'a life jacket'],
  [/\bon (?:the|its) winder\b/i, 'tied'],
  [/\bhangs? (?:ready|together)\b/i, 'is tied, works'],
  [/\bnought\b/i, 'zero'],
  [
    /\b(?:aught|naught|thrice|betwixt|hitherto|thereof|wherein|whilst|amongst|ere|betimes|yonder)\b/i,
    'a word of today',
  ],
  [/\b(?:is|are) due\b/i, 'enter, or is missing'],
  [/\bstands? otherwise\b/i, 'has changed'],
  [/\bparts? company\b/i, 'breaks'],
  [/\bcomes? to grief\b/i, 'fails'],
  [/\b(?:TODO|FIXME|XXX|lorem ipsum)\b/, 'nothing: it is done or it is an issue'],
];

/** What anglers call otherwise; contracts and the code keep some of these names, so only what is on the page is read. */
const NOT_ON_THE_PAGE: typeof BANNED = [
  [/\bclutch/i, 'drag'],
  [/\bmultipliers?\b/i, 'conventional or baitcasting reel'],
  [/\bfixed[- ]spool/i, 'spinning reel'],
  [/\bnylon\b/i, 'mono'],
  [/\btip ring|\bbutt ring/i, 'tip-top, butt guide'],
  [/\b(?:worst|every) marks?\b|\bno mark has\b|\bgives? this mark\b/i, 'verdict'],
  [/\btake hold of\b/i, 'drag, adjust'],
  [/\bset (?:it|them) so\b/i, 'set it like this'],
  [/\bwould mend\b|\bmends it\b/i, 'fix'],
  [/\bmay part\b|\bline parts\b/i, 'may break'],
  [/\bis asked\b|, \{asked\w*\} asked/i, 'is needed, is wanted'],
  [/\bkept in force\b|\bin force\b/i, 'in use'],
];
const NOT_IN_SPANISH: typeof BANNED = [
  [/\busted(?:es)?\b/i, 'tú'],
  [
    /\b(?:pulse|diga|ponga|mantenga|suelte|elija|mire|abra|haga|vaya|toque|marque|cambie|cuelgue|anote|ejecute) (?:el|la|los|las|un|una|a|en|que|\{)/i,
    'la forma de tú',
  ],
  [/\bimperdible\b/i, 'mosquetón'],
  [/\besmerillón\b|\bemerillón\b/i, 'giratorio'],
  [/\brebarba\b/i, 'muerte'],
  [/\btermoclina\b/i, 'cambio de temperatura'],
  [/\bnailon\b/i, 'monofilamento'],
];

const saidIn = (words: object): string =>
  Object.values(words)
    .map((each: unknown) => (typeof each === 'string' ? each.replace(/\{\w+\}/g, '…') : saidIn(each as object)))
    .join('\n');

const texts: readonly (readonly [where: string, text: string])[] = [
  ...Object.entries(CATALOGUES.en).map(([room, words]) => [`en/${room}`, JSON.stringify(words)] as const),
  ...['README.md', ...readdirSync('docs').map((file) => `docs/${file}`)]
    .filter((file) => file.endsWith('.md'))
    // The glossary names what is not said.
    .filter((file) => !file.endsWith('glossary.md'))
    .map((file) => [file, readFileSync(file, 'utf8')] as const),
];

it.each(texts)('%s is written in plain words', (_, text) => {
  expect(found(text, BANNED)).toEqual([]);
});

it.each(Object.entries(CATALOGUES.en))('the page says what anglers say: en/%s', (_, words) => {
  expect(found(saidIn(words), NOT_ON_THE_PAGE)).toEqual([]);
});
it.each(Object.entries(CATALOGUES.es))('the page says what anglers say: es/%s', (_, words) => {
  expect(found(saidIn(words), NOT_IN_SPANISH)).toEqual([]);
});

function found(text: string, phrases: typeof BANNED): readonly string[] {
  return phrases.flatMap(([phrase, instead]) => {
    const match = phrase.exec(text);
    return match ? [`“${text.slice(Math.max(0, match.index - 30), match.index + 50)}”: say ${instead}`] : [];
  });
}
