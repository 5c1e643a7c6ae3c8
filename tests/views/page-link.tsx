import type { ComponentProps } from 'react';
import { here } from './next-navigation';

/** A link that goes to another page in the same process. */
export function Link({ onClick, ...rest }: ComponentProps<'a'> & { readonly href: string }) {
  return (
    <a
      {...rest}
      onClick={(event) => {
        onClick?.(event);
        if (event.defaultPrevented) return;
        event.preventDefault();
        void here.go(rest.href);
      }}
    />
  );
}
