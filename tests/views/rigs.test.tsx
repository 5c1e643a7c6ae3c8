import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, describe, expect, test } from 'vitest';
import { TYPED_RIGS } from '../fixtures/typed-rigs';
import { due } from '../helpers/due';
import { mark } from './bench';
import { demoBench } from './demo-bench';
import { fill } from './hands';
import { open } from './page';

beforeAll(demoBench);

const places = () => [...document.querySelectorAll<HTMLElement>('form ol > li')];
const title = () => screen.getByRole('heading', { level: 1 });

describe('rigs are built from typed lines only, and drawn with all their joints', () => {
  test.each(due(TYPED_RIGS, 6))('%s', async (rig, lines) => {
    const user = await open('/bench/new');
    await user.click(screen.getByRole('button', { name: new RegExp(`^${rig}`) }));
    const toFill = places().flatMap((place, i) => (place.querySelector('[role="combobox"]') ? [i] : []));
    expect(toFill).toHaveLength(lines.length);
    for (const [i, line] of lines.entries()) {
      const place = () => within(places()[toFill[i]!]!);
      await fill(place().getByRole('combobox'), line);
      await user.click(await place().findByRole('option', { name: /^New part/ }));
      await waitFor(() => {
        const yes = place().queryByRole('button', { name: 'yes, that is right' });
        if (yes) yes.click();
        expect(place().getByText('new')).toBeVisible();
      });
    }
    await fill(screen.getByLabelText('Name'), `Typed: ${rig}`);
    await user.click(screen.getByRole('button', { name: 'open on the Bench' }));
    await waitFor(() => expect(title()).toHaveTextContent(`Typed: ${rig}`));
    const joints = within(screen.getByRole('region', { name: 'The rig, joint by joint' })).getAllByRole('listitem');
    expect(document.querySelectorAll('.balloon')).toHaveLength(joints.length);
    expect(mark('hold')).toMatch(/sound|edge|fails|cant-tell/);
  });
});

test('what a line leaves open is asked once, can be changed, and is not added before', async () => {
  const user = await open('/bench/new');
  await user.click(screen.getByRole('button', { name: /^Hard lure with changed hooks/ }));
  const place = places().find((each) => within(each).queryByRole('combobox', { name: 'lure' }))!;
  await fill(within(place).getByRole('combobox'), 'crankbait 99 mm');
  await user.click(await within(place).findByRole('option', { name: /^New part/ }));
  await waitFor(() => expect(place).toHaveTextContent('Is that right?'));
  await user.selectOptions(within(place).getByLabelText(/^buoyancy/), 'sinks');
  await user.click(within(place).getByRole('button', { name: 'yes, that is right' }));
  await waitFor(() =>
    expect(places().find(({ textContent }) => textContent.includes('Sinking lure 99 mm'))).toHaveTextContent('new'),
  );
});

test('a new setup starts from a lure, from a question and as a copy', async () => {
  let user = await open('/bench/new');
  await user.click(screen.getByRole('radio', { name: 'a lure or bait' }));
  await fill(screen.getByRole('combobox', { name: 'Lure or bait' }), 'floating 110');
  await user.click((await screen.findAllByRole('option', { name: /Floating lure 110 mm/ }))[0]!);
  await user.click(await screen.findByRole('button', { name: /^Hard lure with changed hooks/ }));
  await waitFor(() => expect(document.querySelector('form')).toHaveTextContent('Floating lure 110 mm'));

  user = await open('/bench/new');
  await user.click(screen.getByRole('radio', { name: 'a question' }));
  await user.selectOptions(screen.getByLabelText('Way of fishing'), 'trolled');
  await fill(screen.getByLabelText('At a depth of'), '8');
  await waitFor(() => expect(document.querySelector('[data-rig="towed-minnow"]')).toBeVisible());
  expect(document.querySelector('[data-rig="jig-head"]')).toBeNull();

  await user.click(screen.getByRole('radio', { name: 'a copy' }));
  await user.click(screen.getByRole('button', { name: /^Copy Lily bay/ }));
  await waitFor(() => expect(title()).toHaveTextContent(/^Lily bay.*, copy$/));
});

test('a setup from an empty sheet says what is missing and opens on the Bench; copy, rename, put away', async () => {
  let user = await open('/bench');
  await user.click(screen.getByRole('link', { name: 'new setup' }));
  await fill(await screen.findByLabelText('Find a rig'), 'pegged');
  await user.click(screen.getByRole('button', { name: /Weedless soft bait, pegged weight/ }));
  expect(await screen.findByText(/Still missing: rod, reel, line, leader, weight, hook, bait\./)).toBeVisible();
  await fill(screen.getByLabelText('Your own words for it'), 'plomo clavado');
  await user.click(screen.getByRole('button', { name: 'another rig' }));
  await fill(await screen.findByLabelText('Find a rig'), 'PLOMO');
  await user.click(await screen.findByRole('button', { name: /Weedless soft bait, pegged weight/ }));
  for (const [slot, words, choice] of [
    ['rod', 'heron', /Heron/],
    ['reel', 'multiplier 6.3', /Conventional reel, 6.3/],
    ['line', 'braid 0.28', /Braid 0.28/],
    ['leader', '0.37', /Fluorocarbon 0.37/],
    ['weight', 'tungsten 10 g', /Bullet, tungsten 10 g/],
    ['hook', 'offset 3/0', /Offset worm 3\/0/],
    ['bait', 'paddle 125', /Paddle-tail 125/],
  ] as const) {
    await fill(screen.getByRole('combobox', { name: slot }), words);
    await user.click((await screen.findAllByRole('option', { name: choice }))[0]!);
  }
  await waitFor(() =>
    expect(
      screen
        .getAllByRole('status')
        .map((each) => each.textContent)
        .join(),
    ).toContain('Throw'),
  );
  await fill(screen.getByLabelText('Name'), 'From nothing');
  await user.click(screen.getByRole('button', { name: 'open on the Bench' }));
  await waitFor(() => expect(title()).toHaveTextContent('From nothing'));

  user = await open('/bench');
  await user.click(screen.getByRole('button', { name: 'Copy From nothing' }));
  await fill(await screen.findByLabelText('Name'), 'Second try');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(title()).toHaveTextContent('Second try'));
  user = await open('/bench');
  await user.click(screen.getByRole('button', { name: 'Rename Second try' }));
  await fill(await screen.findByLabelText('Name'), 'Third name');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  for (const name of ['From nothing', 'Third name']) {
    await user.click(await screen.findByRole('button', { name: `Put ${name} away` }));
    expect(await screen.findByRole('button', { name: `Bring ${name} back` })).toBeVisible();
  }
});

test('a part is made where it is needed on the Bench, and tried on at once', async () => {
  const user = await open('/bench/setup-drowned-wall');
  await user.click(screen.getByRole('button', { name: /^8 hook/ }));
  await fill(screen.getByRole('searchbox', { name: 'Find' }), 'wide gap 6/0 stout');
  await user.click(await screen.findByRole('button', { name: 'New part: Wide gap 6/0' }));
  await waitFor(() =>
    expect(document.querySelector('[role="option"][aria-selected="true"]')).toHaveTextContent('Wide gap 6/0'),
  );
});
