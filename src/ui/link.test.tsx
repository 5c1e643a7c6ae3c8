import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Link } from './link';

// Next's own link asks the server; here it only shows whether it would.
vi.mock('next/link', () => ({
  default: ({ prefetch, href, ...rest }: ComponentProps<'a'> & { readonly prefetch: unknown }) => (
    <a {...rest} href={href} data-prefetch={String(prefetch)} />
  ),
}));

afterEach(cleanup);

const prefetch = () => screen.getByRole('link').dataset['prefetch'];

describe('a link', () => {
  it('asks for its view once the pointer is on it, and not before', () => {
    const onPointerEnter = vi.fn();
    render(
      <Link href="/box" onPointerEnter={onPointerEnter}>
        Box
      </Link>,
    );
    expect(prefetch()).toBe('false');
    fireEvent.pointerEnter(screen.getByRole('link'));
    expect(prefetch()).toBe('auto');
    expect(onPointerEnter).toHaveBeenCalledOnce();
  });

  it('asks for it once the keyboard is on it', () => {
    const onFocus = vi.fn();
    render(
      <Link href="/box" onFocus={onFocus}>
        Box
      </Link>,
    );
    fireEvent.focus(screen.getByRole('link'));
    expect(prefetch()).toBe('auto');
    expect(onFocus).toHaveBeenCalledOnce();
  });
});
