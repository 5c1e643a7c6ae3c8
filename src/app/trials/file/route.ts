import { trialFile } from '@/server/trials/files';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => trialFile(request);
