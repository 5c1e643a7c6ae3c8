'use client';

import { KeyCap } from './key-cap';
import { capOf, isLetterKey, useLetterKeys } from './keys';

export interface KeyFootProps<A extends string> {
  readonly groups: readonly { readonly label: string; readonly keys: readonly string[]; readonly action: A }[];
  readonly onAction: (action: A) => void;
}

/** The actions of a view with their keys, along its foot; each is a button too. */
export function KeyFoot<A extends string>({ groups, onAction }: KeyFootProps<A>) {
  const letters = useLetterKeys();
  return groups.map(({ label, keys, action }) => (
    <button
      key={label}
      type="button"
      onClick={() => onAction(action)}
      className="flex min-h-8 items-center gap-1 hover:text-ink lg:min-h-6"
    >
      {/* Without a keyboard there is nothing to press. */}
      <span className="contents pointer-coarse:hidden">
        {keys
          .filter((key) => letters || !isLetterKey(key))
          .map((key) => (
            <KeyCap key={key}>{capOf(key)}</KeyCap>
          ))}
      </span>
      {label}
    </button>
  ));
}
