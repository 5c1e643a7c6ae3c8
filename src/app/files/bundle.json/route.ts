import { bundleJson, importBundle } from '@/server/exchange/files';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => bundleJson(request);
export const POST = (request: Request) => importBundle(request);
