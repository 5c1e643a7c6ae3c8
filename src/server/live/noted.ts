import 'server-only';
import { connectionProblem } from '@/db/connection-problem';
import { logFailure } from '../log';

/** A database that is away is no failure of the reader: the next try comes by itself. */
export function noted(error: unknown): void {
  if (connectionProblem(error) === null) logFailure(error);
}
