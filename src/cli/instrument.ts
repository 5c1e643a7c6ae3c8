import { createSocket } from 'node:dgram';
import { readFileSync } from 'node:fs';
import { createServer, type Socket } from 'node:net';
import { secondsOf } from '@/domain/instruments/recording';
import { SCENARIOS } from '@/domain/instruments/simulated/scenarios';
import { sentencesOf } from '@/domain/instruments/simulated/sentences';
import { world } from '@/domain/instruments/simulated/world';

interface Wanted {
  readonly scenario: string;
  readonly file: string | null;
  readonly port: number;
  readonly udp: boolean;
  /** times as fast as it was */
  readonly speed: number;
  readonly seed: number;
}

const USAGE = `./ferula instrument [${Object.keys(SCENARIOS).join('|')}] [--file=recording.txt] [--port=10110] [--udp] [--speed=1] [--seed=1]
Sends a whole boat's instruments as NMEA 0183 on 127.0.0.1: to whoever connects, or with --udp to that port. A recorded file is played
by its own clock.
`;

/** @returns what is wanted, or what is wrong with an argument. */
export function readArguments(args: readonly string[]): Wanted | { readonly problem: string } {
  let wanted: Wanted = { scenario: 'lake', file: null, port: 10110, udp: false, speed: 1, seed: 1 };
  for (const arg of args) {
    const [name, value = ''] = arg.split(/=(.*)/s) as [string, string?];
    const number = Number(value);
    if (arg === '--udp') wanted = { ...wanted, udp: true };
    else if (name === '--file' && value !== '') wanted = { ...wanted, file: value };
    else if (name === '--port' && Number.isInteger(number) && number >= 1 && number <= 65_535)
      wanted = { ...wanted, port: number };
    else if (name === '--speed' && number >= 0.1 && number <= 100) wanted = { ...wanted, speed: number };
    else if (name === '--seed' && Number.isInteger(number) && number >= 0) wanted = { ...wanted, seed: number };
    else if (Object.hasOwn(SCENARIOS, arg)) wanted = { ...wanted, scenario: arg };
    else
      return {
        problem: `'${arg}' is none of: ${Object.keys(SCENARIOS).join(', ')}, --file=NAME, --port=1…65535, --udp, --speed=0.1…100, --seed=0…`,
      };
  }
  return wanted;
}

/** Sends until it is stopped, or its file is at an end. */
export async function instrument(args: readonly string[]): Promise<number> {
  if (args.includes('--help')) {
    process.stdout.write(USAGE);
    return 0;
  }
  const wanted = readArguments(args);
  if ('problem' in wanted) {
    process.stderr.write(`${wanted.problem}\n`);
    return 2;
  }
  const seconds = secondsIn(wanted);
  if ('problem' in seconds) {
    process.stderr.write(`${seconds.problem}\n`);
    return 2;
  }
  const out = wanted.udp ? udpSender(wanted.port) : await tcpSender(wanted.port);
  if ('problem' in out) {
    process.stderr.write(`${out.problem}\n`);
    return 2;
  }
  process.stdout.write(
    `Sending ${wanted.file ?? wanted.scenario} on ${wanted.udp ? 'UDP' : 'TCP'} 127.0.0.1:${wanted.port}, ${wanted.speed} times as fast. Ctrl-C stops it.\n`,
  );
  return new Promise((resolve) => {
    const timer = setInterval(() => {
      const { value, done } = seconds.next();
      if (done) end();
      else out.send(value);
    }, 1000 / wanted.speed);
    const end = () => {
      clearInterval(timer);
      out.close();
      resolve(0);
    };
    process.once('SIGINT', end);
    process.once('SIGTERM', end);
  });
}

function secondsIn({
  scenario,
  file,
  seed,
}: Wanted): Iterator<readonly string[], undefined> | { readonly problem: string } {
  if (file === null) return simulated(scenario, seed);
  try {
    return secondsOf(
      readFileSync(file, 'latin1')
        .split(/\r\n|\n|\r/)
        .filter((line) => line !== ''),
    ) as Iterator<readonly string[], undefined>;
  } catch (error) {
    return { problem: `${file} cannot be read: ${error instanceof Error ? error.message : String(error)}` };
  }
}

function* simulated(name: string, seed: number): Generator<readonly string[], undefined> {
  const scenario = SCENARIOS[name]!;
  for (const moment of world(scenario, seed)) yield sentencesOf(moment, scenario.start.atS);
  return undefined;
}

interface Sender {
  readonly send: (lines: readonly string[]) => void;
  readonly close: () => void;
}

const textOf = (lines: readonly string[]): string => lines.map((line) => `${line}\r\n`).join('');

/** Whoever reads too slowly is let go rather than waited for. */
const MOST_WAITING = 1_000_000;

function tcpSender(port: number): Promise<Sender | { readonly problem: string }> {
  const sockets = new Set<Socket>();
  const server = createServer((socket) => {
    sockets.add(socket);
    socket.on('close', () => sockets.delete(socket));
    socket.on('error', () => socket.destroy());
  });
  return new Promise((resolve) => {
    server.on('error', (error: NodeJS.ErrnoException) =>
      resolve({
        problem: `127.0.0.1:${port} cannot be listened on (${error.code ?? error.message}); choose another: --port=10111`,
      }),
    );
    server.listen(port, '127.0.0.1', () =>
      resolve({
        send: (lines) => {
          for (const socket of sockets)
            if (socket.writableLength > MOST_WAITING) socket.destroy();
            else if (lines.length > 0) socket.write(textOf(lines));
        },
        close: () => {
          server.close();
          for (const socket of sockets) socket.destroy();
        },
      }),
    );
  });
}

function udpSender(port: number): Sender {
  const socket = createSocket('udp4');
  return {
    send: (lines) => {
      if (lines.length > 0) socket.send(textOf(lines), port, '127.0.0.1');
    },
    close: () => socket.close(),
  };
}
