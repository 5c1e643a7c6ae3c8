import { connection } from 'next/server';
import { JigView } from '@/features/jig/jig-view';
import { getTyingPage } from '@/server/queries/tying-page';

export default async function JigRoute() {
  await connection();
  const { box } = await getTyingPage();
  return <JigView box={box} />;
}
