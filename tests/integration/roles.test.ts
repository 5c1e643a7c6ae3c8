import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoSetupsOfBench } from '@/db/demo';
import { demoBenchId, loadDemo } from '@/db/load-demo';
import { findBench, insertLink, listLinks, listMembers } from '@/db/repo';
import { transact } from '@/db/transact';
import { may, type Need, type Role } from '@/domain/crew/roles';
import { setupIdSchema, type BenchId } from '@/domain/ids';
import { addMember } from '@/server/crew/members';
import { hashOf } from '@/server/crew/secrets';
import { benchToFile } from '@/server/exchange/bench-to-file';
import { as, crewOn, person, sentFor, type Person } from '../helpers/crew';
import { aBench, demoDatabase } from '../helpers/database';
import { asked } from '../helpers/request';

/** Every change and question that pages can send: what it needs. */
const ACTIONS: Readonly<Record<string, Readonly<Record<string, Need | 'anybody'>>>> = {
  bench: { loadDemoAction: 'crew', emptyBenchAction: 'crew' },
  box: {
    changeBoxAction: 'edit',
    measurePartAction: 'edit',
    measureAnglerAction: 'own',
    moveStockAction: 'edit',
    mergePartsAction: 'edit',
    unmergePartsAction: 'edit',
    mendPartAction: 'edit',
    partHistory: 'bench',
  },
  // Cookies of one's own browser, and a change to a bench that one belongs to.
  'choose-preference': { choosePreference: 'anybody', takeOwnPreferences: 'anybody' },
  crew: {
    inviteAction: 'crew',
    shareAction: 'edit',
    endLinkAction: 'edit',
    setRoleAction: 'crew',
    signOutEverywhereAction: 'own',
    makeBenchAction: 'own',
    deleteBenchAction: 'own',
    chooseBenchAction: 'anybody',
  },
  decks: { saveDeckAction: 'edit', removeDeckAction: 'edit' },
  helms: { saveHelmAction: 'edit', removeHelmAction: 'edit' },
  house: { changeHouseAction: 'edit' },
  plans: { savePlanAction: 'edit', removePlanAction: 'edit', saveWaterAction: 'edit', removeWaterAction: 'edit' },
  rods: { handRodAction: 'own' },
  'save-revision': { saveRevisionAction: 'edit' },
  setups: {
    startSetupAction: 'edit',
    copySetupAction: 'edit',
    renameSetupAction: 'edit',
    putSetupAwayAction: 'edit',
  },
  spreads: { saveSpreadAction: 'edit', removeSpreadAction: 'edit' },
  trials: { saveTrialAction: 'edit', removeTrialAction: 'edit' },
  tying: { tieBatchAction: 'edit', untieBatchAction: 'edit', setLeaderStateAction: 'edit', removeLeaderAction: 'edit' },
};

/** Every route: its methods and what they need; 'anybody' shows nothing of a bench, 'link' asks for a guest's secret. */
const ROUTES: Readonly<Record<string, Readonly<Partial<Record<'GET' | 'POST' | 'PUT', Need | 'anybody' | 'link'>>>>> = {
  '(views)/bench/[setupId]/setup.json': { GET: 'bench' },
  'crew/auth/[...path]': { GET: 'anybody', POST: 'anybody' },
  'crew/authority.crt': { GET: 'anybody' },
  'crew/account': { POST: 'own' },
  'crew/codes': { POST: 'own' },
  'crew/way-in/join': { POST: 'anybody' },
  'crew/way-in/recover': { POST: 'anybody' },
  'files/bench.json': { GET: 'bench', POST: 'crew' },
  'files/bundle.json': { GET: 'bench', POST: 'edit' },
  'files/parts': { POST: 'edit' },
  'files/parts.csv': { GET: 'bench' },
  'files/schema/[name]': { GET: 'anybody' },
  'files/setup.json': { POST: 'edit' },
  health: { GET: 'anybody' },
  live: { GET: 'helm' },
  'live/events': { POST: 'helm' },
  'live/phone': { POST: 'helm' },
  'live/readings': { GET: 'helm' },
  'live/recording': { POST: 'edit' },
  'log/events': { GET: 'log', POST: 'log' },
  'log/events/[trip]': { GET: 'log' },
  'log/file': { GET: 'log', POST: 'log' },
  'log/photos/[photo]': { GET: 'log', PUT: 'log' },
  metrics: { GET: 'anybody' },
  ready: { GET: 'anybody' },
  's/[code]': { GET: 'anybody' },
  'shared/[secret]/live': { GET: 'link' },
  'shared/[secret]/take': { POST: 'edit' },
  'trials/differs': { GET: 'bench' },
  'trials/file': { GET: 'bench' },
};

