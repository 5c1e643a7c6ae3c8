// Makes one file of a program that runs beside Next, so that a call starts in a fraction of a second: node scripts/bundle.mjs NAME OUT
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

/** The packages of the shell commands come into the file too; the others are begun seldom, and read them where they are. */
const PROGRAMS = {
  cli: {
    entryPoints: ['src/cli/main.ts'],
    plugins: [lazySolver],
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  },
  prepare: { entryPoints: ['src/db/prepare.ts'], packages: 'external' },
  crew: { entryPoints: ['src/server/crew/console.ts'], packages: 'external' },
  front: { entryPoints: ['src/front/main.ts'], packages: 'external' },
};

const [name, outfile] = process.argv.slice(2);
await build({
  ...PROGRAMS[name],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  // Less to read in at each call; names stay, since errors carry them.
  minifyWhitespace: true,
  minifySyntax: true,
  logLevel: 'error',
});
