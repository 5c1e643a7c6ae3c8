import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { seeded } from '@/core/base/numeric';
import { pause, type RunningFerula } from '../helpers/running-ferula';

export interface OutboxReport {
  /** touches in all */
  readonly touched: number;
  /** strikes that the screen counted, so that they must be there; one that was cut off before may be there or not */
  readonly made: number;
  readonly kills: readonly string[];
  readonly onServer: number;
  readonly lost: number;
  readonly doubled: number;
}

type Kill = 'tab' | 'browser' | 'server' | 'database' | 'network';
const KILLS: readonly Kill[] = ['tab', 'browser', 'server', 'database', 'network'];

const ARGS = ['--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-sync'];

/** A phone with a profile that outlives its browser. */
class Phone {
  private constructor(
    private readonly url: string,
    private readonly profile: string,
    private context: BrowserContext,
    page: Page,
  ) {
    this.page = page;
  }
  page: Page;

  static async begin(url: string): Promise<Phone> {
    const profile = mkdtempSync(join(tmpdir(), 'ferula-phone.'));
    const context = await launched(profile);
    return new Phone(url, profile, context, context.pages()[0] ?? (await context.newPage()));
  }

  async open(): Promise<void> {
    await this.page.goto(`${this.url}/log`, { waitUntil: 'load' });
  }

  /** The browser ends as when its battery does. */
  async killBrowser(): Promise<void> {
    for (const pid of processesOf(this.profile)) kill(pid);
    await this.context.close().catch(() => undefined);
    while (processesOf(this.profile).length > 0) await pause(50);
    rmSync(join(this.profile, 'SingletonLock'), { force: true });
    this.context = await launched(this.profile);
    this.page = this.context.pages()[0] ?? (await this.context.newPage());
    await this.open();
  }

  async closeTab(): Promise<void> {
    const page = await this.context.newPage();
    await this.page.close({ runBeforeUnload: false });
    this.page = page;
    await this.open();
  }

  network = (on: boolean): Promise<void> => this.context.setOffline(!on);

  async end(): Promise<void> {
    await this.context.close().catch(() => undefined);
    for (const pid of processesOf(this.profile)) kill(pid);
    await pause(100);
    rmSync(this.profile, { recursive: true, force: true, maxRetries: 5 });
  }
}

