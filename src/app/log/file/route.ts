import { takeTripFile, tripFile } from '@/server/trips/files';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => tripFile(request);
export const POST = (request: Request) => takeTripFile(request);
