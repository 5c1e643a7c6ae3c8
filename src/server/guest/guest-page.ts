import 'server-only';
import { helmRepo } from '@/db/repo';
import type { Db } from '@/db/client';
import { unpacked, packed } from '@/domain/packed';
import { packedSetups, unpackedSetups } from '@/domain/packed-setups';
import { guestHelm } from '@/domain/helm/guest-helm';
import type { Helm } from '@/domain/helm/helm';
import { database } from '../database';
import { evaluated } from '../setups/evaluated';
import { setupFileOf } from '../setups/setup-page';
import { logDay, type LogDay } from '../queries/log-day';
import { spreadPage, type SpreadPage } from '../queries/spread-page';
import type { SetupFile } from '@/domain/setup';
import type { Evaluation } from '@/core/judge';
import { benchToTakeInto, guestOf, type Guest } from './guest';

export type GuestThing =
  | { readonly kind: 'sheet'; readonly file: SetupFile; readonly evaluation: Evaluation; readonly revision: number }
  | { readonly kind: 'spread'; readonly page: SpreadPage }
  | { readonly kind: 'trip'; readonly day: LogDay }
  | { readonly kind: 'helm'; readonly helm: Helm | null };

export interface GuestPage {
  readonly thing: GuestThing;
  readonly by: string;
  readonly until: string;
  readonly takeInto: { readonly id: string; readonly name: string } | null;
}

/** What a link shows, and nothing else of its bench; null: it has ended, or the thing is gone. */
export async function getGuestPage(secret: string): Promise<GuestPage | null> {
  const guest = await guestOf(secret);
  if (!guest) return null;
  const thing = await thingOf(database(), guest);
  if (!thing) return null;
  const canTake = thing.kind === 'sheet' || thing.kind === 'spread';
  return {
    thing,
    by: guest.by,
    until: guest.until.toISOString(),
    takeInto: canTake ? await benchToTakeInto(guest) : null,
  };
}

async function thingOf(db: Db, { benchId, shown: wanted }: Guest): Promise<GuestThing | null> {
  switch (wanted.kind) {
    case 'sheet': {
      const found = await setupFileOf(db, benchId, wanted.id);
      if (found?.kind !== 'file') return null;
      const { file, revision } = found;
      // The figures were worked out with the angler's own; those stay with the crew.
      const shown = { ...file, ...(file.house && { house: { ...file.house, angler: {}, crafts: [] } }) };
      return { kind: 'sheet', file: shown, evaluation: evaluated(file), revision: revision.number };
    }
    case 'spread': {
      const page = await spreadPage(db, benchId, { spread: wanted.id, setups: [], craft: null, again: null });
      const own = page.spreads.find(({ spread }) => spread.id === wanted.id);
      return own ? { kind: 'spread', page: onlyOf(page, own) } : null;
    }
    case 'trip': {
      const day = await logDay(db, benchId, wanted.id);
      // Pictures stay with the crew.
      return (
        day && { kind: 'trip', day: { ...day, strikes: day.strikes.map((strike) => ({ ...strike, photoIds: [] })) } }
      );
    }
    case 'helm': {
      const { rows } = await helmRepo.list(db, benchId);
      return { kind: 'helm', helm: rows[0] ? guestHelm(rows[0].document) : null };
    }
  }
}

/** One spread with the setups and rods that stand in it, on its own boat. */
function onlyOf(page: SpreadPage, own: SpreadPage['spreads'][number]): SpreadPage {
  const { lines, craftId } = own.spread;
  const setups = unpackedSetups(page.setups).filter(({ id }) => lines.some(({ setupId }) => setupId === id));
  const rods = new Set<string>([
    ...lines.flatMap(({ rodId }) => rodId ?? []),
    ...setups.flatMap(({ file }) => file.parts.map(({ id }) => id)),
  ]);
  return {
    ...page,
    spreads: [own],
    setups: packedSetups(setups),
    rods: packed(unpacked(page.rods).filter(({ id }) => rods.has(id))),
    house: { ...page.house, angler: {}, crafts: page.house.crafts.filter(({ id }) => id === craftId) },
    brokenSetups: [],
    brokenSpreads: [],
  };
}
