import { createSocket } from 'node:dgram';
import { connect } from 'node:net';
import type { Connection } from '@/domain/helm/helm';

/** What a link tells: lines as they come, and how it stands. */
export interface LinkListener {
  readonly line: (line: string) => void;
  readonly state: (state: 'connecting' | 'open' | 'waiting', why: string | null) => void;
}

export interface Link {
  readonly close: () => void;
}

/** A line without an end is cut off here [characters]. */
const MOST_PENDING = 4096;
/** A second is waited after the first failure, then twice as long each time, half a minute at most [ms]. */
const BACK_OFF = { firstMs: 1000, mostMs: 30_000 } as const;
/** A connection that says nothing for so long is taken for dead: a cable was pulled without a word [ms]. */
const SILENT_MS = 20_000;
const CONNECT_MS = 8000;

/** Opens a connection and keeps it open: what breaks is tried again, ever more slowly, until it is closed. */
export const openLink = (connection: Connection, listener: LinkListener): Link =>
  connection.kind === 'tcp' ? openTcp(connection, listener) : openUdp(connection, listener);

function openTcp({ host, port }: Connection, listener: LinkListener): Link {
  let closed = false;
  let failures = 0;
  let timer: NodeJS.Timeout | null = null;
  let socket: ReturnType<typeof connect> | null = null;
  const open = (): void => {
    listener.state('connecting', null);
    let why: string | null = null;
    const split = lineSplitter(listener.line);
    socket = connect({ host, port });
    socket.setEncoding('latin1');
    socket.setTimeout(CONNECT_MS);
    socket.on('connect', () => {
      failures = 0;
      socket!.setTimeout(SILENT_MS);
      listener.state('open', null);
    });
    socket.on('data', (text) => split(String(text)));
    socket.on('timeout', () => {
      why = 'silent';
      socket!.destroy();
    });
    socket.on('error', (error: NodeJS.ErrnoException) => (why = error.code ?? 'failed'));
    socket.on('close', () => {
      if (closed) return;
      const waitMs = Math.min(BACK_OFF.mostMs, BACK_OFF.firstMs * 2 ** failures);
      failures += 1;
      listener.state('waiting', why ?? 'ended');
      timer = setTimeout(open, waitMs).unref();
    });
  };
  open();
  return {
    close: () => {
      closed = true;
      if (timer) clearTimeout(timer);
      socket?.destroy();
    },
  };
}

function openUdp({ host, port }: Connection, listener: LinkListener): Link {
  let closed = false;
  let failures = 0;
  let timer: NodeJS.Timeout | null = null;
  let socket: ReturnType<typeof createSocket> | null = null;
  const open = (): void => {
    listener.state('connecting', null);
    socket = createSocket({ type: host.includes(':') ? 'udp6' : 'udp4' });
    socket.on('listening', () => {
      failures = 0;
      listener.state('open', null);
    });
    // A datagram is whole: its last line needs no end.
    socket.on('message', (message) => {
      for (const line of message
        .toString('latin1')
        .slice(0, 16 * MOST_PENDING)
        .split(/\r?\n/))
        if (line) listener.line(line);
    });
    socket.on('error', (error: NodeJS.ErrnoException) => {
      socket?.close();
      if (closed) return;
      const waitMs = Math.min(BACK_OFF.mostMs, BACK_OFF.firstMs * 2 ** failures);
      failures += 1;
      listener.state('waiting', error.code ?? 'failed');
      timer = setTimeout(open, waitMs).unref();
    });
    socket.bind(port, host);
    socket.unref();
  };
  open();
  return {
    close: () => {
      closed = true;
      if (timer) clearTimeout(timer);
      try {
        socket?.close();
      } catch {
        // It was not open.
      }
    },
  };
}

/** Puts pieces of a stream together to lines; what has no end is thrown away rather than kept for ever. */
export function lineSplitter(onLine: (line: string) => void): (text: string) => void {
  let pending = '';
  return (text) => {
    const lines = (pending + text).split(/\r\n|\n|\r/);
    pending = lines.pop()!;
    if (pending.length > MOST_PENDING) {
      onLine(pending.slice(0, MOST_PENDING));
      pending = '';
    }
    for (const line of lines) if (line !== '') onLine(line);
  };
}
