import { connection } from 'next/server';
import { DevicesView } from '@/features/devices/devices-view';
import { getDevicesPage } from '@/server/queries/devices-page';

export default async function DevicesRoute() {
  await connection();
  return <DevicesView {...await getDevicesPage()} />;
}
