import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { RUN } from '../helpers/programs';
import { freePort } from '../helpers/running-ferula';

it('the secure front hands on what is asked and answered, as it comes', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ferula-front-'));
  const inner = await new Promise<Server>((listening) => {
    const server = createServer((asked, answer) => {
      if (asked.url === '/stream') {
        answer.writeHead(200, { 'content-type': 'text/event-stream' });
        answer.write('data: one\n\n');
        return;
      }
      let body = '';
      asked.on('data', (piece) => (body += String(piece)));
      asked.on('end', () =>
        answer.end(JSON.stringify({ host: asked.headers.host, proto: asked.headers['x-forwarded-proto'], body })),
      );
    }).listen(0, '127.0.0.1', () => listening(server));
  });
  const innerPort = (inner.address() as AddressInfo).port;
  const port = await freePort();
  const args = ['front', `127.0.0.1:${port}`, String(innerPort), folder, `https://boat.test:${port}`];
  const front: ChildProcess = spawn(RUN, args);
  try {
    await new Promise((ready) => front.stdout!.once('data', ready));
    const ca = readFileSync(join(folder, 'authority.crt'), 'utf8');
    const ask = (path: string, body?: string) =>
      new Promise<string>((done, failed) => {
        const asked = request(
          {
            host: '127.0.0.1',
            port,
            path,
            method: body ? 'POST' : 'GET',
            ca,
            servername: 'boat.test',
            headers: { host: 'boat.test' },
          },
          (answer) =>
            answer.once('data', (piece) => {
              done(String(piece));
              answer.destroy();
            }),
        );
        asked.on('error', failed);
        asked.end(body);
      });
    expect(JSON.parse(await ask('/x', 'hello'))).toEqual({ host: 'boat.test', proto: 'https', body: 'hello' });
    // Nothing is held back until the end, which a live line never comes to.
    expect(await ask('/stream')).toBe('data: one\n\n');
    inner.closeAllConnections();
    await new Promise((closed) => inner.close(closed));
    expect(await ask('/x')).toContain('does not answer just now');
  } finally {
    front.kill('SIGTERM');
    rmSync(folder, { recursive: true });
  }
}, 30_000);
