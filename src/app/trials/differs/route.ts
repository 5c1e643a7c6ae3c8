import { differsRoute } from '@/server/trials/differs';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => differsRoute(request);
