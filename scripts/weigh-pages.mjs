// What a first visit loads, from a running Ferula: scripts named in the HTML (without nomodule ones) and the HTML itself, gzipped.
//   node scripts/weigh-pages.mjs [http://127.0.0.1:4173]
import { gzipSync } from 'node:zlib';

const at = process.argv[2] ?? 'http://127.0.0.1:4173';
const ROUTES = [
  '/bench',
  '/bench/setup-drowned-wall',
  '/bench/new',
  '/box',
  '/water',
  '/quiver',
  '/quiver/deck',
  '/tying',
  '/today',
  '/spread',
  '/helm',
  '/log',
  '/log/ask',
  '/log/day?trip=trip-first-light',
  '/trials?trial=trial-spoon-minnow',
  '/trials/judge',
  '/tying/jig',
  '/rules',
];
const kb = (bytes) => `${(bytes / 1024).toFixed(0).padStart(4)} kB`;

for (const route of ROUTES) {
  const start = performance.now();
  const html = await (await fetch(at + route)).text();
  const took = performance.now() - start;
  const tags = [...html.matchAll(/<script[^>]*\bsrc="([^"]+)"[^>]*>/g)].filter(([tag]) => !/nomodule/i.test(tag));
  const scripts = [...new Set(tags.map(([, src]) => src))];
  const sizes = await Promise.all(
    scripts.map(async (src) => gzipSync(Buffer.from(await (await fetch(new URL(src, at))).arrayBuffer())).length),
  );
  const script = sizes.reduce((sum, size) => sum + size, 0);
  console.log(
    `${route.padEnd(28)} scripts ${kb(script)}   HTML ${kb(gzipSync(html).length)}   ${took.toFixed(0).padStart(4)} ms`,
  );
}
