import { remembered } from './remembered';

/**
 * A long list as one text on its way to the page: React sends a text as it is, and walks through every value of anything
 * else, which takes a second for ten thousand parts.
 */
export interface Packed<T> {
  readonly text: string;
  /** carries the type of the list; there is no such field */
  readonly holds?: T;
}

export const packed = <T>(value: T): Packed<T> => ({ text: JSON.stringify(value) });

/** The same for something that nobody changes, packed once. */
export const packedOnce: <T extends object>(value: T) => Packed<T> = remembered(
  (value: object) => [value],
  (value): Packed<never> => packed(value as never),
);

/** The same for a list of things that nobody changes: the very same ones are packed once. */
export const packedList: <T extends object>(things: readonly T[]) => Packed<readonly T[]> = remembered(
  (things: readonly object[]) => [things[0] ?? NOTHING, ...things],
  (things): Packed<never> => packed(things as never),
);

const NOTHING = {};

export const unpacked = <T>({ text }: Packed<T>): T => JSON.parse(text) as T;
