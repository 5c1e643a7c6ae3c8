import { SI_PER_UNIT } from '@/core/base/units';
import { FIELD_READERS } from './nmea-fields';

/** One figure of a sentence, under the name by which it can be sent to a channel: `VTG.speed`, `XDR.PROBE_T`. */
export interface Said {
  readonly source: string;
  readonly value: number;
  /** in SI units; a bare number is in whatever unit its row of the table says */
  readonly isBare: boolean;
}

export type BadSentence = 'not-a-sentence' | 'too-long' | 'checksum' | 'no-checksum' | 'figure';

export type Sentence =
  | { readonly kind: 'read'; readonly type: string; readonly said: readonly Said[]; readonly clockS: number | null }
  | { readonly kind: 'unknown'; readonly type: string }
  | { readonly kind: 'bad'; readonly why: BadSentence; readonly type: string | null };

/** The standard stops at 82; some instruments put several transducers in one sentence. */
const MOST_CHARACTERS = 200;
const FORM = /^[$!]([A-Z0-9]{3,8})((?:,[\x20-\x2b\x2d-\x7e]*)*)$/;

/**
 * Reads one line of NMEA 0183. Never throws: a line that is none, or whose checksum or figures are wrong, is named; sentences of
 * types that carry nothing for a helm are `unknown`.
 *
 * @param needsChecksum refuse a line without one; a line whose checksum is wrong is refused always.
 */
export function readSentence(line: string, needsChecksum = true): Sentence {
  const text = line.trim();
  if (text.length > MOST_CHARACTERS) return { kind: 'bad', why: 'too-long', type: null };
  const star = text.lastIndexOf('*');
  const body = star < 0 ? text : text.slice(0, star);
  const found = FORM.exec(body);
  if (!found) return { kind: 'bad', why: 'not-a-sentence', type: null };
  const address = found[1]!;
  const type = address.startsWith('P') ? address : address.slice(2);
  if (star < 0 && needsChecksum) return { kind: 'bad', why: 'no-checksum', type };
  if (star >= 0 && text.slice(star + 1).toUpperCase() !== checksumOf(body.slice(1)))
    return { kind: 'bad', why: 'checksum', type };
  const reader = text.startsWith('$') ? FIELD_READERS[type] : undefined;
  if (!reader) return { kind: 'unknown', type };
  const read = reader(found[2]!.split(',').slice(1));
  if (read === null) return { kind: 'bad', why: 'figure', type };
  return {
    kind: 'read',
    type,
    said: read.said.map(([name, value, isBare = false]) => ({ source: `${type}.${name}`, value, isBare })),
    clockS: read.clockS ?? null,
  };
}

/** Two hexadecimal digits: all characters between the first and the star, one XOR the next. */
export function checksumOf(body: string): string {
  let sum = 0;
  for (let i = 0; i < body.length; i += 1) sum ^= body.charCodeAt(i);
  return sum.toString(16).toUpperCase().padStart(2, '0');
}

/** A sentence with its checksum, as an instrument sends it. */
export const sentenceOf = (address: string, fields: readonly (string | number)[]): string => {
  const body = [address, ...fields].join(',');
  return `$${body}*${checksumOf(body)}`;
};

export const knotsOf = (mps: number): number => mps / SI_PER_UNIT.kn;
export const degreesOf = (rad: number): number => ((((rad * 180) / Math.PI) % 360) + 360) % 360;

/** A position as sentences carry it: degrees and minutes, and the letter of the half. */
export function positionFields(latDeg: number, lonDeg: number): readonly [string, string, string, string] {
  const part = (deg: number, digits: number) => {
    const whole = Math.floor(Math.abs(deg) + 1e-9);
    const minutes = Math.max(0, (Math.abs(deg) - whole) * 60).toFixed(5);
    return minutes === '60.00000'
      ? `${String(whole + 1).padStart(digits, '0')}00.00000`
      : `${String(whole).padStart(digits, '0')}${minutes.padStart(8, '0')}`;
  };
  return [part(latDeg, 2), latDeg < 0 ? 'S' : 'N', part(lonDeg, 3), lonDeg < 0 ? 'W' : 'E'];
}
