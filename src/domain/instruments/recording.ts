import { readSentence } from './nmea';

/** Lines of a recording without a clock that are taken for one second. */
const LINES_A_SECOND = 15;
const MOST_A_SECOND = 200;

/**
 * A recorded file second by second, by the clock that its sentences carry; a clock that jumps does not stop it, and without one
 * fifteen lines are a second.
 */
export function* secondsOf(lines: readonly string[]): Generator<readonly string[]> {
  let second: string[] = [];
  let clockS: number | null = null;
  for (const line of lines) {
    const read = readSentence(line, false);
    const at = read.kind === 'read' ? read.clockS : null;
    const isNext = at !== null && clockS !== null && at !== clockS;
    if (isNext || second.length >= (clockS === null ? LINES_A_SECOND : MOST_A_SECOND)) {
      yield second;
      second = [];
    }
    clockS = at ?? clockS;
    second.push(line);
  }
  if (second.length > 0) yield second;
}