const launched = (profile: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(profile, {
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
    chromiumSandbox: false,
    args: ARGS,
    viewport: { width: 390, height: 844 },
  });

function processesOf(profile: string): readonly number[] {
  try {
    return execFileSync('pgrep', ['-f', `user-data-dir=${profile}`], { encoding: 'utf8' })
      .trim()
      .split('\n')
      .map(Number);
  } catch {
    return [];
  }
}

function kill(pid: number): void {
  try {
    process.kill(pid, 'SIGKILL');
  } catch {
    // It has ended by itself.
  }
}

/**
 * One day on one phone: strikes are touched one after the other while tab, browser, network, server and database are killed at
 * every step; at the end everything that the screen had shown must be on the server, once.
 */
export async function outboxRun(ferula: RunningFerula, seed: number): Promise<OutboxReport> {
  const random = seeded(seed);
  const phone = await Phone.begin(ferula.url);
  try {
    await phone.open();
    const tripId = await openTrip(phone.page, ferula.url, `outbox ${seed}`);
    await untilReady(phone.page);
    const made = new Set<string>();
    let touched = 0;
    const strike = async () => {
      await touch(phone.page);
      touched += 1;
    };
    // What the screen counts lies in the phone's memory under its ids.
    const counted = async () => {
      for (const id of await shown(phone.page, tripId, made.size + 1)) made.add(id);
    };
    let isOffline = false;
    const kills: Kill[] = [];
    for (let n = 0; n < 8; n += 1) {
      const ending = random() < 0.55 ? KILLS[Math.floor(random() * KILLS.length)]! : null;
      // Sometimes it happens while the touch is still being kept.
      const isAtOnce = ending !== null && random() < 0.4;
      await strike();
      if (!isAtOnce) await counted();
      if (ending === null) continue;
      kills.push(ending);
      if (ending === 'tab') await phone.closeTab();
      else if (ending === 'browser') await phone.killBrowser();
      else if (ending === 'network') {
        isOffline = !isOffline;
        await phone.network(!isOffline);
      } else if (ending === 'database') {
        // One that was killed a moment ago has to be back before it can be killed again.
        await ferula.untilUp(90_000);
        ferula.kill(ferula.databasePid());
      } else {
        await ferula.untilUp(90_000);
        ferula.kill(ferula.applicationPid());
        await ferula.untilStarterEnded();
        // What is touched while there is no server at all.
        await strike();
        await counted();
        await ferula.start();
      }
      if (ending === 'browser') isOffline = false;
    }
    await ferula.untilUp(90_000);
    await phone.network(true);
    await phone.open();
    await allSent(phone.page);
    const found = (await strikesOn(ferula.url, tripId)).map(({ id }) => id);
    const onServer = new Set(found);
    return {
      touched,
      made: made.size,
      kills,
      onServer: found.length,
      lost: [...made].filter((id) => !onServer.has(id)).length,
      doubled: found.length - onServer.size + Math.max(0, onServer.size - touched),
    };
  } finally {
    await phone.end();
  }
}

async function openTrip(page: Page, url: string, name: string): Promise<string> {
  await page.getByRole('button', { name: /^Open a trip/ }).click();
  const panel = page.getByTestId('open-trip');
  await panel.getByLabel('Name').fill(name);
  await panel.getByRole('button', { name: /^Open it/ }).click();
  await page.getByTestId('tiles').waitFor();
  for (let tries = 0; tries < 200; tries += 1) {
    const { trips } = (await (await fetch(`${url}/log/events`)).json()) as {
      trips: { tripId: string; name: string }[];
    };
    const own = trips.find((trip) => trip.name === name);
    if (own) return own.tripId;
    await pause(100);
  }
  throw new Error('the trip that was opened did not reach the server');
}

const untilReady = (page: Page): Promise<void> =>
  page.locator('[data-testid=offline][data-state=ready]').waitFor({ state: 'attached', timeout: 60_000 });

/** All lines in the water, then a touch on one. */
async function touch(page: Page): Promise<void> {
  // A touch elsewhere sooner than this would be a hand that slides.
  await pause(320);
  await page.keyboard.press('b');
  const line = page.locator('[data-line][data-state=fishing]').first();
  await line.waitFor();
  await line.click();
}

/** Waits until the screen counts so many strikes or more; returns the ids of as many as it counts, the oldest first. */
async function shown(page: Page, tripId: string, least: number): Promise<readonly string[]> {
  const handle = await page.waitForFunction(
    (from) => {
      const text = document.querySelector('[data-testid=so-far]')?.textContent ?? '';
      const count = Number(/(\d+) strikes?/.exec(text)?.[1] ?? 0);
      return count >= from ? count : null;
    },
    least,
    { timeout: 30_000 },
  );
  const count = (await handle.jsonValue())!;
  const ids = await page.evaluate(async (trip) => {
    const database = await new Promise<IDBDatabase>((resolve, reject) => {
      const request = indexedDB.open('ferula-log');
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error!);
    });
    const all = await new Promise<{ tripId: string; event: { id: string; kind: string; atS: number } }[]>(
      (resolve, reject) => {
        const request = database.transaction('events').objectStore('events').getAll();
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error!);
      },
    );
    database.close();
    return all
      .filter((each) => each.tripId === trip && each.event.kind === 'strike')
      .sort((a, b) => a.event.atS - b.event.atS)
      .map(({ event }) => event.id);
  }, tripId);
  if (ids.length < count) throw new Error(`the screen counts ${count} strikes, the phone has kept ${ids.length}`);
  return ids.slice(0, count);
}

/** The page says so only while something waits. */
async function allSent(page: Page): Promise<void> {
  await page.getByTestId('tiles').waitFor({ timeout: 60_000 });
  const end = Date.now() + 120_000;
  for (;;) {
    await pause(400);
    const count = await page
      .getByTestId('unsent')
      .getAttribute('data-count', { timeout: 300 })
      .catch(() => '0');
    if (Number(count) === 0) return;
    if (Date.now() > end) throw new Error(`${count} entries were still waiting after two minutes`);
  }
}

async function strikesOn(url: string, tripId: string): Promise<readonly { readonly id: string }[]> {
  const response = await fetch(`${url}/log/events/${encodeURIComponent(tripId)}`);
  const { events } = (await response.json()) as { events: { id: string; kind: string }[] };
  return events.filter(({ kind }) => kind === 'strike');
}
