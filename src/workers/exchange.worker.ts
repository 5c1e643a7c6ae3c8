import Papa from 'papaparse';
import { MOST_LINES, planParts } from '@/domain/exchange/plan-parts';
import type { ExchangeReply, ExchangeRequest } from './exchange-protocol';

const reply = (message: ExchangeReply) => self.postMessage(message);

/** Twenty thousand lines with every column filled are below this [bytes]. */
const MOST_BYTES = 32 * 1024 * 1024;

self.addEventListener('message', ({ data }: MessageEvent<ExchangeRequest>) => void plan(data));

async function plan({ file, box }: ExchangeRequest): Promise<void> {
  const start = performance.now();
  if (file.size > MOST_BYTES) return reply({ kind: 'refused', code: 'too-large' });
  const head = new Uint8Array(await file.slice(0, 4096).arrayBuffer());
  if (head[0] === 0x50 && head[1] === 0x4b) return reply({ kind: 'refused', code: 'archive' });
  if (head.includes(0)) return reply({ kind: 'refused', code: 'binary' });
  const parsed = Papa.parse<string[]>(await file.text(), { skipEmptyLines: false });
  // A file of one column has no delimiter to be found, which is no mistake.
  if (parsed.errors.some(({ type }) => type === 'Quotes')) return reply({ kind: 'refused', code: 'unreadable' });
  const of = parsed.data.length - 1;
  if (of > MOST_LINES) return reply({ kind: 'refused', code: 'too-many-lines' });
  const result = planParts(
    parsed.data,
    box,
    () => `part-${crypto.randomUUID()}`,
    (done) => reply({ kind: 'progress', done, of }),
  );
  reply({ kind: 'planned', plan: result, computeMs: performance.now() - start });
}
