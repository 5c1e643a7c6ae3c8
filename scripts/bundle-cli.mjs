// Makes one file of the shell commands, so that a call starts in a fraction of a second: node scripts/bundle-cli.mjs OUT
import { build } from 'esbuild';

const [outfile] = process.argv.slice(2);
await build({
  entryPoints: ['src/cli/main.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  // The solver brings a file of its own and is loaded only by who asks for it.
  external: ['highs'],
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  logLevel: 'error',
});
