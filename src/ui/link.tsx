'use client';

import NextLink from 'next/link';
import { useState, type ComponentProps } from 'react';

/**
 * A link to another view. By itself Next fetches every view that a link on the page leads to, in two requests each: up to ten times
 * the work of the page itself. So a view is fetched once the pointer, a finger or the keyboard is on its link.
 */
export function Link({ onPointerEnter, onFocus, ...rest }: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) {
  const [isPointedAt, setIsPointedAt] = useState(false);
  return (
    <NextLink
      {...rest}
      prefetch={isPointedAt ? 'auto' : false}
      onPointerEnter={(event) => {
        setIsPointedAt(true);
        onPointerEnter?.(event);
      }}
      onFocus={(event) => {
        setIsPointedAt(true);
        onFocus?.(event);
      }}
    />
  );
}
