import { partsCsv } from '@/server/exchange/files';

export const dynamic = 'force-dynamic';
export const GET = () => partsCsv();
