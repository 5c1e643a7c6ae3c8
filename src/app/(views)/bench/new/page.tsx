import { connection } from 'next/server';
import { SetupStart } from '@/features/setup-start/setup-start';
import { getBox } from '@/server/queries/box-page';

export default async function NewSetupPage() {
  await connection();
  return <SetupStart box={await getBox()} />;
}
