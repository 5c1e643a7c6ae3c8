import { connection } from 'next/server';
import { SetupList } from '@/features/setup-list/setup-list';
import { getPutAway, getSetupList } from '@/server/queries/setup-list';

export default async function BenchPage() {
  await connection();
  const [setups, putAway] = await Promise.all([getSetupList(), getPutAway()]);
  return <SetupList setups={setups} putAway={putAway} />;
}
