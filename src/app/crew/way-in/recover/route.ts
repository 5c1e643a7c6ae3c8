import { recover } from '@/server/crew/join';

export const POST = (request: Request) => recover(request);
