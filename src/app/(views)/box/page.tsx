import { connection } from 'next/server';
import { BoxView } from '@/features/box/box-view';
import { getBoxPage } from '@/server/queries/box-page';

interface BoxRouteProps {
  readonly searchParams: Promise<{ readonly part?: string | string[]; readonly guide?: string | string[] }>;
}

export default async function BoxPage({ searchParams }: BoxRouteProps) {
  await connection();
  const { part, guide } = await searchParams;
  return <BoxView {...(await getBoxPage())} start={{ partId: typeof part === 'string' ? part : null, guide: typeof guide === 'string' ? guide : null }} />;
}
