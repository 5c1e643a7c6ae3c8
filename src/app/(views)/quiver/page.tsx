import { connection } from 'next/server';
import { QuiverView } from '@/features/quiver/quiver-view';
import { getQuiverPage } from '@/server/queries/quiver-page';

export default async function QuiverRoute() {
  await connection();
  return <QuiverView {...await getQuiverPage()} />;
}
