import { connection } from 'next/server';
import { DeckView } from '@/features/deck/deck-view';
import { getQuiverPage } from '@/server/queries/quiver-page';

interface DeckRouteProps {
  readonly searchParams: Promise<{ readonly setup?: string | string[] }>;
}

export default async function DeckRoute({ searchParams }: DeckRouteProps) {
  await connection();
  const { setup: asked = [] } = await searchParams;
  return <DeckView {...await getQuiverPage()} asked={[asked].flat()} />;
}
