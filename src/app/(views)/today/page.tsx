import { connection } from 'next/server';
import { TodayView } from '@/features/today/today-view';
import { getTodayPage } from '@/server/queries/today-page';

export default async function TodayRoute() {
  await connection();
  return <TodayView {...await getTodayPage()} />;
}
