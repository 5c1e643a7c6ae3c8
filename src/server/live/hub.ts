import 'server-only';
import type { Db } from '@/db/client';
import { blocksIn, endLease, helmRepo, holdLease } from '@/db/repo';
import { alongCurrent, courseNow } from '@/domain/helm/current-here';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { LinkState, LiveMessage, Logged } from '@/domain/helm/live';
import { movedIn } from '@/domain/helm/moved';
import { probeDepthBy } from '@/domain/helm/probe-depth';
import { layerTemperature } from '@/domain/helm/profile';
import { REMEMBERED_S, Tracks } from '@/domain/helm/tracks';
import { corrected } from '@/domain/helm/usual-helm';
import type { AnglerId, BenchId } from '@/domain/ids';
import { isPossible, type ChannelName } from '@/domain/instruments/channels';
import { secondsOf } from '@/domain/instruments/recording';
import { Router } from '@/domain/instruments/routes';
import { LinkCounts } from './counts';
import { Keeper } from './keeper';
import { openLink, type Link } from './link';
import { noted } from './noted';
import { oneAtATime } from './one-at-a-time';
import { Relay } from './relay';
import { Told } from './told';

/** Readings are sent together, so often at most [ms]. */
const SEND_MS = 100;
const WRITE_S = 10;
const LOOK_S = 6;
/** How often the document and the lease are looked at [s]. */
const RELOAD_S = 5;
const LEASE_MS = 15_000;
/** An instrument that has been silent for longer leaves its channel to a phone [s]. */
const SPOKE_S = 5;
/** The link of a recorded file that is played. */
const RECORDING = 'recording';

interface Listener {
  readonly send: (text: string) => void;
  readonly end: () => void;
  /** what of a message is for this page, or null: nothing; absent: all of it */
  readonly only?: ((message: LiveMessage) => LiveMessage | null) | undefined;
}

interface OpenLink {
  readonly link: Link;
  /** the connection as it was asked for */
  readonly key: string;
  readonly counts: LinkCounts;
}

