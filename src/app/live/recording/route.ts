import { playRecording } from '@/server/live/routes';

export const POST = (request: Request) => playRecording(request);
