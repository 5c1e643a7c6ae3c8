import { connection } from 'next/server';
import { DayCards } from '@/features/today/cards/day-cards';
import { getTodayPage } from '@/server/queries/today-page';

interface DayCardsRouteProps {
  readonly searchParams: Promise<{ readonly plan?: string | string[] }>;
}

export default async function DayCardsRoute({ searchParams }: DayCardsRouteProps) {
  await connection();
  const { plan } = await searchParams;
  return <DayCards {...await getTodayPage([plan].flat()[0] ?? null, 'cards')} />;
}