/** Every page that reads a bench, and what it needs. */
const PAGES: Readonly<Record<string, Need | 'anybody' | 'link'>> = {
  '(crew)/crew/join/[secret]': 'anybody',
  '(crew)/crew/recover': 'anybody',
  '(crew)/crew/refused': 'anybody',
  '(crew)/crew/sign-in': 'anybody',
  '(crew)/shared/[secret]': 'link',
  '(views)/bench': 'bench',
  '(views)/bench/[setupId]': 'bench',
  '(views)/bench/compare': 'bench',
  '(views)/bench/new': 'bench',
  '(views)/box': 'bench',
  '(views)/box/true-scale': 'bench',
  '(views)/crew': 'own',
  '(views)/helm': 'helm',
  '(views)/log': 'log',
  '(views)/log/ask': 'log',
  '(views)/log/day': 'log',
  '(views)/log/trips': 'log',
  '(views)/quiver': 'bench',
  '(views)/quiver/deck': 'bench',
  '(views)/rules': 'bench',
  '(views)/spread': 'bench',
  '(views)/spread/print': 'cards',
  '(views)/today': 'bench',
  '(views)/today/cards': 'cards',
  '(views)/trials': 'bench',
  '(views)/trials/judge': 'bench',
  '(views)/tying': 'bench',
  '(views)/tying/cards': 'cards',
  '(views)/tying/jig': 'bench',
  '(views)/tying/steps/[setupId]': 'bench',
  '(views)/water': 'bench',
  '': 'anybody',
};

const ROLES = ['owner', 'builder', 'mate'] as const satisfies readonly Role[];
const SETUP = demoSetupsOfBench[0]!.id;
const PARAMS = {
  setupId: SETUP,
  trip: 'trip-first-light',
  photo: crypto.randomUUID(),
  code: 'AAAA',
  name: 'bench',
  secret: 'x'.repeat(32),
};

let db: Db;
let close: () => Promise<void>;
let other: BenchId;
const people = {} as Record<Role | 'stranger', Person>;

beforeAll(async () => {
  const opened = await demoDatabase();
  ({ db, close } = opened);
  crewOn(opened.url);
  other = await aBench(db);
  for (const role of ROLES) people[role] = await person(db, `the ${role}`, demoBenchId, role);
  people.stranger = await person(db, 'the stranger', other, 'owner');
});
afterAll(() => close());

/** A file of the application by its path, which may have brackets in it. */
const moduleAt = (path: string): Promise<unknown> => import(/* @vite-ignore */ resolve(path));
type Action = (sent: unknown) => Promise<{ readonly ok: boolean; readonly code?: string }>;
const action = async (file: string, name: string): Promise<Action> =>
  ((await moduleAt(`src/server/actions/${file}.ts`)) as Record<string, Action>)[name]!;
type Route = (request: Request, context: { readonly params: Promise<typeof PARAMS> }) => Promise<Response>;
const route = async (path: string, method: string): Promise<Route> =>
  ((await moduleAt(`src/app/${path}/route.ts`)) as Record<string, Route>)[method]!;
const context = { params: Promise.resolve(PARAMS) };
const request = (path: string, method: string) => {
  const asking = new AbortController();
  const made = new Request(`http://localhost:4173/${path}?trip=trip-first-light&as=json`, {
    method,
    headers: asked.headers,
    signal: asking.signal,
    ...(method !== 'GET' && { body: '{}' }),
  });
  return { made, end: () => asking.abort() };
};

async function statusOf(path: string, method: string): Promise<number> {
  const { made, end } = request(path, method);
  const { status } = await (await route(path, method))(made, context);
  end();
  return status;
}

/** How a page ended: made, or the code of why not. */
async function pageOf(path: string): Promise<string> {
  const page = ((await moduleAt(join('src/app', path, 'page.tsx'))) as { default: (props: object) => Promise<unknown> })
    .default;
  try {
    await page({
      params: Promise.resolve(PARAMS),
      searchParams: Promise.resolve({ trip: 'trip-first-light', with: [SETUP] }),
    });
    return 'made';
  } catch (error) {
    const digest = String((error as { digest?: unknown }).digest ?? (error as Error).message);
    return digest.startsWith('NEXT_REDIRECT') ? digest.split(';')[2]! : digest;
  }
}

const refusedFor = (need: Need, role: Role) => !may(role, need);
const gated = (need: string): need is Need => need !== 'anybody' && need !== 'link';
const actions = Object.entries(ACTIONS).flatMap(([file, all]) =>
  Object.entries(all).flatMap(([name, need]) => (gated(need) ? [[file, name, need] as const] : [])),
);
const routes = Object.entries(ROUTES).flatMap(([path, methods]) =>
  Object.entries(methods).flatMap(([method, need]) => (gated(need) ? [[path, method, need] as const] : [])),
);
const pages = Object.entries(PAGES).flatMap(([path, need]) => (gated(need) ? [[path, need] as const] : []));

