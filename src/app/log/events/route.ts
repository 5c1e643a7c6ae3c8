import { takeTripEvents, tripHeads } from '@/server/trips/routes';

export const dynamic = 'force-dynamic';
export const GET = () => tripHeads();
export const POST = (request: Request) => takeTripEvents(request);
