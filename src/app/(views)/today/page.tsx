import { connection } from 'next/server';
import { TodayView } from '@/features/today/today-view';
import { getTodayPage } from '@/server/queries/today-page';

interface TodayRouteProps {
  readonly searchParams: Promise<{ readonly plan?: string | string[]; readonly slot?: string | string[] }>;
}

export default async function TodayRoute({ searchParams }: TodayRouteProps) {
  await connection();
  const { plan, slot } = await searchParams;
  return <TodayView {...await getTodayPage([plan].flat()[0] ?? null)} offered={[slot].flat()[0] ?? null} />;
}
