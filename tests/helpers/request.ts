// One for the process: a test that begins with modules that remember nothing would have another one than the server's code.
const kept = globalThis as { asked?: { headers: Headers; jar: Map<string, string> } };
/** The request that code of the server believes to be in: its headers and cookies, as a test sets them. */
export const asked = (kept.asked ??= { headers: new Headers(), jar: new Map<string, string>() });

export function headers(): Promise<Headers> {
  const all = new Headers(asked.headers);
  if (asked.jar.size > 0) all.set('cookie', [...asked.jar].map(([name, value]) => `${name}=${value}`).join('; '));
  return Promise.resolve(all);
}

export const cookies = () =>
  Promise.resolve({
    get: (name: string) => (asked.jar.has(name) ? { name, value: asked.jar.get(name)! } : undefined),
    set: (name: string, value: string) => void asked.jar.set(name, value),
  });
