import { customType } from 'drizzle-orm/mysql-core';

/** An id column whose values are of one branded kind. Compared byte for byte, as the code compares them. */
export const idColumn = <T extends string>(name: string) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin',
  })(name);
