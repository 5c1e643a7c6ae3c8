import { metricsText } from '@/server/metrics';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => metricsText(request);
