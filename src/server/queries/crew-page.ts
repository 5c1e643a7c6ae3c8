import 'server-only';
import { createHash, X509Certificate } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import {
  countRecoveryCodes,
  listAnglers,
  listLinks,
  listMembers,
  listParts,
  listPasskeys,
  listRodHolders,
  listSetups,
  listTrips,
  spreadRepo,
  type LinkTo,
} from '@/db/repo';
import { may, type Role } from '@/domain/crew/roles';
import type { Shown } from '@/domain/crew/shown';
import type { BenchId } from '@/domain/ids';
import type { PartOf } from '@/domain/parts';
import { benchesOf } from '../crew/benches';
import { isCrewOn } from '../crew/mode';
import { takesPasskeys } from '../crew/reach';
import { pageQuery } from '../page-query';

export interface CrewMember {
  readonly userId: string;
  readonly name: string;
  readonly role: Role;
  readonly since: string;
  readonly isMe: boolean;
}

export interface CrewLink {
  readonly id: string;
  readonly to: LinkTo;
  /** what the thing that is shown is called; null: an invitation, the helm, or it is no longer there */
  readonly thing: string | null;
  readonly name: string;
  readonly madeBy: string | null;
  readonly until: string;
}

export interface Named {
  readonly id: string;
  readonly name: string;
}

/** A bench of whoever asks; one that they own can be deleted while another is open, but for the first. */
export interface BenchLine extends Named {
  readonly mayDelete: boolean;
}

/** What a guest's link can show besides the helm. */
export type CrewThings = Readonly<Record<Exclude<Shown['kind'], 'helm'>, readonly Named[]>>;

/** A rod, and who has it now. */
export interface HeldRod {
  readonly rod: PartOf<'rod'>;
  readonly by: string | null;
}

export interface CrewPage {
  /** whether people sign in here */
  readonly isOn: boolean;
  /** the address that others open; null: none was set */
  readonly address: string | null;
  /** of the certificate of this machine's own authority; null without one */
  readonly fingerprint: string | null;
  readonly members: readonly CrewMember[];
  /** those that still lead in; guests' links for builders, invitations for owners */
  readonly links: readonly CrewLink[];
  readonly things: CrewThings;
  readonly rods: readonly HeldRod[];
  readonly anglers: readonly Named[];
  /** whose hand a touch puts a rod into; null: nobody is named */
  readonly myAnglerId: string | null;
  readonly benches: readonly BenchLine[];
  /** the bench that is open */
  readonly here: string;
  readonly mayManage: boolean;
  readonly mayShare: boolean;
  /** null where nobody signs in */
  readonly me: {
    readonly name: string;
    readonly codesLeft: number;
    readonly passkeys: readonly { readonly id: string; readonly name: string; readonly since: string | null }[];
    readonly takesPasskeys: boolean;
  } | null;
}

/** Who belongs to the bench, what leads in, and how whoever asks signs in. */
export async function getCrewPage(): Promise<CrewPage> {
  return pageQuery('own', async (db, benchId, { role, userId, anglerId }) => {
    const [members, links, anglers, things, benches, holders, box] = await Promise.all([
      listMembers(db, benchId),
      listLinks(db, benchId, new Date()),
      listAnglers(db, benchId),
      may(role, 'edit') ? thingsOf(db, benchId) : NO_THINGS,
      benchesOf(db, userId),
      listRodHolders(db, benchId),
      listParts(db, benchId),
    ]);
    const me = members.find((each) => each.userId === userId);
    const [mayManage, mayShare] = [may(role, 'crew'), may(role, 'edit')];
    return {
      isOn: isCrewOn(process.env),
      address: process.env['PUBLIC_URL'] ?? null,
      fingerprint: await authorityFingerprint(process.env['FERULA_AUTHORITY']),
      members: members.map(({ since, anglerId: _, ...member }) => ({
        ...member,
        since: since.toISOString(),
        isMe: member.userId === userId,
      })),
      links: links
        .filter(({ to }) => (to.kind === 'guest' ? mayShare : mayManage))
        .map(({ id, to, name, madeBy, until }) => ({
          id,
          to,
          thing: nameOf(things, to),
          name,
          madeBy: anglers.find((each) => each.id === madeBy)?.name || null,
          until: until.toISOString(),
        })),
      things,
      rods: box.flatMap((part): HeldRod[] =>
        part.kind === 'rod'
          ? [{ rod: part, by: holders.find(({ partId }) => partId === part.id)?.anglerId ?? null }]
          : [],
      ),
      anglers: anglers.map(({ id, name }) => ({ id, name })),
      myAnglerId: anglerId ?? anglers.find(({ usual }) => usual)?.id ?? null,
      benches: benches.map(({ id, name, role: own }) => ({
        id,
        name,
        mayDelete: own === 'owner' && id !== benchId && id !== demoBenchId,
      })),
      here: benchId,
      mayManage,
      mayShare,
      me:
        me && userId
          ? {
              name: me.name,
              codesLeft: await countRecoveryCodes(db, userId),
              passkeys: await listPasskeys(db, userId),
              takesPasskeys: takesPasskeys(process.env),
            }
          : null,
    };
  });
}

const NO_THINGS: CrewThings = { sheet: [], spread: [], trip: [] };

async function thingsOf(db: Db, benchId: BenchId): Promise<CrewThings> {
  const [setups, spreads, trips] = await Promise.all([
    listSetups(db, benchId),
    spreadRepo.list(db, benchId),
    listTrips(db, benchId),
  ]);
  return {
    sheet: setups.map(({ id, name }) => ({ id, name })),
    spread: spreads.rows.map(({ document: { id, name } }) => ({ id, name })),
    trip: trips.map(({ tripId, name, fromS }) => ({
      id: tripId,
      name: [name, new Date(fromS * 1000).toISOString().slice(0, 10)].filter(Boolean).join(', '),
    })),
  };
}

const nameOf = (things: CrewThings, to: LinkTo): string | null =>
  to.kind === 'guest' && to.shown.kind !== 'helm'
    ? (things[to.shown.kind].find(({ id }) => id === (to.shown as { id: string }).id)?.name ?? null)
    : null;

async function authorityFingerprint(path: string | undefined): Promise<string | null> {
  const pem = path ? await readFile(path, 'utf8').catch(() => null) : null;
  if (!pem) return null;
  const hash = createHash('sha256').update(new X509Certificate(pem).raw).digest('hex').toUpperCase();
  return hash.match(/../g)!.join(':');
}
