import { valueAt } from '@/core/decide';
import type { PartId } from '@/domain/ids';
import { newPartId } from '@/domain/made-id';
import { KINDS_OF_PART, type PartKind } from '@/domain/parts';
import { fieldsOf, type PartField } from '@/domain/parts/fields';
import { withValueAt } from '@/domain/parts/with-value-at';
import { readPart, type ReadPart } from '@/i18n/quick-add/read-part';

/** What a line was understood as: what it said, and what a packet usually says and this line did not. */
export interface ReadLine extends ReadPart {
  readonly fields: readonly PartField[];
  readonly guesses: readonly PartField[];
}

export interface Known {
  /** what it can be; absent: anything */
  readonly kinds?: readonly PartKind[] | undefined;
  /** fields that hold unless the line says otherwise */
  readonly usual?: Readonly<Record<string, unknown>> | undefined;
  /** the field that a mass fills */
  readonly massIs?: string | undefined;
  /** guesses that were chosen by hand, by path */
  readonly chosen?: Readonly<Record<string, string>> | undefined;
}

export function readLine(line: string, { kinds, usual = {}, massIs, chosen = {} }: Known = {}): ReadLine {
  const id = newPartId();
  const held = Object.entries(chosen).reduce<object>((part, [path, value]) => withValueAt(part, path, value), usual);
  const read = readAs(line, id, kinds, { usual: held as Readonly<Record<string, unknown>>, massIs });
  const { part, given } = read;
  const isSaid = (path: string) => given.some((each) => path === each || path.startsWith(`${each}.`));
  const fields = part ? fieldsOf(part.kind) : [];
  return {
    ...read,
    fields: fields.filter(({ path }) => isSaid(path)),
    guesses: part
      ? fields.filter(
          ({ path }) =>
            KINDS_OF_PART[part.kind].packetSays.includes(path) &&
            !isSaid(path) &&
            valueAt(held, path) === undefined &&
            valueAt(part, path) !== undefined,
        )
      : [],
  };
}

function readAs(
  line: string,
  id: PartId,
  kinds: readonly PartKind[] | undefined,
  known: Pick<Known, 'usual' | 'massIs'>,
): ReadPart {
  if (kinds?.length === 1) return readPart(line, id, { kind: kinds[0], ...known });
  const free = readPart(line, id, known);
  if (!kinds || (free.kind && kinds.includes(free.kind))) return free;
  return free.kind ? { ...free, part: null, kind: null } : free;
}
