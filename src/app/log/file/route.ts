import { takeTripFile } from '@/server/trips/file-in';
import { tripFile } from '@/server/trips/file-out';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => tripFile(request);
export const POST = (request: Request) => takeTripFile(request);
