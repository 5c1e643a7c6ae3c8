/** What a spreadsheet takes for a formula and would run. */
const RUNS = /^[=+\-@\t\r]/;

/** Text as it goes into a table: what a spreadsheet would run stands behind an apostrophe, which makes it text there. */
export const quotedCell = (text: string): string =>
  RUNS.test(text) || /^'+[=+\-@\t\r]/.test(text) ? `'${text}` : text;

/** The same text again. */
export const plainCell = (text: string): string => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text);
