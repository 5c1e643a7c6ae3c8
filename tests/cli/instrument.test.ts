import { createSocket } from 'node:dgram';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect, createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { instrument, readArguments } from '@/cli/instrument';
import { readSentence, sentenceOf } from '@/domain/instruments/nmea';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ferula-instrument-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const said: string[] = [];
/** A machine that does something else besides takes what it takes. */
const PATIENT = { timeout: 60_000 };
beforeEach(() => {
  said.length = 0;
  for (const stream of [process.stdout, process.stderr])
    vi.spyOn(stream, 'write').mockImplementation((text) => Boolean(said.push(String(text))));
  return () => vi.restoreAllMocks();
});

/** A port that nobody listens on. */
const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => resolve(port));
    });
  });
const recording = (name: string, ...lines: readonly string[]): string => {
  const file = join(folder, name);
  writeFileSync(file, lines.join('\r\n'));
  return file;
};
/** Some seconds of a boat at 4 knots, with the water under it. */
const SECONDS = Array.from({ length: 8 }, (_, i) => [
  sentenceOf('GPRMC', [`12000${i}`, 'A', '4630.6', 'N', '00800.6', 'E', '4.0', '045.0', '260626', '', '']),
  sentenceOf('SDDPT', [38.2 + i, '0.0']),
]).flat();

describe('arguments', () => {
  it('are as usual where none are given', () =>
    expect(readArguments([])).toEqual({ scenario: 'lake', file: null, port: 10110, udp: false, speed: 1, seed: 1 }));

  it('say scenario, file, port, way, pace and seed', () =>
    expect(readArguments(['sound', '--file=a=b.txt', '--port=4000', '--udp', '--speed=0.5', '--seed=0'])).toEqual({
      scenario: 'sound',
      file: 'a=b.txt',
      port: 4000,
      udp: true,
      speed: 0.5,
      seed: 0,
    }));

  it.each([
    'ocean',
    '--port=0',
    '--port=65536',
    '--port=x',
    '--speed=0',
    '--speed=101',
    '--seed=-1',
    '--seed=1.5',
    '--file=',
    '--tcp',
    'toString',
    '',
  ])('“%s” is named with what is allowed', async (arg) => {
    const read = readArguments([arg]);
    if (!('problem' in read)) throw new Error('taken');
    expect(read.problem).toMatch(new RegExp(`^'${arg}' is none of: .*--port=1…65535`));
    expect(await instrument([arg])).toBe(2);
    expect(said.join('')).toContain(read.problem);
  });
});

describe('sending', () => {
  it('says how it is used when it is asked', async () => {
    expect(await instrument(['--help', '--port=nonsense'])).toBe(0);
    expect(said.join('')).toMatch(/NMEA 0183/);
  });

  it('plays a recorded file to whoever connects, to its end', async () => {
    const port = await freePort();
    const played = instrument([`--file=${recording('boat.txt', ...SECONDS)}`, `--port=${port}`, '--speed=4']);
    await vi.waitFor(() => expect(said.join('')).toMatch(/Sending .*boat\.txt on TCP 127\.0\.0\.1/), PATIENT);
    const heard = await new Promise<string>((resolve, reject) => {
      let text = '';
      const socket = connect(port, '127.0.0.1');
      socket.on('error', reject);
      socket.on('data', (chunk) => (text += String(chunk)));
      socket.on('end', () => resolve(text));
    });
    expect(await played).toBe(0);
    expect(heard.split('\r\n').filter(Boolean).at(-1)).toBe(SECONDS.at(-1));
  });

  it('sends to a port without asking who listens, with --udp', async () => {
    const listener = createSocket('udp4');
    await new Promise<void>((resolve) => listener.bind(0, '127.0.0.1', resolve));
    const heard: string[] = [];
    listener.on('message', (text) => heard.push(String(text)));
    const { port } = listener.address();
    expect(
      await instrument([`--file=${recording('udp.txt', ...SECONDS)}`, `--port=${port}`, '--udp', '--speed=20']),
    ).toBe(0);
    await vi.waitFor(() => expect(heard.join('')).toContain(SECONDS[0]), PATIENT);
    listener.close();
    for (const line of heard.join('').split('\r\n').filter(Boolean)) expect(readSentence(line).kind, line).toBe('read');
  });

  it('names a file that is not there, and a port that is taken', async () => {
    expect(await instrument(['--file=/no/such/recording.txt'])).toBe(2);
    expect(said.join('')).toMatch(/recording\.txt cannot be read/);
    const server = createServer();
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    expect(await instrument([`--port=${port}`])).toBe(2);
    expect(said.join('')).toMatch(/cannot be listened on \(EADDRINUSE\); choose another/);
    await new Promise((resolve) => server.close(resolve));
  });
});
