import { tripHeads } from '@/server/trips/routes';

export const dynamic = 'force-dynamic';
export const GET = () => tripHeads();
