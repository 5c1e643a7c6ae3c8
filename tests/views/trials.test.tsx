import { screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { beforeAll, expect, test } from 'vitest';
import { demoBench } from './demo-bench';
import { fill, press } from './hands';
import { open, reload } from './page';

beforeAll(demoBench);

const sheet = () => screen.findByTestId('trial-sheet');
const hand = () => within(screen.getByTestId('hand-count'));
const ledger = () => screen.getByTestId('ledger');

async function begin(name: string, by: string): Promise<UserEvent> {
  const user = await open('/trials');
  await user.click(screen.getByRole('button', { name: /New trial/ }));
  const form = within(await screen.findByTestId('edit-trial'));
  await fill(form.getByLabelText('Name'), name);
  await user.selectOptions(form.getByLabelText('What do you compare?'), by);
  return user;
}

test('two versions that are the same are refused; what differs besides is said; it is planned and closed', async () => {
  const user = await begin('Flasher or minnow', 'Setups, lures or colours');
  const form = within(screen.getByTestId('edit-trial'));
  const setupOf = (side: 'A' | 'B') =>
    within(form.getByRole('group', { name: `Version ${side}` })).getByLabelText('Setup');
  await user.selectOptions(setupOf('A'), 'Diving minnow on a crimped leader');
  await user.selectOptions(setupOf('B'), 'Diving minnow on a crimped leader');
  await user.click(form.getByRole('button', { name: 'Begin the trial' }));
  expect(await form.findByRole('alert')).toHaveTextContent('Both versions are the same');
  await user.selectOptions(setupOf('B'), 'Steel spoon behind the ball');
  await waitFor(() => expect(form.getByTestId('differs')).toHaveTextContent('nobody knows which of them it was'));
  await user.click(form.getByRole('button', { name: 'Begin the trial' }));
  expect(await sheet()).toHaveTextContent('Flasher or minnow');
  expect(screen.getByTestId('verdict')).toHaveTextContent('Nothing counted yet');
  await waitFor(() => expect(screen.getByTestId('how-long')).toHaveTextContent('118 strikes'));

  await press(user, 'p');
  const plan = within(await screen.findByTestId('plan-trial'));
  await user.selectOptions(plan.getByLabelText('Lines'), 'Lake eight, two planers wide');
  await waitFor(() => expect(screen.getByTestId('planned')).toHaveTextContent('alike'));
  await user.click(plan.getByRole('button', { name: 'Keep this plan' }));
  await waitFor(() => expect(screen.getByTestId('trial-plan')).toHaveTextContent('not fished yet'));
  expect(await screen.findByText('Saved.')).toBeVisible();

  await user.click(screen.getByRole('button', { name: /Close the trial/ }));
  const close = within(await screen.findByTestId('close-trial'));
  await user.click(close.getByRole('button', { name: 'Close it' }));
  expect(screen.getByTestId('close-trial')).toHaveTextContent('Write in a few words why it ends');
  await user.selectOptions(close.getByLabelText('How it ends'), 'settled');
  expect(screen.getByTestId('close-trial')).toHaveTextContent('The numbers do not show a winner');
  await fill(close.getByLabelText('Why'), 'The season is over.');
  await fill(close.getByLabelText('House rule from now on'), 'The spoon goes behind the ball.');
  await user.click(close.getByRole('button', { name: 'Close it' }));
  await waitFor(() => expect(screen.getByTestId('trial-sheet').dataset['state']).toBe('settled'));
  expect(await screen.findByText('Saved.')).toBeVisible();
  await open('/rules');
  const rules = screen.getByTestId('trial-rules');
  expect(rules).toHaveTextContent('The spoon goes behind the ball.');
  await user.click(within(rules).getByRole('link', { name: 'Flasher or minnow' }));
  expect(await sheet()).toBeVisible();
});

test('a trial is counted by hand, touch by touch, and taken back', async () => {
  const user = await begin('Loop or knot', 'Anything, counted by hand');
  await user.click(screen.getByRole('button', { name: 'Begin the trial' }));
  expect(await sheet()).toHaveTextContent('Loop or knot');
  for (let n = 0; n < 6; n += 1) await user.click(hand().getByRole('button', { name: /^B/ }));
  await press(user, 'a');
  await press(user, 'u');
  await waitFor(() => expect(ledger()).toHaveTextContent('A 0, B 6'));
  expect(screen.getByTestId('verdict')).toHaveTextContent('Not yet');
  expect(await screen.findByText('Saved.')).toBeVisible();
  await reload();
  expect(hand().getByRole('button', { name: /^B/ })).toHaveTextContent('6');
  await press(user, 'e');
  await user.click(await screen.findByRole('button', { name: 'Delete this trial' }));
  await user.click(screen.getByRole('button', { name: 'Delete it for good' }));
  await waitFor(() => expect(ledger()).not.toHaveTextContent('Loop or knot'));
});

test('the demo: settled, undecided, and predictions checked by fish', async () => {
  const user = await open('/trials');
  expect(ledger()).toHaveTextContent('Front hook or tail hook');
  await user.click(screen.getByRole('link', { name: /^Minnow on a flat line/ }));
  await waitFor(() => expect(screen.getByTestId('verdict').dataset['verdict']).toBe('not-yet'));
  expect(screen.getByTestId('ratios').querySelector('[data-factor=place]')).toHaveTextContent(
    'May be the reason: B had downrigger 2',
  );
  await waitFor(() => expect(screen.getByTestId('differs')).toHaveTextContent('nobody knows which of them it was'));
  await press(user, 'j');
  await waitFor(() => expect(screen.getByTestId('judged-set').dataset['outcome']).toBe('judged'));
  expect(screen.getByTestId('held-by')).toHaveTextContent('tail hook');
  await waitFor(() => expect(screen.getByTestId('depths')).toHaveTextContent('times as deep as predicted'));
});
