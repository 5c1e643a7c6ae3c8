import { pairDevice } from '@/server/devices/routes';

export const POST = (request: Request) => pairDevice(request);
