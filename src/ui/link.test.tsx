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
  it.each([
    ['pointer', 'onPointerEnter', fireEvent.pointerEnter],
    ['keyboard', 'onFocus', fireEvent.focus],
  ] as const)('asks for its view once the %s is on it, and not before', (_, name, comesOnto) => {
    const own = vi.fn();
    render(
      <Link href="/box" {...{ [name]: own }}>
        Box
      </Link>,
    );
    expect(prefetch()).toBe('false');
    comesOnto(screen.getByRole('link'));
    expect(prefetch()).toBe('auto');
    expect(own).toHaveBeenCalledOnce();
  });
});
