import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, expect, test } from 'vitest';
import { GET as benchJson } from '@/app/files/bench.json/route';
import { computed, fileOf } from './bench';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open, reload } from './page';

beforeAll(demoBench);

const answer = () => screen.getByTestId('answer');
const says = (words: string | RegExp) => waitFor(() => expect(answer()).toHaveTextContent(words));
const solved = () => waitFor(() => expect(answer().dataset['outcome']).toBe('not-coverable'));

test('what is asked: the best few, a purchase, what stays at home; pins and the floor change the answer', async () => {
  const user = await open('/quiver');
  await solved();
  await press(user, 'h');
  await says('Nothing is lost without:');
  expect(answer()).toHaveTextContent('Plover');
  await press(user, 'b');
  await says('The best 3:');
  await user.click(screen.getByRole('button', { name: 'Plover: may come or stay' }));
  await says(/The best 3: .*Plover/);
  await user.click(screen.getByRole('button', { name: 'Plover: must come' }));
  await waitFor(() => expect(answer()).not.toHaveTextContent('Plover'));
  await user.click(screen.getByRole('button', { name: 'Plover: stays home' }));
  await press(user, 'p');
  await says('To look for, 126 together: casting rod');
  await fill(screen.getByLabelText('Budget, whole coins'), '50');
  await says('Nothing within the budget');
  await press(user, 'Escape');
  await user.selectOptions(screen.getByRole('combobox', { name: 'Question' }), 'the fewest rods that cover all');
  await user.click(screen.getByLabelText('and every lure of the Box'));
  await says('5 rods reach 90 wherever any does: Wagtail, Tern, Heron, Gannet, Bittern');
  await user.click(screen.getByLabelText('trolled, drifted, straight down'));
  await waitFor(() => expect(answer().dataset['outcome']).toBe('optimal'));
  expect(answer()).toHaveTextContent('1 rod reaches 90');
  await press(user, 't');
  expect(await dialog()).toHaveTextContent('Each presentation on the best of the chosen rods');
});

test('a rod is chosen for a technique: curves, tables, the day; another place changes them', async () => {
  const user = await open('/quiver');
  await solved();
  await press(user, 'c');
  const panel = within(await dialog());
  await waitFor(() => expect(panel.getByTestId('trade')).toHaveTextContent('double-extra-heavy'));
  expect(panel.getByRole('img', { name: /^cast over the rod/ })).toBeVisible();
  const before = panel.getByTestId('trade').textContent;
  await user.selectOptions(panel.getByLabelText('Place'), 'in a canoe');
  await waitFor(() => expect(panel.getByTestId('trade')).not.toHaveTextContent(before));
  expect(panel.getByRole('link', { name: 'ten casts at a mark would tell' })).toBeVisible();
});

test('a deck: rigged, a reel wanted twice is a conflict, kept, opened again, thrown away and brought back', async () => {
  const user = await open('/quiver/deck');
  const place = (n: number) => within(screen.getAllByRole('listitem')[n]!);
  const remarks = () => [...document.querySelectorAll<HTMLElement>('[data-remark]')];
  await user.selectOptions(screen.getByLabelText('Deck'), 'another deck');
  for (const label of ['Drowned-wall zander, 12 cm tail', 'Big tail with a stinger', 'Bladed jig over the weed tops'])
    await user.selectOptions(screen.getByLabelText('Add a setup'), label);
  expect(remarks()).toHaveLength(0);
  await user.selectOptions(place(1).getByLabelText('Reel'), 'Conventional reel, 6.3 : 1');
  await waitFor(() => expect(remarks()[0]?.dataset['remark']).toBe('reel-on-two-rods'));
  expect(remarks()[0]).toHaveTextContent('place 1');
  await fill(screen.getByRole('textbox', { name: 'Name' }), 'Evening on the wall');
  await user.click(screen.getByRole('button', { name: 'Move place 3 up' }));
  await press(user, 'Tab');
  const save = () => within(screen.getByRole('main')).getAllByRole('button', { name: 'save' })[0]!;
  await user.click(save());
  await screen.findByRole('button', { name: 'delete this deck' });
  await reload();
  expect(screen.getByRole('textbox', { name: 'Name' })).toHaveValue('Evening on the wall');
  expect(place(1).getByLabelText('Setup')).toHaveValue('setup-bladed');
  expect(screen.getByRole('region', { name: 'Pack list' })).toHaveTextContent('Rod “Gannet”');
  await user.click(screen.getByRole('button', { name: 'delete this deck' }));
  await user.click(await screen.findByRole('button', { name: 'bring back “Evening on the wall”' }));
  await waitFor(() => expect(screen.queryAllByRole('listitem')).not.toHaveLength(0));
});

test('screen and shell agree on a pair', async () => {
  await open('/quiver');
  await solved();
  const bench = (await (await benchJson()).json()) as {
    readonly parts: readonly {
      readonly part: { readonly kind: string; readonly id: string; readonly name?: string };
    }[];
  };
  const parts = bench.parts.map(({ part }) => part);
  const { scores } = await computed<{ scores: { score: number }[] }>(
    'rod-scores',
    JSON.stringify({
      setup: JSON.parse(await fileOf('setup-bladed')) as object,
      rods: parts.filter(({ name }) => name === 'Wagtail'),
      reels: parts.filter(({ kind }) => kind === 'reel'),
    }),
  );
  const row = document.querySelector<HTMLElement>('[data-row="setup-bladed"]')!;
  expect(within(row).getAllByRole('gridcell')[2]).toHaveTextContent(String(Math.round(100 * scores[0]!.score)));
});
