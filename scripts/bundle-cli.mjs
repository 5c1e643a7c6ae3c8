// Makes one file of the shell commands, so that a call starts in a fraction of a second: node scripts/bundle-cli.mjs OUT
import { build } from 'esbuild';

/** The solver brings a file of its own: it is left outside, and loaded only by who asks for it. */
const lazySolver = {
  name: 'lazy-solver',
  setup({ onResolve, onLoad }) {
    onResolve({ filter: /^highs$/ }, ({ namespace }) =>
      namespace === 'lazy' ? { path: 'highs', external: true } : { path: 'highs', namespace: 'lazy' },
    );
    onLoad({ filter: /^highs$/, namespace: 'lazy' }, () => ({
      contents: "export default async (...options) => (await import('highs')).default(...options);",
    }));
  },
};

const [outfile] = process.argv.slice(2);
await build({
  entryPoints: ['src/cli/main.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  plugins: [lazySolver],
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  // Less to read in at each call; names stay, since errors carry them.
  minifyWhitespace: true,
  minifySyntax: true,
  logLevel: 'error',
});
