import { connection } from 'next/server';
import { FirstSetup } from '@/features/first-setup/first-setup';
import { SetupList } from '@/features/setup-list/setup-list';
import { getBox } from '@/server/queries/box-page';
import { getHouse } from '@/server/queries/house';
import { getSetupList } from '@/server/queries/setup-list';

interface BenchRouteProps {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function BenchPage({ searchParams }: BenchRouteProps) {
  await connection();
  const { find, page } = await searchParams;
  const number = typeof page === 'string' && /^[1-9]\d{0,4}$/.test(page) ? Number(page) : 1;
  const list = await getSetupList({ find: typeof find === 'string' ? find.slice(0, 120) : '', page: number });
  const isEmpty = list.find === '' && list.found === 0 && list.broken.length === 0 && list.putAway.length === 0;
  if (!isEmpty) return <SetupList {...list} />;
  const [box, house] = await Promise.all([getBox(), getHouse()]);
  return <FirstSetup box={box} house={house} isBare={box.length === 0} />;
}
