import { authRoute } from '@/server/crew/auth-route';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => authRoute(request);
export const POST = (request: Request) => authRoute(request);
