import { createHash, randomBytes, randomInt } from 'node:crypto';

/** The secret of a link: nobody guesses it, so a plain hash of it is kept. */
export const newSecret = (): string => randomBytes(24).toString('base64url');

export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** Letters and digits that nobody mistakes for others. */
const CLEAR = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const CODES = 8;
const LETTERS = 12;

/** Recovery codes as they are shown once: three groups of four, 59 bits each. */
export const newRecoveryCodes = (): readonly string[] =>
  Array.from({ length: CODES }, () =>
    Array.from({ length: LETTERS }, (_, i) => (i > 0 && i % 4 === 0 ? '-' : '') + CLEAR[randomInt(CLEAR.length)]!).join(
      '',
    ),
  );

/** Case, spaces and dashes are as people copy codes. */
export const recoveryHash = (code: string): string => hashOf(code.toUpperCase().replace(/[\s-]/g, ''));
