import type { Part } from '.';

export interface Colour {
  readonly name: string;
  /** pieces of it; null where nobody counted */
  readonly pieces: number | null;
}

const COUNTED = /^(.*?)[\s]*[x×]\s*(\d{1,4})$/i;

/** The colours of a part, in the order in which they were written, each once. */
export function coloursOf(part: Part): readonly Colour[] {
  const written = 'colours' in part ? (part.colours ?? '') : '';
  const colours = written.split(/[,;]/).flatMap((each): Colour[] => {
    const text = each.trim();
    const counted = COUNTED.exec(text);
    const name = (counted?.[1] ?? text).trim();
    return name === '' ? [] : [{ name, pieces: counted ? Number(counted[2]) : null }];
  });
  return colours.filter(({ name }, i) => colours.findIndex((each) => each.name === name) === i);
}
