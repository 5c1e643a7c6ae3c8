// npm run soak -- load [users] [seconds] [address…]: against a running Ferula with the demo bench, which it writes to. Each user asks one
// thing every five seconds: reads Bench, Water and Log, saves a part, tells a strike. Several addresses are several instances, in turns.
import { readFileSync } from 'node:fs';
import autocannon from 'autocannon';
import { v7 as newRequestId } from 'uuid';

const users = Number(process.argv[2] ?? 100);
const seconds = Number(process.argv[3] ?? 300);
const addresses = process.argv.length > 4 ? process.argv.slice(4) : [process.env['FERULA'] ?? 'http://127.0.0.1:4173'];
const EVERY_MS = 5000;
const SETUP = 'setup-copper-deep';
const cookie = process.env['COOKIE'] ?? '';

type Kind = 'bench' | 'water' | 'log' | 'save' | 'strike';
const took: Record<Kind, number[]> = { bench: [], water: [], log: [], save: [], strike: [] };
const failures = new Map<string, number>();

interface BenchFile {
  readonly parts: readonly { readonly part: { readonly id: string; readonly kind: string } }[];
}
const file = (await (await fetch(`${addresses[0]!}/files/bench.json`, { headers: { cookie } })).json()) as BenchFile;
const pattern =
  file.parts.find(({ part }) => part.kind === 'swivel' || part.kind === 'snap')?.part ?? file.parts[0]!.part;
const run = Date.now().toString(36);
const trip = `trip-load-${run}`;

const reads: readonly (readonly [Kind, string])[] = [
  ['bench', `/bench/${SETUP}`],
  ['water', `/water?setup=${SETUP}`],
  ['log', '/log'],
];

/** One user: mostly reads, every fifth request writes. */
async function user(nth: number): Promise<void> {
  const partId = `load-${run}-${nth}`;
  let version: number | null = null;
  await pause(Math.random() * EVERY_MS);
  for (let turn = nth; performance.now() < until; turn++) {
    const begun = performance.now();
    const address = addresses[turn % addresses.length]!;
    if (turn % 5 === 3) {
      const saved = await ask('save', `${address}/files/parts?confirm=yes`, 'POST', {
        changes: [{ id: partId, part: { ...pattern, id: partId }, expectedVersion: version }],
        reason: 'load',
      });
      if (saved) version = (version ?? 0) + 1;
    } else if (turn % 5 === 4) {
      await ask('strike', `${address}/log/events`, 'POST', {
        version: 1,
        tripId: trip,
        sentS: Date.now() / 1000,
        events: [
          {
            kind: 'strike',
            id: newRequestId(),
            atS: Date.now() / 1000,
            touchedS: Date.now() / 1000,
            line: `line-${nth % 8}`,
            angler: null,
          },
        ],
      });
    } else {
      const [kind, path] = reads[turn % reads.length]!;
      await ask(kind, address + path, 'GET');
    }
    await pause(EVERY_MS - (performance.now() - begun));
  }
}

async function ask(kind: Kind, url: string, method: string, body?: unknown): Promise<boolean> {
  const begun = performance.now();
  try {
    const response = await fetch(url, {
      method,
      headers: { cookie, 'content-type': 'application/json', 'idempotency-key': newRequestId() },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    const text = await response.text();
    if (!response.ok) fail(`${kind} ${response.status} ${text.startsWith('{') ? text.slice(0, 200) : ''}`);
    took[kind].push(performance.now() - begun);
    return response.ok;
  } catch (error) {
    fail(`${kind} ${String(error)}`);
    return false;
  }
}

const fail = (what: string) => failures.set(what, (failures.get(what) ?? 0) + 1);

const pause = (ms: number) => new Promise((resume) => setTimeout(resume, Math.max(0, ms)));
const pids = (process.env['PIDS'] ?? readIfThere('.data/app.pid')).split(/\s+/).filter(Boolean);
const rssMb = () =>
  pids.map((pid) => Number(/VmRSS:\s+(\d+)/.exec(readIfThere(`/proc/${pid}/status`))?.[1] ?? 0) / 1024);

// An instance that was just started compiles what it runs for the first time.
for (let i = 0; i < 30; i += 1)
  for (const address of addresses)
    for (const [, path] of reads) await (await fetch(address + path, { headers: { cookie } })).text();

const before = rssMb();
const until = performance.now() + seconds * 1000;
await Promise.all(Array.from({ length: users }, (_, nth) => user(nth)));
const after = rssMb();

const percentile = (sorted: readonly number[], part: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]!;
console.log(`${users} users, one request each ${EVERY_MS / 1000} s, ${seconds} s, ${addresses.length} instances`);
for (const [kind, all] of Object.entries(took)) {
  const sorted = all.toSorted((a, b) => a - b);
  const at = (part: number) => percentile(sorted, part).toFixed(0);
  console.log(`${kind}: ${all.length} requests, p50 ${at(0.5)} ms, p99 ${at(0.99)} ms, worst ${at(1)} ms`);
}
console.log(
  `saves and strikes a second: ${((took.save.length + took.strike.length) / seconds).toFixed(1)}`,
);
console.log(`resident memory: ${before.map((mb, i) => `${mb.toFixed(0)} to ${after[i]!.toFixed(0)} MB`).join(', ')}`);
console.log(failures.size === 0 ? 'no error' : `errors: ${[...failures].map(([what, times]) => `${times} x ${what}`).join('; ')}`);

// As many as go through, one after another: a page of the framework with nothing on it is the measure.
for (const path of ['/nothing-here', '/log', `/bench/${SETUP}`, `/water?setup=${SETUP}`, '/box', '/today']) {
  const { requests, latency } = await autocannon({
    url: addresses[0]! + path,
    connections: 10,
    duration: 10,
    headers: { cookie },
  });
  console.log(`${path}: ${requests.average.toFixed(0)} a second, p99 ${latency.p99} ms`);
}
process.exit(failures.size === 0 ? 0 : 1);

function readIfThere(path: string): string {
  try {
    return readFileSync(path, 'utf8').trim();
  } catch {
    return '';
  }
}
