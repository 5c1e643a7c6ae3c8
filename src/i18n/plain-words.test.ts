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

const texts: readonly (readonly [where: string, text: string])[] = [
  ...Object.entries(CATALOGUES.en).map(([room, words]) => [`en/${room}`, JSON.stringify(words)] as const),
  ...['README.md', ...readdirSync('docs').map((file) => `docs/${file}`)]
    .filter((file) => file.endsWith('.md'))
    // The glossary names what is not said.
    .filter((file) => !file.endsWith('glossary.md'))
    .map((file) => [file, readFileSync(file, 'utf8')] as const),
];

it.each(texts)('%s is written in plain words', (_, text) => {
  const found = BANNED.flatMap(([phrase, instead]) => {
    const match = phrase.exec(text);
    return match ? [`“${text.slice(Math.max(0, match.index - 30), match.index + 50)}”: say ${instead}`] : [];
  });
  expect(found).toEqual([]);
});
