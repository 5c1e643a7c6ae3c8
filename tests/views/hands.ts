import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';

/** A key as it is named on the page: "ArrowDown", "Shift+U", "[". */
export function press(user: UserEvent, key: string): Promise<void> {
  const [pressed = '+', ...held] = key === '+' ? [] : key.split('+').reverse();
  const one = pressed.length === 1 ? pressed.replace(/[[{]/, '$&$&') : `{${pressed}}`;
  return user.keyboard(held.reduce((keys, name) => `{${name}>}${keys}{/${name}}`, one));
}

/** Writes into a field, in the place of what is there. */
export async function fill(field: HTMLElement, text: string): Promise<void> {
  await act(async () => field.focus());
  await act(async () => void fireEvent.input(field, { target: { value: text } }));
}

/** The panel that is open, once what belongs into it has come. */
export async function dialog(): Promise<HTMLElement> {
  const found = await screen.findByRole('dialog');
  await waitFor(() => {
    if (found.childElementCount < 2) throw new Error('The panel is empty');
  });
  return found;
}
