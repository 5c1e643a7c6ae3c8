import { authorityFile } from '@/server/devices/routes';

export const GET = () => authorityFile();
