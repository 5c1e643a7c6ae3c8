import { benchHeader } from './page-bench';

/** How a request to the live routes ended. */
export type Posted = 'kept' | 'refused' | 'unreachable';

/** Sends something to the server's live routes; the same event may be sent again, it is kept once. Never throws. */
export async function post(path: 'events' | 'phone', body: unknown): Promise<Posted> {
  try {
    const response = await fetch(`/live/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...benchHeader() },
      body: JSON.stringify(body),
    });
    return response.ok ? 'kept' : response.status === 422 ? 'refused' : 'unreachable';
  } catch {
    return 'unreachable';
  }
}
