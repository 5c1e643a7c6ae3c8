import { renewCodes } from '@/server/crew/codes';

export const POST = () => renewCodes();
