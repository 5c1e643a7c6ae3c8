import { takeTripEvents } from '@/server/trips/routes';

export const POST = (request: Request) => takeTripEvents(request);
