import { connection } from 'next/server';
import { WaterView } from '@/features/water/water-view';
import { getWaterPage } from '@/server/queries/water-page';

interface WaterRouteProps {
  readonly searchParams: Promise<{ readonly setup?: string | string[] }>;
}

export default async function WaterRoute({ searchParams }: WaterRouteProps) {
  await connection();
  const { setup: asked = [] } = await searchParams;
  const page = await getWaterPage([asked].flat());
  return <WaterView key={page.shown.map(({ id }) => id).join(' ')} {...page} />;
}
