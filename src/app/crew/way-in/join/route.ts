import { join } from '@/server/crew/join';

export const POST = (request: Request) => join(request);
