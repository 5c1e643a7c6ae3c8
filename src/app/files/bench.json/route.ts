import { benchJson, importBench } from '@/server/exchange/files';

export const dynamic = 'force-dynamic';
export const GET = () => benchJson();
export const POST = (request: Request) => importBench(request);
