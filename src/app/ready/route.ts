import { ready } from '@/server/ready';

export const dynamic = 'force-dynamic';
export const GET = () => ready();
