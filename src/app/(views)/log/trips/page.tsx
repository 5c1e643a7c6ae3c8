import { connection } from 'next/server';
import { TripsView } from '@/features/log/trips/trips-view';
import { getLogTrips } from '@/server/queries/log-trips';

export default async function LogTripsRoute() {
  await connection();
  return <TripsView {...await getLogTrips()} />;
}
