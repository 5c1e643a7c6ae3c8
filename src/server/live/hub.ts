import 'server-only';
import type { Db } from '@/db/client';
import { blocksIn, endLease, helmRepo, holdLease } from '@/db/repo';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { LinkState, LiveMessage, Logged } from '@/domain/helm/live';
import { probeDepthBy } from '@/domain/helm/probe-depth';
import { layerTemperature } from '@/domain/helm/profile';
import { REMEMBERED_S, Tracks } from '@/domain/helm/tracks';
import type { AnglerId, BenchId } from '@/domain/ids';
import { isPossible, type ChannelName } from '@/domain/instruments/channels';
import { HelmEvents } from './helm-events';
import { Keeper } from './keeper';
import { currentAlongMps, movedLately } from './lately';
import { Links } from './links';
import { Listeners, type Listener } from './listeners';
import { noted } from './noted';
import { oneAtATime } from './one-at-a-time';
import { Relay } from './relay';

/** Readings are sent together, so often at most [ms]. */
const SEND_MS = 100;
const WRITE_S = 10;
const LOOK_S = 6;
/** How often the document and the lease are looked at [s]. */
const RELOAD_S = 5;
const LEASE_MS = 15_000;
/** What changed within so long after a move that was told belongs to it [s]. */
const AFTER_MOVE_S = 14;
/** An instrument that has been silent for longer leaves its channel to a phone [s]. */
const SPOKE_S = 5;

