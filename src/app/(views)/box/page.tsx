import { connection } from 'next/server';
import { BoxView } from '@/features/box/box-view';
import { getBoxPage } from '@/server/queries/box-page';

export default async function BoxPage() {
  await connection();
  return <BoxView {...(await getBoxPage())} />;
}
