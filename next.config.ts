import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { NextConfig } from 'next';
import { PHASE_PRODUCTION_SERVER } from 'next/constants';

const config: NextConfig = {
  // Not while developing: there the core changes under a running server.
  env: process.env.NODE_ENV === 'production' ? { CORE_HASH: hashOfFolder('src/core') } : {},
  // Types are a check of `./ferula test`: nobody waits for them at a start.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  experimental: {
    // Half of a build's time went into these: what runs on the server is read as it is written, and a build is a fresh one.
    serverMinification: false,
    turbopackSourceMaps: false,
    turbopackFileSystemCacheForBuild: false,
    // A start is over in half the time; a view's code is read when it is first opened, in about a tenth of a second.
    preloadEntriesOnStart: false,
    // A whole bench as a file, see `MOST_BYTES`: the proxy would cut it off at ten megabytes.
    proxyClientMaxBodySize: '65mb',
    serverActions: { bodySizeLimit: '8mb' },
  },
  serverExternalPackages: ['mysql2', 'highs'],
  // A browser that has not read the page's head yet asks for the icon by its oldest name.
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        ],
      },
    ]),
  redirects: () => Promise.resolve([{ source: '/favicon.ico', destination: '/icon.svg', permanent: false }]),
};

/** What the plugins add is for a build: a server that starts would only read them. */
export default async (phase: string): Promise<NextConfig> => {
  if (phase === PHASE_PRODUCTION_SERVER) return config;
  const [{ withSerwist }, { default: createNextIntlPlugin }] = await Promise.all([
    import('@serwist/turbopack'),
    import('next-intl/plugin'),
  ]);
  return withSerwist(createNextIntlPlugin('./src/i18n/request.ts')(config));
};

/** What was worked out is kept under this: another core works it out anew. */
function hashOfFolder(folder: string): string {
  const hash = createHash('sha256');
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' }).sort())
    if (file.endsWith('.ts') && !file.includes('.test.')) hash.update(file).update(readFileSync(join(folder, file)));
  return hash.digest('hex');
}
