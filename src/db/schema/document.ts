import { customType } from 'drizzle-orm/mysql-core';
import { z } from 'zod';

/** Version of all stored documents; a change of shape raises it and adds its upgrade here. */
export const DOCUMENT_VERSION = 1;

const envelope = z.strictObject({ version: z.literal(DOCUMENT_VERSION), data: z.unknown() });

/**
 * A JSON column of a versioned document, parsed by its schema when it is read, so that a bad row fails there and not
 * in a view.
 */
export const document = <T>(name: string, schema: z.ZodType<T>) =>
  customType<{ data: T; driverData: unknown }>({
    dataType: () => 'json',
    toDriver: (data) => JSON.stringify({ version: DOCUMENT_VERSION, data }),
    fromDriver: (stored) => schema.parse(envelope.parse(typeof stored === 'string' ? JSON.parse(stored) : stored).data),
  })(name);
