import { openLive } from '@/server/live/routes';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => openLive(request);
