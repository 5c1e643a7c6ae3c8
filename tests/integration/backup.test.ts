import { once } from 'node:events';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { connect } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { findBench, listAllSetups, renameSetup } from '@/db/repo';

const FERULA = join(process.cwd(), 'ferula');
const data = mkdtempSync(join(tmpdir(), 'ferula-backup.'));
const file = join(data, 'kept.gz');
const { DATABASE_URL: _, PUBLIC_URL: __, ...env } = process.env;
const own = { ...env, FERULA_DATA: data, BIND: '127.0.0.1:4999' };
const ferula = (...args: string[]) => spawnSync(FERULA, args, { env: own, encoding: 'utf8', timeout: 120_000 });
/** Begun in a group of its own, so that all of it can be killed. */
const begun = (...args: string[]): ChildProcess => spawn(FERULA, args, { env: own, stdio: 'ignore', detached: true });

/** A command that must end well; else what it said is told. */
function done(...args: string[]): void {
  const { status, stdout, stderr } = ferula(...args);
  expect(status, stdout + stderr).toBe(0);
}

beforeAll(() => {
  done('reset-demo');
}, 120_000);
afterAll(() => {
  ferula('stop');
  rmSync(data, { recursive: true, force: true });
}, 60_000);

/** Something done with the private database as it stands, which is up meanwhile. */
async function inDatabase<T>(work: (db: ReturnType<typeof connect>['db']) => Promise<T>): Promise<T> {
  const url = spawnSync(
    'bash',
    [
      '-c',
      'ROOT=$PWD; . scripts/say.sh; . scripts/needs.sh; . scripts/mariadb.sh; . scripts/app.sh; mariadb_start "$DATA/mariadb" >/dev/null 2>&1; mariadb_database "$DATA/mariadb" "$(database_name)"',
    ],
    { env: own, encoding: 'utf8' },
  ).stdout;
  const { db, pool } = connect(url);
  try {
    return await work(db);
  } finally {
    await pool.end();
  }
}

const names = () => inDatabase(async (db) => (await listAllSetups(db, demoBenchId)).map(({ name }) => name).sort());

it('what was kept comes back, and what was there meanwhile stays for one step back', async () => {
  const before = await names();
  done('backup', file);
  expect(statSync(file).mode & 0o077).toBe(0);
  await inDatabase(async (db) => {
    const [first] = await listAllSetups(db, demoBenchId);
    await renameSetup(db, demoBenchId, first!.id, 'Changed since');
  });
  expect(await names()).toContain('Changed since');
  done('restore', file);
  expect(await names()).toEqual(before);
  expect(readFileSync(join(data, 'database.before'), 'utf8')).toBe('ferula');
}, 240_000);

/** Kills a command on its way; one that was over by then is begun again and killed sooner. */
async function killedInTheMiddle(command: 'backup' | 'restore', afterMs: number): Promise<void> {
  const running = begun(command, file);
  const ended = once(running, 'exit');
  await new Promise((later) => setTimeout(later, afterMs));
  if (running.exitCode !== null) return killedInTheMiddle(command, afterMs / 2);
  try {
    process.kill(-running.pid!, 'SIGKILL');
  } catch (error) {
    // It ended in this very moment.
    if ((error as NodeJS.ErrnoException).code !== 'ESRCH') throw error;
  }
  const [code] = (await ended) as [number | null];
  if (code !== null) return killedInTheMiddle(command, afterMs / 2);
}

it('a backup or a restore that is killed leaves what was there whole', async () => {
  const before = await names();
  const whole = readFileSync(file);
  for (const [command, afterMs] of [
    ['backup', 400],
    ['backup', 900],
    ['restore', 1500],
    ['restore', 2500],
  ] as const) {
    await killedInTheMiddle(command, afterMs);
    if (command === 'backup') expect(spawnSync('gzip', ['-t', file]).status).toBe(0);
    expect(await names()).toEqual(before);
  }
  expect(whole.length).toBeGreaterThan(1000);
  done('restore', file);
  expect(await names()).toEqual(before);
}, 300_000);

it('refuses what is no whole backup, by name', () => {
  expect(ferula('restore', 'package.json').stderr + ferula('restore', 'package.json').stdout).toContain(
    'no whole backup',
  );
  expect(ferula('restore', '/nowhere').status).not.toBe(0);
  expect(existsSync(join(data, 'database'))).toBe(true);
});

it('the bench is found under its name again', async () => {
  expect(await inDatabase((db) => findBench(db, demoBenchId))).not.toBeNull();
});
