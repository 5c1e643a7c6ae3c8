const PROBLEMS = {
  ECONNREFUSED: 'unreachable',
  ECONNRESET: 'unreachable',
  ENOTFOUND: 'unreachable',
  ETIMEDOUT: 'unreachable',
  EHOSTUNREACH: 'unreachable',
  PROTOCOL_CONNECTION_LOST: 'unreachable',
  ER_ACCESS_DENIED_ERROR: 'login-refused',
  ER_DBACCESS_DENIED_ERROR: 'login-refused',
  ER_BAD_DB_ERROR: 'no-such-database',
} as const;

export type ConnectionProblem = (typeof PROBLEMS)[keyof typeof PROBLEMS];

/** Why the database did not answer, from the driver's code, however deeply the error was wrapped; null for any other error. */
export function connectionProblem(error: unknown): ConnectionProblem | null {
  for (let at = error; at instanceof Error; at = at.cause) {
    const code = 'code' in at ? at.code : undefined;
    if (typeof code === 'string' && code in PROBLEMS) return PROBLEMS[code as keyof typeof PROBLEMS];
  }
  return null;
}
