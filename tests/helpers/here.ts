import { BENCH_HEADER } from '@/server/access';
import { benchIdSchema, type BenchId } from '@/domain/ids';
import { asked } from './request';

/** The bench of the page that asks. */
export const here = {
  get benchId(): BenchId {
    return benchIdSchema.parse(asked.headers.get(BENCH_HEADER));
  },
  set benchId(id: BenchId) {
    asked.headers.set(BENCH_HEADER, id);
  },
};
