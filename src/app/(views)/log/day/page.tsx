import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { DayView } from '@/features/log/day/day-view';
import { getLogDay } from '@/server/queries/log-day';

export default async function LogDayRoute({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly trip?: string | string[] }>;
}) {
  await connection();
  const { trip } = await searchParams;
  const day = typeof trip === 'string' ? await getLogDay(trip) : null;
  if (!day) notFound();
  return <DayView day={day} />;
}
