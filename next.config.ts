import type { NextConfig } from 'next';
import createNextIntlPlugin from 'next-intl/plugin';

const withNextIntl = createNextIntlPlugin('./src/i18n/request.ts');

const config: NextConfig = {
  poweredByHeader: false,
  serverExternalPackages: ['mysql2', 'highs'],
  // A browser that has not read the page's head yet asks for the icon by its oldest name.
  redirects: () => Promise.resolve([{ source: '/favicon.ico', destination: '/icon.svg', permanent: false }]),
};

export default withNextIntl(config);
