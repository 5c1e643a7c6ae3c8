// npm run soak -- live [pages] [seconds]: against a running Ferula with the demo bench, this is its instrument on 127.0.0.1:10110. How
// long from a sentence to each of so many open pages, and what the server takes of a processor meanwhile.
import { readFileSync } from 'node:fs';
import { createServer, type Socket } from 'node:net';
import { sentenceOf } from '@/domain/instruments/nmea';
import { SCENARIOS } from '@/domain/instruments/simulated/scenarios';
import { sentencesOf } from '@/domain/instruments/simulated/sentences';
import { world } from '@/domain/instruments/simulated/world';
import { processorS } from '../helpers/processor-time';

const pages = Number(process.argv[2] ?? 20);
const seconds = Number(process.argv[3] ?? 60);
const address = process.env['FERULA'] ?? 'http://127.0.0.1:4173';
const pid = Number(readFileSync('.data/app.pid', 'utf8'));

const sent = new Map<string, number>();
const delays: number[] = [];
const sockets = new Set<Socket>();
const server = createServer((socket) => {
  sockets.add(socket);
  socket.on('close', () => sockets.delete(socket));
  socket.on('error', () => socket.destroy());
});
await new Promise<void>((listening) => server.listen(10110, '127.0.0.1', listening));

const giveUp = new AbortController();
let heardBytes = 0;
for (let i = 0; i < pages; i += 1) void listen();
while (sockets.size === 0) await new Promise((resume) => setTimeout(resume, 200));

const scenario = SCENARIOS['lake']!;
const moments = world(scenario, 5);
const before = processorS(pid);
const begun = performance.now();
for (let second = 0; second < seconds; second += 1) {
  const moment = moments.next().value;
  const lines = moment ? sentencesOf(moment, scenario.start.atS) : [];
  // The surface temperature carries the number of the second, so that each page's arrival can be told.
  const key = (second / 100).toFixed(2);
  const own = sentenceOf('IIMTW', [key, 'C']);
  sent.set(key, performance.now());
  for (const socket of sockets)
    socket.write([...lines.filter((line) => !line.includes('MTW')), own].map((line) => `${line}\r\n`).join(''));
  await new Promise((resume) => setTimeout(resume, 1000));
}
const share = (processorS(pid) - before) / ((performance.now() - begun) / 1000);
giveUp.abort();
for (const socket of sockets) socket.destroy();
server.close();
delays.sort((a, b) => a - b);
const at = (part: number) => delays[Math.min(delays.length - 1, Math.floor(part * delays.length))]?.toFixed(0);
console.log(
  `${pages} pages, ${seconds} s: ${delays.length} arrivals of ${pages * seconds}; from sentence to page p50 ${at(0.5)} ms, p99 ${at(0.99)} ms, worst ${at(1)} ms; ` +
    `server ${(100 * share).toFixed(1)} % of one processor; ${(heardBytes / pages / seconds / 1024).toFixed(1)} kB a second to each page`,
);

async function listen(): Promise<void> {
  const response = await fetch(`${address}/live`, { signal: giveUp.signal });
  const decoder = new TextDecoder();
  let text = '';
  try {
    for await (const piece of response.body!) {
      heardBytes += piece.length;
      text += decoder.decode(piece, { stream: true });
      const parts = text.split('\n\n');
      text = parts.pop()!;
      for (const part of parts) {
        const found = /\["surfaceC",[\d.]+,([\d.]+)\]/.exec(part);
        if (!found || !part.includes('"readings"')) continue;
        const from = sent.get(Number(found[1]).toFixed(2));
        if (from !== undefined) delays.push(performance.now() - from);
      }
    }
  } catch {
    // Given up at the end.
  }
}
