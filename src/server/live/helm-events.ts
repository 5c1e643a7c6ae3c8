import 'server-only';
import type { Db } from '@/db/client';
import { addHelmEvent, listHelmEvents } from '@/db/repo';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { AnglerId, BenchId } from '@/domain/ids';
import { noted } from './noted';

/** Events of so long are remembered [s], and so many of them. */
const REMEMBERED_S = 12 * 3600;
const MOST = 300;

/** What was told, typed or answered at the helm lately, the newest first; kept in the database, also when that was away meanwhile. */
export class HelmEvents {
  #events: readonly HelmEvent[] = [];
  #unkept: HelmEvent[] = [];

  constructor(
    private readonly db: () => Db,
    private readonly benchId: BenchId,
    private readonly on: {
      /** an event of a page of this instance, or of the reader's own */
      readonly onNew: (event: HelmEvent) => void;
      /** one that another instance kept */
      readonly onHeard: (event: HelmEvent) => void;
    },
  ) {}

  get events(): readonly HelmEvent[] {
    return this.#events;
  }

  /** Takes over what was kept earlier; returns it, the oldest first. */
  async load(nowS: number): Promise<readonly HelmEvent[]> {
    const { rows } = await listHelmEvents(this.db(), this.benchId, { fromS: nowS - REMEMBERED_S, most: MOST });
    const earlier = rows.filter(({ id }) => !this.#knows(id));
    this.#events = [...this.#events, ...earlier].slice(0, MOST);
    return [...earlier].reverse();
  }

  /** Keeps an event of a page, then tells it; whether it is new. Throws while the database is away: then the page sends it again. */
  async add(event: HelmEvent, authorId: AnglerId | null): Promise<boolean> {
    await addHelmEvent(this.db(), this.benchId, event, authorId);
    if (this.#knows(event.id)) return false;
    this.#remember(event);
    return true;
  }

  /** An event of the reader's own is told at once, and kept as soon as the database takes it. */
  addOwn(event: HelmEvent): void {
    this.#remember(event);
    this.#unkept.push(event);
    void this.keepOwn();
  }

  async keepOwn(): Promise<void> {
    const waiting = this.#unkept.splice(0, MOST);
    try {
      for (const event of waiting) await addHelmEvent(this.db(), this.benchId, event);
    } catch (error) {
      this.#unkept.push(...waiting);
      noted(error);
    }
  }

  /** An event that another instance kept already. */
  hear(event: HelmEvent): void {
    if (this.#knows(event.id)) return;
    this.#events = [event, ...this.#events].slice(0, MOST);
    this.on.onHeard(event);
  }

  #knows(id: string): boolean {
    return this.#events.some((event) => event.id === id);
  }

  #remember(event: HelmEvent): void {
    this.#events = [event, ...this.#events].slice(0, MOST);
    this.on.onNew(event);
  }
}
