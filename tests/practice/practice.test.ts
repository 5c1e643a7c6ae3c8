import { readFileSync, writeFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { check, type Checked } from './fact';
import { FACTS } from './facts';
import { pageOf } from './page';

const PAGE = new URL('../../docs/practice.md', import.meta.url);

let checked: readonly Checked[] = [];
beforeAll(async () => {
  checked = await Promise.all(FACTS.map(check));
  // `npm run practice` writes the page anew.
  if (process.env['WRITE_PRACTICE']) writeFileSync(PAGE, pageOf(checked));
});

describe('what an experienced angler expects', () => {
  it.each(FACTS.map((fact, i) => [`${fact.about}: ${fact.expected}`, i] as const))('%s', (_, i) => {
    const { holds, said } = checked[i]!;
    expect(holds, said).toBe(true);
  });
  it('stands in docs/practice.md as Ferula says it today', () =>
    expect(readFileSync(PAGE, 'utf8')).toBe(pageOf(checked)));
});
