import { createSocket } from 'node:dgram';
import { createServer, type AddressInfo, type Socket } from 'node:net';
import { expect, it, vi } from 'vitest';
import { lineSplitter, openLink } from './link';

const connection = { id: 'a', name: '', kind: 'tcp', host: '127.0.0.1', needsChecksum: true, on: true } as const;

it('puts pieces of a stream together, and throws away what never ends', () => {
  const lines: string[] = [];
  const split = lineSplitter((line) => lines.push(line));
  split('$A,1*00\r\n$B');
  split(',2*00\n\n$C,3*00\r$D');
  expect(lines).toEqual(['$A,1*00', '$B,2*00', '$C,3*00']);
  split('x'.repeat(10_000));
  expect(lines.at(-1)!.length).toBeLessThanOrEqual(4096);
  split('\n$E,5*00\n');
  expect(lines.at(-1)).toBe('$E,5*00');
});

it('connects again by itself when the other side is gone and comes back', async () => {
  const sockets: Socket[] = [];
  const listen = (port: number) =>
    new Promise<ReturnType<typeof createServer>>((resolve) => {
      const server = createServer((socket) => {
        sockets.push(socket);
        socket.write('$HELLO,1*00\r\n');
      });
      server.listen(port, '127.0.0.1', () => resolve(server));
    });
  const first = await listen(0);
  const { port } = first.address() as AddressInfo;
  const lines: string[] = [];
  const states: string[] = [];
  const link = openLink(
    { ...connection, port },
    { line: (line) => lines.push(line), state: (state) => states.push(state) },
  );
  await vi.waitFor(() => expect(lines).toHaveLength(1), 5000);
  for (const socket of sockets) socket.destroy();
  await new Promise((closed) => first.close(closed));
  await vi.waitFor(() => expect(states).toContain('waiting'), 5000);
  const second = await listen(port);
  await vi.waitFor(() => expect(lines).toHaveLength(2), 15_000);
  link.close();
  for (const socket of sockets) socket.destroy();
  await new Promise((closed) => second.close(closed));
  expect(states.at(-1)).toBe('open');
}, 30_000);

it('hears what is sent to its port', async () => {
  const lines: string[] = [];
  let state = '';
  const probe = createSocket('udp4');
  await new Promise<void>((bound) => probe.bind(0, '127.0.0.1', bound));
  const { port } = probe.address();
  await new Promise<void>((closed) => probe.close(closed));
  const link = openLink(
    { ...connection, kind: 'udp', port },
    { line: (line) => lines.push(line), state: (now) => (state = now) },
  );
  await vi.waitFor(() => expect(state).toBe('open'), 5000);
  const sender = createSocket('udp4');
  sender.send('$A,1*00\r\n$B,2*00', port, '127.0.0.1');
  await vi.waitFor(() => expect(lines).toEqual(['$A,1*00', '$B,2*00']), 5000);
  sender.close();
  link.close();
});
