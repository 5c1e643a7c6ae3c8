import { useMemo, useState } from 'react';
import type { Part } from '@/domain/parts';
import { useLoaded } from '@/ui/use-loaded';
import type { Known, ReadLine } from './read-line';

export type Place = Pick<Known, 'kinds' | 'usual' | 'massIs'>;

/** What was done about one line: guesses chosen by hand, and whether they were asked about. */
interface Answered {
  readonly line: string;
  readonly chosen: Readonly<Record<string, string>>;
  readonly isAsked: boolean;
}

/** Headless: what a line is read as, and its guesses, which are asked about once before the part is taken. */
export function useReading(line: string, place: Place = ANYTHING) {
  const [answered, setAnswered] = useState<Answered>({ line: '', chosen: {}, isAsked: false });
  const { chosen, isAsked } = answered.line === line ? answered : { chosen: NONE, isAsked: false };
  const loaded = useLoaded(reader, line !== '');
  const read = useMemo(
    () => (line === '' ? NOT_READ : (loaded?.readLine(line, { ...place, chosen }) ?? NOT_READ)),
    [loaded, line, place, chosen],
  );
  return {
    read,
    isAsked,
    choose: (path: string, value: string) => setAnswered({ line, isAsked, chosen: { ...chosen, [path]: value } }),
    /** Hands out the part once nothing in it is an unseen guess; the first time it asks. */
    take: (onPart: (part: Part) => void) => {
      if (!read.part) return;
      if (read.guesses.length > 0 && !isAsked) setAnswered({ line, chosen, isAsked: true });
      else onPart(read.part);
    },
  };
}

/** A line that is typed here. */
export function useLine(place?: Place) {
  const [line, write] = useState('');
  return { line, write, ...useReading(line, place) };
}

const ANYTHING: Place = {};
const NONE: Readonly<Record<string, string>> = {};
const NOT_READ: ReadLine = { part: null, kind: null, given: [], leftOver: [], problems: [], fields: [], guesses: [] };

// The reader with its lexicon: nobody needs it who does not type.
const reader = () => import('./read-line');
