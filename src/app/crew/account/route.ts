import { deleteAccount } from '@/server/crew/leave';

export const POST = (request: Request) => deleteAccount(request);
