import { useMemo, useState } from 'react';
import type { Part } from '@/domain/parts';
import { useLoaded } from '@/ui/use-loaded';
import type { Known, ReadLine } from './read-line';

/**
 * Headless: a line as it stands on a part, what it is read as, and the guesses, which are asked about once before the part
 * is taken.
 */
export function useLine(known: Pick<Known, 'kinds' | 'usual' | 'massIs'> = ANYTHING) {
  const [line, setLine] = useState('');
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>({});
  const [isAsked, setAsked] = useState(false);
  const loaded = useLoaded(reader, line !== '');
  const read = useMemo(
    () => (line === '' ? NOT_READ : (loaded?.readLine(line, { ...known, chosen }) ?? NOT_READ)),
    [loaded, line, known, chosen],
  );
  const write = (next: string) => {
    setLine(next);
    setChosen({});
    setAsked(false);
  };
  return {
    line,
    read,
    isAsked,
    write,
    choose: (path: string, value: string) => setChosen({ ...chosen, [path]: value }),
    /** Hands out the part once nothing in it is an unseen guess; the first time it asks. */
    take: (onPart: (part: Part) => void) => {
      if (!read.part) return;
      if (read.guesses.length > 0 && !isAsked) setAsked(true);
      else onPart(read.part);
    },
  };
}

const ANYTHING: Pick<Known, 'kinds' | 'usual' | 'massIs'> = {};
const NOT_READ: ReadLine = { part: null, kind: null, given: [], leftOver: [], problems: [], fields: [], guesses: [] };

// The reader with its lexicon: nobody needs it who does not type.
const reader = () => import('./read-line');
