import { connection } from 'next/server';
import { LogView } from '@/features/log/log-view';
import { getLogPage } from '@/server/queries/log-page';

export default async function LogRoute({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly plan?: string | string[] }>;
}) {
  await connection();
  const { plan } = await searchParams;
  return <LogView {...await getLogPage()} planId={typeof plan === 'string' ? plan : null} />;
}