/** Reads the instruments of one bench, remembers the last minutes, keeps them, and tells every page what is new. */
export class Hub {
  #tracks = new Tracks();
  readonly #helmEvents: HelmEvents;
  #helm: { document: Helm; version: number } | null = null;
  /** when an instrument, here or at another instance, told each channel last */
  readonly #spokeS = new Map<ChannelName, number>();
  readonly #links = new Links({
    reading: (channel, value) => {
      this.#spokeS.set(channel, nowS());
      this.record(channel, value);
    },
    changed: () => this.#tellLinks(),
  });
  readonly #listeners = new Listeners();
  readonly #keeper: Keeper;
  readonly #holder = crypto.randomUUID();
  readonly #relay: Relay;
  /** connections of the instance that reads them, while this one does not */
  #farLinks: readonly LinkState[] = [];
  #reads = false;
  #pending = new Map<ChannelName, readonly [number, number]>();
  #sendTimer: NodeJS.Timeout | null = null;
  #second = 0;
  #lookedUntilS = -Infinity;
  #loadedEvents = false;
  #depthAt: ((mps: number) => number) | null = null;
  #ticking: NodeJS.Timeout | null = null;
  #isOver = false;

  constructor(
    private readonly db: () => Db,
    private readonly benchId: BenchId,
  ) {
    this.#keeper = new Keeper(db, benchId);
    this.#relay = new Relay(db, benchId, this.#holder, (message) => this.#hear(message));
    const tell = (event: HelmEvent) => this.#listeners.tell({ kind: 'event', event });
    this.#helmEvents = new HelmEvents(db, benchId, {
      onNew: (event) => {
        tell(event);
        this.#relay.pass({ kind: 'event', event });
      },
      onHeard: tell,
    });
  }

  start(): void {
    this.#isOver = false;
    this.#ticking ??= setInterval(() => this.#tick(), 1000).unref();
    void this.reload();
  }

  async stop(): Promise<void> {
    if (this.#ticking) clearInterval(this.#ticking);
    this.#ticking = null;
    // One that is under way would take the leases and open the connections again.
    this.#isOver = true;
    await this.reload();
    this.#links.close();
    this.#listeners.end();
    await this.#helmEvents.keepOwn();
    if (this.#reads) await this.#keeper.write(nowS()).catch(noted);
    await this.#relay.leave();
    if (this.#reads) await endLease(this.db(), this.#leaseName, this.#holder).catch(() => undefined);
  }

  /** A page that listens; what is new is sent to it until it is let go. */
  listen(listener: Listener): () => void {
    return this.#listeners.add(listener, this.#hello());
  }

  /** A reading from anywhere: a sentence, a phone, a hand. */
  record(channel: ChannelName, value: number, atS = nowS()): void {
    if (!isPossible(channel, value)) return;
    this.#tracks.record(channel, atS, value);
    this.#pending.set(channel, [atS, value]);
    this.#sendTimer ??= setTimeout(() => this.#flush(), SEND_MS).unref();
  }

  /** What a phone knows of itself: heard where no instrument speaks, or its place would be mixed with theirs. */
  recordPhone(channel: ChannelName, value: number): void {
    if (nowS() - (this.#spokeS.get(channel) ?? -Infinity) > SPOKE_S) this.record(channel, value);
  }

  /** Keeps an event of a page and tells it; the same one again changes nothing. */
  async add(event: HelmEvent, authorId: AnglerId | null = null): Promise<void> {
    if (await this.#helmEvents.add(event, authorId)) this.#putTyped(event);
  }

  #putTyped(event: HelmEvent): void {
    if (event.kind !== 'typed') return;
    for (const { channel, value } of event.readings)
      if (isPossible(channel, value)) this.#tracks.put(channel, event.atS, value);
  }

  /** A phone's entries are in the database: every page that shows their trip fetches them. */
  logged(message: Logged): void {
    this.#listeners.tell(message);
    this.#relay.pass(message);
  }

  /** Plays a recorded file as if it came now, so many times as fast; a new one takes the place of the old. */
  play(lines: readonly string[], speed: number): void {
    this.#links.play(lines, speed);
  }

  /** Takes over the document as it stands in the database, and who reads. */
  readonly reload = oneAtATime(() => this.#load());

  async #load(): Promise<void> {
    if (this.#isOver) return;
    try {
      this.#reads = await holdLease(this.db(), {
        name: this.#leaseName,
        holder: this.#holder,
        forMs: LEASE_MS,
        now: new Date(),
      });
      await this.#relay.attend();
      const { rows } = await helmRepo.list(this.db(), this.benchId);
      const first = rows[0];
      if (!this.#loadedEvents) await this.#loadEvents();
      const now = first ? { document: first.document, version: first.version } : null;
      const same =
        now?.version === this.#helm?.version && JSON.stringify(now?.document) === JSON.stringify(this.#helm?.document);
      this.#helm = now;
      if (!same) {
        const { probe, routes } = now?.document ?? { probe: null, routes: [] };
        this.#links.route(routes);
        this.#depthAt = probe ? probeDepthBy(probe) : null;
        if (now) this.#listeners.tell({ kind: 'helm', helm: now });
      }
      this.#links.connect(this.#reads ? (now?.document.connections.filter(({ on }) => on) ?? []) : []);
    } catch (error) {
      // What is connected stays connected, and is kept when the database is back.
      noted(error);
    }
  }

  get #leaseName(): string {
    return `instruments of ${this.benchId}`;
  }

  async #loadEvents(): Promise<void> {
    const { blocks } = await blocksIn(this.db(), this.benchId, { fromS: nowS() - REMEMBERED_S, toS: nowS() });
    this.#tracks.begin(blocks, nowS() - REMEMBERED_S);
    for (const event of await this.#helmEvents.load(nowS()))
      if (event.kind === 'typed')
        for (const { channel, value } of event.readings)
          if (this.#tracks.newest(channel) === null) this.#tracks.record(channel, event.atS, value);
    this.#loadedEvents = true;
  }

  #tick(): void {
    const now = nowS();
    const second = Math.floor(now);
    if (second === this.#second) return;
    this.#second = second;
    const currentMps = this.#helm && currentAlongMps(this.#tracks, this.#helm.document, now);
    if (currentMps !== null) this.record('currentMps', currentMps, now);
    // Others pass on what they hear; one instance keeps it.
    if (this.#reads) {
      this.#keeper.take(this.#tracks, second - 1);
      if (second % WRITE_S === 0) this.#keeper.write(now).catch(noted);
      void this.#relay.sweep(second);
    }
    if (second % RELOAD_S === 0) void this.reload();
    if (second % WRITE_S === 0) void this.#helmEvents.keepOwn();
    if (second % 3 === 0) this.#tellLinks();
    if (second % LOOK_S === 0) this.#look(now);
  }

  #look(now: number): void {
    if (!this.#reads) return;
    const drop = this.#helmEvents.events.find((event) => event.kind === 'drop');
    const moved = movedLately(this.#tracks, {
      nowS: Math.floor(now),
      fromS: this.#lookedUntilS,
      depthAt: this.#depthAt,
      temperatureAt: drop?.kind === 'drop' ? layerTemperature(drop.layers) : undefined,
    });
    if (!moved) return;
    this.#lookedUntilS = moved.atS + AFTER_MOVE_S;
    this.#helmEvents.addOwn(moved);
  }

  #hello(): LiveMessage {
    return {
      kind: 'hello',
      nowS: nowS(),
      tracks: this.#tracks.whole(),
      links: this.#states(),
      events: this.#helmEvents.events,
      helm: this.#helm,
      reads: this.#reads,
    };
  }

  #states(): readonly LinkState[] {
    const own = this.#links.states();
    const ids = new Set(own.map(({ id }) => id));
    return this.#reads ? own : [...own, ...this.#farLinks.filter(({ id }) => !ids.has(id))];
  }

  #tellLinks(): void {
    this.#listeners.tell({ kind: 'links', links: this.#states() });
    if (this.#reads) this.#relay.pass({ kind: 'links', links: this.#states() });
  }

  /** What another instance told its pages. */
  #hear(message: LiveMessage): void {
    switch (message.kind) {
      case 'readings':
        for (const [channel, atS, value] of message.readings)
          if (isPossible(channel, value)) {
            this.#tracks.record(channel, atS, value);
            this.#spokeS.set(channel, nowS());
          }
        return this.#listeners.tell(message);
      case 'event':
        this.#putTyped(message.event);
        return this.#helmEvents.hear(message.event);
      case 'links':
        this.#farLinks = message.links;
        return this.#listeners.tell({ kind: 'links', links: this.#states() });
      case 'logged':
        return this.#listeners.tell(message);
      case 'helm':
        return void this.reload();
      case 'hello':
    }
  }

  #flush(): void {
    this.#sendTimer = null;
    const readings = [...this.#pending].map(([channel, [atS, value]]) => [channel, atS, value] as const);
    this.#pending = new Map();
    this.#listeners.tell({ kind: 'readings', readings });
    this.#relay.pass({ kind: 'readings', readings });
  }
}

const nowS = (): number => Date.now() / 1000;
