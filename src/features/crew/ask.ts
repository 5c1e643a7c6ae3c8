/** How a request of the ways in ended. */
export type Asked<T> =
  | { readonly ok: true; readonly data: T }
  | {
      readonly ok: false;
      readonly status: number;
      readonly code: string;
      readonly path: string;
      /** benches that stand in the way */
      readonly benches?: readonly string[];
    };

/** Sends JSON to one of the crew's routes. Never throws; status 0: no answer came. */
export async function ask<T>(path: string, body?: unknown): Promise<Asked<T>> {
  try {
    const response = await fetch(`/crew/${path}`, {
      method: body === undefined ? 'GET' : 'POST',
      headers: { 'content-type': 'application/json' },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    const answer = (await response.json().catch(() => null)) as {
      readonly code?: string;
      readonly fields?: readonly { readonly path: string }[];
      readonly benches?: readonly string[];
    } | null;
    return response.ok
      ? { ok: true, data: answer as T }
      : {
          ok: false,
          status: response.status,
          code: answer?.code ?? '',
          path: answer?.fields?.[0]?.path ?? '',
          benches: answer?.benches ?? [],
        };
  } catch {
    return { ok: false, status: 0, code: '', path: '' };
  }
}
