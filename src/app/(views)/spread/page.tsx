import { connection } from 'next/server';
import { SpreadView } from '@/features/spread/spread-view';
import { getSpreadPage } from '@/server/queries/spread-page';

interface SpreadRouteProps {
  readonly searchParams: Promise<{
    readonly spread?: string | string[];
    readonly setup?: string | string[];
    readonly craft?: string | string[];
  }>;
}

export default async function SpreadRoute({ searchParams }: SpreadRouteProps) {
  await connection();
  const { spread, setup = [], craft } = await searchParams;
  const asked = { spread: [spread].flat()[0] ?? null, setups: [setup].flat(), craft: [craft].flat()[0] ?? null };
  return <SpreadView key={JSON.stringify(asked)} {...await getSpreadPage(asked)} />;
}
