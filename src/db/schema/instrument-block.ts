import { bigint, customType, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';

const bytes = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'mediumblob' });

/** Ten minutes of readings, a value a second for each channel, see `domain/instruments/blocks`. */
export const instrumentBlock = mysqlTable(
  'instrument_block',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    /** seconds since 1970 */
    startS: bigint('start_s', { mode: 'number' }).notNull(),
    body: bytes('body').notNull(),
  },
  (table) => [primaryKey({ columns: [table.benchId, table.startS] })],
);