describe('the walk', () => {
  it('goes by every action, route and page that there is', () => {
    const files = readdirSync('src/app', { recursive: true, encoding: 'utf8' });
    const folders = (name: string) =>
      files.filter((file) => file.split('/').at(-1) === name).map((file) => file.slice(0, -name.length - 1));
    expect(
      folders('route.ts')
        .filter((path) => !path.startsWith('serwist'))
        .sort(),
    ).toEqual(Object.keys(ROUTES).sort());
    expect(folders('page.tsx').sort()).toEqual(Object.keys(PAGES).sort());
    for (const [path, methods] of Object.entries(ROUTES)) {
      const source = readFileSync(join('src/app', path, 'route.ts'), 'utf8');
      const there = [...source.matchAll(/export (?:const|async function|function) (GET|POST|PUT|PATCH|DELETE)\b/g)];
      expect(there.map(([, method]) => method).sort(), path).toEqual(Object.keys(methods).sort());
    }
    const actionFiles = readdirSync('src/server/actions').map((file) => file.replace('.ts', ''));
    expect(actionFiles.sort()).toEqual(Object.keys(ACTIONS).sort());
    for (const [file, all] of Object.entries(ACTIONS)) {
      const source = readFileSync(join('src/server/actions', `${file}.ts`), 'utf8');
      const there = [...source.matchAll(/export async function (\w+)/g)].map(([, name]) => name);
      expect(there.sort(), file).toEqual(Object.keys(all).sort());
    }
  });

  it('nobody is let in anywhere', async () => {
    await as(null);
    for (const [file, name] of actions)
      expect(await (await action(file, name))(sentFor({})), name).toMatchObject({ ok: false, code: 'signed-out' });
    for (const [path, method] of routes) expect(await statusOf(path, method), `${method} ${path}`).toBe(401);
    for (const [path] of pages) expect(await pageOf(path), path).toBe('/crew/sign-in');
  }, 120_000);

  it.each(ROLES)(
    'the %s does what the role may, and nothing else',
    async (role) => {
      await as(people[role]);
      for (const [file, name, need] of actions) {
        if (name === 'signOutEverywhereAction' || name === 'makeBenchAction') continue;
        const { code } = await (await action(file, name))(sentFor(null));
        expect(code, name).toBe(refusedFor(need, role) ? 'not-allowed' : 'bad-input');
      }
      for (const [path, method, need] of routes) {
        const status = await statusOf(path, method);
        if (refusedFor(need, role)) expect(status, `${method} ${path}`).toBe(403);
        else expect([401, 403, 500], `${method} ${path}`).not.toContain(status);
      }
      for (const [path, need] of pages)
        if (refusedFor(need, role)) expect(await pageOf(path), path).toBe('/crew/refused');
        else expect(['made', 'NEXT_HTTP_ERROR_FALLBACK;404', '/bench'], path).toContain(await pageOf(path));
    },
    240_000,
  );

  it('a member of another bench reads nothing across and writes nothing across', async () => {
    const before = await all(demoBenchId);
    const third = await aBench(db);
    await as(people.stranger);
    // Asking for it by name is refused everywhere.
    for (const [file, name] of actions)
      if (name !== 'partHistory')
        expect(await (await action(file, name))(sentFor({}, demoBenchId)), name).toMatchObject({ code: 'other-bench' });
    asked.headers = new Headers({ 'x-ferula-bench': demoBenchId });
    for (const [path, method] of routes) expect(await statusOf(path, method), `${method} ${path}`).toBe(409);
    // Without a name it is their own bench that answers, and things of the other are not there.
    asked.headers = new Headers();
    asked.jar.set('ferula-bench', demoBenchId);
    for (const [path, method] of routes.filter(([, each]) => each === 'GET')) {
      if (path === 'live') continue;
      const { made, end } = request(path, method);
      const text = await (await (await route(path, method))(made, context)).text();
      end();
      for (const name of ['Slipway', 'Diving minnow', 'crimped']) expect(text, path).not.toContain(name);
    }
    const link = (await listLinks(db, demoBenchId, new Date()))[0];
    const reach: readonly (readonly [string, string, unknown])[] = [
      ['setups', 'renameSetupAction', { setupId: SETUP, name: 'Taken' }],
      ['setups', 'putSetupAwayAction', { setupId: SETUP, away: true }],
      ['setups', 'copySetupAction', { setupId: SETUP, name: 'Copy', reason: 'x' }],
      ['crew', 'setRoleAction', { userId: people.mate.userId, role: 'owner' }],
      ['crew', 'setRoleAction', { userId: people.owner.userId, role: null }],
      ['crew', 'endLinkAction', { id: link?.id ?? 'none' }],
      ['box', 'moveStockAction', { partId: 'braid-30', amount: -1, reason: 'x' }],
      ['rods', 'handRodAction', { partId: 'spin-7-medium' }],
      ['crew', 'chooseBenchAction', demoBenchId],
      ['crew', 'deleteBenchAction', { id: demoBenchId }],
      ['crew', 'deleteBenchAction', { id: third }],
    ];
    for (const [file, name, input] of reach)
      await (
        await action(file, name)
      )(name === 'chooseBenchAction' ? input : sentFor(input));
    expect(await all(demoBenchId)).toEqual(before);
    expect(await findBench(db, third)).not.toBeNull();
    expect((await transact(db, (tx) => benchToFile(tx, other)))?.setups).toEqual([]);
  }, 120_000);

  it('an owner deletes a bench of their own that is not open, once; the first one and the open one stay', async () => {
    const extra = await aBench(db);
    await loadDemo(db, extra);
    const keeper = await person(db, 'the keeper', other, 'owner');
    await transact(db, (tx) =>
      addMember(tx, { benchId: extra, userId: keeper.userId, name: 'K', role: 'owner' }, new Date()),
    );
    await transact(db, (tx) =>
      addMember(tx, { benchId: demoBenchId, userId: keeper.userId, name: 'K', role: 'owner' }, new Date()),
    );
    await as(keeper);
    const remove = await action('crew', 'deleteBenchAction');
    for (const id of [other, demoBenchId])
      expect(await remove(sentFor({ id }, other)), id).toMatchObject({ ok: false, code: 'not-found' });
    const before = await all(other);
    const sent = sentFor({ id: extra }, other);
    expect(await remove(sent)).toEqual({ ok: true, data: null });
    expect(await remove(sent)).toEqual({ ok: true, data: null });
    expect(await remove(sentFor({ id: extra }, other))).toMatchObject({ code: 'not-found' });
    expect(await findBench(db, extra)).toBeNull();
    expect(await listMembers(db, extra)).toEqual([]);
    expect(await all(other)).toEqual(before);
    // As a mate one belongs to a bench and deletes none.
    const third = await aBench(db);
    await transact(db, (tx) =>
      addMember(tx, { benchId: third, userId: keeper.userId, name: 'K', role: 'mate' }, new Date()),
    );
    expect(await remove(sentFor({ id: third }, other))).toMatchObject({ code: 'not-found' });
    expect(await findBench(db, third)).not.toBeNull();
  });

  it('a guest’s link shows its one thing, until it ends, and opens nothing else', async () => {
    const secret = `guest-${'y'.repeat(32)}`;
    const made = new Date();
    const row = {
      id: 'l',
      benchId: demoBenchId,
      name: '',
      madeBy: null,
      madeAt: made,
      until: new Date(made.getTime() + 60_000),
    };
    const shown = { kind: 'sheet', id: setupIdSchema.parse(SETUP) } as const;
    await transact(db, (tx) => insertLink(tx, { ...row, to: { kind: 'guest', shown } }, hashOf(secret)));
    await as(null);
    const { getGuestPage } = await import('@/server/guest/guest-page');
    const page = await getGuestPage(secret);
    expect(page?.thing).toMatchObject({ kind: 'sheet', file: { name: demoSetupsOfBench[0]!.name } });
    expect(page?.takeInto).toBeNull();
    const params = Promise.resolve({ ...PARAMS, secret });
    const live = await (await route('shared/[secret]/live', 'GET'))(request('x', 'GET').made, { params });
    expect(live.status).toBe(404);
    const taken = await (await route('shared/[secret]/take', 'POST'))(request('x', 'POST').made, { params });
    expect(taken.status).toBe(401);
    expect(await getGuestPage('z'.repeat(32))).toBeNull();
    await transact(db, (tx) =>
      insertLink(tx, { ...row, id: 'l2', until: made, to: { kind: 'guest', shown } }, hashOf(`${secret}2`)),
    );
    expect(await getGuestPage(`${secret}2`)).toBeNull();
  });
});

/** All of a bench that anybody could change, as text. */
async function all(benchId: BenchId) {
  const { savedAt: _, ...file } = { savedAt: null, ...(await transact(db, (tx) => benchToFile(tx, benchId))) };
  return { file, members: await listMembers(db, benchId), links: await listLinks(db, benchId, new Date(0)) };
}
