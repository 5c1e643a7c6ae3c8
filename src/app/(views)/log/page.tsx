import { connection } from 'next/server';
import { packedOnce } from '@/domain/packed';
import { LogView } from '@/features/log/log-view';
import { getLogPage } from '@/server/queries/log-page';

export default async function LogRoute({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly plan?: string | string[]; readonly trip?: string | string[] }>;
}) {
  await connection();
  const { plan, trip } = await searchParams;
  return <LogView sent={packedOnce(await getLogPage())} planId={one(plan)} askedTrip={one(trip)} />;
}

const one = (given: string | string[] | undefined): string | null => (typeof given === 'string' ? given : null);
