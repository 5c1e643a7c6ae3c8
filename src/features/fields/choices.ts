/** The rows of a table of classes, as a form offers them. */
export const rowsOf = <K extends string>(table: Readonly<Record<K, unknown>>) => Object.keys(table) as K[];

export const options = <K extends string>(values: readonly K[], label: (value: K) => string) =>
  values.map((value) => ({ value, label: label(value) }));
