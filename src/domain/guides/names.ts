/** Kitchen-table and water-side measurements; what each does stands in `core/measuring`. */
export const GUIDES = [
  'weigh',
  'hang-test',
  'sink-test',
  'float-test',
  'calliper',
  'pull-test',
  'line-test',
  'clutch-test',
  'spool-fill',
  'window-test',
  'dive-test',
  'set-test',
  'accuracy-test',
] as const;

export type Guide = (typeof GUIDES)[number];
