import { screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { beforeAll, expect, test, vi } from 'vitest';
import { demoHouse, demoParts, demoSetupsOfBench, demoSpreads } from '@/db/demo';
import { solveSpread, type SetupFiles } from '@/domain/spread/solve';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open } from './page';

beforeAll(demoBench);

const rows = () => [...screen.getByTestId('lines').querySelectorAll<HTMLElement>('tr[data-line]')];
const ready = () => waitFor(() => expect(screen.getByTestId('spread').dataset['state']).toBe('ready'));
const tightest = () => screen.getByTestId('tightest');
const radius = (side: 'port' | 'starboard') => tightest().querySelector(`[data-side="${side}"]`)!;
/** A key pressed on the view itself, not in what was last used. */
const key = async (user: UserEvent, name: string) => {
  document.getElementById('main')!.focus();
  await press(user, name);
};

async function openSpread(path = '/spread?spread=spread-lake') {
  const user = await open(path);
  await waitFor(() => expect(rows().length).toBeGreaterThan(0));
  await ready();
  return user;
}

test('the lake spread shows what the core computes', async () => {
  const spread = demoSpreads.find(({ id }) => id === 'spread-lake')!;
  const files = Object.fromEntries(
    demoSetupsOfBench.map(({ id, revisions }) => {
      const { chain, presentation } = revisions.at(-1)!;
      const parts = demoParts.filter((part) => chain.some(({ partId }) => partId === part.id));
      return [id, { parts, chain, presentation }];
    }),
  ) as unknown as SetupFiles;
  const { spread: solved } = solveSpread({
    spread,
    craft: demoHouse.crafts.find(({ id }) => id === 'dunlin')!,
    files,
    house: demoHouse,
    rods: demoParts.flatMap((part) => (part.kind === 'rod' ? [part as never] : [])),
    turn: { radiusM: spread.radiusM, side: 'starboard' },
  });
  await openSpread();
  expect(rows()).toHaveLength(8);
  for (const side of ['port', 'starboard'] as const) {
    const found = solved!.tightest[side];
    if (found.outcome !== 'ok') throw new Error(found.outcome);
    await waitFor(() => expect(radius(side)).toHaveTextContent(`${Number(found.radiusM.toPrecision(3))} m`));
  }
  for (const { name, lureM } of solved!.lines.filter(({ name }) => name.length === 1))
    expect(screen.getByTestId(`depth-${name}`)).toHaveTextContent(lureM[2].toFixed(1).replace(/\.0$/, ''));
});

test('two lines that come too near in the turn that is wanted are found, and mended by Arrange', async () => {
  const user = await openSpread();
  const near = 'Below that, 2 and 6 come too near.';
  await waitFor(() => expect(tightest()).toHaveTextContent(near));
  await key(user, 'a');
  await waitFor(() => expect(screen.getByTestId('arrange').dataset['state']).toBe('ok'));
  await user.click(screen.getByRole('button', { name: 'Set them like this' }));
  await ready();
  for (const side of ['port', 'starboard'] as const)
    await waitFor(() =>
      expect(Number(/([\d.]+) m/.exec(radius(side).textContent)?.[1] ?? 0)).toBeLessThanOrEqual(60.3),
    );
  await key(user, 'z');
  await waitFor(() => expect(tightest()).toHaveTextContent(near));
});

test('a line longer than its spool and a rod outside the boat are told at their fields', async () => {
  const user = await openSpread();
  await key(user, '4');
  await press(user, 'Enter');
  const line = within(await dialog());
  await fill(line.getByLabelText('Line out, from the tip'), '200');
  expect(await line.findByText(/200 m.*91\.4 m/)).toBeVisible();
  await fill(line.getByLabelText('Line out, from the tip'), '60');
  await waitFor(() => expect(rows()[3]).toHaveTextContent('60'));
  await press(user, 'Escape');
  await key(user, 'g');
  const holder = within((await dialog()).querySelector<HTMLElement>('[data-point="holder-1"]')!);
  await fill(holder.getByLabelText('To starboard'), '9');
  expect(holder.getByText(/9 m/)).toBeVisible();
  await fill(holder.getByLabelText('To starboard'), '-1.2');
  await press(user, 'Escape');
  await ready();
});

test('when the break moves a list says what to wind in; a cut line corrects its marks and asks for a check', async () => {
  const user = await openSpread();
  await key(user, 'b');
  const bands = within(await dialog());
  await fill(bands.getByLabelText('Temperature break at'), '17');
  await waitFor(() => expect(screen.getByTestId('bands').dataset['state']).toBe('ready'));
  const two = () => bands.getByRole('row', { name: /^2 / });
  await waitFor(() => expect(two()).toHaveTextContent('let out'));
  await user.click(within(two()).getByRole('button', { name: 'Done' }));
  await waitFor(() => expect(two()).toHaveTextContent('stays'));
  await press(user, 'Escape');
  await key(user, '5');
  await press(user, 'Enter');
  const cut = within(await dialog());
  await user.click(cut.getByRole('button', { name: 'The line was cut back' }));
  await waitFor(() => expect(cut.getByLabelText('Line out, from the tip')).toHaveValue('15'));
  await user.click(cut.getByRole('button', { name: 'Checked' }));
  await press(user, 'Escape');
  expect(rows()[4]).not.toHaveTextContent('check once');
  expect(rows()[0]).toHaveTextContent('check once');
});

test('goes out as JSON and comes in again; a file that is none is refused by its fields', async () => {
  const user = await openSpread();
  const saved: Blob[] = [];
  const download = vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => `blob:${saved.push(blob as Blob)}`);
  await key(user, 'x');
  const files = within(await dialog());
  await user.click(files.getByRole('button', { name: 'Spread as JSON' }));
  await waitFor(() => expect(saved).toHaveLength(1));
  download.mockRestore();
  const give = (name: string, text: string) =>
    user.upload(
      files.getByLabelText('Open a spread from a file'),
      new File([text], name, { type: 'application/json' }),
    );
  await give('bad.json', '{"name":"x","lines":[{"id":"a"}]}');
  expect(await files.findByRole('alert')).toHaveTextContent('This file is not a spread');
  await give('spread.json', await saved[0]!.text());
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  await waitFor(() => expect(rows()).toHaveLength(8));
});
