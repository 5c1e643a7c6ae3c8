import { DrizzleQueryError } from 'drizzle-orm';

/**
 * Writes down that something failed: kinds, codes and places, without the parameters of queries, since those are what
 * people typed.
 */
export function logFailure(error: unknown): void {
  console.error(`${new Date().toISOString()} failed: ${described(error)}`);
}

export function described(error: unknown): string {
  const lines: string[] = [];
  for (let at = error, depth = 0; at instanceof Error && depth < 5; at = at.cause, depth++) {
    const code = 'code' in at && typeof at.code === 'string' ? ` [${at.code}]` : '';
    if (at instanceof DrizzleQueryError) {
      lines.push(`${at.constructor.name}${code}: ${at.query.slice(0, 400)}`);
      continue;
    }
    // The driver's own messages quote values, as in a duplicate key.
    const message = 'sqlMessage' in at ? '' : `: ${at.message}`;
    lines.push(`${at.name}${code}${message}\n${(at.stack ?? '').split('\n').slice(1, 9).join('\n')}`);
  }
  return lines.length > 0 ? lines.join('\ncaused by ') : typeof error;
}
