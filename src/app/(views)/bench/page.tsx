import { connection } from 'next/server';
import { SetupList } from '@/features/setup-list/setup-list';
import { getSetupList } from '@/server/queries/setup-list';

export default async function BenchPage() {
  await connection();
  return <SetupList {...await getSetupList()} />;
}
