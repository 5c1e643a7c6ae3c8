import { connection } from 'next/server';
import { TrialsView } from '@/features/trials/trials-view';
import { getTrialsPage } from '@/server/queries/trials-page';

export default async function TrialsRoute({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly trial?: string | string[] }>;
}) {
  await connection();
  const { trial } = await searchParams;
  const asked = [trial].flat()[0] ?? null;
  return <TrialsView key={asked ?? ''} asked={asked} {...await getTrialsPage(asked)} />;
}