/** Reads the instruments of one bench, remembers the last minutes, keeps them, and tells every page what is new. */
export class Hub {
  #tracks = new Tracks();
  readonly #told: Told;
  #helm: { document: Helm; version: number } | null = null;
  #router = new Router([]);
  readonly #links = new Map<string, OpenLink>();
  readonly #listeners = new Set<Listener>();
  readonly #keeper: Keeper;
  readonly #holder = crypto.randomUUID();
  readonly #relay: Relay;
  /** connections of the instance that reads them, while this one does not */
  #farLinks: readonly LinkState[] = [];
  #reads = false;
  #pending = new Map<ChannelName, readonly [number, number]>();
  #sendTimer: NodeJS.Timeout | null = null;
  #second = 0;
  /** when an instrument, here or at another instance, told each channel last */
  readonly #spokeS = new Map<ChannelName, number>();
  #playing = false;
  #toldUntilS = -Infinity;
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
    const tell = (event: HelmEvent) => this.#tell({ kind: 'event', event });
    this.#told = new Told(db, benchId, {
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
    for (const { link } of this.#links.values()) link.close();
    this.#links.clear();
    for (const { end } of [...this.#listeners]) end();
    await this.#told.keepOwn();
    if (this.#reads) await this.#keeper.write(nowS()).catch(noted);
    await this.#relay.leave();
    if (this.#reads) await endLease(this.db(), this.#leaseName, this.#holder).catch(() => undefined);
  }

  /** A page that listens; what is new is sent to it until it is let go. */
  listen(listener: Listener): () => void {
    const hello = listener.only ? listener.only(this.#hello()) : this.#hello();
    if (hello) listener.send(textOf(hello));
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
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
    if (await this.#told.add(event, authorId)) this.#putTyped(event);
  }

  #putTyped(event: HelmEvent): void {
    if (event.kind !== 'typed') return;
    for (const { channel, value } of event.readings)
      if (isPossible(channel, value)) this.#tracks.put(channel, event.atS, value);
  }

  /** A phone's entries are in the database: every page that shows their trip fetches them. */
  logged(message: Logged): void {
    this.#tell(message);
    this.#relay.pass(message);
  }

  /** Plays a recorded file as if it came now, so many times as fast; a new one takes the place of the old. */
  play(lines: readonly string[], speed: number): void {
    this.#links.get(RECORDING)?.link.close();
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
      this.#tellLinks();
    }, 1000 / speed).unref();
    this.#links.set(RECORDING, { link: { close: () => clearInterval(timer) }, key: RECORDING, counts });
    this.#tellLinks();
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
        this.#router = new Router(routes);
        this.#depthAt = probe ? probeDepthBy(probe) : null;
        if (now) this.#tell({ kind: 'helm', helm: now });
      }
      this.#connect();
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
    for (const event of await this.#told.load(nowS()))
      if (event.kind === 'typed')
        for (const { channel, value } of event.readings)
          if (this.#tracks.newest(channel) === null) this.#tracks.record(channel, event.atS, value);
    this.#loadedEvents = true;
  }

  /** Opens what the document asks for, and closes what it does not. */
  #connect(): void {
    const wanted = this.#reads ? (this.#helm?.document.connections.filter(({ on }) => on) ?? []) : [];
    const keys = new Map(wanted.map((connection) => [connection.id, JSON.stringify(connection)]));
    let changed = false;
    for (const [id, { link, key }] of this.#links)
      if (id !== RECORDING && keys.get(id) !== key) {
        link.close();
        this.#links.delete(id);
        changed = true;
      }
    for (const connection of wanted) {
      if (this.#links.has(connection.id)) continue;
      const counts = new LinkCounts(connection.id, connection.name, 'connecting');
      const link = openLink(connection, {
        // While a recording plays, what comes in meanwhile is of another day.
        line: (line) => this.#playing || this.#line(counts, line, connection.needsChecksum),
        state: (state, why) => {
          counts.stands(state, why);
          this.#tellLinks();
        },
      });
      this.#links.set(connection.id, { link, key: keys.get(connection.id)!, counts });
      changed = true;
    }
    if (changed) this.#tellLinks();
  }

  #line(counts: LinkCounts, line: string, needsChecksum: boolean): void {
    const now = nowS();
    for (const { channel, value } of counts.line(line, needsChecksum, this.#router, now)) {
      this.#spokeS.set(channel, now);
      this.record(channel, value, now);
    }
  }

  #tick(): void {
    const now = nowS();
    const second = Math.floor(now);
    if (second === this.#second) return;
    this.#second = second;
    this.#recordCurrent(now);
    // Others pass on what they hear; one instance keeps it.
    if (this.#reads) {
      this.#keeper.take(this.#tracks, second - 1);
      if (second % WRITE_S === 0) this.#keeper.write(now).catch(noted);
      void this.#relay.sweep(second);
    }
    if (second % RELOAD_S === 0) void this.reload();
    if (second % WRITE_S === 0) void this.#told.keepOwn();
    if (second % 3 === 0) this.#tellLinks();
    if (second % LOOK_S === 0) this.#look(now);
  }

  /** The current along the course at the probe, while all that it takes is fresh. */
  #recordCurrent(now: number): void {
    const { document } = this.#helm ?? {};
    const fresh = (channel: ChannelName): number | null => {
      const newest = this.#tracks.newest(channel);
      return newest && now - newest.readS < 10 ? newest.value : null;
    };
    const [sog, probe] = [fresh('sogMps'), fresh('probeMps')];
    const course = courseNow(sog, fresh('cogRad'), fresh('headingRad'));
    if (!document || sog === null || probe === null || course === null) return;
    const known = alongCurrent(sog, course, corrected(document, 'probeMps', probe), null);
    if (known.kind === 'along') this.record('currentMps', known.alongMps, now);
  }

  #look(now: number): void {
    const drop = this.#told.events.find((event) => event.kind === 'drop');
    const found = movedIn(this.#tracks, {
      nowS: Math.floor(now),
      fromS: this.#toldUntilS,
      depthAt: this.#depthAt,
      temperatureAt: drop?.kind === 'drop' ? layerTemperature(drop.layers) : undefined,
    });
    if (!found || found.outcome === 'nothing' || !this.#reads) return;
    this.#toldUntilS = found.atS + 14;
    const { latDeg, lonDeg } = {
      latDeg: this.#valueAt('latDeg', found.atS),
      lonDeg: this.#valueAt('lonDeg', found.atS),
    };
    this.#told.addOwn({
      kind: 'moved',
      id: crypto.randomUUID(),
      atS: found.atS,
      outcome: found.outcome,
      before: wholeWatch(found.before),
      after: wholeWatch(found.after),
      unexplainedMps: found.unexplainedMps,
      place: latDeg === null || lonDeg === null ? null : { latDeg, lonDeg },
    });
  }

  #valueAt(channel: ChannelName, atS: number): number | null {
    const { tS, values } = this.#tracks.of(channel);
    const i = tS.findLastIndex((t) => t <= atS);
    return i < 0 || atS - tS[i]! > 10 ? null : values[i]!;
  }

  #hello(): LiveMessage {
    return {
      kind: 'hello',
      nowS: nowS(),
      tracks: this.#tracks.whole(),
      links: this.#states(),
      events: this.#told.events,
      helm: this.#helm,
      reads: this.#reads,
    };
  }

  #states(): readonly LinkState[] {
    const own = [...this.#links.values()].map(({ counts }) => counts.whole());
    const ids = new Set(own.map(({ id }) => id));
    return this.#reads ? own : [...own, ...this.#farLinks.filter(({ id }) => !ids.has(id))];
  }

  #tellLinks(): void {
    this.#tell({ kind: 'links', links: this.#states() });
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
        return this.#tell(message);
      case 'event':
        this.#putTyped(message.event);
        return this.#told.hear(message.event);
      case 'links':
        this.#farLinks = message.links;
        return this.#tell({ kind: 'links', links: this.#states() });
      case 'logged':
        return this.#tell(message);
      case 'helm':
        return void this.reload();
      case 'hello':
    }
  }

  #flush(): void {
    this.#sendTimer = null;
    const readings = [...this.#pending].map(([channel, [atS, value]]) => [channel, atS, value] as const);
    this.#pending = new Map();
    this.#tell({ kind: 'readings', readings });
    this.#relay.pass({ kind: 'readings', readings });
  }

  #tell(message: LiveMessage): void {
    if (this.#listeners.size === 0) return;
    const text = textOf(message);
    for (const { send, only } of this.#listeners) {
      const part = only ? only(message) : message;
      if (part) send(part === message ? text : textOf(part));
    }
  }
}

const nowS = (): number => Date.now() / 1000;
const textOf = (message: LiveMessage): string => `data: ${JSON.stringify(message)}\n\n`;

const wholeWatch = (watch: NonNullable<ReturnType<typeof movedIn>>['before']) => ({
  ...watch,
  courseRad: watch.courseRad ?? null,
  expectedDepthM: watch.expectedDepthM ?? null,
});
