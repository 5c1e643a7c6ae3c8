import { addEvent } from '@/server/live/routes';

export const POST = (request: Request) => addEvent(request);
