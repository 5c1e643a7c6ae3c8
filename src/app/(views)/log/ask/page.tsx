import { connection } from 'next/server';
import { AskView } from '@/features/log/ask/ask-view';
import { getLogAsk } from '@/server/queries/log-ask';

export default async function LogAskRoute({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await connection();
  return <AskView ask={await getLogAsk(await searchParams)} />;
}
