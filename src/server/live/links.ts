import type { Helm } from '@/domain/helm/helm';
import type { LinkState } from '@/domain/helm/live';
import type { ChannelName } from '@/domain/instruments/channels';
import { secondsOf } from '@/domain/instruments/recording';
import { Router } from '@/domain/instruments/routes';
import { LinkCounts } from './counts';
import { openLink, type Link } from './link';

/** The link of a recorded file that is played. */
const RECORDING = 'recording';

interface OpenLink {
  readonly link: Link;
  /** the connection as it was asked for */
  readonly key: string;
  readonly counts: LinkCounts;
}

/** The connections to a bench's instruments, and the recorded file that is played in their place. */
export class Links {
  readonly #open = new Map<string, OpenLink>();
  #router = new Router([]);
  #playing = false;

  constructor(
    private readonly on: {
      readonly reading: (channel: ChannelName, value: number) => void;
      /** a connection was opened or closed, or its state changed */
      readonly changed: () => void;
    },
  ) {}

  states(): readonly LinkState[] {
    return [...this.#open.values()].map(({ counts }) => counts.whole());
  }

  /** Which instrument each channel is read from. */
  route(routes: Helm['routes']): void {
    this.#router = new Router(routes);
  }

  /** Opens the connections that are wanted and closes all others. */
  connect(wanted: Helm['connections']): void {
    const keys = new Map(wanted.map((connection) => [connection.id, JSON.stringify(connection)]));
    let changed = false;
    for (const [id, { link, key }] of this.#open)
      if (id !== RECORDING && keys.get(id) !== key) {
        link.close();
        this.#open.delete(id);
        changed = true;
      }
    for (const connection of wanted) {
      if (this.#open.has(connection.id)) continue;
      const counts = new LinkCounts(connection.id, connection.name, 'connecting');
      const link = openLink(connection, {
        // While a recording plays, what comes in meanwhile is of another day.
        line: (line) => this.#playing || this.#line(counts, line, connection.needsChecksum),
        state: (state, why) => {
          counts.stands(state, why);
          this.on.changed();
        },
      });
      this.#open.set(connection.id, { link, key: keys.get(connection.id)!, counts });
      changed = true;
    }
    if (changed) this.on.changed();
  }

  /** Plays a recorded file as if it came now, so many times as fast; a new one takes the place of the old. */
  play(lines: readonly string[], speed: number): void {
    this.#open.get(RECORDING)?.link.close();
    this.#playing = true;
    const counts = new LinkCounts(RECORDING, '', 'open');
    const seconds = secondsOf(lines);
    const timer = setInterval(() => {
      const { value, done } = seconds.next();
      for (const line of done ? [] : value) this.#line(counts, line, false);
      if (!done) return;
      clearInterval(timer);
      this.#playing = false;
      counts.stands('off', null);
      this.on.changed();
    }, 1000 / speed).unref();
    this.#open.set(RECORDING, { link: { close: () => clearInterval(timer) }, key: RECORDING, counts });
    this.on.changed();
  }

  close(): void {
    for (const { link } of this.#open.values()) link.close();
    this.#open.clear();
  }

  #line(counts: LinkCounts, line: string, needsChecksum: boolean): void {
    for (const { channel, value } of counts.line(line, needsChecksum, this.#router, Date.now() / 1000))
      this.on.reading(channel, value);
  }
}
