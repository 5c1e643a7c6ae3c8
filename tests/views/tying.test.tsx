import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, expect, test } from 'vitest';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open } from './page';

beforeAll(demoBench);

const plan = () => screen.getByTestId('plan');
const many = (setup: string) => screen.getByLabelText(`How many of ${setup}`);

test('what runs short is said, and cannot be marked', async () => {
  await open('/tying');
  await fill(many('Drowned-wall zander, 12 cm tail'), '60');
  await waitFor(() => expect(plan().dataset['outcome']).toBe('short'));
  expect(plan()).toHaveTextContent('cannot be cut');
  expect(screen.getByRole('button', { name: 'mark as tied' })).toBeDisabled();
});

test('a leader is tied by steps: what is missing on the line holds Next back', async () => {
  const user = await open('/tying/steps/setup-drowned-wall');
  const step = () => screen.getByRole('region', { name: 'The step' });
  const next = () => screen.getAllByRole('button', { name: 'Next' })[0]!;
  expect(step()).toHaveTextContent('Cut 1.39 m of Fluorocarbon 0.37 mm');
  for (const kind of ['tie', 'test', 'trim', 'thread', 'leave']) {
    await user.click(next());
    await waitFor(() => expect(document.querySelector(`[data-step="${kind}"]`)).toBeVisible());
  }
  expect(next()).toBeDisabled();
  for (const box of within(step()).getAllByRole('checkbox')) await user.click(box);
  await user.click(next());
  await press(user, 'Enter');
  expect(await screen.findByText('Done: coil it up and put it away.')).toBeVisible();
  await press(user, 't');
  expect(screen.getByRole('timer')).toHaveTextContent('rest');
});

test('a torn bait is joined by steps, with its caution and a rest to cool; crimp and ring are sized by the line', async () => {
  const user = await open('/tying');
  await press(user, 'm');
  const mending = await dialog();
  expect(mending).toHaveTextContent('Never heat elastomers');
  await fill(within(mending).getByLabelText('Rest time'), '2:30');
  await user.click(within(mending).getByRole('button', { name: 'start' }));
  expect(within(mending).getByRole('timer')).toHaveTextContent(/rest 2:(30|2\d)/);
  await press(user, 'Escape');
  await press(user, 's');
  expect(within(await dialog()).getByRole('row', { name: /Diving minnow/ })).toHaveTextContent('Crimp 1.6 mm');
});

test('cards bear what is on them', async () => {
  await open('/tying/cards?setup=setup-drowned-wall&count=2&setup=setup-crimped-minnow&count=1');
  const cards = screen.getAllByRole('listitem');
  expect(cards).toHaveLength(3);
  expect(cards[0]).toHaveTextContent('breaks at 6.56 kg, at Crossed-wrap knot');
});

test('jig lab: filed by keys, dropped ten thousand times, and the best flats beat the one by hand', async () => {
  const user = await open('/tying/jig');
  const good = (name: string) => Number(screen.getByRole('region', { name }).dataset['good']);
  const main = () => within(screen.getByRole('main'));
  const [before, byHand] = [good('Before'), good('After')];
  screen.getByRole('slider').focus();
  const filed = screen.getByTestId('filed').textContent;
  for (let i = 0; i < 5; i += 1) await press(user, 'ArrowUp');
  await waitFor(() => expect(screen.getByTestId('filed').textContent).not.toBe(filed));
  await user.click(main().getAllByRole('button', { name: 'drop it' })[0]!);
  await waitFor(() => expect(screen.getByTestId('drops')).toHaveTextContent('Of 10,000 drops'));
  await user.click(main().getAllByRole('button', { name: 'find the best flats' })[0]!);
  expect(Number((await screen.findByTestId('best-cut')).dataset['good'])).toBeGreaterThanOrEqual(byHand);
  await user.click(main().getAllByRole('button', { name: 'file one flat' })[0]!);
  await waitFor(() => expect(good('After')).toBeGreaterThan(before + 0.3));
});
