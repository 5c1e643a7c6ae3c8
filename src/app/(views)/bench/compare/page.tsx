import { connection } from 'next/server';
import { CompareView } from '@/features/compare/compare-view';
import { getComparison } from '@/server/queries/comparison';

interface CompareRouteProps {
  readonly searchParams: Promise<{ readonly with?: string | string[] }>;
}

export default async function CompareRoute({ searchParams }: CompareRouteProps) {
  await connection();
  const { with: asked = [] } = await searchParams;
  return <CompareView {...await getComparison([asked].flat())} />;
}
