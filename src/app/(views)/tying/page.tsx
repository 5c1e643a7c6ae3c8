import { connection } from 'next/server';
import { TyingView } from '@/features/tying/tying-view';
import { getTyingPage } from '@/server/queries/tying-page';

export default async function TyingRoute() {
  await connection();
  return <TyingView {...await getTyingPage()} />;
}
