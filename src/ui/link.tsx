'use client';

import NextLink from 'next/link';
import { useState, type ComponentProps } from 'react';

/**
 * A link to another view. Left alone, Next asks for every view that a link on the page names, two questions each: that is ten times the
 * work of the page itself. So a view is asked for ahead once the pointer, a finger or the keyboard is on its link.
 */
export function Link({ onPointerEnter, onFocus, ...rest }: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) {
  const [isMeant, setIsMeant] = useState(false);
  return (
    <NextLink
      {...rest}
      prefetch={isMeant ? 'auto' : false}
      onPointerEnter={(event) => {
        setIsMeant(true);
        onPointerEnter?.(event);
      }}
      onFocus={(event) => {
        setIsMeant(true);
        onFocus?.(event);
      }}
    />
  );
}
