import { keptReadings } from '@/server/live/routes';

export const GET = (request: Request) => keptReadings(request);
