import { screen, waitFor, within } from '@testing-library/react';
import { sql } from 'drizzle-orm';
import { beforeEach, expect, test } from 'vitest';
import { connect } from '@/db/client';
import { changeHouseAction } from '@/server/actions/house';
import { sent } from '../helpers/sent';
import { demoBench } from './demo-bench';
import { here } from './next-navigation';
import { fill, press } from './hands';
import { open, reload } from './page';

const WALL = '/bench/setup-drowned-wall';

beforeEach(demoBench);

/** Writes to the database what no way in would let through. */
async function store(statement: string): Promise<void> {
  const { db, pool } = connect(process.env['DATABASE_URL']!);
  await db.execute(sql.raw(statement));
  await pool.end();
}

test('a record that cannot be read stands by name in every view, and is mended in the Box', async () => {
  await store(
    `update part set document = '{"version":1,"data":{"id":"bait-paddle-tail-125","kind":"soft-bait","words":"my best tail","massKg":"heavy"}}' where id = 'bait-paddle-tail-125'`,
  );
  for (const path of ['/bench', '/water', '/quiver', '/tying', '/quiver/deck', '/today', '/box']) {
    await open(path);
    expect(document.body, path).toHaveTextContent('massKg');
  }
  const user = await open('/bench');
  await user.click(screen.getByRole('link', { name: 'Drowned-wall zander, 12 cm tail' }));
  await waitFor(() => expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('cannot be worked out'));
  await user.click(screen.getAllByRole('link', { name: /Correct .* in the Box/ })[0]!);
  await user.click((await screen.findAllByRole('button', { name: /^Fix it/ }))[0]!);
  expect(await screen.findByText(/Fixed. Check what it says now\./)).toBeVisible();
  await open(WALL);
  expect(screen.getByRole('button', { name: /^Set / })).toBeVisible();
});

test('unsaved work on the Bench is offered again after a reload, and thrown away for good', async () => {
  const user = await open(WALL);
  const draft = () => screen.queryByTestId('draft');
  await press(user, 'ArrowDown');
  await press(user, 'Enter');
  await waitFor(() => expect(window.localStorage).not.toHaveLength(0));
  await reload();
  await waitFor(() => expect(draft()).toHaveTextContent('Unsaved changes from'));
  await user.click(screen.getByRole('button', { name: 'Continue with them' }));
  expect(draft()).toBeNull();
  await waitFor(() => expect(screen.getByTestId('revision')).toHaveTextContent('B, not saved'));
  await open('/bench');
  await open(WALL);
  await user.click(await screen.findByRole('button', { name: 'Discard them' }));
  await reload();
  expect(screen.getByTestId('revision')).toHaveTextContent(/^B$/);
  expect(draft()).toBeNull();
});

test('rules that were changed in another window: this one is told, keeps what was typed, and decides', async () => {
  const user = await open('/rules');
  await user.click(screen.getByRole('button', { name: 'Rules sheet' }));
  await fill(screen.getByLabelText('Rods per person'), '2');
  expect(await screen.findByText('Saved.')).toBeVisible();
  // Another window did as much, and this one does not know.
  here.again = () => Promise.resolve();
  const other = { kind: 'entry', document: 'sheet', id: '', key: 'rodsPerPerson', from: 2, to: 3 };
  expect(await changeHouseAction(sent({ changes: [other] }))).toMatchObject({ ok: true });
  await fill(screen.getByLabelText('Rods per person'), '4');
  expect(await screen.findByText(/Rods per person was changed elsewhere to 3 while you typed 4\./)).toBeVisible();
  await user.click(screen.getByRole('button', { name: 'Keep mine' }));
  expect(await screen.findByText('Saved.')).toBeVisible();
  await reload();
  await user.click(screen.getByRole('button', { name: 'Rules sheet' }));
  expect(screen.getByLabelText('Rods per person')).toHaveValue('4');
});

test('a tied batch is taken back', async () => {
  const user = await open('/tying');
  const before = document.querySelectorAll('[data-leader]').length;
  await fill(screen.getByLabelText('How many of Diving minnow on a crimped leader'), '2');
  await waitFor(() => expect(screen.getByRole('button', { name: 'mark as tied' })).toBeEnabled());
  await user.click(screen.getByRole('button', { name: 'mark as tied' }));
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  expect(await screen.findByText(/The batch was undone/)).toBeVisible();
  await waitFor(() => expect(document.querySelectorAll('[data-leader]')).toHaveLength(before));
  expect(within(screen.getByRole('main')).getByLabelText(/How many of Diving minnow/)).toBeVisible();
});
