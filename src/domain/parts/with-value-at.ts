/** A copy with `value` at the path; undefined takes the field away, and an object that is left empty becomes `null`. */
export function withValueAt(part: object, path: string, value: unknown): object {
  const [key, ...rest] = path.split('.') as [string, ...string[]];
  const held = part as Record<string, unknown>;
  const inner =
    rest.length === 0
      ? value
      : withValueAt(typeof held[key] === 'object' && held[key] !== null ? held[key] : {}, rest.join('.'), value);
  const { [key]: _, ...others } = held;
  return inner === undefined ? others : { ...others, [key]: inner };
}
