import type { Checked } from './fact';

const HEAD = `# Practice

Everyday facts: a setup in words, what an expert expects of it, what Ferula says, and the range that is held. Every row is made
by \`./ferula compute part\`, or by \`rig\` and \`setup\`, and run as a test (\`tests/practice\`). \`npm run practice\` writes this
page anew.

| setup | an expert expects | Ferula says | held to |
| --- | --- | --- | --- |
`;

/** The page of all facts. */
export const pageOf = (checked: readonly Checked[]): string => HEAD + checked.map(rowOf).join('');

function rowOf({ fact, said }: Checked): string {
  const range = 'is' in fact ? fact.is : `${fact.from} to ${fact.to} ${fact.unit}`.trim();
  return `| ${fact.about} | ${fact.expected} | ${said} | ${range} |\n`;
}
