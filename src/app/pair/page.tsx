import { connection } from 'next/server';
import { PairForm } from '@/features/devices/pair-form';
import { Words } from '@/i18n/words';

interface PairRouteProps {
  readonly searchParams: Promise<{ readonly wrong?: string | string[] }>;
}

export default async function PairRoute({ searchParams }: PairRouteProps) {
  await connection();
  const { wrong } = await searchParams;
  return (
    <Words room="devices">
      <PairForm
        wrong={wrong === 'code' || wrong === 'form' ? wrong : null}
        hasAuthority={Boolean(process.env['FERULA_AUTHORITY'])}
      />
    </Words>
  );
}
