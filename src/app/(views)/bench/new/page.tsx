import { connection } from 'next/server';
import { rigSketches } from '@/features/setup-start/rig-sketches';
import { SetupStart } from '@/features/setup-start/setup-start';
import { getBox } from '@/server/queries/box-page';
import { getHouse } from '@/server/queries/house';
import { getSetupNames } from '@/server/queries/setup-list';

export default async function NewSetupPage() {
  await connection();
  const [box, house, setups] = await Promise.all([getBox(), getHouse(), getSetupNames()]);
  return <SetupStart box={box} house={house} sketches={rigSketches()} setups={setups} />;
}
