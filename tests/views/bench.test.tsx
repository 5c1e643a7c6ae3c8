import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Evaluation } from '@/core/judge';
import { demoFiles } from '../helpers/demo';
import { computed, current, figure, fileOf, mark } from './bench';
import { demoBench } from './demo-bench';
import { fill, press } from './hands';
import { open } from './page';

const WALL = '/bench/setup-drowned-wall';
const candidates = () => within(screen.getByRole('listbox')).queryAllByRole('option');

beforeAll(demoBench);

describe('page and shell agree', () => {
  test.each(demoFiles.filter(({ newest }) => newest).map(({ id }) => [id]))('on %s', async (id) => {
    await open(`/bench/${id}`);
    const { verdicts } = await computed<Evaluation>('setup', await fileOf(id));
    for (const [name, { mark: shell, value, unit }] of Object.entries(verdicts)) {
      expect(mark(name)).toBe(shell);
      if (value === null) continue;
      const shown = Number(figure(name).replace('−', '-'));
      const exact = unit === 'kg' ? value * 1e3 : unit === 'rad' ? (value * 180) / Math.PI : value;
      expect(Math.abs(shown - exact), name).toBeLessThanOrEqual(
        unit === 'rad' ? 0.51 : unit === 'm' ? 0.051 : 0.006 * Math.max(1, exact),
      );
    }
  });
});

test('joints and candidates by keys: try on, fit, undo, redo', async () => {
  const user = await open(WALL);
  expect(current()).toHaveAccessibleName(/hook: Offset worm 3\/0/);
  expect(document.querySelector('[role="option"][aria-selected="true"]')).toHaveTextContent('Offset worm 3/0');
  const before = figure('set');
  await press(user, 'ArrowDown');
  expect(current()).toHaveAccessibleName(/Offset worm 4\/0/);
  await waitFor(() => expect(figure('set')).not.toBe(before));
  await press(user, 'Escape');
  await waitFor(() => expect(figure('set')).toBe(before));
  await press(user, 'ArrowDown');
  await press(user, 'Enter');
  expect(screen.getByTestId('revision')).toHaveTextContent('B, not saved');
  await press(user, 'u');
  expect(screen.getByTestId('revision')).toHaveTextContent(/^B$/);
  await waitFor(() => expect(figure('set')).toBe(before));
  await press(user, 'Shift+U');
  expect(screen.getByTestId('revision')).toHaveTextContent('B, not saved');
  await press(user, ']');
  expect(current()).toHaveAccessibleName(/bait: Paddle-tail/);
  await press(user, '[');
  await press(user, '[');
  expect(current()).toHaveAccessibleName(/hook knot/);
});

test('a part is found by type, size or weight as it is written', async () => {
  const user = await open(WALL);
  expect(candidates()).toHaveLength(26);
  await press(user, '/');
  expect(screen.getByRole('searchbox')).toHaveFocus();
  await fill(screen.getByRole('searchbox'), '5/0 stout');
  expect(candidates()).toHaveLength(2);
  await user.click(screen.getByRole('button', { name: /^6 weight/ }));
  await fill(screen.getByRole('searchbox'), '1/4 oz');
  expect(candidates()).toHaveLength(2);
  await fill(screen.getByRole('searchbox'), 'zzz');
  expect(screen.getByText(/No part in the Box fits/)).toBeVisible();
});

test('the presentation changes every verdict, refuses what it cannot read, and undoes', async () => {
  const user = await open(WALL);
  await press(user, 'p');
  const distance = await screen.findByLabelText('Distance');
  const set = figure('set');
  const stretched = () => expect(document.body).toHaveTextContent('19.3 m');
  await user.selectOptions(screen.getByLabelText('Mouth'), 'soft');
  await waitFor(() => expect(figure('set')).not.toBe(set));
  await fill(distance, '70 ft');
  await waitFor(stretched);
  await fill(distance, '9 furlong');
  expect(screen.getByText(/“furlong” is not a unit for this/)).toBeVisible();
  expect(distance).toHaveAttribute('aria-invalid', 'true');
  await fill(distance, '500');
  expect(screen.getByText(/500 m is outside 1 m to 150 m\./)).toBeVisible();
  await fill(distance, '');
  expect(screen.getByText(/Enter a figure from 1 m to 150 m/)).toBeVisible();
  stretched();
  await fill(screen.getByLabelText('Drag at full spool'), '');
  await waitFor(() => expect(mark('hold')).toBe('cant-tell'));
  await press(user, 'Escape');
  for (let i = 0; i < 3; i += 1) await press(user, 'u');
  expect(screen.getByTestId('revision')).toHaveTextContent(/^B$/);
  await waitFor(() => expect(figure('set')).toBe(set));
});

test('the working of a figure: its equations, its inputs and where they come from, its source', async () => {
  const user = await open(WALL);
  await user.click(screen.getByRole('button', { name: /^Set 1.49×/ }));
  const dialog = await screen.findByRole('dialog');
  await waitFor(() => expect(dialog.querySelectorAll('.katex-display')).toHaveLength(4));
  expect(within(dialog).getByRole('row', { name: /hook wire · Offset worm 3\/0.*1.19 mm.*± 8%.*class/ })).toBeVisible();
  expect(within(dialog).getByText(/Bisshopp and Drucker 1945/)).toBeVisible();
  for (const name of ['Throw', 'Fall', 'Hold', 'Balance']) {
    await user.click(within(dialog).getByRole('button', { name: new RegExp(name) }));
    await waitFor(() => expect(within(dialog).getByRole('heading', { level: 2 })).toHaveTextContent(name));
  }
});

test('a revision opens with today’s readings; as then is one key away; the reading that moved a mark is named', async () => {
  const user = await open('/bench/setup-evening-edge');
  expect(mark('set')).toBe('edge');
  await press(user, 'v');
  expect(
    await screen.findByText(
      /Set was sound, now it is edge: the wire of Offset worm 4\/0 was 1.17 mm, now it is 1.27 mm\./,
    ),
  ).toBeVisible();
  await press(user, 'Escape');
  await press(user, 't');
  await waitFor(() => expect(mark('set')).toBe('sound'));
  expect(document.querySelector('footer [role="status"]')).toHaveTextContent('readings of Sep 27');
  await press(user, 't');
  await waitFor(() => expect(mark('set')).toBe('edge'));
});

test('the keys are listed, and what is not there says so', async () => {
  const user = await open(WALL);
  await press(user, '?');
  expect(within(await screen.findByRole('dialog')).getByText('put back')).toBeVisible();
  for (const path of ['/bench/no-such-setup', `${WALL}?revision=99`, `${WALL}?revision=x`]) {
    await open(path);
    expect(screen.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  }
});
