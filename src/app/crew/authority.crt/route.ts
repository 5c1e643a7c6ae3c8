import { authorityFile } from '@/server/crew/authority';

export const dynamic = 'force-dynamic';
export const GET = () => authorityFile();
