type Env = Readonly<Record<string, string | undefined>>;

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|localhost|\[?::1\]?)$/;

/** Whether anybody beyond this machine can reach it. */
export function isReachedFromOutside(env: Env): boolean {
  const bind = env['BIND'] ?? '';
  const address = bind.slice(0, bind.lastIndexOf(':'));
  const host = publicHost(env);
  return (address !== '' && !LOOPBACK.test(address)) || (host !== '' && !LOOPBACK.test(host));
}

/** The name or address that people type, without its port; empty where none is set. */
export function publicHost(env: Env): string {
  const publicUrl = env['PUBLIC_URL'] ?? '';
  return URL.canParse(publicUrl) ? new URL(publicUrl).hostname : '';
}

/** Whether passkeys can be used there: browsers make them for names over HTTPS, and for localhost, but for no bare address. */
export function takesPasskeys(env: Env): boolean {
  const host = publicHost(env);
  if (host === 'localhost') return true;
  const isAddress = host.startsWith('[') || /^[\d.]+$/.test(host);
  return host !== '' && !isAddress && (env['PUBLIC_URL'] ?? '').startsWith('https:');
}
