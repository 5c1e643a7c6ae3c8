import { connection } from 'next/server';
import { BoxView } from '@/features/box/box-view';
import { getBoxPage } from '@/server/queries/box-page';

interface BoxRouteProps {
  readonly searchParams: Promise<{
    readonly part?: string | string[];
    readonly guide?: string | string[];
    readonly field?: string | string[];
  }>;
}

export default async function BoxPage({ searchParams }: BoxRouteProps) {
  await connection();
  const { part, guide, field } = await searchParams;
  const one = (value: string | string[] | undefined) => (typeof value === 'string' ? value : null);
  return <BoxView {...await getBoxPage()} start={{ partId: one(part), guide: one(guide), field: one(field) }} />;
}
