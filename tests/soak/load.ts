// npm run soak -- load [users] [seconds] [address…]: against a running Ferula with the demo bench, which it writes to. Each user asks one
// thing every five seconds: reads Bench, Water and Log, saves a part, tells a strike. Several addresses are several instances, in turns.
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import autocannon from 'autocannon';
import { v7 as newRequestId } from 'uuid';

const users = Number(process.argv[2] ?? 100);
const seconds = Number(process.argv[3] ?? 300);
const addresses = process.argv.length > 4 ? process.argv.slice(4) : [process.env['FERULA'] ?? 'http://127.0.0.1:4173'];
const EVERY_MS = 5000;
const MINUTE_MS = 60_000;
const SETUP = 'setup-copper-deep';
const cookie = process.env['COOKIE'] ?? '';

type Kind = 'bench' | 'water' | 'log' | 'save' | 'strike';
interface Took {
  readonly ms: number;
  /** since the run began */
  readonly atMs: number;
}
const took: Record<Kind, Took[]> = { bench: [], water: [], log: [], save: [], strike: [] };
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
    took[kind].push({ ms: performance.now() - begun, atMs: begun - since });
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

const rss = [rssMb()];
const stolen = [stolenTicks()];
const since = performance.now();
const until = since + seconds * 1000;
const byMinute = setInterval(() => {
  rss.push(rssMb());
  stolen.push(stolenTicks());
}, MINUTE_MS);
await Promise.all(Array.from({ length: users }, (_, nth) => user(nth)));
clearInterval(byMinute);
rss.push(rssMb());
stolen.push(stolenTicks());

const percentile = (all: readonly number[], part: number) => {
  const sorted = all.toSorted((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]?.toFixed(0) ?? '-';
};
console.log(`${users} users, one request each ${EVERY_MS / 1000} s, ${seconds} s, ${addresses.length} instances`);
for (const [kind, all] of Object.entries(took)) {
  const at = (part: number) =>
    percentile(
      all.map(({ ms }) => ms),
      part,
    );
  console.log(`${kind}: ${all.length} requests, p50 ${at(0.5)} ms, p99 ${at(0.99)} ms, worst ${at(1)} ms`);
}
// What other machines on the same host take of this one's processors is no part of the answer.
for (let minute = 0; minute < seconds / 60; minute += 1) {
  const within = (kinds: readonly Kind[]) =>
    kinds.flatMap((kind) =>
      took[kind].filter(({ atMs }) => Math.floor(atMs / MINUTE_MS) === minute).map(({ ms }) => ms),
    );
  console.log(
    `minute ${minute + 1}: reads p99 ${percentile(within(['bench', 'water', 'log']), 0.99)} ms, ` +
      `saves and strikes p99 ${percentile(within(['save', 'strike']), 0.99)} ms, ` +
      `taken from this machine by others ${(((stolen[minute + 1]! - stolen[minute]!) / 100 / 60 / availableParallelism()) * 100).toFixed(0)} %, ` +
      `resident memory ${rss[minute + 1]!.map((mb) => mb.toFixed(0)).join(', ')} MB`,
  );
}
console.log(`saves and strikes a second: ${((took.save.length + took.strike.length) / seconds).toFixed(1)}`);
console.log(
  failures.size === 0 ? 'no error' : `errors: ${[...failures].map(([what, times]) => `${times} x ${what}`).join('; ')}`,
);

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

/** Hundredths of a second that the host gave to others while this machine wanted to run; as Linux counts them. */
function stolenTicks(): number {
  return Number(/^cpu +((?:\d+ )+)/.exec(readIfThere('/proc/stat'))?.[1]?.split(' ')[7] ?? 0);
}
