import { expect, test, type Browser, type Page } from '@playwright/test';
import { due } from '../helpers/due';
import { clean, open } from './page';

const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };
const PASSWORD = 'a long enough word';

// A window that a test opens by itself goes on asking the server until it is closed.
test.afterEach(async ({ browser }) => {
  for (const context of browser.contexts()) await context.close();
});

const window = async (browser: Browser, viewport: typeof DESK): Promise<Page> =>
  (await browser.newContext({ viewport })).newPage();

async function signIn(page: Page, name: string, password = PASSWORD): Promise<void> {
  await open(page, '/crew/sign-in');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

async function owner(browser: Browser): Promise<Page> {
  const page = await window(browser, DESK);
  await signIn(page, 'marta');
  await page.waitForURL('**/bench');
  return page;
}

/** The address of a link that the crew page just made in a section. */
async function madeIn(page: Page, section: string): Promise<string> {
  const link = page.getByRole('region', { name: section }).getByTestId('made-link').getByRole('link');
  return (await link.getAttribute('href'))!;
}

async function join(browser: Browser, owners: Page, name: string, role: string, viewport: typeof DESK): Promise<Page> {
  await open(owners, '/crew');
  await owners.getByLabel('as', { exact: true }).selectOption({ label: role });
  await owners.getByRole('button', { name: 'Make an invitation' }).click();
  const page = await window(browser, viewport);
  await open(page, await madeIn(owners, 'Invite somebody'));
  await page.getByLabel('Your name, by which you sign in').fill(name);
  await page.getByLabel('Choose a password of ten characters or more').fill(PASSWORD);
  await page.getByRole('button', { name: 'Join', exact: true }).click();
  await page.getByRole('button', { name: 'I have written them down' }).click();
  return page;
}

test('a day of two members and a guest, side by side', async ({ browser }) => {
  test.setTimeout(300_000);
  const desk = await owner(browser);
  const phone = await join(browser, desk, 'Iñaki', 'Mate', PHONE);
  await phone.waitForURL('**/log');
  // A mate has the log, the helm and the cards.
  await expect(phone.getByRole('navigation', { name: 'Views' }).getByRole('link')).toHaveText(['Log', 'Helm', 'Cards']);
  await phone.goto('/box');
  await expect(phone.getByRole('heading', { name: 'Not for your role' })).toBeVisible();

  // The owner opens the trip, the mate joins it and logs.
  await open(desk, '/log');
  await desk.getByRole('button', { name: /^Open a trip/ }).click();
  const opening = desk.getByTestId('open-trip');
  await opening.getByLabel('Spread').selectOption({ label: 'Lake eight, two planers wide' });
  await opening.getByLabel('Name').fill('A day together');
  await opening.getByRole('button', { name: /^Open it/ }).click();
  await desk.getByRole('button', { name: /^Lines/ }).click();
  await desk.getByRole('button', { name: 'All back' }).click();
  await desk.getByRole('button', { name: /^Lines/ }).click();
  await expect(desk.getByTestId('unsent')).toBeHidden();
  await open(phone, '/log');
  await phone.getByRole('button', { name: /^Open a trip/ }).click();
  await phone.getByRole('button', { name: /^Join: A day together/ }).click();
  await expect(phone.locator('[data-line][data-state=fishing]')).toHaveCount(8);
  await phone.waitForTimeout(350);
  await phone.locator('[data-line]').nth(1).click();
  await expect(phone.getByTestId('so-far')).toContainText('1 strike');
  await expect(phone.getByTestId('unsent')).toBeHidden();
  await expect(desk.getByTestId('so-far')).toContainText('1 strike');

  // Who has which rod is one touch.
  await open(phone, '/crew');
  await phone.getByRole('button', { name: 'I have it: Rod “Snipe”' }).click();
  await expect(phone.getByRole('button', { name: 'Put it down: Rod “Snipe”' })).toBeVisible();
  await open(desk, '/crew');
  await expect(desk.getByLabel('Who has Rod “Snipe”')).toHaveValue(/.+/);
  await expect(desk.getByLabel('Who has Rod “Snipe”').locator('option:checked')).toHaveText('Iñaki');

  // A guest sees the day by a link, and nothing else.
  await desk.getByLabel('Show', { exact: true }).selectOption({ label: 'A trip' });
  await desk.getByLabel('Which one').selectOption({ index: 0 });
  const chosen = await desk.getByLabel('Which one').locator('option').allTextContents();
  await desk.getByLabel('Which one').selectOption({ label: chosen.find((name) => name.startsWith('A day together'))! });
  await desk.getByRole('button', { name: 'Make a link' }).click();
  const address = await madeIn(desk, 'Show somebody one thing');
  const guest = await window(browser, DESK);
  await open(guest, address);
  await expect(guest.getByRole('heading', { name: 'A day together' })).toBeVisible();
  await expect(guest.getByTestId('strikes')).toContainText('(noted by Iñaki)');
  await expect(guest.getByRole('navigation')).toHaveCount(0);
  await guest.goto('/log');
  await expect(guest).toHaveURL(/\/crew\/sign-in/);
  await guest.goto('/bench');
  await expect(guest).toHaveURL(/\/crew\/sign-in/);

  await open(desk, '/crew');
  await desk
    .getByRole('button', { name: /^End the link/ })
    .first()
    .click();
  await expect(desk.getByText('There are none.')).toBeVisible();
  await guest.goto(address);
  await expect(guest.getByText('This link has ended')).toBeVisible();

  await desk.getByRole('button', { name: 'Remove Iñaki from this bench' }).click();
  await expect(desk.locator('[data-member="Iñaki"]')).toHaveCount(0);
  await phone.goto('/log');
  await expect(phone.getByRole('heading', { name: 'Not for your role' })).toBeVisible();
});

test('a wrong password, a recovery code, an invitation used twice, and the last owner', async ({ browser }) => {
  const page = await window(browser, DESK);
  await signIn(page, 'Marta', 'not the password');
  await expect(page.getByRole('alert').filter({ hasText: 'wrong' })).toBeVisible();
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await page.waitForURL('**/bench');
  const builder = await join(browser, page, 'Ane', 'Builder', DESK);
  await builder.waitForURL('**/bench');
  const again = await window(browser, DESK);
  await open(again, await madeIn(page, 'Invite somebody'));
  await expect(again.getByText('This invitation was used or has ended')).toBeVisible();

  await page.getByLabel('Role of Marta').selectOption({ label: 'Mate' });
  await expect(page.getByText('a bench needs an owner')).toBeVisible();

  // New codes are shown once; one of them sets a new password and signs every device out.
  await open(builder, '/crew');
  await expect(builder.getByRole('button', { name: 'Make an invitation' })).toHaveCount(0);
  await builder.getByRole('button', { name: 'Make new codes' }).click();
  const code = (await builder.getByTestId('codes').getByRole('listitem').first().textContent())!;
  await builder.getByRole('button', { name: 'I have written them down' }).click();
  const elsewhere = await window(browser, PHONE);
  await open(elsewhere, '/crew/recover');
  await elsewhere.getByLabel('Name').fill('ane');
  await elsewhere.getByLabel('Recovery code').fill(code.toLowerCase());
  await elsewhere.getByLabel('New password').fill('quite another word');
  await elsewhere.getByRole('button', { name: 'Set the password' }).click();
  await elsewhere.waitForURL('**/bench');
  await builder.goto('/box');
  await expect(builder).toHaveURL(/\/crew\/sign-in/);
  await clean(builder);
});

test('a passkey signs in where this address can have one', async ({ browser }) => {
  const page = await owner(browser);
  const client = await page.context().newCDPSession(page);
  await client.send('WebAuthn.enable');
  await client.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  await open(page, '/crew');
  await page.getByRole('button', { name: 'Add a passkey for this device' }).click();
  await expect(page.getByText(/^Passkey of/)).toBeVisible();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await page.waitForURL('**/crew/sign-in');
  await open(page, '/crew/sign-in');
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
  await page.waitForURL('**/bench');
});

test('a setup passes to another bench by a link, matched with what is there', async ({ browser }) => {
  const page = await owner(browser);
  await open(page, '/crew');
  await page.getByLabel('Which one').selectOption({ label: 'Big tail with a stinger' });
  await page.getByRole('button', { name: 'Make a link' }).click();
  const address = await madeIn(page, 'Show somebody one thing');
  await page.getByLabel('Name of a new bench').fill('Second shed');
  await page.getByRole('button', { name: 'Make an empty bench' }).click();
  await page.waitForURL('**/bench');
  await expect(page.getByRole('link', { name: /Second shed/ })).toBeVisible();

  await open(page, address);
  await expect(page.getByRole('heading', { name: /Big tail with a stinger/ })).toBeVisible();
  await clean(page);
  await page.getByRole('button', { name: 'Copy it into Second shed' }).click();
  await page.getByRole('link', { name: 'Open it' }).click();
  await page.waitForURL('**/bench/setup-*');
  await expect(page.locator('#verdicts')).toBeVisible();

  await open(page, '/crew');
  await page.getByRole('button', { name: 'Open Slipway bench' }).click();
  await page.waitForURL('**/bench');
  await expect(page.getByRole('link', { name: /Slipway bench/ })).toBeVisible();

  // The other one is deleted once it was said what goes with it; the first one cannot be.
  await open(page, '/crew');
  const benches = page.getByRole('region', { name: 'Benches' });
  await expect(benches.getByRole('button', { name: /^Delete/ })).toHaveCount(1);
  await benches.getByRole('button', { name: 'Delete Second shed' }).click();
  await expect(benches.getByRole('status')).toContainText('All that is on Second shed will be gone');
  await clean(page);
  await benches.getByRole('button', { name: 'Delete it for good' }).click();
  await expect(benches.getByText('Second shed')).toHaveCount(0);
});

test('nothing for axe to find on the crew page in any light, and no sideways scroll', async ({ browser }) => {
  const page = await owner(browser);
  await open(page, '/crew');
  for (const lighting of due(['day', 'night', 'lamp'], 3)) {
    await page.getByLabel('Lighting', { exact: true }).selectOption(lighting);
    await expect(page.locator('html')).toHaveAttribute('data-lighting', lighting);
    await clean(page);
  }
  await page.setViewportSize({ width: 360, height: 740 });
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
});
