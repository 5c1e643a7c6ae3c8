/** Names of this machine to itself. */
const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'] as const;

/**
 * The values of the Host header that are answered: the address that people type (PUBLIC_URL), and while the application
 * listens on loopback only, this machine's own names at its port.
 */
export function allowedHosts(env: Readonly<Record<string, string | undefined>>): ReadonlySet<string> {
  const publicUrl = env['PUBLIC_URL'] ?? '';
  const hosts = new Set<string>();
  if (URL.canParse(publicUrl)) hosts.add(new URL(publicUrl).host);
  const bind = env['BIND'] ?? '';
  const port = bind.slice(bind.lastIndexOf(':') + 1) || env['PORT'] || '3000';
  const address = bind.slice(0, bind.lastIndexOf(':'));
  if (bind === '' || (LOOPBACK as readonly string[]).includes(address))
    for (const name of LOOPBACK) hosts.add(`${name}:${port}`);
  return hosts;
}

export const isAllowedHost = (host: string | null, allowed: ReadonlySet<string>): boolean =>
  host !== null && allowed.has(host.toLowerCase());
