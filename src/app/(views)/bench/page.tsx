import { connection } from 'next/server';
import { SetupList } from '@/features/setup-list/setup-list';
import { getSetupList } from '@/server/queries/setup-list';

interface BenchRouteProps {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function BenchPage({ searchParams }: BenchRouteProps) {
  await connection();
  const { find, page } = await searchParams;
  const number = typeof page === 'string' && /^[1-9]\d{0,4}$/.test(page) ? Number(page) : 1;
  return (
    <SetupList {...await getSetupList({ find: typeof find === 'string' ? find.slice(0, 120) : '', page: number })} />
  );
}
