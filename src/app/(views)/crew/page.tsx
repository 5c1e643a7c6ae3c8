import { connection } from 'next/server';
import { CrewView } from '@/features/crew/crew-view';
import { getCrewPage } from '@/server/queries/crew-page';

export default async function CrewRoute() {
  await connection();
  return <CrewView {...await getCrewPage()} />;
}
