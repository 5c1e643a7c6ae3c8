import { createSerwistRoute } from '@serwist/turbopack';

// Everything that a page runs on: code, styles, and the one family of type. Formulas and the large solver are for the bench.
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/offline/sw.ts',
  useNativeEsbuild: true,
  globPatterns: ['.next/static/**/*.{js,css,json}', '.next/static/media/archivo-latin-*.woff2'],
});
