import { newPartId } from '@/domain/made-id';
import { fieldsOf, type PartField } from '@/domain/parts/fields';
import { readPart, type ReadPart } from '@/i18n/quick-add/read-part';

/** What a line was understood as, and the fields that it gave. */
export interface ReadLine extends ReadPart {
  readonly fields: readonly PartField[];
}

export function readLine(line: string): ReadLine {
  const read = readPart(line, newPartId());
  const isGiven = ({ path }: PartField) => read.given.some((each) => path === each || path.startsWith(`${each}.`));
  return { ...read, fields: read.part ? fieldsOf(read.part.kind).filter(isGiven) : [] };
}
