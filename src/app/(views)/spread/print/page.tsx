import { connection } from 'next/server';
import { SpreadCard } from '@/features/spread/card/spread-card';
import { getSpreadPage } from '@/server/queries/spread-page';

interface PrintRouteProps {
  readonly searchParams: Promise<{ readonly spread?: string | string[] }>;
}

export default async function SpreadPrintRoute({ searchParams }: PrintRouteProps) {
  await connection();
  const { spread } = await searchParams;
  return (
    <SpreadCard
      {...await getSpreadPage({ spread: [spread].flat()[0] ?? null, setups: [], craft: null, again: null }, 'cards')}
    />
  );
}
