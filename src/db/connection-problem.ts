/** The database did not answer in time. */
export class DatabaseAwayError extends Error {
  override readonly name = 'DatabaseAwayError';
  readonly code = 'DATABASE_AWAY';
}

const PROBLEMS = {
  DATABASE_AWAY: 'unreachable',
  PROTOCOL_CONNECTION_LOST: 'unreachable',
  ECONNREFUSED: 'unreachable',
  ECONNRESET: 'unreachable',
  EPIPE: 'unreachable',
  ENOTFOUND: 'unreachable',
  ETIMEDOUT: 'unreachable',
  EHOSTUNREACH: 'unreachable',
  ER_SERVER_SHUTDOWN: 'unreachable',
  ER_CONNECTION_KILLED: 'unreachable',
  ER_CON_COUNT_ERROR: 'unreachable',
  ER_ACCESS_DENIED_ERROR: 'login-refused',
  ER_DBACCESS_DENIED_ERROR: 'login-refused',
  ER_BAD_DB_ERROR: 'no-such-database',
  ER_DISK_FULL: 'disk-full',
  ER_RECORD_FILE_FULL: 'disk-full',
  ER_ERROR_ON_WRITE: 'disk-full',
  ENOSPC: 'disk-full',
  ER_LOCK_DEADLOCK: 'busy',
  ER_LOCK_WAIT_TIMEOUT: 'busy',
  ER_CHECKREAD: 'busy',
} as const;

export type ConnectionProblem = (typeof PROBLEMS)[keyof typeof PROBLEMS];

/** Why the database did not do it, from the driver's code, however deeply the error was wrapped; null for any other error. */
export function connectionProblem(error: unknown): ConnectionProblem | null {
  const code = driverCode(error);
  return code !== null && code in PROBLEMS ? PROBLEMS[code as keyof typeof PROBLEMS] : null;
}

/** Codes of statements that would go through if the whole transaction were tried again. */
const AGAIN: ReadonlySet<string> = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);

/** Deadlock (1213), lock wait (1205), or a row that changed since the snapshot was taken (1020). */
export const canTryAgain = (error: unknown): boolean => AGAIN.has(driverCode(error) ?? '');

export const isDuplicateKey = (error: unknown): boolean => driverCode(error) === 'ER_DUP_ENTRY';

function driverCode(error: unknown): string | null {
  for (let at = error; at instanceof Error; at = at.cause) {
    if ('code' in at && typeof at.code === 'string') return at.code;
  }
  return null;
}
