/** A place in plain data: `presentation.distanceM`, `parts[2].massKg.value`, `house.classes[mouths.soft.strengthMpa]`. */
export type Path = string;

/** The keys of a path; what stands in brackets is one key, dots and all. */
export const keysOf = (path: Path): readonly string[] =>
  [...path.matchAll(/\[([^\]]*)\]|[^.[\]]+/g)].map((match) => match[1] ?? match[0]);

/** What stands at a path; undefined where nothing does. */
export function valueAt(data: unknown, path: Path): unknown {
  return keysOf(path).reduce<unknown>(
    (held, key) => (typeof held === 'object' && held !== null ? (held as Record<string, unknown>)[key] : undefined),
    data,
  );
}

/** A copy of the data with another value at a path; everything beside the path is shared. A missing last key is made. */
export const withValue = <T>(data: T, path: Path, value: unknown): T => withValues(data, [[path, value]]);

/** A copy of the data with another value at each of some paths; what lies beside them is shared. */
export const withValues = <T>(data: T, changes: readonly (readonly [Path, unknown])[]): T =>
  writerOf(
    data,
    changes.map(([path]) => path),
  )(changes.map(([, value]) => value));

/** Makes copies of the data with other values at some paths, as `withValues`, without reading the paths each time. */
export function writerOf<T>(data: T, paths: readonly Path[]): (values: readonly unknown[]) => T {
  const ways = paths.map((path) => ['data', ...keysOf(path)]);
  return (values) => written(data, ways, values);
}

function written<T>(data: T, ways: readonly (readonly string[])[], values: readonly unknown[]): T {
  // Records that are copies already may be written in; all others are copied on the way.
  const ours = new Set<object>();
  const own = (held: unknown): Record<string, unknown> => {
    if (typeof held === 'object' && held !== null && ours.has(held)) return held as Record<string, unknown>;
    const copy = Array.isArray(held) ? [...(held as unknown[])] : { ...(held as object) };
    ours.add(copy);
    return copy as unknown as Record<string, unknown>;
  };
  const root = { data: data as unknown };
  for (const [i, keys] of ways.entries()) {
    let at: Record<string, unknown> = root;
    for (let k = 0; k < keys.length - 1; k += 1) at = at[keys[k]!] = own(at[keys[k]!]);
    at[keys.at(-1)!] = values[i];
  }
  return root.data as T;
}

export type Leaf = number | string | boolean | null;

/**
 * Every number, word and null inside plain data with its path, in the order of the data. A list is entered only where its
 * members are records: a list of numbers is a shape or a curve, not a figure.
 */
export function leavesOf(data: unknown, prefix: Path = ''): readonly (readonly [Path, Leaf])[] {
  const leaves: (readonly [Path, Leaf])[] = [];
  gatherLeaves(data, prefix, leaves);
  return leaves;
}

function gatherLeaves(data: unknown, prefix: Path, into: (readonly [Path, Leaf])[]): void {
  if (data === null || typeof data !== 'object') {
    if (data !== undefined) into.push([prefix, data as Leaf]);
    return;
  }
  if (Array.isArray(data)) {
    data.forEach((each: unknown, i) => {
      if (!Array.isArray(each)) gatherLeaves(each, `${prefix}[${i}]`, into);
    });
    return;
  }
  for (const key of Object.keys(data))
    gatherLeaves(
      (data as Record<string, unknown>)[key],
      key.includes('.') ? `${prefix}[${key}]` : prefix === '' ? key : `${prefix}.${key}`,
      into,
    );
}
