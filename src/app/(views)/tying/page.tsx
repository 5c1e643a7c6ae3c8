import { connection } from 'next/server';
import { TyingView } from '@/features/tying/tying-view';
import { getTyingPage } from '@/server/queries/tying-page';

interface TyingRouteProps {
  readonly searchParams: Promise<{ readonly setup?: string | string[] }>;
}

export default async function TyingRoute({ searchParams }: TyingRouteProps) {
  await connection();
  const { setup: asked = [] } = await searchParams;
  return <TyingView {...await getTyingPage([asked].flat())} />;
}
