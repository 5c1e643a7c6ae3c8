import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { doing } from '../../tests/helpers/in-a-page';
import { Pop } from './pop';

afterEach(cleanup);

function Sheet({ open }: { readonly open: boolean }) {
  return (
    <>
      <main id="main" tabIndex={-1} />
      <Pop open={open} onOpenChange={() => undefined} label="Sheet" trigger={<button type="button">open</button>}>
        <input aria-label="Name" />
      </Pop>
    </>
  );
}

/** A sheet that was open and is closed, with what happens before the focus goes back. */
async function closed(meanwhile: () => void): Promise<void> {
  const { rerender } = render(<Sheet open={false} />);
  screen.getByText('open').focus();
  await doing(() => rerender(<Sheet open />));
  await doing(() => screen.getByLabelText('Name').focus());
  rerender(<Sheet open={false} />);
  meanwhile();
  await doing(() => new Promise((resume) => setTimeout(resume, 20)));
}

it('gives the focus back to its button', async () => {
  await closed(() => undefined);
  expect(screen.getByText('open')).toBe(document.activeElement);
});

it('leaves the focus where a key that was pressed meanwhile put it', async () => {
  await closed(() => document.getElementById('main')!.focus());
  expect(document.activeElement?.id).toBe('main');
});
