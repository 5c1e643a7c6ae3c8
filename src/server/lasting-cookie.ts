/** A cookie of this whole site that a browser keeps for a year. */
export const LASTING_COOKIE = { path: '/', maxAge: 365 * 24 * 3600, sameSite: 'lax' } as const;
