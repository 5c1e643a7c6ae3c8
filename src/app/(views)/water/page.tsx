import { connection } from 'next/server';
import { WaterView } from '@/features/water/water-view';
import { getWaterPage } from '@/server/queries/water-page';

interface WaterRouteProps {
  readonly searchParams: Promise<{ readonly setup?: string | string[] }>;
}

export default async function WaterRoute({ searchParams }: WaterRouteProps) {
  await connection();
  const { setup: asked = [] } = await searchParams;
  const { shown, all } = await getWaterPage([asked].flat());
  return <WaterView key={shown.map(({ id }) => id).join(' ')} shown={shown} all={all} />;
}
