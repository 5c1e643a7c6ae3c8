import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, expect, test } from 'vitest';
import { asked } from '../helpers/request';
import { demoBench } from './demo-bench';
import { open, reload } from './page';

beforeAll(demoBench);

const workedOut = () => waitFor(() => expect(screen.getByTestId('log-ask')).toHaveAttribute('aria-busy', 'false'));
// A number does not part from its unit.
const texts = (elements: readonly HTMLElement[]) => elements.map((each) => each.textContent.replaceAll('\u00a0', ' '));
const rows = () => texts(within(screen.getByTestId('rates')).getAllByRole('rowheader'));
const edgesIn = (text: string) => [...text.matchAll(/\d+(\.\d)?/g)].map(([edge]) => Number(edge));

test('bands are round in the reader’s units, and a question keeps its place when they change', async () => {
  asked.jar.set('units', 'customary');
  const user = await open('/log/ask?by=depth');
  await workedOut();
  expect(rows().length).toBeGreaterThan(3);
  for (const row of rows()) {
    expect(row).toMatch(/ ft$/);
    expect(edgesIn(row).every((feet) => feet % 5 === 0)).toBe(true);
  }
  await user.selectOptions(screen.getByLabelText('Strikes per hour by'), 'Speed at the probe');
  await waitFor(() => expect(rows()[0]).toMatch(/ mph$/));
  expect(rows().some((row) => /^1\.8–2 mph$/.test(row))).toBe(true);

  await user.selectOptions(screen.getByLabelText('Only where'), 'Depth of the lure');
  const narrowed = () => within(screen.getByRole('list', { name: 'Only where' }));
  const pressed = () => narrowed().getAllByRole('button', { pressed: true });
  await waitFor(() => expect(pressed()).toHaveLength(1));
  await user.click(narrowed().getByRole('button', { name: /^15–20\sft$/ }));
  await waitFor(() => expect(pressed()).toHaveLength(2));
  await user.click(pressed()[0]!);
  await waitFor(() => expect(texts(pressed())).toEqual(['15–20 ft']));
  asked.jar.set('units', 'metric');
  await reload();
  await workedOut();
  expect(texts(pressed())).toEqual(['4–6 m']);
});
