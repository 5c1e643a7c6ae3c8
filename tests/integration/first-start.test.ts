import { spawn } from 'node:child_process';
import { createConnection, type RowDataPacket } from 'mysql2/promise';
import { expect, it } from 'vitest';
import { RUN } from '../helpers/programs';

const url = process.env['INTEGRATION_DATABASE_URL'] ?? '';

/** What `./ferula start` does to a database before it serves. */
const prepare = (): Promise<{ readonly code: number | null; readonly said: string }> =>
  new Promise((resolve) => {
    const child = spawn(RUN, ['prepare'], {
      env: { ...process.env, DATABASE_URL: url },
    });
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    child.once('exit', (code) => resolve({ code, said }));
  });

it('three first starts at once on one empty database all succeed, and the demo is loaded once', async () => {
  const connection = await createConnection({ uri: url });
  try {
    const [tables] = await connection.query<RowDataPacket[]>('show tables');
    await connection.query('set foreign_key_checks = 0');
    for (const table of tables) await connection.query(`drop table \`${String(Object.values(table)[0])}\``);
    const outcomes = await Promise.all([prepare(), prepare(), prepare()]);
    expect(outcomes.map(({ code, said }) => (code === 0 ? 0 : said))).toEqual([0, 0, 0]);
    expect(outcomes.filter(({ said }) => said.includes('Loaded the demo bench.'))).toHaveLength(1);
    const [benches] = await connection.query<RowDataPacket[]>('select id from bench');
    expect(benches.map(({ id }) => id as string)).toEqual(['slipway']);
  } finally {
    await connection.end();
  }
});
