import { customType } from 'drizzle-orm/mysql-core';
import { parsedOnce } from '../read-once';

/** What stands in a JSON column: a versioned document as `db/documents` wrote it, or whatever else got there. */
export type Stored = unknown;

/**
 * A JSON column. It hands out what stands there unparsed, so that one bad row cannot fail the query it comes with: a
 * repository opens each row by itself with `readDocument`.
 */
export const document = (name: string) =>
  customType<{ data: Stored; driverData: unknown }>({
    dataType: () => 'json',
    toDriver: (data) => JSON.stringify(data),
    fromDriver: (stored) => (typeof stored === 'string' ? parsedOnce(stored) : stored),
  })(name);
