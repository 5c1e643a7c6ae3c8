import { connection } from 'next/server';
import { HelmView } from '@/features/helm/helm-view';
import { getHelmPage } from '@/server/queries/helm-page';

export default async function HelmRoute() {
  await connection();
  return <HelmView {...await getHelmPage()} />;
}
