import { connection } from 'next/server';
import { CardsView } from '@/features/tying/cards-view';
import { getTyingPage } from '@/server/queries/tying-page';

interface CardsRouteProps {
  readonly searchParams: Promise<{ readonly setup?: string | string[]; readonly count?: string | string[] }>;
}

/** So many cards fill a few sheets; more is a slip of the finger. */
const MOST_CARDS = 100;

export default async function CardsRoute({ searchParams }: CardsRouteProps) {
  await connection();
  const { setup = [], count = [] } = await searchParams;
  const { setups, publicUrl } = await getTyingPage([], 'cards');
  const counts = [count].flat();
  const items = [setup].flat().flatMap((id, i) => {
    const found = setups.find((each) => each.id === id);
    return found
      ? [{ setup: found, count: Math.min(MOST_CARDS, Math.max(1, Math.round(Number(counts[i])) || 1)) }]
      : [];
  });
  return <CardsView items={items} publicUrl={publicUrl} day={new Date().toISOString()} />;
}
