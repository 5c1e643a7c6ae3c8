import { takePhone } from '@/server/live/routes';

export const POST = (request: Request) => takePhone(request);
