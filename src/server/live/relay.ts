import 'server-only';
import { countLeases, endLease, holdLease, liveMessagesFrom, putLiveMessage, sweepLiveMessages } from '@/db/repo';
import type { Db } from '@/db/client';
import type { LiveMessage } from '@/domain/helm/live';
import type { BenchId } from '@/domain/ids';
import { noted } from './noted';

/** How often the others' messages are looked for [ms]. */
const LOOK_MS = 150;
/** An instance that says nothing for so long is gone [ms]. */
const PRESENT_MS = 15_000;
const SWEEP_S = 10;

/**
 * Passes what one instance of the application tells its pages on to those of the others, through a table. One that is alone
 * writes and reads nothing.
 *
 * Messages are looked for by time and told apart by their ids: on a cluster of databases ids do not come in the order in which
 * they are written.
 */
export class Relay {
  #isAlone = true;
  #looking = false;
  #timer: NodeJS.Timeout | null = null;
  readonly #seen = new Set<number>();

  constructor(
    private readonly db: () => Db,
    private readonly benchId: BenchId,
    private readonly origin: string,
    private readonly onMessage: (message: LiveMessage) => void,
  ) {}

  /** Says that this instance is there, and learns whether others are. */
  async attend(): Promise<void> {
    await holdLease(this.db(), { name: this.#name, holder: this.origin, forMs: PRESENT_MS, now: new Date() });
    this.#isAlone = (await countLeases(this.db(), this.#prefix, new Date())) < 2;
    if (this.#isAlone) this.#rest();
    else this.#timer ??= setInterval(() => void this.#look(), LOOK_MS).unref();
  }

  pass(message: LiveMessage): void {
    if (this.#isAlone) return;
    putLiveMessage(this.db(), this.benchId, this.origin, JSON.stringify(message)).catch(noted);
  }

  async sweep(second: number): Promise<void> {
    if (!this.#isAlone && second % SWEEP_S === 0) await sweepLiveMessages(this.db(), this.benchId).catch(noted);
  }

  async leave(): Promise<void> {
    this.#rest();
    await endLease(this.db(), this.#name, this.origin).catch(() => undefined);
  }

  get #prefix(): string {
    return `pages ${this.benchId.slice(0, 20)} `;
  }

  get #name(): string {
    return this.#prefix + this.origin;
  }

  #rest(): void {
    if (this.#timer) clearInterval(this.#timer);
    this.#timer = null;
    this.#seen.clear();
  }

  async #look(): Promise<void> {
    if (this.#looking) return;
    this.#looking = true;
    try {
      const rows = await liveMessagesFrom(this.db(), this.benchId, this.origin);
      const ids = new Set(rows.map(({ id }) => id));
      for (const { id, body } of rows) {
        if (this.#seen.has(id)) continue;
        this.#seen.add(id);
        this.onMessage(JSON.parse(body) as LiveMessage);
      }
      for (const id of this.#seen) if (!ids.has(id)) this.#seen.delete(id);
    } catch (error) {
      noted(error);
    } finally {
      this.#looking = false;
    }
  }
}
