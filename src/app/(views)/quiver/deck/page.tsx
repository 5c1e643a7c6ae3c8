import { connection } from 'next/server';
import { DeckView } from '@/features/deck/deck-view';
import { getQuiverPage } from '@/server/queries/quiver-page';

export default async function DeckRoute() {
  await connection();
  return <DeckView {...await getQuiverPage()} />;
}
