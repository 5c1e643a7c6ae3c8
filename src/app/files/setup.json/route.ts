import { importSetup } from '@/server/exchange/files';

export const POST = (request: Request) => importSetup(request);
