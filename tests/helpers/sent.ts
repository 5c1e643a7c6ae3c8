import { v7 as newRequestId } from 'uuid';

/** An action's input as a page sends it. */
export const sent = (input: unknown, requestId: string = newRequestId()) => ({ requestId, input });
