import { importParts } from '@/server/exchange/files';

export const POST = (request: Request) => importParts(request);
