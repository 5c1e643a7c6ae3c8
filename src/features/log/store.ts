import { Dexie, type Table } from 'dexie';
import type { TripEvent } from '@/domain/log/trip-event';
import type { TripId } from '@/domain/ids';
import { nameInBench } from '@/features/fields/page-bench';

/** One entry as it was made on this phone, or as another phone's came from the server. */
export interface KeptEvent {
  readonly id: string;
  readonly tripId: TripId;
  /** in which order it was made here; 0 for what came from the server */
  readonly order: number;
  /** 1 until the server has it, 2 where it was refused; a number, since truth values cannot be looked up */
  readonly unsent: 0 | 1 | 2;
  readonly event: TripEvent;
}

/** A photo waits like an entry; once it is sent only the server has it. */
export interface WaitingPhoto {
  readonly id: string;
  readonly tripId: TripId;
  readonly body: Blob;
}

class LogStore extends Dexie {
  declare readonly events: Table<KeptEvent, string>;
  declare readonly photos: Table<WaitingPhoto, string>;
  declare readonly settings: Table<{ readonly name: string; readonly value: unknown }, string>;
  constructor(name: string) {
    // Strict: an entry that was shown as kept is on the disk, whatever happens to the browser.
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({
      events: 'id, tripId, order, [unsent+order]',
      photos: 'id, tripId',
      settings: 'name',
    });
  }
}

let opened: LogStore | null = null;

/** The phone's own memory of its trips. */
export const store = (): LogStore => (opened ??= new LogStore(nameInBench('ferula-log')));

/** Keeps an entry of this phone, to be sent; resolves once it is on the disk. */
export async function keepEntry(tripId: TripId, event: TripEvent): Promise<void> {
  const { events } = store();
  await store().transaction('rw', events, async () => {
    const order = ((await events.orderBy('order').last())?.order ?? 0) + 1;
    await events.put({ id: event.id, tripId, order, unsent: 1, event });
  });
}

/** Takes over what the server knows of a trip, its times by the server's clock; what waits here stays as it is. */
export async function takeOver(tripId: TripId, those: readonly TripEvent[]): Promise<void> {
  const { events } = store();
  await store().transaction('rw', events, async () => {
    const own = new Map(
      (
        await events
          .where('id')
          .anyOf(those.map(({ id }) => id))
          .toArray()
      ).map((each) => [each.id, each]),
    );
    await events.bulkPut(
      those
        .filter(({ id }) => own.get(id)?.unsent !== 1)
        .map((event): KeptEvent => ({ id: event.id, tripId, order: own.get(event.id)?.order ?? 0, unsent: 0, event })),
    );
  });
}

/** How many wait, the refused apart. */
export async function waiting(): Promise<{ readonly unsent: number; readonly refused: number }> {
  const { events, photos } = store();
  const count = (unsent: 1 | 2) => events.where('[unsent+order]').between([unsent, 0], [unsent, Infinity]).count();
  const [unsent, refused, pictures] = await Promise.all([count(1), count(2), photos.count()]);
  return { unsent: unsent + pictures, refused };
}

const TRIP = 'trip';

/** The trip that is open on this phone; null: none. */
export async function openTrip(): Promise<TripId | null> {
  return ((await store().settings.get(TRIP))?.value as TripId | undefined) ?? null;
}

export async function setOpenTrip(tripId: TripId | null): Promise<void> {
  if (tripId === null) await store().settings.delete(TRIP);
  else await store().settings.put({ name: TRIP, value: tripId });
}

/** Keeps a photo, made small, to be sent; its id, or null where it is no picture. */
export async function keepPhoto(tripId: TripId, file: Blob): Promise<string | null> {
  const { smallPhoto } = await import('./photo');
  const body = await smallPhoto(file);
  if (!body) return null;
  const id = crypto.randomUUID();
  await store().photos.put({ id, tripId, body });
  return id;
}
