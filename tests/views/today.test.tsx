import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, expect, test } from 'vitest';
import type { UserEvent } from '@testing-library/user-event';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open, reload } from './page';

beforeAll(demoBench);

const suited = () => screen.getByTestId('suited');
const ready = () => waitFor(() => expect(suited().dataset['state']).toBe('ready'));
const slot = (name: string) => screen.getByRole('region', { name });
const standing = () => [...suited().querySelectorAll<HTMLElement>('[data-standing]')];
const of = (setup: string) => standing().find(({ textContent }) => textContent.includes(setup))!;
const cell = (id: string) => document.querySelector<HTMLElement>(`[data-cell="${id}"]`)!;
const planned = (name: string) => slot(name).querySelectorAll('[data-state="planned"]');

/** A day of which nothing was said yet. */
async function newDay(): Promise<UserEvent> {
  const user = await open('/today');
  await user.selectOptions(screen.getByLabelText('Current plan'), 'a new day');
  await ready();
  return user;
}

test('what is said of the day ranks the setups, is kept, and says what to mind', async () => {
  const user = await newDay();
  expect(standing()).toHaveLength(20);
  expect(standing()[0]!.dataset['standing']).toBe('suits');
  await user.click(cell('temperature'));
  await fill(await screen.findByLabelText('Water at the surface'), '6');
  await press(user, 'Enter');
  await user.selectOptions(within(await screen.findByRole('dialog')).getByLabelText('clarity'), 'murky');
  await press(user, 'Escape');
  expect(await screen.findByText(/Cold water: wear a life jacket/)).toBeVisible();
  const wall = () => of('Drowned-wall zander');
  await waitFor(() => expect(wall().dataset['standing']).toBe('outside'));
  expect(wall()).toHaveTextContent('Clarity: today murky, you use it when stained.');
  await reload();
  expect(cell('temperature')).toHaveTextContent('6 °C');
  expect(cell('temperature').dataset['said']).toBe('true');
  expect(cell('depths').dataset['said']).toBe('false');
  await waitFor(() => expect(wall().dataset['standing']).toBe('outside'));
});

test('a cell opens on its first field, the first one too', async () => {
  const user = await open('/today?plan=plan-lake');
  await ready();
  await press(user, 'e');
  expect(within(await screen.findByRole('dialog')).getByLabelText('water')).toHaveFocus();
  await press(user, 'Escape');
  await waitFor(() => expect(cell('water')).toHaveFocus());
});

test('a depth and a method that nothing serves are holes; what fails is mended from the Box by itself', async () => {
  const user = await newDay();
  await user.click(cell('depths'));
  await fill(await screen.findByLabelText('Fish to'), '60 m');
  await press(user, 'Escape');
  await waitFor(() => expect(screen.getByTestId('holes')).toHaveTextContent(/to 60 m Nearest: /));
  const lily = () => of('Lily bay');
  expect(lily().dataset['standing']).toBe('fails');
  await user.click(within(lily()).getByRole('button', { name: 'Lily bay, flick of the wrist' }));
  await waitFor(() => expect(within(lily()).getByRole('status')).toHaveTextContent('Then everything is sound.'));
  await press(user, 'o');
  await waitFor(() => expect(window.location.pathname).toBe('/bench/setup-lily-bay'));
});

test('the slots of a plan go on deck with spares, into Tying and into the water', async () => {
  const user = await open('/today?plan=plan-lake');
  await ready();
  await press(user, 'd');
  const places = await screen.findByRole('region', { name: 'Deck plan' });
  expect(within(places).getAllByRole('listitem')).toHaveLength(4);
  expect(screen.getByRole('region', { name: 'Pack list' })).toHaveTextContent('to spare');
  await fill(screen.getByRole('textbox', { name: 'Name' }), 'Morning of the long shore');
  await user.click(within(screen.getByRole('main')).getAllByRole('button', { name: 'save' })[0]!);
  await screen.findByRole('button', { name: 'delete this deck' });
  expect(window.location.search).toBe('');
  await reload();
  expect(screen.getByRole('textbox', { name: 'Name' })).toHaveValue('Morning of the long shore');
  await user.click(screen.getByRole('link', { name: 'leaders still to tie' }));
  await waitFor(() => expect(screen.getByTestId('plan').dataset['outcome']).toMatch(/ok|short/));
});

test('a leg under paddle knows its wind and what the lure pulls; a canoe is held to what it carries', async () => {
  const user = await open('/today?plan=plan-canoe');
  await ready();
  const home = () => slot('Home into the wind');
  expect(home()).toHaveTextContent('Headwind 4 m/s.');
  await waitFor(() => expect(within(home()).getByTestId('leg-force')).toHaveTextContent('at the paddle'));
  const care = () => document.querySelector('[data-care="load-rods"]');
  expect(care()).toBeNull();
  for (const name of ['Big tail with a stinger', 'Diving minnow on a crimped leader'])
    await user.click(within(home()).getByRole('button', { name: `Fish ${name} in Home into the wind` }));
  await waitFor(() => expect(care()).toBeVisible());
  await reload();
  await waitFor(() => expect(planned('Home into the wind')).toHaveLength(3));
  expect(screen.getByTestId('plan-bar').dataset['state']).toBe('changed');
});

test('baits and fish stand as a table', async () => {
  const user = await open('/today?plan=plan-sound');
  await ready();
  await press(user, 'b');
  const table = within(await dialog()).getByRole('table');
  expect(table).toHaveTextContent('140 mm');
  expect(table).toHaveTextContent('Hook');
});
