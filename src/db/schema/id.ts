import { varchar } from 'drizzle-orm/mysql-core';

/** An id column whose values are of one branded kind. */
export const idColumn = <T extends string>(name: string) => varchar(name, { length: 64 }).$type<T>();
