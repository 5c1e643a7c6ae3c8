import type { House } from './house';
import type { Joint } from './joints';
import type { Part } from './parts';
import type { Presentation } from './presentation';

export interface Setup {
  readonly parts: readonly Part[];
  /** from the rod to the bait */
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  /** absent: class values, the usual sides, no angler, no rules */
  readonly house?: House | undefined;
}
